package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.section.BenchService;
import joropo.app.section.SectionRole;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;

/**
 * The sections of a job: begun from its sheets, arranged on the bench, agreed with the sheets, followed by the plan,
 * kept when it is signed.
 */
class JobSectionsIT {
    private static void at(Page page, String number, String stage) {
        page.navigate(Workshop.address() + "/jobs/" + number + "/" + stage);
        Filling.unfold(page);
    }

    private static Locator rail(Page page, String words) {
        return page.locator("#rail li", new Page.LocatorOptions().setHasText(words));
    }

    private static String measured() {
        String number = JobMaker.madeSafe();
        JobMaker.keep(
                number,
                Stage.MEASURE,
                "shaftGauge",
                "OUTSIDE_MICROMETER",
                "shaftA1",
                "44.96",
                "shaftA2",
                "44.96",
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
                "IN");
        JobMaker.keep(
                number,
                Stage.DECIDE,
                "size",
                "45x62x8",
                "layout",
                "DUST_LIP",
                "material",
                "HNBR",
                "caseType",
                "RUBBER",
                "mainLip",
                "IN");
        return number;
    }

    @Test
    void whatIsMovedOnTheBenchStandsOnTheSheetsAndLaterWordsGoBeforeIt() {
        String number = measured();
        Page page = Workshop.page("marisol");
        at(page, number, "decide");
        page.click("text=Arrange it on the bench");
        page.waitForURL("**/sections/*");
        assertThat(page.locator(".bench-head")).containsText("job " + number + ", as planned");
        page.click(".rows [data-row=b0]");
        page.click("text=Turn round");
        assertThat(page.locator(".quick-verdict")).containsText("wrong");
        at(page, number, "decide");
        assertThat(page.locator("#mainLip")).hasValue("OUT");
        assertThat(rail(page, "lip against its medium").first()).containsText("it will leak at once");
        page.click("text=Arrange it on the bench");
        page.waitForURL("**/sections/*");
        page.click("#work [data-key=z]");
        assertThat(page.locator(".quick-verdict")).not().containsText("wrong");
        page.click(".rows [data-row=b1]");
        page.fill("#figures #fromMm", "12");
        page.keyboard().press("Tab");
        assertThat(page.locator("#work")).containsText("12.00");
        at(page, number, "decide");
        assertThat(page.locator("#mainLip")).hasValue("IN");
        assertThat(page.locator(".to-bench")).containsText("h1: from 12.0, before 10.5");
        assertThat(page.locator("#drawing svg").first()).containsText("12.00");

        at(page, number, "measure");
        page.fill("#stopDepth", "11.5");
        assertThat(page.locator("#echo-stopDepth")).containsText("11.500 mm");
        at(page, number, "decide");
        assertThat(page.locator("#drawing svg").first()).containsText("11.50");
        Workshop.close(page);
    }

    @Test
    void whatWasFoundIsKeptBesideItAndCompared() {
        Page page = Workshop.page("jacinta");
        at(page, "26-0006", "strip");
        page.click("text=Section as found");
        page.waitForURL("**/sections/*");
        assertThat(page.locator(".bench-head")).containsText("as found");
        at(page, "26-0006", "decide");
        assertThat(page.locator("#rail")).containsText("Found a washer that is not in the kit.");
        page.click("text=other ways");
        page.click("text=Kit against what was found");
        assertThat(page.locator("main"))
                .containsText("It faces inside; the one found faced outside: somebody may have had a reason.");
        assertThat(page.locator("main")).containsText("The opening of the washer is not as on the one found.");
        assertThat(page.locator(".two-drawings svg")).hasCount(2);
        Workshop.close(page);
    }

    /**
     * A ring and a washer are put in on the bench: the plan says when, and the drawing shows which part is now to go
     * in.
     */
    @Test
    void thePlanFollowsTheSectionAndShowsThePartThatIsToGoIn() {
        String number = measured();
        var person = JobMaker.person("marisol");
        var planned = Workshop.bean(JobBench.class);
        long id = planned.arrange(number, SectionRole.PLANNED, person);
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/sections/" + id + "?at=p0");
        for (String kind : List.of("RING", "SPACER", "CLOCK_MARK")) {
            page.selectOption("#put-in", kind);
            page.click("text=Put in >> nth=-1");
            assertThat(page.locator("#in-hand"))
                    .containsText(
                            kind.equals("RING") ? "retaining ring" : kind.equals("SPACER") ? "washer" : "clock mark");
        }
        Section section = planned.of(number, SectionRole.PLANNED).orElseThrow();
        assertThat(section.boreItems()).extracting(BoreItem::id).containsExactly("n1", "n2", "s1", "h1");
        at(page, number, "fit");
        assertThat(page.locator("#steps")).containsText("Clock mark: port on top, at 12 o'clock seen from outside.");
        var jobs = Workshop.bean(JobService.class);
        List<String> before =
                List.of("parts", "clean", "dry-trial", "way-round", "clock-1", "outside", "lip", "between", "edges");
        JobMaker.settle(number);
        JobMaker.newSeals(number);
        before.forEach(step -> jobs.finishStep(number, step, null, null, person));
        at(page, number, "fit");
        Locator chosen = page.locator("#drawing .wide-drawing .chosen");
        assertThat(chosen).hasCount(1);
        assertThat(page.locator("#steps .is-ready").first()).containsText("Start the seal by hand");
        double seal = chosen.boundingBox().width;
        JobMaker.depths(number);
        List.of("start", "drive", "depth").forEach(step -> jobs.finishStep(number, step, null, null, person));
        at(page, number, "fit");
        assertThat(chosen).hasCount(0); // at a hold point nothing goes in
        page.locator("#steps .is-ready .done").first().click();
        assertThat(page.locator("#steps .is-ready").first())
                .containsText("Put in the washer n2, its outer face at 2.20 mm.");
        assertThat(chosen).hasCount(1);
        assertThat(chosen.boundingBox().width).as("now the washer stands out").isLessThan(seal * 0.7);
        assertThat(page.locator("#steps"))
                .containsText("Retaining ring n1 into its groove, rounded edge to the side of the load: clicked, felt "
                        + "and tapped home all round.");
        Workshop.close(page);
    }

    @Test
    void aSignedJobLeavesItsSectionAtThePositionAndClosesIt() {
        String number = JobMaker.readyToSign("IN");
        var person = JobMaker.person("marisol");
        var sections = Workshop.bean(JobBench.class);
        long id = sections.arrange(number, SectionRole.PLANNED, person);
        Workshop.bean(JobService.class).sign(number, person);
        JobState state = Workshop.bean(JobStore.class).load(number);
        Section fitted = Workshop.bean(BenchService.class)
                .fittedAt(state.position().id())
                .orElseThrow();
        assertThat(fitted.seal().fromMm()).isEqualTo(2.5);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> sections.write(number, fitted, person))
                .withMessageContaining("closed");
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/sections/" + id);
        assertThat(page.locator("#figures .input").first()).isDisabled();
        page.navigate(Workshop.address() + "/machines/" + state.position().machineId());
        page.click("text=section as fitted");
        assertThat(page.locator(".fitted svg")).isVisible();
        page.click("text=Try something with it on the bench");
        page.waitForURL("**/sections/*");
        assertThat(page.locator(".rows")).containsText("2.50 to 10.50");
        String next = Workshop.bean(JobService.class)
                .open(state.position().id(), person)
                .number();
        long at = sections.arrange(next, SectionRole.AS_FOUND, person);
        page.navigate(Workshop.address() + "/sections/" + at);
        assertThat(page.locator(".rows")).containsText("2.50 to 10.50");
        Workshop.close(page);
    }

    /** Depths at four places, the seal proud at half past six: there the clock says to tap. */
    @Test
    void depthsAreShownAsASmallClock() {
        Page page = Workshop.page("marisol");
        at(page, "26-0003", "fit");
        assertThat(page.locator("#dial title")).hasText("Depth round the circumference; tap at 6.5 o'clock");
        assertThat(page.locator("#dial")).containsText("1.49");
        Workshop.close(page);
    }
}
