package joropo.app.exchange;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Page;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.database.Evidence;
import joropo.app.database.NotDone;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.context.ConfigurableApplicationContext;

/** Evidence is never changed unseen; a copy of it can be brought back; a shop without its lead finds a way in. */
class RecordsIT {
    private static final String PHOTO = "c0ffee";
    /** What the demo has none of. */
    private static final List<String> MORE = List.of(
            "insert into addendum (job_id, text, person_id, written_at) values (1, 'dry after a week', 1, 't')",
            "insert into job_review (job_id, kind, remark, person_id, written_at) values (1, 'SENT_BACK', "
                    + "'which gauge?', 1, 't')",
            "insert into job_entry (job_id, kind, what, state, person_id, entered_at) values (1, 'TEMPORARY', "
                    + "'rag', 'IN', 1, 't')",
            "insert into strip_back (part_id, state, reason, person_id, entered_at) select min(id), 'BACK', '', "
                    + "1, 't' from strip_part",
            "insert into job_timer (job_id, what, minutes, person_id, started_at) values (1, 'cure', 30, 1, 't')",
            "insert into position_limit (position_id, what, most, unit, document, person_id, written_at) values "
                    + "(1, 'play', 0.2, 'MM', 'sheet 4', 1, 't')",
            "insert into lot_extension (lot_id, inspection, person_id, written_at) values (1, 'looked at', 1, 't')",
            "insert into attachment (position_id, job_id, name, media_type, sha256, person_id, added_at) values "
                    + "(1, 1, 'groove.jpg', 'image/jpeg', '%s', 1, 't')",
            "insert into file_page (sha256, page_sha256, made_at) values ('%1$s', '%1$s', 't')");

    private static Path whole;

    @BeforeAll
    static void records() throws Exception {
        Workshop.address(); // demo data are made once
        whole = Workshop.temporary("joropo-records");
        Workshop.demoData(whole);
        byte[] photo = PHOTO.getBytes(StandardCharsets.UTF_8);
        Files.createDirectories(whole.resolve("files"));
        Files.write(whole.resolve("photo"), photo);
        String hash = Verifier.hash(whole.resolve("photo"));
        Files.copy(whole.resolve("photo"), whole.resolve("files").resolve(hash + "-page"));
        Files.move(whole.resolve("photo"), whole.resolve("files").resolve(hash));
        try (Connection records = Backup.writing(whole.resolve("joropo.db"));
                Statement sql = records.createStatement()) {
            for (String line : MORE) {
                sql.execute(line.formatted(hash));
            }
        }
        assertThat(verify(whole)).isEmpty();
    }

    private static List<String> verify(Path data) throws SQLException {
        try (Connection records = Backup.reading(data.resolve("joropo.db"))) {
            return Verifier.verify(records, data.resolve("files"), LongWork.Tell.nobody()).faults().stream()
                    .map(Verifier.Fault::toString)
                    .toList();
        }
    }

    private static Path copy() throws IOException {
        Path data = Workshop.temporary("joropo-copy");
        Files.copy(whole.resolve("joropo.db"), data.resolve("joropo.db"));
        Files.createDirectories(data.resolve("files"));
        try (Stream<Path> files = Files.list(whole.resolve("files"))) {
            for (Path file : files.toList()) {
                Files.copy(file, data.resolve("files").resolve(file.getFileName()));
            }
        }
        return data;
    }

    private static void run(Path data, String... sql) throws SQLException {
        try (Connection records = Backup.writing(data.resolve("joropo.db"));
                Statement s = records.createStatement()) {
            s.execute("pragma foreign_keys = off");
            for (String line : sql) {
                s.execute(line);
            }
        }
    }

    static List<Evidence> tables() {
        return Evidence.all();
    }

    @ParameterizedTest
    @MethodSource("tables")
    void whatIsEvidenceIsHeldAndWhatIsChangedAllTheSameIsNamed(Evidence table) throws Exception {
        Path data = copy();
        String t = table.table();
        String one = " where rowid = (select max(rowid) from " + t + ")";
        List<String> refused = new ArrayList<>(List.of(
                "delete from " + t + one,
                "insert or replace into " + t + " select * from " + t + one,
                "update or replace " + t + " set " + table.key().get(0) + " = 0" + one));
        table.born().forEach(c -> refused.add("update " + t + " set " + c + " = coalesce(" + c + ", '') || '1'" + one));
        for (String sql : refused) {
            assertThatExceptionOfType(SQLException.class)
                    .as(sql)
                    .isThrownBy(() -> run(data, sql))
                    .withMessageContaining("what stands in " + t);
        }
        assertThat(verify(data)).isEmpty();

        List<String> undone = new ArrayList<>();
        List<String> again = new ArrayList<>();
        for (String trigger : table.triggers()) {
            undone.add("drop trigger " + trigger.split(" ")[2]);
            again.add(trigger);
        }
        run(data, undone.toArray(String[]::new));
        run(data, "pragma ignore_check_constraints = on", "update " + t + " set " + word(table) + one);
        assertThat(verify(data)).anyMatch(f -> f.contains("its guard held_" + t + "_same is gone"));
        run(data, again.toArray(String[]::new));
        assertThat(verify(data)).hasSizeBetween(1, 2).anyMatch(f -> f.contains("was changed after it was written"));
        if (!t.equals("lot_movement") && table.born().contains("job_id")
                || table.key().contains("job_id")
                || t.startsWith("job")) {
            assertThat(verify(data).get(0)).matches("job \\d\\d-\\d{4}.*");
        }
        run(data, undone.toArray(String[]::new));
        run(data, "delete from " + t + one);
        run(data, again.toArray(String[]::new));
        assertThat(verify(data)).anyMatch(f -> f.contains("was written once, and is gone"));
    }

    /** One byte more in the last of its columns that is text, else one more. */
    private static String word(Evidence table) {
        String column = table.born().get(table.born().size() - 1);
        return column.equals("score") || column.endsWith("_by") || column.equals("hours_of_last")
                ? column + " = " + column + " + 1"
                : column + " = coalesce(" + column + ", '') || '1'";
    }

    @Test
    void aJobThatIsSignedStaysSigned() throws Exception {
        Path data = copy();
        for (String sql : List.of(
                "update job set state = 'OPEN' where number = '26-0001'",
                "update job set state = 'WITHDRAWN', withdrawn_why = 'x' where number = '26-0001'",
                "insert or replace into job (number, position_id, opened_by, opened_at, kind) values "
                        + "('26-0001', 1, 1, 't', 'LIP_SEAL')")) {
            assertThatExceptionOfType(SQLException.class)
                    .as(sql)
                    .isThrownBy(() -> run(data, sql))
                    .withMessageContaining("what stands in job");
        }
        run(
                data,
                "drop trigger held_job_same",
                "drop trigger chained_job_later",
                "update job set state = 'OPEN' where number = '26-0001'");
        assertThat(verify(data)).anyMatch(f -> f.startsWith("job 26-0001: was written once, and is gone"));
    }

    @Test
    void linksAndPhotosAndWhatWasPutInByHandAreNamed() throws Exception {
        Path data = copy();
        try (Stream<Path> files = Files.list(data.resolve("files"))) {
            for (Path file : files.toList()) {
                Files.writeString(file, "another picture");
            }
        }
        assertThat(verify(data))
                .hasSize(2)
                .anyMatch(f -> f.matches("job \\d\\d-\\d{4}, file groove.jpg: its bytes were changed"))
                .contains("the copy for pages of groove.jpg: was changed");
        run(
                data,
                "drop trigger chain_same",
                "update chain set said = replace(said, 'a', 'b') where what = 'step_done' and id = (select "
                        + "max(id) from chain where what = 'step_done')");
        assertThat(verify(data))
                .anyMatch(f -> f.matches("job \\d\\d-\\d{4}, step .*does not follow from the one before"));
        run(data, "drop trigger chained_act", "insert into act (at, person_name, what) values ('t', 'x', 'nothing')");
        assertThat(verify(data)).anyMatch(f -> f.contains("stands there without having been written by Joropo"));
    }

    @Test
    void aChangedCardSaysSoAcrossItsFace() throws Exception {
        Path data = copy();
        run(
                data,
                "drop trigger held_signature_same",
                "update signature set snapshot = replace(snapshot, '26-0001', '26-0009'), sha256 = "
                        + "sha256(replace(snapshot, '26-0001', '26-0009')) where job_id = (select id from job where "
                        + "number = '26-0001')");
        Files.writeString(data.resolve("DEMO"), "made up");
        try (ConfigurableApplicationContext own = Workshop.start(data, true)) {
            var visitor = new Visitor("http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port"))
                    .signIn("marisol");
            assertThat(visitor.get("/jobs/26-0001/sign").body())
                    .contains("Changed after it was signed")
                    .doesNotContain("SHA-256");
            try (var card = Loader.loadPDF(visitor.bytes("/jobs/26-0001/card.pdf"))) {
                assertThat(new PDFTextStripper().getText(card))
                        .contains("Changed after it was signed: this card proves nothing.")
                        .doesNotContain("SHA-256");
            }
            assertThat(visitor.get("/jobs/24-0002/sign").body()).contains("SHA-256");
        }
    }

    @Test
    void aBackupTakenWhilePeopleWorkComesBackWhole() throws Exception {
        Path data = copy();
        Path file = data.resolve("copy.zip");
        assertThat(command(data, "backup", file.toString()))
                .startsWith("0 Kept in ")
                .contains("with 2 files");
        assertThat(command(data, "backup", file.toString()))
                .startsWith("1 Not done: ")
                .contains("is there already");
        Path other = Workshop.temporary("joropo-back");
        assertThat(command(other, "restore", file.toString())).startsWith("0 All ");
        assertThat(verify(other)).isEmpty();
        String link = command(other, "verify").replaceAll("(?s).*last one: ([0-9a-f]{64}).*", "$1");
        assertThat(command(other, "verify", link)).startsWith("0 All ");
        assertThat(command(other, "verify", "0".repeat(64))).startsWith("1 ").contains("does not hold the link");

        run(other, "insert into act (at, person_name, what) values ('t', 'x', 'later')");
        assertThat(command(other, "restore", file.toString())).startsWith("0 ");
        try (Stream<Path> there = Files.list(other)) {
            assertThat(there.filter(p -> p.getFileName().toString().startsWith("before-restore")))
                    .hasSize(2);
        }
        for (String entry : List.of("joropo.db", "backup.json")) {
            Path changed = data.resolve("changed-" + entry + ".zip");
            Files.copy(file, changed);
            try (var zip = FileSystems.newFileSystem(changed)) {
                byte[] bytes = Files.readAllBytes(zip.getPath(entry));
                bytes[bytes.length / 2] ^= 1;
                Files.write(zip.getPath(entry), bytes);
            }
            assertThat(command(other, "restore", changed.toString())).as(entry).startsWith("1 Not done: ");
            assertThat(verify(other)).isEmpty();
        }
        assertThat(command(other, "restore", "nowhere.zip")).isEqualTo("1 Not done: There is no file nowhere.zip.\n");
        assertThat(command(other, "restore")).startsWith("2 Needs the name of one file");
        Files.writeString(data.resolve("text.zip"), "no zip");
        assertThat(command(other, "restore", data.resolve("text.zip").toString()))
                .contains("It is no backup");
        Workshop.demoData(other);
        try (ConfigurableApplicationContext own = Workshop.start(other, false)) {
            assertThat(own.isActive()).isTrue();
            assertThat(command(other, "restore", file.toString())).contains("Another Joropo runs");
            assertThatThrownBy(() -> Workshop.start(other, false)).hasRootCauseInstanceOf(NotDone.class);
        }
    }

    @Test
    void aBackupOfEachDayIsKeptForAsLongAsItIsWanted() throws Exception {
        Path data = copy();
        LocalDate day = LocalDate.of(2026, 11, 1);
        for (int i = 0; i < 5; i++) {
            assertThat(Backup.daily(data, day.plusDays(i), 3, Instant.EPOCH)).isPresent();
            assertThat(Backup.daily(data, day.plusDays(i), 3, Instant.EPOCH)).isEmpty();
        }
        assertThat(Backup.known(data))
                .containsExactly("joropo-2026-11-05.zip", "joropo-2026-11-04.zip", "joropo-2026-11-03.zip");
    }

    @Test
    void aShopThatHasLostItsLeadFindsAWayBackIn() throws Exception {
        Path data = copy();
        assertThat(command(data, "person", "list")).contains("jacinta  lead  Jacinta Samán");
        assertThat(typed("short", data, "person", "password", "jacinta"))
                .startsWith("1 ")
                .contains("needs 10 to 72");
        assertThat(typed("way-back-in-1", data, "person", "password", "nobody"))
                .startsWith("1 ")
                .contains("is not known");
        assertThat(typed("way-back-in-1", data, "person", "add", "nueva", "Nueva Ceiba", "owner"))
                .contains("is one of lead");
        assertThat(typed("way-back-in-1", data, "person", "add", "jacinta", "Jacinta", "lead"))
                .contains("is taken already");
        assertThat(typed("way-back-in-1", data, "person", "add", "nueva", "Nueva Ceiba", "lead"))
                .startsWith("0 ");
        assertThat(typed("way-back-in-2", data, "person", "password", "jacinta"))
                .startsWith("0 ");
        assertThat(command(data, "person", "remove", "jacinta")).startsWith("2 Needs one of");
        assertThat(verify(data)).isEmpty();
        Files.writeString(data.resolve("DEMO"), "made up");
        try (ConfigurableApplicationContext own = Workshop.start(data, true)) {
            String address = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            assertThat(new Visitor(address)
                            .signIn("nueva", "way-back-in-1")
                            .get("/people")
                            .statusCode())
                    .isEqualTo(200);
            assertThat(new Visitor(address)
                            .signIn("jacinta", "way-back-in-2")
                            .get("/records/acts")
                            .body())
                    .contains("set a new password for jacinta", "at the machine");
        }
    }

    @Test
    void aLeadVerifiesAndCopiesFromThePage() {
        Page page = Workshop.page("jacinta");
        page.navigate(Workshop.address() + "/records");
        page.click("#verify button");
        assertThat(page.locator("#work .is-holds")).containsText("links hold");
        page.click("#backups button");
        assertThat(page.locator("#work .is-holds")).containsText("Kept as joropo-");
        page.reload();
        assertThat(page.locator("#backups li").first()).containsText("joropo-");
        page.navigate(Workshop.address() + "/records/acts");
        assertThat(page.locator("tbody tr").first()).containsText("took the backup joropo-");
        page.selectOption("#person", "tobias");
        page.click("form.row button");
        assertThat(page.locator("tbody tr td:nth-child(2)").first()).hasText("tobias");
        Workshop.close(page);
    }

    private static String command(Path data, String... args) {
        var out = new ByteArrayOutputStream();
        int code = Commands.run(data, args, new PrintStream(out, true, StandardCharsets.UTF_8));
        return code + " " + out.toString(StandardCharsets.UTF_8);
    }

    private static String typed(String line, Path data, String... args) {
        InputStream before = System.in;
        System.setIn(new ByteArrayInputStream((line + "\n").getBytes(StandardCharsets.UTF_8)));
        try {
            return command(data, args);
        } finally {
            System.setIn(before);
        }
    }
}
