package joropo.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.database.Changing;
import joropo.app.database.Evidence;
import joropo.app.database.Failures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** Records of older versions come along whole, and lists of columns may grow under them. */
class EditionsIT {
    /** A folder with the records of an older version, as that version wrote them. */
    private static Path landed(String name) throws IOException {
        Path data = Workshop.temporary("joropo-" + name);
        try (InputStream in = new GZIPInputStream(EditionsIT.class.getResourceAsStream("/landed/" + name + ".db.gz"))) {
            Files.copy(in, data.resolve("joropo.db"));
        }
        Files.createDirectories(data.resolve("files"));
        Files.writeString(data.resolve("DEMO"), "made up");
        return data;
    }

    private static List<String> verify(Path data, List<Evidence> lists) throws SQLException {
        try (Connection records = Backup.reading(data.resolve("joropo.db"))) {
            return Verifier.verify(records, data.resolve("files"), LongWork.Tell.nobody(), lists).faults().stream()
                    .map(Verifier.Fault::toString)
                    .toList();
        }
    }

    private static List<String> verify(Path data) throws SQLException {
        return verify(data, Evidence.editions());
    }

    private static void run(Path data, List<String> sql) throws SQLException {
        try (Connection records = Backup.writing(data.resolve("joropo.db"));
                Statement s = records.createStatement()) {
            for (String line : sql) {
                s.execute(line);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"before-the-chain, 8", "before-editions, 19"})
    void recordsOfAnOlderVersionComeAlongWholeAndABackupIsMadeBefore(String name, int version) throws Exception {
        Path data = landed(name);
        assertThat(verify(data)).as("as it was written, by its own list").isEmpty();
        try (ConfigurableApplicationContext own = Workshop.start(data, false)) {
            String address = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            Visitor lead = new Visitor(address).signIn("jacinta");
            JdbcTemplate jdbc = own.getBean(JdbcTemplate.class);
            List<String> pages = List.of("intake", "strip", "measure", "decide", "fit", "set", "prove", "sign");
            int turn = 0;
            for (String number : jdbc.queryForList("select number from job order by id", String.class)) {
                for (String page : List.of(pages.get(turn++ % pages.size()), "sign")) {
                    assertThat(lead.get("/jobs/" + number + "/" + page).statusCode())
                            .as(number + " " + page)
                            .isEqualTo(200);
                }
            }
            lead.post("/settings/practice", "practice", "DIN");
        }
        assertThat(verify(data)).isEmpty();
        try (Stream<Path> backups = Files.list(data.resolve("backups"))) {
            Path before = backups.filter(f -> f.getFileName().toString().startsWith("before-version-"))
                    .findFirst()
                    .orElseThrow();
            Path back = Workshop.temporary("joropo-went-back");
            Backup.restore(before, back, Instant.EPOCH);
            try (Connection records = Backup.reading(back.resolve("joropo.db"));
                    Statement s = records.createStatement();
                    var row = s.executeQuery("select max(cast(version as integer)) from flyway_schema_history")) {
                assertThat(row.getInt(1)).as("as the older version left it").isEqualTo(version);
            }
        }
    }

    @Test
    void recordsOfANewerVersionAreLeftAlone() throws Exception {
        Path data = landed("before-editions");
        run(
                data,
                List.of("insert into flyway_schema_history (installed_rank, version, description, type, script,"
                        + " installed_by, execution_time, success) values (99, '99', 'of tomorrow', 'SQL',"
                        + " 'V99__of_tomorrow.sql', '', 1, 1)"));
        assertThatThrownBy(() -> Workshop.start(data, false))
                .satisfies(e -> assertThat(Failures.words(e)).contains("of version 99", "up to version 23"));
        try (Connection records = Backup.reading(data.resolve("joropo.db"));
                Statement s = records.createStatement();
                var row = s.executeQuery("select count(*) from sqlite_master where name = 'file_page'")) {
            assertThat(row.getInt(1))
                    .as("nothing of this version was put into it")
                    .isZero();
        }
    }

    /** As a version of tomorrow would do it: a column more, with links by the next edition. */
    @Test
    void aListOfColumnsGrowsAndOlderRowsAreHeldAgainstTheirs() throws Exception {
        Path data = landed("before-editions");
        Workshop.start(data, false).close();
        List<Evidence> lists = Evidence.read("/evidence-next.csv");
        Evidence before = lists.get(0);
        Evidence next = lists.get(1);
        List<String> migration = new ArrayList<>(List.of("alter table job_entry add column brought_by text"));
        before.triggers().forEach(t -> migration.add("drop trigger " + t.split(" ")[2]));
        migration.addAll(next.triggers());
        migration.add("insert into job_entry (job_id, kind, what, state, person_id, entered_at, brought_by)"
                + " values (1, 'TEMPORARY', 'rag', 'IN', 1, 't', 'Tobias')");
        run(data, migration);
        assertThat(verify(data, lists)).isEmpty();
        String newest = " where id = (select max(id) from job_entry)";
        run(data, List.of("drop trigger held_job_entry_same", "update job_entry set brought_by = 'x'" + newest));
        assertThat(verify(data, lists)).anyMatch(f -> f.contains("was changed after it was written"));
        run(data, List.of("update job_entry set brought_by = 'Tobias'" + newest));
        assertThat(verify(data, lists)).noneMatch(f -> f.contains("was changed"));
        run(data, List.of("update job_entry set what = 'cloth' where id = (select min(id) from job_entry)"));
        assertThat(verify(data, lists)).as("an older row, by its own list").anyMatch(f -> f.contains("was changed"));
    }

    static List<Changing> changing() {
        return Changing.all();
    }

    /** What verdicts rest on may change, but not past the chain. */
    @ParameterizedTest
    @MethodSource("changing")
    void whatMayChangeIsTold(Changing table) throws Exception {
        Path data = Workshop.temporary("joropo-changing");
        Workshop.address();
        Workshop.demoData(data);
        String t = table.table();
        try (Connection records = Backup.writing(data.resolve("joropo.db"));
                Statement s = records.createStatement()) {
            s.execute("insert into own_gauge (name, kind, uncertainty_mm, certificate, created_at) values ('bench"
                    + " micrometer', 'OUTSIDE_MICROMETER', 0.003, 'C-1', 't')");
            s.execute("insert into own_driver (outside_mm, note, created_at) values (61.5, '', 't')");
            s.execute("insert into own_fluid (code, name, like_fluid, ratings, document, created_at) values ('W1', 'w',"
                    + " 'WATER', '', 'd', 't')");
            s.execute("insert into own_material (code, name, family, min_c, max_c, document, created_at) values ('M1',"
                    + " 'm', 'NBR', -20, 90, 'd', 't')");
        }
        assertThat(verify(data)).isEmpty();
        for (String column : table.columns()) {
            String other = column.equals("role")
                    ? "case role when 'LEAD' then 'FITTER' else 'LEAD' end"
                    : column.endsWith("_id")
                            ? column
                            : "case typeof(" + column + ") when 'text' then " + column
                                    + " || 'x' when 'null' then null else " + column + " + 1 end";
            String one = " where rowid = (select max(rowid) from " + t + ")";
            List<String> change = List.of("update " + t + " set " + column + " = " + other + one);
            List<String> undone = List.of("drop trigger now_" + t + "_changed");
            try (Connection records = Backup.writing(data.resolve("joropo.db"));
                    Statement s = records.createStatement()) {
                records.setAutoCommit(false);
                s.execute(undone.get(0));
                boolean changed;
                try (var row = s.executeQuery("select " + column + " is not " + other + " from " + t + one)) {
                    changed = row.getBoolean(1);
                }
                s.execute("pragma ignore_check_constraints = on");
                s.execute(change.get(0));
                if (changed) {
                    s.execute(table.triggers().get(1));
                    // verifying rolls back what was not committed, which ends the trial
                    assertThat(Verifier.verify(
                                            records, data.resolve("files"), LongWork.Tell.nobody(), Evidence.editions())
                                    .faults())
                            .as(t + "." + column)
                            .anyMatch(f -> f.what().contains("changed past"));
                }
            }
        }
        assertThat(verify(data)).as("nothing of it was committed").isEmpty();
    }
}
