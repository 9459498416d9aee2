package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.register.NewPositionBuilder;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.PartKind;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;
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
        page.evaluate("() => document.querySelectorAll('details.fold').forEach(d => { d.open = true; })");
    }

    private static void keep(Page page, String next) {
        page.click("#sheet .act button.keep");
        page.waitForURL("**/" + next);
    }

    @Test
    void aJointOfFourRingsFromTheBenchToTheSignature() {
        String number = opened();
        var store = Workshop.bean(JobStore.class);
        store.addItem(number, PartKind.O_RING, "U-cup", person);
        store.addItem(number, PartKind.O_RING, "wiper", person);
        store.addItem(number, PartKind.O_RING, "piston ring", person);
        Page page = Workshop.page("marisol");
        at(page, number, "measure");
        Filling.fill(page, "ringGland", "PISTON", "ringMotion", "STATIC", "ringCounter", "60", "ringGroove", "54.36");
        Filling.fill(
                page, "ringWidth", "2", "ringGap", "0.1", "ringReadTo", "0.02", "ringRa", "0.8", "ringNoMark", "YES");
        assertThat(page.locator("#rail")).containsText("No listed ring belongs into this gland.");
        Filling.fill(page, "ringWidth", "4.8");
        assertThat(page.locator("#rail")).containsText("227 = 53.57x3.53 belongs");
        page.click("#item-tabs a >> nth=1");
        Filling.fill(page, "i2-ringSort", "U_CUP");
        page.click("#item-tabs a >> nth=2");
        Filling.fill(page, "i3-ringSort", "WIPER");
        page.click("#item-tabs a >> nth=3");
        Filling.fill(page, "i4-ringSort", "SLIDE", "i4-ringGland", "PISTON", "i4-ringMotion", "RECIPROCATING");
        Filling.fill(
                page, "i4-ringCounter", "80", "i4-ringGroove", "69", "i4-ringWidth", "4.2", "i4-ringReadTo", "0.02");
        keep(page, "decide");
        page.click("#item-tabs a >> nth=0");
        page.click("#ring-sizes button >> nth=0");
        page.waitForURL("**/decide**");
        assertThat(page.locator("#ring")).hasValue("227");
        Filling.fill(page, "ringMaterial", "NBR", "ringHardness", "70", "ringBackups", "0");
        assertThat(page.locator("#drawing")).containsText("closed: piston");
        page.click("#item-tabs a >> nth=1");
        Filling.fill(page, "i2-ringMaterial", "AU", "i2-ringFaces", "IN", "i2-ringByMaker", "YES");
        page.click("#item-tabs a >> nth=2");
        Filling.fill(page, "i3-ringMaterial", "AU", "i3-ringFaces", "IN", "i3-ringByMaker", "YES");
        assertThat(page.locator("#rail")).containsText("It faces the wrong way. A wiper faces outward");
        Filling.fill(page, "i3-ringFaces", "OUT");
        assertThat(page.locator("#rail")).not().containsText("faces the wrong way");
        page.click("#item-tabs a >> nth=3");
        Filling.fill(page, "i4-ringInside", "66.27", "i4-ringSection", "3.53", "i4-ringMaterial", "PTFE");
        page.click("#sheet .act button.keep");
        assertThat(page.locator("#echo-i4-ringSlideThick .wrong")).containsText("judged with its loader");
        Filling.fill(page, "i4-ringSlideThick", "2.5", "i4-ringSlideWide", "4.05");
        keep(page, "fit");
        page.click("#item-tabs a >> nth=0");
        Filling.fill(page, "ringPassOver", "60", "ringLeadIn", "3");
        keep(page, "set");
        Workshop.close(page);
        assertThat(status(number, "squeeze")).isEqualTo(Status.PASS);
        assertThat(status(number, "extremes")).isEqualTo(Status.PASS);
        assertThat(status(number, "i2-way-round")).isEqualTo(Status.PASS);
        List<Step> plan = work(number).plan();
        assertThat(plan)
                .extracting(Step::rule)
                .containsSubsequence("parts", "clean", "cover", "twist", "way-round", "look", "draw", "prove");
        assertThat(plan).extracting(Step::id).containsSubsequence("twist", "i2-way-round", "i3-way-round", "look");

        for (String part : List.of("ring", "i2-ring", "i3-ring", "i4-ring", "i4-loader")) {
            lists.decide(number, part, PartState.NEW, null, "batch R-1, cured 2Q2025", "", person);
        }
        assertThat(plan)
                .extracting(Step::id)
                .containsSubsequence("i3-way-round", "i4-loader", "i4-in", "i4-lies", "look");
        assertThat(JobRules.openBeforeSigning(
                        Workshop.bean(JobStore.class).load(number), work(number), person, java.time.Instant.now()))
                .anyMatch(o -> o.contains("hold points of the plan are neither done"));
        plan.forEach(s -> jobs.finishStep(number, s.id(), null, null, person));
        JobMaker.keep(
                number, Stage.SET, "tightened", "yes", "lockedUp", "yes", "countedOut", "yes", "guardsBack", "yes");
        JobMaker.keep(
                number, Stage.PROVE, "handTurn", "EVEN", "firstRun", "DRY", "levelRight", "yes", "breatherFree", "yes");
        Page sign = Workshop.page("marisol");
        at(sign, number, "sign");
        sign.click("#sign");
        assertThat(sign.locator("#sign-head")).hasText("Signed");
        Workshop.close(sign);
        assertThat(jobs.snapshot(number).signer()).isEqualTo(person.fullName());
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
        page.click("#sheet .act button.keep");
        assertThat(page.locator("#echo-ring .wrong")).containsText("No ring is decided yet.");
        Workshop.close(page);
    }
}
