package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.register.NewPositionBuilder;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/** A joint of several rings is one job: measured, chosen, fitted in its order, signed. */
class RingJobIT {
    private final JobListsService lists = Workshop.bean(JobListsService.class);
    private final JobService jobs = Workshop.bean(JobService.class);
    private final Person person = JobMaker.person("marisol");

    private static String opened() {
        String number = JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.O_RING)
                .name("cylinder")
                .medium(Medium.OIL)
                .dirt(Dirt.DUST)
                .note("")
                .build());
        JobMaker.keep(
                number,
                Stage.INTAKE,
                "symptom",
                "DRIPPING",
                "levelSeen",
                "yes",
                "breatherSeen",
                "yes",
                "aboveSeen",
                "yes",
                "ringFluid",
                "HLP_OIL",
                "ringPressureMpa",
                "5",
                "ringPressureSide",
                "IN",
                "ringPressureTurns",
                "NO",
                "ringColdestC",
                "0",
                "ringHottestC",
                "60");
        JobMaker.keep(number, Stage.STRIP, "isolated", "yes", "locked", "yes", "pressureOff", "yes");
        return number;
    }

    private JobWork work(String number) {
        return Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(number));
    }

    private Status status(String number, String id) {
        return work(number).findings().stream()
                .map(f -> f.finding())
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .status();
    }

    private static void at(Page page, String number, String stage) {
        page.navigate(Workshop.address() + "/jobs/" + number + "/" + stage);
        Filling.unfold(page);
    }

    private static void keep(Page page, String next) {
        page.click("#go button.keep");
        page.waitForURL("**/" + next);
    }

    @Test
    void aForgottenRingOrALengthThatCannotBeIsSaidAtItsField() {
        String number = opened();
        Page page = Workshop.page("marisol");
        at(page, number, "measure");
        Filling.fill(page, "ringGland", "PISTON", "ringMotion", "STATIC", "ringCounter", "60", "ringGroove", "61");
        Filling.fill(page, "ringWidth", "4.8");
        assertThat(page.locator("#echo-ringGroove .wrong")).containsText("Must be below the bore");
        Filling.fill(page, "ringGroove", "54.36");
        assertThat(page.locator("#echo-ringGroove .wrong")).hasCount(0);
        keep(page, "decide");
        Filling.fill(page, "ring", "999");
        assertThat(page.locator("#echo-ring .wrong")).containsText("no dash size");
        Filling.fill(page, "ring", "");
        page.click("#go button.keep");
        assertThat(page.locator("#echo-ring .wrong")).containsText("No ring is decided yet.");
        Workshop.close(page);
    }
}
