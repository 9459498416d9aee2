package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import joropo.app.Visitor;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import org.junit.jupiter.api.Test;

/** Mechanical seals as jobs: a cartridge and a component seal from the intake to the signature. */
class SealJobIT {
    @Test
    void aCartridgeCostsSeventyEntriesAtMost() {
        Page page = Workshop.page("marisol");
        assertThat(SealEntries.cartridge(page).total()).isLessThanOrEqualTo(70);
        Workshop.close(page);
    }

    @Test
    void aComponentSealCostsNinetyAndWhatIsWrongOnTheWayIsCaught() {
        Page page = Workshop.page("marisol", ColorScheme.LIGHT, 1280, 900);
        SealEntries job = SealEntries.at(page);
        job.toFit("COMPONENT");
        assertThat(page.locator("#drawing")).containsText("set at 47.70");
        assertThat(page.locator("#steps")).containsText("the back of the unit belongs at 47.70 mm from there");

        Filling.fill(page, "sealSeatOutside", "72", "sealDepth12", "4.2", "sealDepth3", "4.1", "sealDepth6", "4");
        Filling.fill(page, "sealDepth9", "4.1", "sealDepthTo", "0.008");
        assertThat(page.locator("#rail")).containsText("The seat sits out of square");
        Filling.fill(page, "sealPlace", "48.9");
        assertThat(page.locator("#rail")).containsText("Too far in: the spring is slack and the faces part.");
        job.fitComponent();
        assertThat(page.locator("#rail")).not().containsText("The seat sits out of square");

        Filling.fill(page, "sealClipsOut", "2.6");
        assertThat(page.locator("#echo-sealClipsOut .wrong")).containsText("Must be a whole number");
        Filling.fill(page, "sealClipsOut", "2");
        assertThat(page.locator("#rail")).containsText("1 still in: the seal does not run with it.");
        Filling.fill(page, "sealMoved", "1.2");
        assertThat(page.locator("#rail")).containsText("it stands out of its band now");
        job.set("0");
        assertThat(page.locator("#rail")).not().containsText("still in");
        job.prove();
        assertThat(job.entries().total()).isLessThanOrEqualTo(90);
        Workshop.close(page);
    }

    /** An O-ring of a seal is an item of its own kind, judged by its own family. */
    @Test
    void aRingOfASealIsJudgedAsARing() throws Exception {
        Visitor visitor = new Visitor(Workshop.address()).signIn("marisol");
        String number = SealEntries.opened();
        visitor.post("/jobs/" + number + "/items", "kind", "O_RING");
        JobMaker.keep(
                number,
                Stage.INTAKE,
                "symptom DRIPPING levelSeen yes breatherSeen yes aboveSeen yes sealBuild CARTRIDGE".split(" "));
        assertThat(visitor.get("/jobs/" + number + "/decide").body()).contains("Which seal it is", "id=\"i2-ring\"");
        assertThat(Workshop.bean(JobWorks.class)
                        .of(Workshop.bean(JobStore.class).load(number))
                        .findings())
                .extracting(f -> f.finding().id())
                .contains("identity", "i2-cleaner");
    }
}
