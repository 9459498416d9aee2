package joropo.app.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.Year;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import joropo.app.access.Sha256;
import joropo.app.job.SealMeans;
import joropo.app.watch.WatchService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * A mill with very many jobs behind it, to see whether what people wait for grows with them: copies of one signed job,
 * spread over all positions and the years before the demo, written by the same schema.
 */
@Component
@ConditionalOnProperty("joropo.demo")
class DemoCrowd {
    private static final Logger LOG = LoggerFactory.getLogger(DemoCrowd.class);
    private static final int STEP = 2000;
    private static final int YEARS = 20;
    /** One in so many is open, was withdrawn, left a concession. */
    private static final int OPEN = 40;

    private static final int WITHDRAWN = 90;
    private static final int CONCEDED = 200;
    private static final int JOBS_A_LOT = 50;
    private static final int JOBS_A_WATCH = 20;
    private static final int READINGS = 200;
    private static final int WATCHES_AN_AREA = 100;
    private static final long SECONDS_A_YEAR = 31_557_600;
    private static final Instant END = Instant.parse("2024-09-30T12:00:00Z");

    private final JdbcTemplate writer;
    private final WatchService states;

    DemoCrowd(JdbcTemplate writer, WatchService states) {
        this.writer = writer;
        this.states = states;
    }

    /** The job that is copied. @param sheets stage, texts and verdict of each kept sheet */
    private record Pattern(long id, String snapshot, String seal, String size, List<Map<String, Object>> sheets) {}

    void make(int jobs) {
        // made-up data may be lost in a power cut while they are made
        writer.execute("pragma synchronous = off");
        writer.execute("pragma cache_size = -64000");
        try {
            makeAll(jobs);
        } finally {
            writer.execute("pragma synchronous = full");
            writer.execute("pragma cache_size = -2000");
        }
    }

    private void makeAll(int jobs) {
        Pattern pattern = pattern();
        List<Map<String, Object>> positions =
                writer.queryForList("select id, machine_id from seal_position where kind = 'LIP_SEAL' order by id");
        for (int from = 0; from < jobs; from += STEP) {
            List<Object[]> some = new ArrayList<>();
            for (int i = from; i < Math.min(jobs, from + STEP); i++) {
                some.add(job(i, jobs, positions.get(i % positions.size())));
            }
            writer.execute("begin immediate");
            write(pattern, some);
            writer.execute("commit");
            LOG.info("{} of {} jobs made", from + some.size(), jobs);
        }
        lots(jobs / JOBS_A_LOT);
        watches(jobs / JOBS_A_WATCH);
        SealMeans.RECOUNT.forEach(writer::update);
        writer.execute("analyze");
    }

    private Pattern pattern() {
        Map<String, Object> job = writer.queryForMap(
                "select j.id, l.seal, l.size, json_set(g.snapshot, '$.drawing', '', '$.steps', json('[]'), '$.sheets', "
                        + "json('[]'), '$.findings', json('[]')) as snapshot from job j join signature "
                        + "g on g.job_id = j.id "
                        + "join seal_life l on l.job_id = j.id order by j.id limit 1");
        long id = ((Number) job.get("id")).longValue();
        return new Pattern(
                id,
                (String) job.get("snapshot"),
                (String) job.get("seal"),
                (String) job.get("size"),
                writer.queryForList(
                        "select r.stage, r.texts, r.verdict, r.judged, r.schema_version from sheet_revision r "
                                + "where r.job_id = ? and "
                                + "r.revision = (select max(x.revision) from sheet_revision x where "
                                + "x.job_id = r.job_id and "
                                + "x.stage = r.stage)",
                        id));
    }

    /** Number, position, machine, opened at, state, its place in the row. */
    private static Object[] job(int i, int all, Map<String, Object> position) {
        Instant at = END.minusSeconds(YEARS * SECONDS_A_YEAR).plusSeconds(YEARS * SECONDS_A_YEAR * i / all);
        String year =
                String.valueOf(Year.from(at.atZone(ZoneOffset.UTC)).getValue()).substring(2);
        String state = i % OPEN == 0 ? "OPEN" : i % WITHDRAWN == 0 ? "WITHDRAWN" : "SIGNED";
        return new Object[] {
            year + "-9" + String.format("%06d", i), position.get("id"), position.get("machine_id"), moment(at), state, i
        };
    }

    private static String moment(Instant at) {
        return at.toString().substring(0, 19) + ".000Z";
    }

    private void write(Pattern pattern, List<Object[]> some) {
        long first = writer.queryForObject("select coalesce(max(id), 0) + 1 from job", Long.class);
        List<Object[]> jobs = new ArrayList<>();
        List<Object[]> items = new ArrayList<>();
        List<Object[]> sheets = new ArrayList<>();
        List<Object[]> signatures = new ArrayList<>();
        List<Object[]> lives = new ArrayList<>();
        List<Object[]> concessions = new ArrayList<>();
        for (int i = 0; i < some.size(); i++) {
            Object[] job = some.get(i);
            long id = first + i;
            Object at = job[3];
            jobs.add(new Object[] {
                id, job[0], job[1], job[2], at, job[4], job[4].equals("WITHDRAWN") ? "opened in error" : null
            });
            items.add(new Object[] {id, at});
            boolean signed = job[4].equals("SIGNED");
            pattern.sheets().stream()
                    .limit(signed ? pattern.sheets().size() : 3)
                    .forEach(s -> sheets.add(new Object[] {
                        id,
                        s.get("stage"),
                        s.get("texts"),
                        s.get("schema_version"),
                        s.get("verdict"),
                        s.get("judged"),
                        at
                    }));
            if (signed) {
                String snapshot =
                        pattern.snapshot().replaceFirst("\"number\":\"[^\"]*\"", "\"number\":\"" + job[0] + "\"");
                signatures.add(new Object[] {id, snapshot, Sha256.of(snapshot), at});
                lives.add(new Object[] {id, job[1], pattern.seal(), pattern.size(), at});
                if ((int) job[5] % CONCEDED == 1) {
                    concessions.add(new Object[] {id, job[1]});
                }
            }
        }
        writer.batchUpdate(
                "insert into job (id, number, position_id, machine_id, opened_by, opened_at, state, "
                        + "withdrawn_why) values "
                        + "(?, ?, ?, ?, 1, ?, ?, ?)",
                jobs);
        writer.batchUpdate(
                "insert into job_item (job_id, number, kind, person_id, added_at) values (?, 1, 'LIP_SEAL', 1, ?)",
                items);
        writer.batchUpdate(
                "insert into sheet_revision (job_id, stage, revision, texts, schema_version, verdict, judged, "
                        + "person_id, kept_at) "
                        + "values (?, ?, 1, ?, ?, ?, ?, 1, ?)",
                sheets);
        writer.batchUpdate(
                "insert into signature (job_id, snapshot, sha256, person_id, signed_at) values (?, ?, ?, 1, ?)",
                signatures);
        writer.batchUpdate(
                "insert into concession (job_id, position_id, defect, why, expected, fallback, "
                        + "next_look, agreed_by) values "
                        + "(?, ?, 'old track', 'season', 'a drop a day', 'stop and sleeve', '2025-01-01', 'lead')",
                concessions);
        writer.batchUpdate(
                "insert into seal_life (job_id, item, position_id, seal, size, fitted_at, "
                        + "hours_of_last, reason_of_last) "
                        + "values (?, 1, ?, ?, ?, ?, 4000, 'heat')",
                lives);
        writer.batchUpdate(
                "insert into position_cause (job_id, position_id, cause, score) values (?, ?, 'HEAT', 1.0)",
                lives.stream().map(l -> new Object[] {l[0], l[1]}).toList());
    }

    /** Bottles read every week and emptied now and then; one in fifty leaks more than it may. */
    private void watches(int count) {
        writer.execute("begin immediate");
        long first = writer.queryForObject("select coalesce(max(id), 0) + 1 from leak_watch", Long.class);
        writer.update(
                "insert into leak_watch (id, position_id, kind, name, person_id, started_at) with recursive n(i) as"
                        + " (values (0) union all select i + 1 from n where i < ? - 1), p(id, k, c) as (select id,"
                        + " row_number() over (order by id) - 1, count(*) over () from seal_position) select ? + i,"
                        + " p.id, 'BOTTLE', 'bottle ' || i, 1, '2020-01-01T07:30:00.000Z' from n join p on p.k = n.i %"
                        + " p.c",
                count, first);
        writer.update(
                "insert into leak_terms (watch_id, area, walk, every_days, allowance, document, bottle_ml, rises,"
                        + " barrier, regulated, note, person_id, written_at) select id, 'walk ' || ((id - ?) / ?),"
                        + " id, 7, case when id % 50 = 0 then 1 else 5 end, '', 500, 0, 0, 0, '', 1, started_at from"
                        + " leak_watch where id >= ?",
                first, WATCHES_AN_AREA, first);
        writer.update(
                "insert into leak_entry (watch_id, happened_at, type, figure, seen, note, sent, person_id, entered_at)"
                        + " with recursive n(i) as (values (0) union all select i + 1 from n where i < ? - 1) select"
                        + " w.id, strftime('%Y-%m-%dT07:30:00.000Z', '2026-11-20', '-' || ((? - 1 - n.i) * 7) ||"
                        + " ' days'), case when n.i % 20 = 19 then 'EMPTIED' else 'READING' end, (n.i % 20 + 1) * 14.0"
                        + " + (w.id + n.i) % 5, 'READ', '', 'crowd-' || w.id || '-' || n.i, 1,"
                        + " '2026-11-20T07:30:00.000Z' from leak_watch w, n where w.id >= ?",
                READINGS, READINGS, first);
        writer.execute("commit");
        states.keepStates();
    }

    private void lots(int count) {
        String day = LocalDate.ofInstant(END, ZoneOffset.UTC).toString();
        writer.execute("begin immediate");
        long first = writer.queryForObject("select coalesce(max(id), 0) + 1 from lot", Long.class);
        List<Object[]> lots = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            lots.add(new Object[] {first + i, (30 + i % 60) + "x" + (52 + i % 60) + "x8", "CROWD-" + i, day});
        }
        writer.batchUpdate(
                "insert into lot (id, kind, name, size, material, batch, cured, place, source, "
                        + "person_id, received_on) values "
                        + "(?, 'LIP_SEAL', '', ?, 'NBR', ?, '1Q2024', 'R1', 'stores', 1, ?)",
                lots);
        writer.batchUpdate(
                "insert into lot_movement (lot_id, kind, change, why, person_id, moved_at) values (?, "
                        + "'RECEIVED', 4, '', 1, ?)",
                lots.stream()
                        .map(l -> new Object[] {l[0], l[3] + "T08:00:00.000Z"})
                        .toList());
        writer.execute("commit");
    }
}
