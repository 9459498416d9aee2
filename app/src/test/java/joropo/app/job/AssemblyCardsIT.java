package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.register.NewPositionBuilder;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import org.junit.jupiter.api.Test;

/** What is set at a machine, in jobs of two kinds: by keys alone, drawn, and judged once something is typed. */
class AssemblyCardsIT {
    private static final double[] RUN = {0.02, 0.017, 0.01, 0, -0.01, -0.017, -0.02, -0.017, -0.01, 0, 0.01, 0.017};

    @Test
    void aDialRunOfTwelvePlacesIsTypedWithoutTheMouse() {
        String number = JobMaker.open();
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/jobs/" + number + "/measure");
        assertThat(page.locator("#rail")).not().containsText("Run-out, whole reading");
        page.locator("details[data-card=dial] summary").press("Enter");
        page.locator("#dial0").focus();
        int entries = 1;
        for (double value : RUN) {
            page.keyboard().type(Double.toString(value));
            page.keyboard().press("Enter");
            entries++;
        }
        assertThat(page.locator("#dialLimit")).isFocused();
        assertThat(entries).isEqualTo(13);
        assertThat(page.locator("#dial-picture svg")).containsText("high spot at 0°, off its centre by 0.020 mm");
        assertThat(page.locator("#rail")).containsText("How much it may be is not known.");
        page.keyboard().type("0.06");
        assertThat(page.locator("#right-found")).containsText("0.06");
        Filling.fill(page, "dial90", "0.09");
        assertThat(page.locator("#rail")).containsText("The reading at 90° does not go with the others");
        assertThat(page.locator("#dial-picture svg .failsln")).hasCount(1);
        Filling.fill(page, "dial90", "nothing");
        assertThat(page.locator("#echo-dial90 .wrong")).containsText("not understood");
        Workshop.close(page);
    }

    @Test
    void aPackedPumpIsSetByTheSameFigures() {
        String number = PackingJobIT.opened();
        JobMaker.keep(number, Stage.MEASURE, "boxDepth", "120", "boxEntry", "6");
        JobMaker.keep(number, Stage.DECIDE, "boxStyle", "PTFE_GRAPHITE", "boxOrder", "SHAFT");
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/jobs/" + number + "/set");
        Filling.unfold(page);
        Filling.fill(page, "vaneGaps", "0.52 0.55 0.58 0.56 0.54 0.51");
        assertThat(page.locator("#rail")).containsText("Still wanted: target, tolerance");
        Filling.fill(page, "vaneTarget", "0.7", "vaneTolerance", "0.1", "vaneShimOpens", "YES");
        Filling.fill(page, "vaneAtHand", "0.05 0.10 0.15 0.25");
        assertThat(page.locator("#rail")).containsText("In: 0.15 mm. The mean is then 0.693 mm.");
        assertThat(page.locator("#vanes-picture svg")).containsText("with the shims, mean 0.69");
        Filling.fill(page, "vaneAtHand", "nothing");
        assertThat(page.locator("#echo-vaneGaps .wrong")).isVisible();
        Filling.fill(page, "vaneAtHand", "0.15");
        Filling.fill(page, "ringGap12", "0.30", "ringGap3", "0.22", "ringGap6", "0.18", "ringGap9", "0.26");
        assertThat(page.locator("#ring-centre-picture svg"))
                .containsText("the ring moves as the arrow shows, 0.063 mm");
        Filling.fill(page, "couplingRim", "0 0.1 0.2 0.1", "couplingFace", "0 0 0 0", "couplingFaceDiameter", "200");
        Filling.fill(page, "couplingFront", "250", "couplingBack", "750", "couplingSag", "0");
        assertThat(page.locator("#coupling-picture svg")).containsText("put in 0.10");
        assertThat(page.locator("#rail")).containsText("Out of line: bearings and seal pay for it at every turn.");
        Filling.fill(page, "couplingPipes", "NO");
        assertThat(page.locator("#rail")).containsText("The pipes pull the machine out of line again.");
        Filling.fill(page, "clockTrials", "0 0.07; 2 0.0311; 5 0.0544; 6 0.0704");
        assertThat(page.locator("#rail")).containsText("Still wanted: how many index places there are.");
        Filling.fill(page, "clockPlaces", "8", "clockLimit", "0.02", "clockBalanced", "NO");
        assertThat(page.locator("#clocking-picture svg")).containsText("try 3");
        Workshop.close(page);

        Page prove = Workshop.page("tobias");
        prove.navigate(Workshop.address() + "/jobs/" + number + "/prove");
        prove.locator("details[data-card=pressure-hold] summary").click();
        Filling.fill(prove, "holdStart", "0.6", "holdEnd", "0.585");
        assertThat(prove.locator("#rail")).containsText("Still wanted: both pressures");
        Filling.fill(prove, "holdStartC", "20", "holdEndC", "20", "holdMinutes", "30", "holdMedium", "GAS");
        Filling.fill(prove, "holdLimit", "0.005", "holdReadTo", "0.002");
        assertThat(prove.locator("#rail")).containsText("It leaks.");
        Workshop.close(prove);
    }

    /** A speed that is not known is not a slow one. */
    @Test
    void aCouplingWhoseSpeedIsNotKnownIsNotInLine() {
        String number = JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.MECHANICAL_SEAL)
                .name("no speed")
                .shaftMm(50.0)
                .boreMm(80.0)
                .medium(Medium.WATER)
                .dirt(Dirt.DUST)
                .note("")
                .build());
        JobMaker.keep(
                number,
                Stage.INTAKE,
                "symptom DRIPPING levelSeen yes breatherSeen yes aboveSeen yes sealBuild CARTRIDGE".split(" "));
        Page page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/jobs/" + number + "/set");
        Filling.unfold(page);
        Filling.fill(page, "couplingRim", "0 0 0 0", "couplingFace", "0 0 0 0", "couplingFaceDiameter", "200");
        Filling.fill(page, "couplingFront", "250", "couplingBack", "750", "couplingSag", "0");
        assertThat(page.locator("#rail")).containsText("the position's speed");
        Filling.fill(page, "clockTrials", "0 0.05", "clockPlaces", "7.5");
        assertThat(page.locator("#echo-clockTrials .wrong")).containsText("Must be a whole number");
        Workshop.close(page);
    }
}
