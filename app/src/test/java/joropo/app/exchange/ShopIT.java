package joropo.app.exchange;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.database.NotDone;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.node.ObjectNode;

/** A shop goes out in open formats and comes in again, the same to the byte; two shops become one. */
class ShopIT {
    private static final Instant NOW = Instant.parse("2026-11-29T12:00:00Z");
    private static Path shop;
    private static Path bare;
    private static Path zip;

    @BeforeAll
    static void goesOut() throws Exception {
        Workshop.address();
        shop = Workshop.temporary("joropo-shop");
        Workshop.demoData(shop);
        Files.createDirectories(shop.resolve("files"));
        Files.writeString(shop.resolve("photo"), "a picture");
        String photo = Verifier.hash(shop.resolve("photo"));
        Files.move(shop.resolve("photo"), shop.resolve("files").resolve(photo));
        run(
                shop,
                "insert into attachment (position_id, job_id, name, media_type, sha256, person_id, added_at) "
                        + "values (1, 1, 'groove.jpg', 'image/jpeg', '"
                        + photo + "', 1, '2026-01-01T00:00:00.000Z')",
                "insert into strip_back (part_id, state, reason, person_id, entered_at) select min(id), 'BACK', "
                        + "'', 1, '2026-01-01T00:00:00.000Z' from strip_part");
        zip = out(shop);
        bare = Workshop.temporary("joropo-bare");
        Workshop.start(bare, false).close();
    }

    private static Path out(Path data) throws Exception {
        Path to = Workshop.temporary("joropo-out").resolve("shop.zip");
        try (Connection records = Backup.reading(data.resolve("joropo.db"))) {
            ShopOut.write(records, data.resolve("files"), to, LongWork.Tell.nobody());
        }
        return to;
    }

    private static ShopIn.Result in(Path file, Path data, boolean keep) throws Exception {
        return in(file, data, keep, LongWork.Tell.nobody());
    }

    private static ShopIn.Result in(Path file, Path data, boolean keep, LongWork.Tell tell) throws Exception {
        return keep
                ? ShopIn.read(file, () -> Backup.writing(data.resolve("joropo.db")), data.resolve("files"), NOW, tell)
                : ShopIn.tried(file, data, NOW, tell);
    }

    private static Map<String, String> content(Path file) throws IOException {
        Map<String, String> out = new TreeMap<>();
        try (ZipFile zip = new ZipFile(file.toFile())) {
            for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
                ZipEntry entry = all.nextElement();
                out.put(entry.getName(), new String(zip.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return out;
    }

    private static void run(Path data, String... sql) throws SQLException {
        try (Connection records = Backup.writing(data.resolve("joropo.db"));
                Statement s = records.createStatement()) {
            for (String line : sql) {
                s.execute(line);
            }
        }
    }

    private static List<String> faults(Path data) throws SQLException {
        try (Connection records = Backup.reading(data.resolve("joropo.db"))) {
            return Verifier.verify(records, data.resolve("files"), LongWork.Tell.nobody()).faults().stream()
                    .map(Verifier.Fault::toString)
                    .toList();
        }
    }

    /** A shop with nothing but its schema. */
    private static Path empty() throws Exception {
        Path data = Workshop.temporary("joropo-empty");
        Files.copy(bare.resolve("joropo.db"), data.resolve("joropo.db"));
        return data;
    }

    @Test
    void outInAndOutAgainIsTheSameToTheByte() throws Exception {
        Path other = empty();
        ShopIn.Result tried = in(zip, other, false);
        assertThat(tried.refused()).isEmpty();
        assertThat(tried.added()).containsEntry("jobs", 41).containsEntry("lots", 72);
        assertThat(content(out(other))).doesNotContainKey("jobs/");
        assertThat(other.resolve("files")).doesNotExist();
        assertThat(in(zip, other, true)).isEqualTo(tried);
        Map<String, String> before = content(zip);
        Map<String, String> after = content(out(other));
        assertThat(after.keySet()).isEqualTo(before.keySet());
        before.forEach((name, text) -> assertThat(after.get(name)).as(name).isEqualTo(text));
        assertThat(faults(other)).isEmpty();
        ShopIn.Result again = in(zip, other, true);
        assertThat(again.total()).isZero();
        assertThat(again.refusals()).isZero();
        assertThat(content(out(other))).isEqualTo(before);
        try (ConfigurableApplicationContext own = Workshop.start(other, false)) {
            String at = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            own.getBean(joropo.app.access.PeopleService.class).setPassword("jacinta", "brought-along-1", "jacinta");
            var lead = new Visitor(at).signIn("jacinta", "brought-along-1");
            for (String path : List.of(
                    "/",
                    "/jobs/26-0005/measure",
                    "/jobs/26-0001/sign",
                    "/store",
                    "/machines",
                    "/find?q=conveyor",
                    "/sections")) {
                assertThat(lead.get(path).statusCode()).as(path).isEqualTo(200);
            }
            assertThat(lead.get("/jobs/26-0001/sign").body()).contains("SHA-256");
            assertThat(new Visitor(at).signIn("marisol", "none").get("/").statusCode())
                    .isEqualTo(302);
        }
    }

    @Test
    void twoShopsBecomeOneWithoutDoubles() throws Exception {
        Path other = empty();
        in(zip, other, true);
        run(
                other,
                "update works_setting set value = '" + "b".repeat(32) + "' where name = 'shop'",
                "update machine set note = 'of the other works'",
                "insert into own_gauge (name, kind, uncertainty_mm, certificate, created_at) values ('Other "
                        + "micrometer', 'OUTSIDE_MICROMETER', 0.004, 'K-9', '2026-01-01T00:00:00.000Z')");
        Path second = out(other);
        Path first = Workshop.temporary("joropo-first");
        Files.copy(shop.resolve("joropo.db"), first.resolve("joropo.db"));
        run(
                first,
                "insert into own_gauge (name, kind, uncertainty_mm, certificate, created_at) values ('Own bore "
                        + "gauge', 'BORE_GAUGE_3', 0.004, 'K-8', '2026-01-02T00:00:00.000Z')");
        ShopIn.Result result = in(second, first, true);
        assertThat(result.refusals()).isZero();
        assertThat(result.added())
                .containsExactlyInAnyOrderEntriesOf(Map.of(
                        "jobs", 41, "gauges", 1, "people", 4, "lots", 72, "movements of lots", 72, "sections", 1));
        assertThat(in(second, first, true).total()).isZero();
        assertThat(faults(first)).isEmpty();
        assertThat(content(out(first)).keySet().stream().filter(n -> n.startsWith("jobs/")))
                .hasSize(82);
        try (Connection records = Backup.reading(first.resolve("joropo.db"))) {
            Rows rows = new Rows(records);
            assertThat(rows.one("select count(*) from job where number like 'bbbb-26-%'"))
                    .isNotEqualTo(0);
            assertThat(rows.one("select count(*) from machine"))
                    .isEqualTo(rows.one("select count(distinct name || place) from machine"));
        }
    }

    @Test
    void whatDiffersIsRefusedWithItsReasonAndTheRestComesIn() throws Exception {
        Path changed = zip.resolveSibling("changed.zip");
        Files.copy(zip, changed);
        String of = content(zip).keySet().stream()
                .filter(n -> n.endsWith("26-0001.json"))
                .findFirst()
                .orElseThrow();
        String open = of.replace("26-0001", "26-0005");
        try (var files = FileSystems.newFileSystem(changed)) {
            Path signed = files.getPath(of);
            Files.writeString(
                    signed,
                    Files.readString(signed)
                            .replace("26-0001\\\\\\\"", "26-0002\\\\\\\"")
                            .replaceFirst("\"snapshot\":\"\\{", "\"snapshot\":\"{ "));
            Path typed = files.getPath(open);
            Files.writeString(
                    typed, Files.readString(typed).replace("\"opener\":\"marisol\"", "\"opener\":\"nobody\""));
        }
        Path other = empty();
        ShopIn.Result result = in(changed, other, true);
        assertThat(result.refused())
                .hasSize(2)
                .anyMatch(r -> r.contains("job 26-0001: what was signed does not give the hash"))
                .anyMatch(r -> r.contains("job 26-0005: nobody is called nobody in this file"));
        assertThat(result.added()).containsEntry("jobs", 39);
        assertThat(faults(other)).isEmpty();
        Path same = Workshop.temporary("joropo-same");
        Files.copy(shop.resolve("joropo.db"), same.resolve("joropo.db"));
        run(
                same,
                "insert into addendum (job_id, text, person_id, written_at) values (1, 'later', 1, "
                        + "'2026-11-29T00:00:00.000Z')");
        assertThat(in(zip, same, true).refused())
                .singleElement()
                .asString()
                .contains("is here already, as job 24-0001, and differs");
    }

    /** Words that no page knows would break every list they stand in. */
    @Test
    void whatNoPageCouldReadIsRefused() throws Exception {
        Path odd = zip.resolveSibling("odd.zip");
        Files.copy(zip, odd);
        try (var files = FileSystems.newFileSystem(odd)) {
            for (String[] change : new String[][] {
                {"settings.json", "\"value\":\"true\"", "\"value\":\"sometimes\""},
                {"machines.json", "\"medium\":\"OIL\"", "\"medium\":\"CUSTARD\""},
                {"store.json", "\"receivedOn\":\"20", "\"receivedOn\":\"the "}
            }) {
                Path file = files.getPath(change[0]);
                String text = Files.readString(file);
                Files.writeString(file, text.replace(change[1], change[2]));
            }
        }
        Path other = empty();
        ShopIn.Result result = in(odd, other, true);
        assertThat(result.refused()).anyMatch(r -> r.contains("its medium cannot be read: CUSTARD"));
        assertThat(result.refused()).anyMatch(r -> r.contains("its receivedOn cannot be read: the "));
        assertThat(faults(other)).isEmpty();
        try (ConfigurableApplicationContext own = Workshop.start(other, false)) {
            String at = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            own.getBean(joropo.app.access.PeopleService.class).setPassword("jacinta", "brought-along-1", "jacinta");
            var lead = new Visitor(at).signIn("jacinta", "brought-along-1");
            for (String path : List.of("/", "/machines", "/store", "/settings", "/find?q=conveyor")) {
                assertThat(lead.get(path).statusCode()).as(path).isEqualTo(200);
            }
        }
    }

    @Test
    void aStoppedImportGoesOnWhereItStopped() throws Exception {
        Path other = empty();
        var count = new int[1];
        var stops = new LongWork.Tell() {
            @Override
            public void outOf(long all) {}

            @Override
            public void one() {
                if (++count[0] == 20) {
                    throw new CancellationException();
                }
            }
        };
        ShopIn.Result first = in(zip, other, true, stops);
        assertThat(first.stopped()).isTrue();
        assertThat(first.added().get("jobs")).isBetween(1, 40);
        assertThat(faults(other)).as("what is in is whole").isEmpty();
        ShopIn.Result rest = in(zip, other, true);
        assertThat(rest.refusals()).isZero();
        assertThat(first.added().get("jobs") + rest.added().get("jobs")).isEqualTo(41);
        assertThat(faults(other)).isEmpty();
    }

    /** Changes one entry of a file. */
    private static Path changed(Path file, String entry, UnaryOperator<String> change) throws IOException {
        Path to = Workshop.temporary("joropo-changed").resolve("shop.zip");
        Files.copy(file, to);
        try (var files = FileSystems.newFileSystem(to)) {
            Path inside = files.getPath(entry);
            Files.writeString(inside, change.apply(Files.readString(inside)));
        }
        return to;
    }

    private static UnaryOperator<String> json(Consumer<ObjectNode> change) {
        return text -> {
            ObjectNode read = (ObjectNode) ShopOut.JSON.readTree(text);
            change.accept(read);
            return ShopOut.JSON.writeValueAsString(read);
        };
    }

    private static String jobEntry(Path file, String number) throws IOException {
        return content(file).keySet().stream()
                .filter(n -> n.endsWith(number + ".json"))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> column(Path data, String sql) throws SQLException {
        try (Connection records = Backup.reading(data.resolve("joropo.db"))) {
            return new Rows(records)
                    .all(sql).stream()
                            .map(r -> r.values().stream().map(String::valueOf).collect(Collectors.joining(" | ")))
                            .toList();
        }
    }

    private static void gauges(Path data, String shop, int many) throws SQLException {
        for (int n = 1; n <= many; n++) {
            run(
                    data,
                    "insert into own_gauge (name, kind, uncertainty_mm, certificate, created_at) values ('" + shop
                            + " gauge " + n + "', 'OUTSIDE_MICROMETER', 0.00" + n + ", 'K', '2026-01-0" + n
                            + "T00:00:00.000Z')");
        }
    }

    /** Shops with bearings in their logs, a photo of one, and sheets that name every gauge. */
    private static Path withGauges(String name, String shopId, int gauges) throws Exception {
        Path data = Workshop.temporary("joropo-" + name);
        Files.copy(shop.resolve("joropo.db"), data.resolve("joropo.db"));
        Files.createDirectories(data.resolve("files"));
        for (String photo : column(shop, "select distinct sha256 from attachment")) {
            Files.copy(
                    shop.resolve("files").resolve(photo), data.resolve("files").resolve(photo));
        }
        run(data, "update works_setting set value = '" + shopId + "' where name = 'shop'");
        gauges(data, name, gauges);
        String photo = column(data, "select sha256 from attachment limit 1").get(0);
        run(
                data,
                "insert into leak_terms (watch_id, area, walk, every_days, document, rises, barrier, regulated, note,"
                        + " person_id, written_at) select id, 'yard', 0, 0, '', 0, 0, 0, '', person_id,"
                        + " '2026-11-30T00:00:00.000Z' from leak_watch where id = 1");
        String job = "(select id from job where number = '26-0005')";
        run(
                data,
                "insert into strip_part (job_id, number, kind, name, person_id, removed_at) select " + job
                        + ", coalesce(max(number), 0) + 1, 'BEARING', 'bearing of " + name
                        + "', 1, '2026-11-01T00:00:00.000Z' from strip_part where job_id = " + job,
                "insert into attachment (position_id, job_id, name, media_type, sha256, person_id, added_at) select"
                        + " position_id, id, 'bearing.jpg', 'image/jpeg', '" + photo
                        + "', 1, '2026-11-01T00:00:00.000Z' from job where number = '26-0005'",
                "insert into strip_note (part_id, texts, person_id, noted_at) select max(id), '{\"photo\":\"' ||"
                        + " (select max(id) from attachment) || '\"}', 1, '2026-11-01T00:00:00.000Z' from strip_part");
        for (int n = 1; n <= gauges; n++) {
            run(
                    data,
                    "insert into sheet_revision (job_id, stage, revision, texts, schema_version, verdict, person_id,"
                            + " kept_at) values (" + job + ", 'MEASURE', " + (90 + n)
                            + ", '{\"note\":{\"text\":\"own-1\",\"unit\":\"MM\",\"struck\":[]},\"shaftGauge\":"
                            + "{\"text\":\"own-" + n + "\",\"unit\":\"MM\",\"struck\":[{\"text\":\"own-"
                            + (n % gauges + 1)
                            + "\",\"why\":\"wrong one\"}]}}', 2, 'MISSING', 1, '2026-11-01T00:00:0" + n + ".000Z')");
        }
        return data;
    }

    /**
     * Which gauge was used in which revision, by its name, struck ones too; and a text that only reads like a gauge.
     */
    private static List<String> used(Path data, String of) throws SQLException {
        return column(
                data,
                "select r.revision, (select name from own_gauge where 'own-' || id = json_extract(r.texts,"
                        + " '$.shaftGauge.text')), (select name from own_gauge where 'own-' || id ="
                        + " json_extract(r.texts, '$.shaftGauge.struck[0].text')),"
                        + " json_extract(r.texts, '$.note.text') from sheet_revision r"
                        + " join job j on j.id = r.job_id where r.revision > 90 and j.number like '%" + of
                        + "26-0005' order by r.revision");
    }

    @Test
    void readingsKeepTheirGaugePartsTheirNumbersAndNotesTheirPhotoBothWays() throws Exception {
        Path east = withGauges("east", "a".repeat(32), 5);
        Path west = withGauges("west", "c".repeat(32), 2);
        List<String> eastUsed = used(east, "");
        List<String> westUsed = used(west, "");
        assertThat(eastUsed).hasSize(5).allMatch(l -> l.endsWith("| own-1"));

        ShopIn.Result there = in(out(east), west, true);
        assertThat(there.refused()).isEmpty();
        assertThat(used(west, "aaaa-")).isEqualTo(eastUsed);
        ShopIn.Result back = in(out(west), east, true);
        assertThat(back.refused()).isEmpty();
        assertThat(used(east, "cccc-")).isEqualTo(westUsed);

        for (Path file : List.of(out(east), out(west))) {
            for (Path data : List.of(east, west)) {
                ShopIn.Result again = in(file, data, true);
                assertThat(again.refused()).isEmpty();
                assertThat(again.total()).as("%s", again.added()).isZero();
            }
        }
        String photos =
                "select a.name, a.job_id = s.job_id from strip_note n join strip_part s on s.id = n.part_id join"
                        + " attachment a on a.id = json_extract(n.texts, '$.photo') order by n.id";
        assertThat(column(west, photos)).containsExactly("bearing.jpg | 1", "bearing.jpg | 1");
        String numbers = "select number, name from strip_part where name like 'bearing of %' order by name";
        assertThat(column(west, numbers)).isEqualTo(column(east, numbers)).hasSize(2);
        String causes = "select substr(words, 1, 30) from found where kind = 'CAUSE' order by words";
        assertThat(column(west, causes)).isEqualTo(column(east, causes)).isNotEmpty();
        assertThat(column(west, causes).stream().distinct().toList())
                .isEqualTo(column(shop, causes).stream().distinct().toList());
        assertThat(faults(east)).isEmpty();
        assertThat(faults(west)).isEmpty();
    }

    @Test
    void peopleOfAnotherShopAreNeverThoseOfThisOne() throws Exception {
        Path east = withGauges("people", "d".repeat(32), 1);
        Path here = Workshop.temporary("joropo-people-here");
        Files.copy(shop.resolve("joropo.db"), here.resolve("joropo.db"));
        assertThat(in(out(east), here, true).refused()).isEmpty();
        assertThat(column(
                        here,
                        "select distinct p.full_name like '% (dddd)', p.shop is not null from signature g join"
                                + " job j on j.id = g.job_id join person p on p.id = g.person_id"
                                + " where j.shop is not null"))
                .containsExactly("1 | 1");
        Path forged = changed(out(east), jobEntry(out(east), "26-0005"), j -> j.replace("26-0005", "26-9005"));
        String own = column(here, "select value from works_setting where name = 'shop'")
                .get(0);
        assertThat(in(
                                changed(
                                        out(east),
                                        "shop.json",
                                        s -> s.replace("\"marisol\"", "\"marisol@" + own + "\"")),
                                here,
                                true)
                        .refused())
                .anyMatch(r -> r.contains("nobody is called marisol in this file"));
        assertThat(in(forged, here, true).refused()).anyMatch(r -> r.contains("it is called otherwise inside"));

        try (ConfigurableApplicationContext started = Workshop.start(here, false)) {
            String at = "http://127.0.0.1:" + started.getEnvironment().getProperty("local.server.port");
            var lead = new Visitor(at).signIn("jacinta");
            String number = column(here, "select number from job where shop is not null and state = 'SIGNED' limit 1")
                    .get(0);
            assertThat(lead.get("/jobs/" + number + "/sign").body())
                    .contains("Brought in on 29 Nov 2026 from shop dddd, where it is job ", "was not signed here");
            assertThat(lead.get("/people").body()).contains("of another shop, brought in");
            lead.post("/people/marisol-dddd/password", "password", "long-enough-1");
            assertThat(new Visitor(at)
                            .signIn("marisol-dddd", "long-enough-1")
                            .get("/")
                            .statusCode())
                    .as("nobody signs in as somebody of another shop")
                    .isEqualTo(302);
            assertThat(lead.get("/jobs/" + number + "/card.pdf").statusCode()).isEqualTo(200);
        }
    }

    @Test
    void whatWouldBreakAPageForEverIsRefused() throws Exception {
        Path odd = zip;
        for (var change : Map.<String, UnaryOperator<String>>of(
                        jobEntry(zip, "24-0001"),
                        json(j -> j.putArray("signatures")),
                        jobEntry(zip, "24-0002"),
                        json(j -> j.put("number", "26-9223372036854775807")),
                        jobEntry(zip, "24-0003"),
                        json(ShopIT::soaked),
                        jobEntry(zip, "24-0004"),
                        j -> "[".repeat(60 << 20),
                        "shop.json",
                        json(ShopIT::odder),
                        "machines.json",
                        m -> m.replaceFirst("\"shaftMm\":[0-9.]+", "\"shaftMm\":-4"))
                .entrySet()) {
            odd = changed(odd, change.getKey(), change.getValue());
        }
        Path other = empty();
        ShopIn.Result result = in(odd, other, true);
        for (String refusal : List.of(
                "job 24-0001: it is signed without a signature",
                "job 24-0002: it is called otherwise inside",
                "job 24-0003: its seen cannot be read: SOAKED",
                "job 24-0004: it does not fit",
                "person : name needs 2",
                "person ../x: name needs 2",
                "its shaftMm cannot be read: -4")) {
            assertThat(result.refused()).anyMatch(r -> r.contains(refusal));
        }
        assertThat(faults(other)).isEmpty();
        assertThat(result.added().get("jobs")).as("the others come in").isGreaterThan(30);
    }

    private static void soaked(ObjectNode job) {
        job.withArray("looks")
                .addObject()
                .put("dueOn", "2026-12-01")
                .put("person", "marisol")
                .put("writtenAt", "2026-01-01T00:00:00.000Z")
                .put("seen", "SOAKED");
    }

    private static void odder(ObjectNode head) {
        for (String name : List.of("", "../x")) {
            head.withArray("people")
                    .addObject()
                    .put("name", name)
                    .put("fullName", "X")
                    .put("role", "FITTER");
        }
    }

    @Test
    void aFolderThatIsNotThereYetIsMade() throws Exception {
        Path fresh = Workshop.temporary("joropo-none").resolve("not/there");
        var said = new ByteArrayOutputStream();
        assertThat(Commands.run(fresh, new String[] {"import", zip.toString()}, new PrintStream(said)))
                .as(said.toString(StandardCharsets.UTF_8))
                .isZero();
        assertThat(content(out(fresh))).isEqualTo(content(zip));
        Path backup = fresh.resolveSibling("b.zip");
        Backup.take(fresh, backup, NOW, LongWork.Tell.nobody());
        Path back = fresh.resolveSibling("also/not/there");
        assertThat(Commands.run(back, new String[] {"restore", backup.toString()}, new PrintStream(said)))
                .isZero();
        assertThat(faults(back)).isEmpty();
    }

    @Test
    void whatIsNoShopIsNotOpened() throws Exception {
        Path other = empty();
        List<Path> none = new ArrayList<>();
        for (String[] one : new String[][] {
            {"shop.json", "{}"},
            {"../evil.json", "{}"},
            {"shop.json", "{\"format\":\"joropo-shop\",\"version\":9}"},
            {"shop.json", "no json"}
        }) {
            Path file = zip.resolveSibling("none" + none.size() + ".zip");
            try (var made = new java.util.zip.ZipOutputStream(Files.newOutputStream(file))) {
                made.putNextEntry(new ZipEntry(one[0]));
                made.write(one[1].getBytes(StandardCharsets.UTF_8));
            }
            none.add(file);
        }
        Path text = zip.resolveSibling("text.zip");
        Files.writeString(text, "no zip at all");
        none.add(text);
        for (Path file : none) {
            assertThatExceptionOfType(NotDone.class).as(file.toString()).isThrownBy(() -> in(file, other, true));
        }
    }

    @Test
    void aLeadTakesItOutTriesItAndBringsItIn() throws Exception {
        Path data = Workshop.temporary("joropo-lead");
        try (ConfigurableApplicationContext own = Workshop.start(data, true)) {
            String at = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
            Workshop.signIn(page, at, "jacinta");
            page.navigate(at + "/records");
            page.click("#out button");
            assertThat(page.locator("#work .is-holds")).containsText("Kept as shop-");
            page.click("#in button:has-text('Try it')");
            assertThat(page.locator(".refused")).hasText("Choose the file of a shop first.");
            page.setInputFiles("#shop-file", zip);
            page.click("#in button:has-text('Try it')");
            assertThat(page.locator("#work .word")).containsText("Would add: 0. Here already: ");
            page.setInputFiles("#shop-file", zip);
            page.click("#in button:has-text('Bring it in')");
            assertThat(page.locator("#work .word")).containsText("Refused: 2.");
            assertThat(page.locator("#work"))
                    .containsText("job 24-0001: it is here already, as job 24-0001, and differs");
            Workshop.close(page);
        }
    }
}
