package joropo.app.exchange;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
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
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.database.NotDone;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** A shop goes out in open formats and comes in again, the same to the byte; two shops become one. */
class ShopIT {
    private static final Instant NOW = Instant.parse("2026-11-29T12:00:00Z");
    private static Path shop;
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
        try (Connection records = Backup.writing(data.resolve("joropo.db"))) {
            return ShopIn.read(file, records, data.resolve("files"), NOW, keep, tell);
        }
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
        Workshop.start(data, false).close();
        return data;
    }

    @Test
    void outInAndOutAgainIsTheSameToTheByte() throws Exception {
        Path other = empty();
        ShopIn.Result tried = in(zip, other, false);
        assertThat(tried.refused()).isEmpty();
        assertThat(tried.added()).containsEntry("jobs", 41).containsEntry("lots", 72);
        assertThat(content(out(other))).doesNotContainKey("jobs/");
        assertThat(Files.list(other.resolve("files"))).isEmpty();
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
        assertThat(result.added()).containsOnly(Map.entry("jobs", 41), Map.entry("gauges", 1));
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
    void aStoppedImportLeavesNothing() throws Exception {
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
        assertThatExceptionOfType(CancellationException.class).isThrownBy(() -> in(zip, other, true, stops));
        try (Connection records = Backup.reading(other.resolve("joropo.db"))) {
            assertThat(new Rows(records).one("select count(*) from machine")).isEqualTo(0);
        }
        assertThat(Files.list(other.resolve("files"))).isEmpty();
        assertThat(faults(other)).isEmpty();
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
