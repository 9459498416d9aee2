package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.job.JobSheets.Posted;
import joropo.app.ui.Closed;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is typed is never lost: drafts, two windows, ended sessions, struck readings, revisions, one signature. */
class DraftsIT {
    private static final JobService jobs = Workshop.bean(JobService.class);
    private static final JobSheets sheets = Workshop.bean(JobSheets.class);

    private static String url(String number, String stage) {
        return Workshop.address() + "/jobs/" + number + "/" + stage;
    }

    @AfterEach
    void theBrowserHasNothingToComplainOf() {}

    @Test
    void everyChangeIsSavedAndJudgedAndDrawnWithoutASaveButton() {
        Page page = Workshop.own("marisol");
        String number = JobMaker.madeSafe();
        page.navigate(url(number, "measure"));
        assertThat(page.locator("#drawing")).containsText("not read or decided yet");
        page.fill("#stopDepth", "0.4134 in");
        assertThat(page.locator("#echo-stopDepth")).containsText("10.500 mm");
        assertThat(page.locator("#drawing svg")).containsText("10.50");
        page.selectOption("#surface", "PIT");
        assertThat(page.locator("#rail .finding").first()).containsText("wrong");
        assertThat(page.locator(".journal.is-now")).containsText("out of limits");
        page.reload();
        assertThat(page.locator("#stopDepth")).hasValue("0.4134 in");
        Workshop.close(page);
    }

    @Test
    void leavingThePageAtOnceLosesNothingThatWasTyped() {
        Page page = Workshop.own("marisol");
        String number = JobMaker.madeSafe();
        page.navigate(url(number, "measure"));
        for (int i = 1; i <= 5; i++) {
            Filling.unfold(page);
            page.fill("#stopDepth", "10." + i);
            page.click(".journal >> nth=3");
            page.waitForURL("**/decide");
            page.keyboard().press("[");
            page.waitForURL("**/measure");
            assertThat(page.locator("#stopDepth")).hasValue("10." + i);
        }
        assertThat(page.locator("#held .notice")).hasCount(0);
        Workshop.close(page);
    }

    @Test
    void aSecondWindowWithOlderTypingIsToldAndBothTextsStay() {
        Page first = Workshop.own("marisol");
        Page second = Workshop.own("tobias");
        String number = JobMaker.madeSafe();
        first.navigate(url(number, "measure"));
        second.navigate(url(number, "measure"));
        first.fill("#stopDepth", "10.5");
        assertThat(first.locator("#echo-stopDepth")).containsText("10.500 mm");
        second.fill("#stopDepth", "11.5");
        assertThat(second.locator("#held .notice")).containsText("Both texts are kept");
        assertThat(second.locator("#held tbody")).containsText("11.5");
        assertThat(second.locator("#held tbody")).containsText("10.5");
        assertThat(second.locator("#stopDepth")).hasValue("11.5");
        second.click("#go button.keep");
        assertThat(second.locator(".notice").first()).containsText("Not saved yet");

        first.reload();
        assertThat(first.locator("#stopDepth")).hasValue("10.5");
        assertThat(first.locator("#held tbody")).containsText("11.5");
        second.getByText("Go on with what is here").click();
        assertThat(second.locator("#stopDepth")).hasValue("11.5");
        assertThat(second.locator("#held .notice")).hasCount(0);
        Workshop.close(first);
        Workshop.close(second);
    }

    @Test
    void anEndedSessionLosesNothingThatWasTyped() {
        Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
        Workshop.signIn(page, Workshop.address(), "marisol");
        String number = JobMaker.madeSafe();
        page.navigate(url(number, "measure"));
        page.context().clearCookies();
        page.fill("#stopDepth", "10.77");
        assertThat(page.locator("#signed-out")).isVisible();
        assertThat(page.locator("#stopDepth")).hasValue("10.77");
        page.click("#signed-out a");
        page.fill("#username", "marisol");
        page.fill("#password", "guasimo-marisol");
        page.click("button.keep");
        page.waitForURL("**/measure**");
        assertThat(page.locator("#stopDepth")).hasValue("10.77");
        assertThat(page.locator("#echo-stopDepth")).containsText("10.770 mm");
        Workshop.close(page);
    }

    @Test
    void anEndedSessionShowsThePlainFormItsTextsBack() {
        Page page = Workshop.stranger(ColorScheme.LIGHT, 1280, 800);
        Workshop.signIn(page, Workshop.address(), "marisol");
        Workshop.unscripted(page);
        page.navigate(url(JobMaker.madeSafe(), "measure"));
        page.fill("#stopDepth", "10.77");
        page.context().clearCookies();
        page.click("#go button.keep");
        assertThat(page.locator("h1")).hasText("You were signed out");
        assertThat(page.locator("dl.kept")).containsText("10.77");
        Workshop.close(page);
    }

    @Test
    void aReadingTakenWrongIsStruckAndStaysVisible() {
        Page page = Workshop.own("marisol");
        String number = JobMaker.madeSafe();
        page.navigate(url(number, "measure"));
        page.fill("#shaftA1", "44.471");
        assertThat(page.locator("#echo-shaftA1")).containsText("44.471 mm");
        page.reload();
        page.click("summary[aria-label='strike A at the old track, 12 to 6']");
        page.click("button[value=shaftA1]");
        assertThat(page.locator("#echo-shaftA1 .wrong")).containsText("needs its reason");
        page.click("summary[aria-label='strike A at the old track, 12 to 6']");
        page.fill("[id='shaftA1.why']", "half a turn misread");
        page.click("button[value=shaftA1]");
        assertThat(page.locator(".struck")).containsText("44.471 mm half a turn misread");
        assertThat(page.locator("#shaftA1")).hasValue("");
        Workshop.close(page);
    }

    /** A browser sends a form again when its connection broke before the answer came. */
    @Test
    void aStrikeThatComesTwiceCountsOnce() {
        String number = JobMaker.madeSafe();

        var marisol = JobMaker.person("marisol");
        Map<String, String> texts = Map.of("shaftA1", "44.471", "shaftA2", "44.96");
        long seq = sheets.type(number, Stage.MEASURE, new JobSheets.Posted("w1", 0, LengthUnit.MM, texts), marisol)
                .window()
                .seq();
        var posted = new JobSheets.Posted("w1", seq, LengthUnit.MM, texts);
        for (int i = 0; i < 2; i++) {
            JobPage view = sheets.strike(number, Stage.MEASURE, posted, "shaftA1", "half a turn misread", marisol);
            JobPage.FieldView field = view.sheet().cards().stream()
                    .flatMap(c -> c.fields().stream())
                    .filter(f -> f.name().equals("shaftA1"))
                    .findFirst()
                    .orElseThrow();
            assertThat(field.struck()).containsExactly(new Typed.Struck("44.471 mm", "half a turn misread"));
            assertThat(field.text()).isEmpty();
        }
    }

    @Test
    void theUnitMayBeSwitchedAtAnyTimeWithoutChangingWhatIsStored() {
        Page page = Workshop.own("tobias");
        String number = JobMaker.madeSafe();
        page.navigate(url(number, "measure"));
        page.fill("#shaftA1", "44.96");
        page.fill("#shaftA2", "1.7700 in");
        assertThat(page.locator("#echo-shaftA2")).containsText("44.958 mm");
        page.click(".turn");
        assertThat(page.locator("#shaftA1")).hasValue("44.96 mm");
        page.fill("#shaftB1", "1 49/64");
        assertThat(page.locator("#echo-shaftB1")).containsText("44.847 mm");
        page.click(".turn");
        assertThat(page.locator("#shaftA1")).hasValue("44.96");
        assertThat(page.locator("#shaftB1")).hasValue("1 49/64 in");
        assertThat(page.locator("#echo-shaftB1")).containsText("44.847 mm");
        Workshop.close(page);
    }

    @Test
    void aWindowThatStillShowsMmIsReadInMmAfterTheUnitWasChangedElsewhere() {
        Page older = Workshop.own("tobias");
        Page newer = Workshop.own("tobias");
        String number = JobMaker.madeSafe();
        older.navigate(url(number, "measure"));
        newer.navigate(url(number, "measure"));
        newer.click(".turn");
        assertThat(newer.locator(".turn b")).hasText("in");
        older.fill("#shaftA1", "44.96");
        assertThat(older.locator("#echo-shaftA1")).containsText("44.960 mm");
        newer.click(".turn");
        assertThat(newer.locator(".turn b")).hasText("mm");
        Workshop.close(older);
        Workshop.close(newer);
    }

    @Test
    void aKeptRevisionStaysForEver() {
        String number = JobMaker.madeSafe();
        JobMaker.keep(number, Stage.MEASURE, "shaftA1", "44.9", "shaftA2", "44.9");
        JobMaker.keep(number, Stage.MEASURE, "shaftA1", "44.8", "shaftA2", "44.9");
        assertThat(sheets.page(number, Stage.MEASURE, JobMaker.person("marisol"))
                        .window()
                        .revision())
                .isEqualTo(2);
        Page page = Workshop.own("visita");
        page.navigate(url(number, "measure"));
        page.click("a[aria-label='revision 1']");
        assertThat(page.locator("h1")).hasText("Measure, revision 1");
        assertThat(page.locator("main tbody tr").first()).containsText("44.9 mm");
        assertThat(page.navigate(url(number, "measure/revisions/3")).status()).isEqualTo(404);
        Workshop.close(page);
    }

    @Test
    void nothingAfterStrippingIsKeptBeforeItIsMadeSafe() {
        String number = JobMaker.open();
        Posted posted = new Posted("t", 0, LengthUnit.MM, Map.of("shaftA1", "44.9", "shaftA2", "44.9"));
        var refused = sheets.keep(number, Stage.MEASURE, posted, JobMaker.person("marisol"));
        assertThat(refused.isKept()).isFalse();
        assertThat(refused.page().head().held().why()).contains("Isolated, locked, pressure off");
        JobMaker.keep(
                number,
                Stage.STRIP,
                "isolated",
                "yes",
                "unsafeWhy",
                "no lock on this old starter, fuses drawn and carried");
        assertThat(sheets.keep(number, Stage.MEASURE, posted, JobMaker.person("marisol"))
                        .isKept())
                .isTrue();
        assertThat(jobs.snapshot(number).findings())
                .anyMatch(f -> f.id().equals("safe")
                        && f.status() == Status.CAUTION
                        && f.message().contains("fuses drawn"));
    }

    @Test
    void stepsWaitForTheHoldPointBeforeThemAndSkippingNeedsAReason() {
        String number = JobMaker.madeSafe();
        JobMaker.keep(number, Stage.DECIDE, "size", "45x62x8", "caseType", "RUBBER", "mainLip", "IN");
        var who = JobMaker.person("marisol");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> jobs.finishStep(number, "drive", null, null, who))
                .withMessageContaining("waits for the hold point");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> jobs.finishStep(number, "parts", null, " ", who))
                .withMessageContaining("needs a written reason");
        jobs.finishStep(number, "parts", null, "parts were laid out yesterday", who);
        JobMaker.newSeals(number);
        jobs.finishStep(number, "parts", null, null, who);
        assertThat(jobs.snapshot(number).steps().get(0).skippedWhy())
                .as("the first word stands")
                .isEqualTo("parts were laid out yesterday");
    }

    /** A tick on "open side faces inside" is none on "open side faces outside". */
    @Test
    void aStepThatSaysSomethingElseIsOpenAgain() {
        String number = JobMaker.madeSafe();
        String[] seal = {
            "size", "45x62x8", "layout", "DUST_LIP", "material", "HNBR", "caseType", "RUBBER", "mainLip", "IN"
        };
        JobMaker.keep(number, Stage.DECIDE, seal);
        JobMaker.settle(number);
        var who = JobMaker.person("marisol");
        JobMaker.newSeals(number);
        List.of("parts", "clean", "dry-trial", "way-round")
                .forEach(step -> jobs.finishStep(number, step, null, null, who));
        assertThat(open(number)).doesNotContain("way-round");
        String read = sheets.page(number, Stage.FIT, who).plan().steps().stream()
                .filter(s -> s.step().id().equals("way-round"))
                .findFirst()
                .orElseThrow()
                .step()
                .instruction();
        seal[9] = "OUT";
        JobMaker.keep(number, Stage.DECIDE, seal);
        assertThat(open(number)).contains("way-round").doesNotContain("clean");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> jobs.finishStep(number, "way-round", read, null, who))
                .withMessageContaining("says something else by now");
        Page page = Workshop.own("marisol");
        page.navigate(Workshop.address() + "/jobs/" + number + "/fit");
        assertThat(page.locator("#step-way-round")).containsText("changed since it was ticked by Marisol Araguaney");
        page.click("#done-way-round");
        assertThat(page.locator("#step-way-round")).hasCount(0);
        seal[9] = "IN";
        JobMaker.keep(number, Stage.DECIDE, seal);
        assertThat(open(number)).as("turned twice, ticked once the other way").contains("way-round");
        Workshop.close(page);
    }

    private static List<String> open(String number) {
        return sheets.page(number, Stage.FIT, JobMaker.person("marisol")).plan().steps().stream()
                .filter(s -> s.done() == null)
                .map(s -> s.step().id())
                .toList();
    }

    @Test
    void aDoubleClickSignsOnce() throws Exception {
        String number = JobMaker.readyToSign("IN");
        Page page = Workshop.own("marisol");
        page.navigate(url(number, "sign"));
        page.fill("#password", "guasimo-marisol");
        page.dblclick("#sign");
        assertThat(page.locator("#sign-head")).hasText("Signed");
        Workshop.close(page);
        String again = JobMaker.readyToSign("IN");
        var pool = Executors.newFixedThreadPool(4);
        Callable<Boolean> sign = () -> {
            jobs.sign(again, JobMaker.person("marisol"));
            return true;
        };
        for (var done : pool.invokeAll(IntStream.range(0, 8).mapToObj(i -> sign).toList())) {
            assertThat(done.get()).isTrue();
        }
        pool.shutdown();
        var jdbc = Workshop.bean(JdbcTemplate.class);
        for (String n : List.of(number, again)) {
            assertThat(jdbc.queryForObject(
                            "select count(*) from signature s join job j on j.id = s.job_id where j.number = ?",
                            Integer.class,
                            n))
                    .isEqualTo(1);
            assertThat(jdbc.queryForObject("select count(*) from act where what = ?", Integer.class, "signed job " + n))
                    .isEqualTo(1);
        }
    }

    @Test
    void aSignedJobIsFrozenAndTakesAddendaOnly() {
        String number = JobMaker.readyToSign("IN");
        jobs.sign(number, JobMaker.person("marisol"));
        Snapshot before = jobs.snapshot(number);
        assertThatExceptionOfType(Closed.class)
                .isThrownBy(() -> JobMaker.keep(number, Stage.SET, "playMeasured", "9"))
                .withMessageContaining("not changed any more");
        Page page = Workshop.own("marisol");
        page.navigate(url(number, "sign"));
        assertThat(page.locator("#remark")).isDisabled();
        page.fill("#addendum", "Looked again after a week: dry.");
        page.getByText("Add", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator("main .lines")).containsText("Looked again after a week: dry.");
        Workshop.close(page);
        assertThat(jobs.snapshot(number)).isEqualTo(before);
        assertThat(before.signer()).isEqualTo("Marisol Araguaney");
    }

    @Test
    void whatDoesNotHoldWantsAConcessionOfALead() {
        String number = JobMaker.readyToSign("OUT");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> jobs.sign(number, JobMaker.person("jacinta")))
                .withMessageContaining("a lead writes a concession");
        JobMaker.keep(
                number,
                Stage.SIGN,
                "concession",
                "Reversed until the purge line is back; look daily.",
                "concessionWhy",
                "no purge line before Friday",
                "concessionExpected",
                "a drop an hour",
                "concessionFallback",
                "stop at the next drop a minute",
                "concessionLook",
                "2026-12-01");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> jobs.sign(number, JobMaker.person("marisol")))
                .withMessageContaining("only a lead signs");
        jobs.sign(number, JobMaker.person("jacinta"));
        assertThat(jobs.snapshot(number).concession()).startsWith("Reversed until");
    }
}
