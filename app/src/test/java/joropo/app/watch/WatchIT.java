package joropo.app.watch;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.Map;
import java.util.stream.Stream;
import joropo.app.Entries;
import joropo.app.Visitor;
import joropo.app.Workshop;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;

/** A leak watch from its begin to the job that it leads to. */
class WatchIT {
    private final JdbcTemplate jdbc = Workshop.bean(JdbcTemplate.class);

    private static Visitor known;

    /** Signing in is dear: once for all. */
    private static synchronized Visitor fitter() throws Exception {
        if (known == null) {
            known = new Visitor(Workshop.address()).signIn("marisol");
        }
        return known;
    }

    private int counted(long watch) {
        return jdbc.queryForObject("select count(*) from leak_entry where watch_id = ?", Integer.class, watch);
    }

    @Test
    void aReadingFromALabelTakesTwoEntries() {
        long watch = WatchMaker.watch("BOTTLE", "allowance", "5", "bottleMl", "400");
        WatchMaker.read(watch, 14, "0");
        WatchMaker.read(watch, 7, "28");
        Page page = Workshop.page("marisol", ColorScheme.LIGHT, 400, 800);
        page.navigate(Workshop.address() + "/watches/" + watch);
        assertThat(page.locator("#figure")).isFocused();
        Entries entries = new Entries(page).at("read").fill("figure", "70,5").press("#figure");
        assertThat(page.locator(".entry-lines li").first()).containsText("70.5 mL");
        assertThat(page.locator(".verdict-line")).containsText("out of limits");
        assertThat(entries.total()).isEqualTo(2);
        assertThat(page.locator(".watch-chart.is-narrow svg")).isVisible();
        assertThat(page.evaluate("() => document.documentElement.scrollWidth <= 400"))
                .isEqualTo(true);
        Workshop.close(page);
    }

    @ParameterizedTest(name = "{0} {1} at {2}: {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "figure | 20 |  |  | Is less than before: was it emptied? Then say so.",
                "figure | 500 |  |  | Holds a reading above the bottle.",
                "figure | 0.06 |  |  | Looks like litres, the readings before are millilitres: write the unit.",
                "figure | much |  |  | 'much' is not understood as a volume: write a number, with mL or another unit of"
                        + " volume behind it.",
                "figure |  |  |  | Is needed, or say why there is none.",
                "figure |  |  | NO_DROP | Counts drops only where drops are watched.",
                "at | 90 | 1 Jan 2020 07:30 |  | Is before the last entry, by Marisol Araguaney: strike that one first,"
                        + " if it is wrong.",
                "at | 90 | 1 Jan 2099 |  | Is in the future.",
                "at | 90 | yesterday |  | Write day and time, such as 24 Dec 2026 07:30."
            })
    void whatCannotBeIsSaidAtItsFieldAndNothingIsStored(
            String field, String figure, String at, String act, String message) throws Exception {
        long watch = WatchMaker.watch("BOTTLE", "bottleMl", "400");
        WatchMaker.read(watch, 7, "28");
        WatchMaker.read(watch, 1, "60");
        String page = fitter().post(
                        "/watches/" + watch + "/entries",
                        "figure",
                        figure == null ? "" : figure,
                        "at",
                        at == null ? "" : at,
                        "act",
                        act == null ? "" : act,
                        "sent",
                        "bad-" + watch)
                .body()
                .replace("&#39;", "'");
        assertThat(page).contains(message);
        if (figure != null) {
            assertThat(page).contains("value=\"" + figure + "\"");
        }
        assertThat(counted(watch)).isEqualTo(2);
    }

    @Test
    void theUnitSettlesWhatWasMeantAndWhatIsSentTwiceIsKeptOnce() throws Exception {
        long watch = WatchMaker.watch("BOTTLE", "bottleMl", "900");
        WatchMaker.read(watch, 7, "28");
        WatchMaker.read(watch, 1, "60");
        var fitter = fitter();
        for (int i = 0; i < 2; i++) {
            fitter.post("/watches/" + watch + "/entries", "figure", "0.09 L", "sent", "once-" + watch);
        }
        assertThat(counted(watch)).isEqualTo(3);
        assertThat(fitter.get("/watches/" + watch).body()).contains("90 mL");
        assertThat(new Visitor(Workshop.address())
                        .signIn("jacinta")
                        .post("/watches/" + watch + "/entries", "figure", "95", "sent", "other-" + watch)
                        .body())
                .as("by somebody else")
                .contains("Was read in this minute already.");
        fitter.post("/watches/" + watch + "/entries", "figure", "95", "sent", "again-" + watch);
        assertThat(fitter.get("/watches/" + watch).body())
                .as("a slip, mended at once by who made it")
                .contains("95 mL", "a slip, read again within the minute");
    }

    @Test
    void aWrongEntryIsStruckWithAReasonAndStaysToBeSeen() throws Exception {
        long watch = WatchMaker.watch("DROPS", "allowance", "10");
        WatchMaker.read(watch, 14, "4");
        WatchMaker.read(watch, 7, "12 drops in 30 s");
        var fitter = fitter();
        assertThat(fitter.get("/watches/" + watch).body()).contains("24 drops/min", "It loses more than it may.");
        Long entry = jdbc.queryForObject("select max(id) from leak_entry where watch_id = ?", Long.class, watch);
        String strike = "/watches/" + watch + "/entries/" + entry + "/strike";
        assertThat(fitter.post(strike, "why", " ").body()).contains("Needs a reason");
        fitter.post(strike, "why", "counted the other pump");
        assertThat(fitter.get("/watches/" + watch).body())
                .contains("struck: counted the other pump", "It loses no more than it may.");
    }

    @Test
    void aRisingWatchLeadsToAJobThatShowsItsHistoryAndGoesOnPaper() throws Exception {
        long watch = WatchMaker.watch(
                "BOTTLE", "allowance", "9", "document", "seal sheet 2", "bottleMl", "900", "every", "7");
        double ml = 0;
        for (int week = 0; week < 10; week++) {
            WatchMaker.read(watch, 70 - 7 * week, Double.toString(ml));
            ml += 14 + (week < 5 ? 0 : 6.0 * (week - 4));
        }
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/");
        page.locator("#rising + ul a[href='/watches/" + watch + "']").click();
        assertThat(page.locator(".verdict-line")).containsText("take care");
        assertThat(page.locator(".offers")).containsText("It leaks more than it used to");
        page.fill("#new-advice", "a new seal at the next stop");
        page.click("button:has-text('Note it')");
        assertThat(page.locator("#advice + ul")).containsText("a new seal at the next stop");
        page.fill("[name=answer]", "next Tuesday");
        page.click("button:has-text('Note the answer')");
        assertThat(page.locator("#advice + ul")).containsText("next Tuesday");
        page.click("button:has-text('Start a job here')");
        page.waitForURL("**/jobs/*/intake");
        assertThat(page.locator("[aria-label='What its watches say']")).containsText("It leaks more than it used to");
        assertThat(page.locator("[aria-label='What its watches say'] svg.spark"))
                .isVisible();
        Workshop.close(page);

        byte[] paper = fitter().bytes("/watches/" + watch + "/chart.pdf");
        try (var document = Loader.loadPDF(paper)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("seal sheet 2", "It leaks more than it used to", "next Tuesday")
                    .contains("Watched machine");
        }
        byte[] label = fitter().bytes("/watches/" + watch + "/label.pdf");
        try (var document = Loader.loadPDF(label)) {
            assertThat(new PDFTextStripper().getText(document)).contains("caught in a bottle", "every 7 days");
        }
    }

    @Test
    void aLevelIsInTheUnitThatThePageShowedWhenItWasTyped() throws Exception {
        long watch = WatchMaker.watch("LEVEL", "area", "inch walk", "tank", "BARRIER");
        var fitter = fitter();
        fitter.post("/account/unit", "unit", "INCH");
        String round = fitter.get("/round?area=inch+walk").body();
        fitter.post("/account/unit", "unit", "MM");
        assertThat(round).contains("placeholder=\"in\"", "name=\"unit\" value=\"INCH\"");
        fitter.post("/watches/" + watch + "/round", "figure", "4.5", "unit", "INCH", "sent", "inch-" + watch);
        assertThat(fitter.get("/watches/" + watch).body()).contains("114.3 mm");
    }

    @Test
    void termsAreChangedByAFormThatKeepsWhatWasTypedAndAWatchEndsWithAReason() throws Exception {
        long watch = WatchMaker.watch("LEVEL", "allowance", "1", "tank", "BARRIER");
        WatchMaker.read(watch, 10, "120");
        WatchMaker.read(watch, 5, "126");
        var fitter = fitter();
        assertThat(fitter.get("/watches/" + watch).body())
                .contains("It loses more than it may.", "comes in past the inner face");
        String refused = fitter.post("/watches/" + watch + "/terms", "area", "", "every", "x", "allowance", "-2")
                .body();
        assertThat(refused).contains("Write a whole number.", "value=\"x\"", "value=\"-2\"");
        fitter.post(
                "/watches/" + watch + "/terms",
                "area",
                "test stand",
                "every",
                "14",
                "allowance",
                "2",
                "document",
                "D1");
        assertThat(fitter.get("/watches/" + watch).body()).contains("value=\"14\"", "D1");
        assertThat(fitter.post("/watches/" + watch + "/withdrawal", "why", "").body())
                .contains("Needs a reason");
        fitter.post("/watches/" + watch + "/withdrawal", "why", "pump is gone");
        assertThat(fitter.get("/watches/" + watch).body())
                .contains("ended: pump is gone")
                .doesNotContain("id=\"figure\"");
        assertThat(fitter.get("/round?area=test+stand").body()).doesNotContain("stop-" + watch + "\"");
        fitter.post("/watches/" + watch + "/entries", "figure", "1", "sent", "late-" + watch);
        assertThat(counted(watch)).isEqualTo(2);
    }

    @Test
    void entriesThatCannotFollowEachOtherAreSaidNotJudged() throws Exception {
        long watch = WatchMaker.watch("BOTTLE", "allowance", "5");
        WatchMaker.read(watch, 9, "40");
        jdbc.update(
                "insert into leak_entry (watch_id, happened_at, type, figure, seen, note, sent, person_id, entered_at)"
                        + " values (?, '2099-01-01T00:00:00.000Z', 'READING', 3, 'READ', '', ?, 1,"
                        + " '2026-01-01T00:00:00.000Z')",
                watch,
                "other-shop-" + watch);
        assertThat(fitter().get("/watches/" + watch).body())
                .contains("The entries do not follow each other", "Strike the wrong one.");
    }

    @Test
    void aBeginThatLacksSomethingKeepsTheRest() throws Exception {
        long position = WatchMaker.position();
        var fitter = fitter();
        String page = fitter.post(
                        "/watches/new",
                        Map.of("position", Long.toString(position), "name", "glass", "area", "hall", "allowance", "two")
                                .entrySet()
                                .stream()
                                .flatMap(e -> Stream.of(e.getKey(), e.getValue()))
                                .toArray(String[]::new))
                .body();
        assertThat(page).contains("value=\"glass\"", "value=\"two\"", "value=\"hall\"", "role=\"alert\"");
        assertThat(jdbc.queryForObject(
                        "select count(*) from leak_watch where position_id = ?", Integer.class, position))
                .isZero();
    }
}
