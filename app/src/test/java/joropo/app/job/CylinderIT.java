package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.core.plan.Step;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/**
 * A cylinder of seven rings from a bare register to the signature, by touch on a tablet; what goes wrong on the way is
 * caught.
 */
class CylinderIT {
    private String number = "";
    private final Page page = Workshop.page("marisol", ColorScheme.LIGHT, 820, 1180);

    private JobWork work() {
        return Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(number));
    }

    private List<String> notRight() {
        return work().findings().stream()
                .filter(f -> f.status() != Status.PASS && f.status() != Status.CAUTION)
                .map(f -> f.finding().id())
                .toList();
    }

    /** The set is typed on sheets that nobody was on yet, and kept from there: what they want is open all the same. */
    @Test
    void whatIsWantedIsNotFoldedAwayBySomethingThatWasKept() {
        number = CylinderEntries.opened();
        JobMaker.keep(number, Stage.STRIP, "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        page.navigate(Workshop.address() + "/jobs/" + number + "/strip");
        Filling.unfold(page);
        page.click("button:has-text('Add the seven rings')");
        assertThat(page.locator("#item-tabs [data-item]")).hasCount(7);
        page.navigate(Workshop.address() + "/jobs/" + number + "/measure");
        assertThat(page.locator("#ringGroove")).isVisible();
        page.click("#item-tabs [data-item='5']");
        assertThat(page.locator("#i5-ringCounter")).isVisible();
        Workshop.close(page);
    }

    @Test
    void sevenRingsInEightyFiveEntries() {
        CylinderEntries job = CylinderEntries.begun(page);
        number = job.number();
        job.strip();
        job.measure();
        job.decide();
        assertThat(page.locator("#drawing [data-seal]")).hasCount(7);
        assertThat(page.locator("#drawing .is-chosen title")).hasText("6 slide ring over its loader");
        page.locator("#drawing [data-seal='ring-3']").click();
        assertThat(page.locator("#item-tabs [aria-current]")).containsText("wiper");

        Filling.fill(page, "i4-ringFaces", "IN");
        assertThat(page.locator("#rail")).containsText("It faces the wrong way. A wiper faces outward");
        Filling.fill(page, "i4-ringFaces", "OUT");
        Filling.fill(page, "i6-ring", "");
        page.evaluate("() => { window.before = true; }"); // the words of the refusal stand there before the page is new
        page.click("#go button.keep");
        page.waitForFunction("() => !window.before && document.readyState === 'complete'");
        assertThat(page.locator("#echo-i6-ring .wrong")).containsText("No ring is decided yet.");
        Filling.fill(page, "i6-ring", "359");
        assertThat(page.locator("#rail")).not().containsText("faces the wrong way");
        assertThat(notRight()).as("what is read later").contains("i3-rod-wet", "i6-drift");

        List<Step> plan = work().plan();
        assertThat(plan)
                .extracting(Step::id)
                .containsSubsequence(
                        "parts",
                        "clean",
                        "cover",
                        "twist",
                        "i3-way-round",
                        "i4-way-round",
                        "i5-twist",
                        "i6-loader",
                        "i6-in",
                        "i6-lies",
                        "look",
                        "draw",
                        "prove")
                .doesNotContain("i2-parts");
        assertThat(plan.get(0).instruction())
                .contains("O-ring 432, NBR; guide ring; U-cup, AU; wiper, AU; O-ring 232, NBR; slide ring over its "
                        + "loader 150.00x2.50x6.10, PTFE; guide ring");
        for (String file : List.of("groove.dxf", "i6-stretch-tools.svg")) {
            assertThat(page.context()
                            .request()
                            .get(Workshop.address() + "/jobs/" + number + "/" + file)
                            .text())
                    .as(file)
                    .contains(file.endsWith("dxf") ? "AC1009" : "Sizing sleeve");
        }
        job.parts();
        job.fit();
        job.prove();
        job.sign();
        Workshop.close(page);
        assertThat(notRight()).isEmpty();
        assertThat(Workshop.bean(JobService.class).snapshot(number).items()).hasSize(7);
        assertThat(job.entries().total()).as(job.entries().byStage().toString()).isLessThanOrEqualTo(85);
    }
}
