package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.access.Sha256;
import joropo.app.store.StoreService;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A database of the version before this one opens with its data, and what was signed there shows as it did. */
class LandedDataIT {
    private static final String SIGNED_AT = "2026-03-01T08:00:00.000Z";

    /** As that version wrote it: one item, none of them named. */
    private static String snapshot() {
        String number = JobMaker.readyToSign("IN");
        Workshop.bean(JobService.class).sign(number, JobMaker.person("marisol"));
        return Workshop.bean(JdbcTemplate.class)
                .queryForObject(
                        "select json_remove(json_set(g.snapshot, '$.number', '26-0002'), '$.items') "
                                + "from signature g join "
                                + "job j on j.id = g.job_id where j.number = ?",
                        String.class,
                        number);
    }

    private static void fill(JdbcTemplate jdbc, String snapshot) {
        String hash = Workshop.bean(JdbcTemplate.class)
                .queryForObject("select password_hash from person where name = 'marisol'", String.class);
        jdbc.update(
                "insert into person (id, name, full_name, role, password_hash, created_at) values (1, 'marisol', "
                        + "'Marisol Araguaney', 'LEAD', ?, 't')",
                hash);
        jdbc.update("insert into machine (id, name, place, created_at) values (1, 'Old mill', 'hall', 't')");
        jdbc.update(
                "insert into seal_position (id, machine_id, name, shaft_mm, bore_mm, medium, dirt, created_at) values "
                        + "(1, 1, 'output', 45, 62, 'OIL', 'DUST', 't')");
        for (int id = 1; id <= 5; id++) {
            String at = "2026-0" + id + "-01T08:00:00.000Z";
            boolean signed = id < 5;
            jdbc.update(
                    "insert into job (id, number, position_id, opened_by, opened_at, state) values (?, ?, 1, 1, ?, ?)",
                    id,
                    "26-000" + id,
                    at,
                    signed ? "SIGNED" : "OPEN");
            jdbc.update(
                    "insert into job_item (job_id, number, kind, person_id, added_at) values (?, 1, 'LIP_SEAL', 1, ?)",
                    id,
                    at);
            for (int revision = 1; revision <= 2; revision++) {
                jdbc.update(
                        "insert into sheet_revision (job_id, stage, revision, texts, schema_version, "
                                + "verdict, person_id, "
                                + "kept_at) values (?, 'INTAKE', ?, ?, 1, ?, 1, ?)",
                        id,
                        revision,
                        "{\"symptom\":{\"text\":\"" + (revision == 1 ? "MILKY" : "DRIPPING") + "\"}}",
                        revision == 1 ? "FAIL" : "CAUTION",
                        at);
            }
            if (signed) {
                jdbc.update(
                        "insert into signature (job_id, snapshot, sha256, person_id, signed_at) values (?, ?, ?, 1, ?)",
                        id,
                        snapshot,
                        Sha256.of(snapshot),
                        SIGNED_AT);
                jdbc.update(
                        "insert into seal_life (job_id, position_id, seal, size, fitted_at, "
                                + "hours_of_last, reason_of_last) "
                                + "values (?, 1, '45x62x8, HNBR', '45x62x8', ?, ?, 'heat')",
                        id,
                        at,
                        id == 1 ? null : 600.0);
                jdbc.update(
                        "insert into position_cause (job_id, position_id, cause, score) values (?, 1, 'HEAT', 1)", id);
            }
        }
        jdbc.update(
                "insert into concession (job_id, position_id, defect, why, expected, fallback, next_look, agreed_by) "
                        + "values (2, 1, 'old track', 'w', 'e', 'f', '2026-05-01', 'lead'), (4, 1, "
                        + "'worn key', 'w', 'e', 'f', "
                        + "'2026-06-01', 'lead')");
        jdbc.update(
                "insert into lot (id, kind, name, size, material, batch, place, source, person_id, received_on) values "
                        + "(1, 'LIP_SEAL', '', '45x62x8', 'HNBR', 'OLD-9', 'A1', '', 1, '2026-01-01')");
        jdbc.update("insert into lot_movement (lot_id, kind, change, why, person_id, moved_at) values "
                + "(1, 'RECEIVED', 6, '', 1, '2026-01-01T08:00:00.000Z'), (1, 'ISSUED', -2, '', "
                + "1, '2026-01-02T08:00:00.000Z')");
        jdbc.update("insert into position_note (position_id, job_id, text, person_id, written_at) values "
                + "(1, 2, 'drain behind the guard', 1, '2026-02-01T08:00:00.000Z')");
    }

    @Test
    void itOpensWithItsData() throws Exception {
        String snapshot = snapshot();
        Path data = Workshop.temporary("joropo-landed");
        var source = new DriverManagerDataSource("jdbc:sqlite:" + data.resolve("joropo.db"));
        Flyway.configure().dataSource(source).target("6").load().migrate();
        fill(new JdbcTemplate(source), snapshot);
        try (ConfigurableApplicationContext again = Workshop.start(data, false)) {
            String address = "http://127.0.0.1:" + again.getEnvironment().getProperty("local.server.port");
            Visitor visitor = new Visitor(address).signIn("marisol");
            JobService jobs = again.getBean(JobService.class);
            assertThat(jobs.openJobs(1).shown()).singleElement().satisfies(j -> assertThat(
                            j.number() + " " + j.standsAt() + " " + j.verdict())
                    .isEqualTo("26-0005 STRIP CAUTION"));
            assertThat(jobs.ofMachine(1, 1).total()).isEqualTo(5);
            assertThat(jobs.signature("26-0002").sha256())
                    .isEqualTo(Sha256.of(jobs.signature("26-0002").snapshot()));
            assertThat(jobs.snapshot("26-0002").items()).isEmpty();
            assertThat(visitor.get("/jobs/26-0002/card.pdf").statusCode()).isEqualTo(200);
            assertThat(visitor.get("/jobs/26-0002/sign").body()).contains(Sha256.of(snapshot));

            JobService.History history = jobs.history(1);
            assertThat(history.lives()).hasSize(1);
            assertThat(history.lives().get(0).lives()).hasSize(4);
            assertThat(history.ofKind()).isEqualTo(history.lives().get(0).mean());
            assertThat(history.ofKind().meanHours()).isEqualTo(600);
            assertThat(history.causes()).singleElement().asString().contains("(4)");
            assertThat(jobs.concessions(1).shown())
                    .as("the earlier one was overtaken")
                    .extracting(ConcessionLine::defect)
                    .containsExactly("worn key");
            assertThat(again.getBean(StoreService.class).lot(1).lot().onHand()).isEqualTo(4);
            assertThat(visitor.get("/find?q=dripping").body()).contains("26-0005");
            assertThat(visitor.get("/find?q=milky").body())
                    .as("newest words only")
                    .contains("Nothing found");
            assertThat(visitor.get("/find?q=guard").body()).contains("Old mill");
            assertThat(visitor.get("/find?q=old-9").body()).contains("lip seal 45x62x8");
        }
    }
}
