package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Map;
import joropo.app.Entries;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.job.JobSheets.Posted;
import joropo.core.arrangement.PartKind;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What went wrong under a hand once, and does so no more. */
class FaultsIT {
    private static final JobService JOBS = Workshop.bean(JobService.class);
    private static final String FIRST_FOCUS = "() => document.activeElement.id";
    private static final String IN_VIEW = "() => { const r = document.activeElement.getBoundingClientRect();"
            + " return r.top >= 0 && r.bottom <= innerHeight; }";

    private static Page at(String person, String path) {
        Page page = Workshop.page(person);
        page.navigate(Workshop.address() + path);
        return page;
    }

    private static JobWork work(String number) {
        return Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(number));
    }

    private static List<String> done(String number) {
        JobState state = Workshop.bean(JobStore.class).load(number);
        return List.copyOf(state.done(work(number).plan(), work(number)).keySet());
    }

    /**
     * A step that opens again while a figure is typed does not take the keys: digits were lost, and Enter ticked a
     * step.
     */
    @Test
    void stepsThatComeBackWithAKeystrokeLeaveTheHandWhereItIs() {
        String number = JobMaker.readyToSign("IN");
        Page page = at("marisol", "/jobs/" + number + "/fit");
        Filling.unfold(page);
        page.fill("#newOutside", "");
        assertThat(page.locator("#steps summary").first()).hasText("16 of 17 steps done");
        page.waitForFunction(
                "() => !document.querySelector('.htmx-added, .htmx-settling, .htmx-swapping, .htmx-request')");
        assertThat(page.evaluate(FIRST_FOCUS)).isEqualTo("newOutside");
        page.keyboard().type("62.25");
        assertThat(page.locator("#newOutside")).hasValue("62.25");
        Workshop.close(page);
    }

    /** The answer to the last key may open a card above the button that a finger is on. */
    @Test
    void aPressCountsThoughThePageGrowsUnderTheFinger() {
        String number = JobMaker.madeSafe();
        Page page = at("marisol", "/jobs/" + number + "/strip");
        page.evaluate("() => document.querySelector('#go button.keep').scrollIntoView({ block: 'center' })");
        BoundingBox button = page.locator("#go button.keep").boundingBox();
        page.mouse().move(button.x + button.width / 2, button.y + button.height / 2);
        page.mouse().down();
        page.evaluate("() => { document.querySelector('main').style.paddingTop = '300px'; }");
        page.mouse().up();
        page.waitForURL("**/measure");
        Workshop.close(page);
    }

    /** Behind the last reading of a ring Enter leads to the next one's first, also where its cards are closed. */
    @Test
    void enterLeadsToTheNextRingAndNotPastIt() {
        String number = CylinderEntries.opened();
        Workshop.bean(JobItems.class).add(number, PartKind.O_RING, "wiper", JobMaker.person("marisol"));
        Page page = at("marisol", "/jobs/" + number + "/measure");
        page.evaluate("() => document.querySelectorAll(\"[data-item='2'] details\").forEach(d => { d.open = false; })");
        page.evaluate("() => [...document.querySelectorAll(\"[data-item='1'] input:not([type=hidden]), "
                + "[data-item='1'] select\")].filter(f => f.offsetParent && !f.closest('details:not([open])'))"
                + ".pop().focus()");
        page.keyboard().press("Enter");
        assertThat(page.locator("#item-tabs a[aria-current]")).containsText("wiper");
        assertThat(page.evaluate("() => document.activeElement.id")).asString().startsWith("i2-");
        Workshop.close(page);
    }

    @Test
    void aTickIsTakenBackWithAReasonAndBothStayInTheRecord() {
        String number = JobMaker.readyToSign("IN");
        Page page = at("marisol", "/jobs/" + number + "/fit");
        page.click("#steps details summary");
        page.click("summary[aria-label='undo step 2']");
        page.locator("#undo-clean").fill(" ");
        page.locator("#undo-clean").press("Enter");
        assertThat(page.locator("#steps .wrong").first()).containsText("Is taken back with a reason");
        page.locator("#undo-clean").fill("a burr was felt at the edge");
        page.locator("#undo-clean").press("Enter");
        assertThat(page.locator("#step-clean")).containsText("taken back by Marisol Araguaney");
        assertThat(done(number)).doesNotContain("clean").contains("parts", "depth");
        page.press("#done-clean", "Enter");
        assertThat(page.locator("#step-clean")).hasCount(0);
        assertThat(JOBS.snapshot(number).counted())
                .anyMatch(c -> c.startsWith("step taken back by Marisol Araguaney, a burr was felt at the edge"));
        Workshop.close(page);
    }

    @Test
    void aRingOfTwentyFourBoltsIsThreeTapsAndTheLastIsTakenBackWithAReason() {
        String number = JobMaker.readyToSign("IN");
        Page page = at("marisol", "/jobs/" + number + "/set");
        Filling.fill(page, "bolts", "24", "boltTorque", "40", "figureFor", "DRY", "threads", "DRY");
        for (String left : List.of("72 left", "48 left", "")) {
            assertThat(page.locator("#torque")).containsText("Pass ");
            page.press("#pass", "Enter");
            assertThat(page.locator("#torque")).containsText(left.isEmpty() ? "All passes are done." : left);
        }
        assertThat(page.locator("#torque")).containsText("All passes are done.");
        page.click("#torque summary");
        page.locator("#undo-why").fill("bolt 12 slipped");
        page.locator("#undo-why").press("Enter");
        assertThat(page.locator("#torque")).containsText("1 left");
        page.locator("[data-bolt]").first().dispatchEvent("click");
        assertThat(page.locator("#torque")).containsText("1 left");
        assertThat(JOBS.snapshot(number).counted())
                .anyMatch(c -> c.contains("taken back by Marisol Araguaney: bolt 12"));
        Workshop.close(page);
    }

    @Test
    void aHoldWithFiguresIsNotTickedWithoutThem() {
        String number = JobMaker.readyToSign("IN");
        JobMaker.keep(
                number,
                Stage.FIT,
                "newOutside",
                "62.27",
                "newWidth",
                "8",
                "fitGauge",
                "DEPTH_MICROMETER",
                "depth12",
                "2.5",
                "depth3",
                "2.5");
        JOBS.undoStep(number, "depth", "read it again", JobMaker.person("marisol"));
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> JOBS.finishStep(number, "depth", null, null, JobMaker.person("marisol")))
                .withMessageContaining("Waits for:");
        Page page = at("marisol", "/jobs/" + number + "/fit");
        assertThat(page.locator("#step-depth .wrong")).containsText("Waits for:");
        assertThat(page.locator("#done-depth")).hasCount(0);
        Filling.fill(page, "depth6", "2.5", "depth9", "2.5");
        page.press("#done-depth", "Enter");
        assertThat(page.locator("#step-depth")).hasCount(0);
        Workshop.close(page);
    }

    @Test
    void playReadAtSetMovesNoDepthThatIsDrivenAndRead() {
        String number = JobMaker.readyToSign("IN");
        List<String> before = done(number);
        String plan = work(number).plan().toString();
        JobMaker.keep(number, Stage.SET, "playMeasured", "0.6");
        assertThat(work(number).plan()).hasToString(plan);
        assertThat(done(number)).isEqualTo(before);
        assertThat(work(number).findings())
                .as("it is judged against it")
                .anyMatch(f -> f.finding().id().equals("play"));
        assertThat(JOBS.snapshot(number).target()).endsWith("read 2.50 mm");
    }

    @Test
    void aJobIsListedByWhatStandsAgainstItNow() {
        String number = JobMaker.readyToSign("IN");
        String[] seal = {
            "size", "45x62x8", "layout", "DUST_LIP", "material", "HNBR", "caseType", "RUBBER", "mainLip", "OUT"
        };
        JobMaker.keep(number, Stage.DECIDE, seal);
        assertThat(verdict(number)).isEqualTo("FAIL");
        seal[9] = "IN";
        JobMaker.keep(number, Stage.DECIDE, seal);
        JobMaker.tickAll(number);
        assertThat(verdict(number)).isNotEqualTo("FAIL");
        JOBS.sign(number, JobMaker.person("marisol"));
        assertThat(verdict(number)).isNotEqualTo("FAIL");
    }

    private static String verdict(String number) {
        return String.valueOf(JOBS.ofNumbers(List.of(number)).get(0).verdict());
    }

    @Test
    void aFindingKeepsItsNumber() {
        String number = JobMaker.madeSafe();
        Page page = at("marisol", "/jobs/" + number + "/measure");
        Filling.fill(page, "surface", "GROOVE_CATCHES");
        assertThat(page.locator("#rail")).containsText("groove");
        String groove = page.locator("#rail .finding:has(.what:text-matches('groove', 'i')) .nr")
                .first()
                .textContent();
        Filling.fill(page, "shaftA1", "44.2", "shaftA2", "44.2", "shaftGauge", "OUTSIDE_MICROMETER");
        assertThat(page.locator("#rail .is-worst")).containsText("below its least size");
        assertThat(page.locator("#finding-" + groove)).containsText("roove");
        page.reload();
        assertThat(page.locator("#finding-" + groove)).containsText("roove");
        page.locator("#rail .is-worst .to-field").click();
        assertThat(page.locator("#shaftA1")).isFocused();
        page.locator("#right-found summary").click();
        Filling.fill(page, "boreA1", "62.01");
        assertThat(page.locator("#right-found")).hasAttribute("open", "");
        page.locator("#right-found summary").press("Escape");
        assertThat(page.locator("#right-found[open]")).hasCount(0);
        Workshop.close(page);
    }

    @Test
    void aSlipIsAskedAtItsFieldBeforeAnythingIsSaidOfTheShaft() {
        String number = JobMaker.readyToSign("IN");
        String[] measured = {
            "shaftGauge",
            "OUTSIDE_MICROMETER",
            "shaftA1",
            "44.46",
            "shaftA2",
            "44.96",
            "shaftB1",
            "44.962",
            "shaftB2",
            "44.958",
            "boreGauge",
            "BORE_GAUGE_3",
            "boreA1",
            "62.015",
            "boreA2",
            "62.015",
            "depthGauge",
            "DEPTH_MICROMETER",
            "stopDepth",
            "10.5",
            "groundFrom",
            "-4",
            "groundTo",
            "16",
            "surface",
            "SMOOTH",
            "shaftEnd",
            "FULL_CHAMFER",
            "entersFrom",
            "IN",
            "shaftStands",
            ""
        };
        JobMaker.keep(number, Stage.MEASURE, measured);
        Page page = at("marisol", "/jobs/" + number + "/measure");
        assertThat(page.locator("#echo-shaftA1 .doubt"))
                .hasText("0.50 mm less than its neighbours: half a turn of the thimble?");
        assertThat(work(number).findings()).noneMatch(f -> f.finding().id().equals("shaft-size"));
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> JOBS.sign(number, JobMaker.person("marisol")))
                .withMessageContaining("Read it again, or say that it stands");
        measured[measured.length - 1] = "YES";
        JobMaker.keep(number, Stage.MEASURE, measured);
        assertThat(work(number).findings())
                .anyMatch(f -> f.finding().id().equals("shaft-size")
                        && f.finding().status().name().equals("FAIL"));
        Workshop.close(page);
    }

    @Test
    void whatWasRefusedHasTheFirstWrongFieldInViewWithTheFocus() {
        Page page = Workshop.page("jacinta", ColorScheme.LIGHT, 1280, 800);
        refused(page, "/machines", Map.of("name", "x"), "main form.grid2 button.keep", "place");
        refused(page, "/machines/1", Map.of("name", "x", "size", "45x"), "form.grid2 button.keep", "size");
        refused(page, "/start", Map.of("place", "hall"), "#start-new", "medium");
        refused(page, "/store", Map.of("lot-batch", "B", "lot-count", "many"), ".add button.keep", "lot-kind");
        refused(
                page,
                "/settings",
                Map.of("gauges-name", "micrometer 9"),
                "form[action='/settings/gauges'] button",
                "gauges-kind");
        refused(page, "/people", Map.of(), "main form button.keep", null);
        String number = JobMaker.madeSafe();
        refused(page, "/jobs/" + number + "/measure", Map.of("runoutTir", "wide"), "#go button.keep", "runoutTir");
        assertThat(page.locator(".refused")).containsText("Not saved yet");
        refused(
                page,
                "/jobs/" + JobMaker.readyToSign("IN") + "/sign",
                Map.of(),
                "form[action$='/signature'] button",
                "password");
        Workshop.close(page);
    }

    /** Forms that stand open or folded on a page, sent as they are: what they ask for has the focus. */
    @ParameterizedTest
    @CsvSource({
        "/people, /people/visita/withdraw, why",
        "/store/1, /store/1/scrapped, count",
        "/settings, /settings/materials, minC",
        "/machines/positions/1, /machines/positions/1/limits, what",
        "/sections/2, /sections/2/put-away, why",
        "/jobs/26-0005/strip, /jobs/26-0005/steps/strip-open, why",
        "/jobs/26-0005/strip, /jobs/26-0005/parts, kind",
        "/jobs/26-0005/fit, /jobs/26-0005/entries, what",
        "/jobs/26-0005/fit, /jobs/26-0005/timers, what",
        "/jobs/26-0005/sign, /jobs/26-0005/notes, text",
        "/jobs/26-0005/sign, /jobs/26-0005/withdrawal, why",
        "/jobs/26-0005/sign, /jobs/26-0005/reviews, remark",
        "/account, /account/password, old",
        "/records, /records/in, file",
        "/watches/1, /watches/1/entries, figure",
        "/watches/1, /watches/1/advice, advice",
        "/watches/1, /watches/1/withdrawal, why",
        "/watches/new?position=1, /watches/new, kind"
    })
    void whatIsAskedForHasTheFocus(String at, String action, String field) {
        Page page = at("jacinta", at);
        var form = page.locator("main form[action='" + action + "']:has([name=" + field + "])")
                .first();
        form.evaluate("f => { for (let d = f; d; d = d.parentElement) if (d.tagName === 'DETAILS') d.open = true; }");
        form.locator("button:not([formaction])").first().press("Enter");
        page.waitForFunction(
                "([path, name]) => { const a = document.activeElement;"
                        + " const said = document.querySelectorAll('.wrong, .refused').length;"
                        + " const r = a.getBoundingClientRect();"
                        + " return said > 0 && a.name === name && a.form.getAttribute('action') === path"
                        + " && r.top >= 0 && r.bottom <= innerHeight; }",
                List.of(action, field));
        Workshop.close(page);
    }

    /** @param field that has to have the focus; absent: any field that is said to be wrong */
    private static void refused(Page page, String path, Map<String, String> typed, String send, String field) {
        page.navigate(Workshop.address() + path);
        typed.forEach((name, text) -> page.fill("#" + name, text));
        page.evaluate("() => { window.before = true; }");
        page.locator(send).first().click();
        page.waitForFunction("() => !window.before && document.readyState === 'complete'");
        page.waitForFunction("() => document.activeElement !== document.body");
        assertThat((Boolean) page.evaluate(IN_VIEW)).as(path).isTrue();
        if (field != null) {
            assertThat((String) page.evaluate(FIRST_FOCUS)).as(path).isEqualTo(field);
        }
    }

    /** What comes back from the server replaces the button between press and release. */
    @Test
    void aButtonThatIsMadeAnewUnderTheFingerIsPressed() {
        Page page = at("marisol", "/jobs/" + JobMaker.open() + "/intake");
        var no = page.locator(".ask-next button:has-text('No')").first();
        no.scrollIntoViewIfNeeded();
        var box = no.boundingBox();
        String first = page.locator(".ask-next b").textContent();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        no.evaluate("b => { const anew = b.cloneNode(true); b.replaceWith(anew); htmx.process(anew); }");
        page.mouse().up();
        assertThat(page.locator(".ask-next b")).not().hasText(first);
        assertThat(page.locator("select[id^=sign]:has(option[value=ABSENT]:checked)"))
                .hasCount(1);
        Workshop.close(page);
    }

    @Test
    void aSecondTapOnAPlaceThatHasSlidIsNotTaken() {
        Page page = at("marisol", "/jobs/" + JobMaker.open() + "/intake");
        var no = page.locator(".ask-next button:has-text('No')").first();
        no.scrollIntoViewIfNeeded();
        var box = no.boundingBox();
        String first = page.locator(".ask-next b").textContent();
        page.mouse().click(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().click(box.x + box.width / 2, box.y + box.height / 2);
        assertThat(page.locator(".ask-next b")).not().hasText(first);
        assertThat(page.locator("select[id^=sign]:has(option[value=ABSENT]:checked)"))
                .hasCount(1);
        Workshop.close(page);
    }

    @Test
    void noStageIsTallerThanWhatItShows() {
        // a shop of its own: what other tests put into the store is offered in lists, and makes them longer
        try (var own = Workshop.start(Workshop.temporary("joropo-tall"), true)) {
            String at = "http://127.0.0.1:" + own.getEnvironment().getProperty("local.server.port");
            Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
            Workshop.signIn(page, at, "marisol");
            noneIsTaller(page, at, List.of("26-0005", "26-0009", "26-0011"));
            noneIsTaller(Workshop.page("marisol"), Workshop.address(), List.of(JobMaker.open()));
        }
    }

    private static void noneIsTaller(Page page, String at, List<String> jobs) {
        for (String number : jobs) {
            for (Stage stage : Stage.values()) {
                page.navigate(at + "/jobs/" + number + "/" + stage.path());
                assertThat((Integer) page.evaluate("() => document.documentElement.scrollHeight"))
                        .as(number + " " + stage.path())
                        .isLessThanOrEqualTo(800);
                assertThat((Integer) page.evaluate("() => document.querySelector('.entries').scrollHeight"))
                        .as("two screens: " + number + " " + stage.path())
                        .isLessThanOrEqualTo(2 * 800);
            }
        }
        Workshop.close(page);
    }

    @Test
    void aStripLogOfNinePartsIsNineTapsAndItsDrawingTakesThemToo() {
        String number = JobMaker.madeSafe();
        Page page = at("marisol", "/jobs/" + number + "/strip");
        Entries entries = new Entries(page).at("strip");
        int n = 0;
        for (String kind :
                List.of("COVER", "BOLT", "GASKET", "RETAINING_RING", "WASHER", "SPACER", "KEY", "COUPLING")) {
            entries.tap("#off-" + kind);
            n++;
            assertThat(page.locator(".strip-log > li")).hasCount(n);
        }
        page.locator("#drawing [data-kind=LIP_SEAL]")
                .first()
                .click(new com.microsoft.playwright.Locator.ClickOptions().setForce(true));
        assertThat(page.locator(".strip-log > li")).hasCount(9);
        assertThat(page.locator(".strip-log > li").first()).containsText("lip seal");
        assertThat(entries.total() + 1).isEqualTo(9);
        Workshop.close(page);
    }

    @Test
    void theFirstOwnVerdictIsNineEntriesFromTheSignIn() {
        Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
        Entries entries = new Entries(page).at("first verdict");
        page.navigate(Workshop.address() + "/login");
        entries.fill("username", "marisol", "password", "guasimo-marisol").tapThrough("button.keep");
        entries.tapThrough(".rooms a:has-text('Quick checks')").tapThrough("a[href='/checks/diameter']");
        entries.fill("nominalMm", "45", "toleranceClass", "h11", "a1", "44.96", "a2", "44.96");
        assertThat(page.locator(".quick-verdict b")).containsText("take care"); // no gauge is named
        assertThat(entries.total()).isLessThanOrEqualTo(9);
        Workshop.close(page);
    }

    /** A job is typed in one unit by one and read in another by the other: the same depth. */
    @Test
    void aBareFigureOfAnInchSheetIsInches() {
        String number = JobMaker.madeSafe();
        Workshop.bean(JobSheets.class)
                .keep(
                        number,
                        Stage.MEASURE,
                        new Posted("x", 0, LengthUnit.INCH, Map.of("stopDepth", "0.5")),
                        JobMaker.person("marisol"));
        assertThat(JOBS.snapshot(number).sheets())
                .flatExtracting(Snapshot.Sheet::lines)
                .extracting(Snapshot.Line::understood)
                .contains("12.700 mm");
    }
}
