package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.microsoft.playwright.Page;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** The job uses what the fitter has seen: places, rings, bearings, shims, boots, single nuts. */
class FoundIT {
    private final JobListsService lists = Workshop.bean(JobListsService.class);
    private final JobService jobs = Workshop.bean(JobService.class);
    private final Person person = JobMaker.person("marisol");
    private Page page;

    private static String stripped() {
        return JobMaker.madeSafe();
    }

    private long off(String number, String kind, String... noted) {
        long id = lists.remove(number, kind, "", null, person);
        Map<String, String> texts = new LinkedHashMap<>();
        for (int i = 0; i < noted.length; i += 2) {
            texts.put(noted[i], noted[i + 1]);
        }
        lists.note(number, id, texts, LengthUnit.MM, person);
        return id;
    }

    /** Its number in the job, by which its fields are named. */
    private static int inJob(long part) {
        return Workshop.bean(JdbcTemplate.class)
                .queryForObject("select number from strip_part where id = ?", Integer.class, part);
    }

    private void at(String number, String stage) {
        page.navigate(Workshop.address() + "/jobs/" + number + "/" + stage);
        Filling.unfold(page);
    }

    private JobWork work(String number) {
        return Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(number));
    }

    private static void measured(String number, String stop) {
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
                stop,
                "groundFrom",
                "-4",
                "groundTo",
                "34",
                "surface",
                "SMOOTH",
                "shaftEnd",
                "FULL_CHAMFER",
                "entersFrom",
                "IN");
    }

    private static final String[] SEAL = {
        "size", "45x62x8", "layout", "DUST_LIP", "material", "HNBR", "caseType", "RUBBER", "mainLip", "IN"
    };

    @Test
    void aRingHeldStackGoesBackToItsFoundPlaces() {
        String number = stripped();
        page = Workshop.page("marisol");
        at(number, "strip");
        assertThat(page.locator("#steps")).not().containsText("Retaining ring out");
        off(number, "RETAINING_RING", "place", "1", "thickness", "2", "faced", "IN");
        off(number, "LIP_SEAL", "place", "3", "thickness", "8", "faced", "IN");
        off(number, "LIP_SEAL", "place", "11", "thickness", "8", "faced", "IN");
        at(number, "strip");
        assertThat(page.locator("#steps")).containsText("Retaining ring out");
        page.click("#steps .is-ready button.done");
        assertThat(page.locator("#steps summary").first()).containsText("1 of");
        measured(number, "21.5");
        at(number, "decide");
        assertThat(page.locator("#item-tabs a")).hasCount(2);
        page.click("button:has-text('Plan it as it was found')");
        page.waitForURL("**/decide*");
        assertThat(page.locator("#item-tabs a")).hasCount(2);
        assertThat(page.locator("#plannedDepth")).hasValue("3");
        Filling.fill(page, "material", "HNBR", "caseType", "RUBBER", "chooseWhy", "as it was");
        Filling.fill(page, "betweenMedium", "GREASE", "betweenLevel", "PARTIAL", "betweenFeed", "NONE");
        page.click("#item-tabs a >> nth=1");
        Filling.fill(page, "i2-material", "HNBR", "i2-caseType", "RUBBER", "i2-chooseWhy", "as it was");
        page.click("#go button.keep");
        page.waitForURL("**/fit");
        assertThat(work(number).plan())
                .extracting(Step::instruction)
                .anyMatch(s -> s.contains("to 11.00 mm from the face"))
                .anyMatch(s -> s.contains("to 3.00 mm from the face"))
                .anyMatch(s -> s.startsWith(
                                "Retaining ring back in its groove: rounded edge to the side of the load, " + "clicked")
                        && s.endsWith("open or marked side to the inside, its outer face at 1.00 mm."))
                .anyMatch(s -> s.startsWith("Lip seal 1: drive it") && s.endsWith("until it clicks into its groove."));
        assertThat(work(number).plan())
                .filteredOn(s -> s.rule().equals("depth"))
                .extracting(Step::why)
                .anyMatch(w -> w.contains("The old seal stood at 11.00 mm."))
                .anyMatch(w -> w.contains("The old seal stood at 3.00 mm."));
        for (String item : List.of("lip-seal", "i2-lip-seal")) {
            lists.decide(number, item, PartState.NEW, null, "batch F-1, cured 2Q2025", "", person);
        }
        long ring = off(number).get(0).id();
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.back(number, ring, StripPart.Back.BACK, "tension tried", person))
                .withMessageContaining("waits: lip seal 2 goes in before it");
        lists.back(number, off(number).get(2).id(), StripPart.Back.RENEWED, "", person);
        lists.back(number, off(number).get(1).id(), StripPart.Back.RENEWED, "", person);
        lists.back(number, ring, StripPart.Back.BACK, "tension tried, not a one-time ring", person);
        at(number, "fit");
        page.click("#item-tabs a >> nth=1");
        Filling.fill(page, "i2-fitGauge", "DEPTH_MICROMETER");
        depths("i2-", "8.00");
        assertThat(page.locator("#rail")).containsText("not home");
        Workshop.close(page);
        page = Workshop.page("marisol");
        at(number, "fit");
        page.click("#item-tabs a >> nth=1");
        depths("i2-", "11.00");
        page.click("#item-tabs a >> nth=0");
        Filling.fill(page, "fitGauge", "DEPTH_MICROMETER");
        depths("", "3.00");
        page.click("#go button.keep");
        page.waitForURL("**/set");
        JobMaker.tickAll(number);
        JobMaker.keep(
                number,
                Stage.SET,
                "playMeasured",
                "0.1",
                "tightened",
                "yes",
                "lockedUp",
                "yes",
                "countedOut",
                "yes",
                "guardsBack",
                "yes");
        JobMaker.keep(
                number, Stage.PROVE, "handTurn", "EVEN", "firstRun", "DRY", "levelRight", "yes", "breatherFree", "yes");
        JobMaker.keep(number, Stage.SIGN, "remark", "as it was");
        at(number, "sign");
        assertThat(page.locator(".open-list")).hasCount(0);
        Workshop.sign(page, "marisol");
        assertThat(jobs.snapshot(number).signer()).isEqualTo(person.fullName());
        assertThat(jobs.snapshot(number).stripped()).anyMatch(s -> s.contains("tension tried, not a one-time ring"));
        Workshop.close(page);
    }

    /** The old one has no step, does not go back, and is replaced by the tick of the new one. */
    @Test
    void anOldSleeveHasNoPlaceBesideTheNewOne() {
        String number = stripped();
        off(number, "LIP_SEAL", "place", "12.9");
        off(number, "SLEEVE", "place", "6");
        JobMaker.keep(
                number,
                Stage.STRIP,
                "isolated yes locked yes pressureOff yes runningSleeve YES sleevePlaceOld 12".split(" "));
        measured(number, "21.5");
        JobMaker.keep(number, Stage.DECIDE, SEAL);
        assertThat(work(number).plan())
                .extracting(Step::instruction)
                .noneMatch(s -> s.startsWith("Running sleeve back"))
                .anyMatch(s -> s.startsWith("New running sleeve on"));
        long old = off(number).get(1).id();
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.back(number, old, StripPart.Back.BACK, "looked at, smooth", person))
                .withMessageContaining("a new one goes on");
        JobMaker.settle(number);
        lists.decide(number, "running-sleeve", PartState.NEW, null, "bought in, batch T-2", "", person);
        JobMaker.newSeals(number);
        Workshop.bean(JobSheets.class).fill(number, JobMaker.texts("sleevePlaceNew", "12.1"), LengthUnit.MM, person);
        for (String step : "parts clean running-sleeve".split(" ")) {
            jobs.finishStep(number, step, null, null, person);
        }
        assertThat(off(number)).extracting(StripPart::back).containsExactly(StripPart.Back.OUT, StripPart.Back.RENEWED);
    }

    private List<StripPart> off(String number) {
        return Workshop.bean(JobStore.class).load(number).beside().log();
    }

    private void depths(String of, String mm) {
        Filling.fill(page, of + "depth12", mm, of + "depth3", mm, of + "depth6", mm, of + "depth9", mm);
    }

    @Test
    void aSealLeftShortIsStoppedAtFit() {
        String number = stripped();
        JobMaker.keep(
                number, Stage.STRIP, "isolated", "yes", "locked", "yes", "pressureOff", "yes", "foundDepth", "12.9");
        measured(number, "21.5");
        JobMaker.keep(number, Stage.DECIDE, SEAL);
        JobMaker.settle(number);
        JobMaker.newSeals(number);
        for (String step : "parts clean dry-trial way-round outside lip edges start drive".split(" ")) {
            jobs.finishStep(number, step, null, null, person);
        }
        page = Workshop.page("marisol");
        at(number, "fit");
        assertThat(page.locator("#step-depth")).containsText("to 12.90 mm from the face");
        Filling.fill(page, "fitGauge", "DEPTH_MICROMETER");
        depths("", "9.90");
        assertThat(page.locator("#step-depth .wrong")).containsText("The seal is not home");
        assertThat(page.locator("#step-depth button.done")).hasCount(0);
        assertThat(page.locator("#rail .is-worst")).containsText("depth as fitted against the depth decided");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> jobs.finishStep(number, "depth", null, null, person))
                .withMessageContaining("not home");
        depths("", "12.90");
        assertThat(page.locator("#step-depth .wrong")).hasCount(0);
        page.click("#step-depth button.done");
        assertThat(page.locator("#step-free")).isVisible();
        Workshop.close(page);
    }

    @Test
    void oneNutToTheLeftAndASecondJoint() {
        String number = stripped();
        page = Workshop.page("marisol");
        at(number, "set");
        Filling.fill(page, "joint", "hub nut", "bolts", "1", "leftHand", "YES", "figureFor", "DRY", "threads", "DRY");
        assertThat(page.locator("#echo-boltTorque")).containsText("Is needed");
        Filling.fill(page, "boltTorque", "120", "torqueUnit", "NM");
        assertThat(page.locator("#rail")).containsText("It tightens to the left, anticlockwise.");
        assertThat(page.locator("#torque")).containsText("Bolt by bolt: hub nut");
        for (int pass = 1; pass <= 4; pass++) {
            assertThat(page.locator("#torque")).containsText("Pass " + pass + " of 4: bolt 1");
            page.click("#tick");
        }
        assertThat(page.locator("#torque")).containsText("All passes are done.");
        Filling.fill(page, "t2-joint", "Hub nut", "t2-bolts", "4", "t2-boltTorque", "20", "t2-torqueUnit", "NM");
        assertThat(page.locator("#echo-t2-joint")).containsText("Another joint of this job is called so");
        Filling.fill(page, "t2-joint", "cover", "t2-lockLined", "BACKED_OFF");
        assertThat(page.locator("#torque")).containsText("Bolt by bolt: cover");
        assertThat(page.locator("#rail .is-worst")).containsText("backed off until its lock lined up");
        page.click("#t2-tick");
        assertThat(page.locator("#torque")).containsText("Pass 1 of 4: bolt 3");
        at(number, "set");
        assertThat(page.locator("#t3-joint")).hasCount(1);
        Workshop.close(page);
    }

    @Test
    void bearingShimsAndBootGoBackAsTheyShould() {
        String number = stripped();
        long shims = off(number, "SHIM");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> lists.note(number, shims, Map.of("shims", "50"), LengthUnit.MM, person))
                .withMessageContaining("each from 0.01 to 10 mm thick");
        lists.note(number, shims, Map.of("shims", "0.5 0.2 0.1"), LengthUnit.MM, person);
        long bearing = off(number, "BEARING", "place", "24", "thickness", "18", "marking", "K50");
        long boot = off(number, "BOOT");
        measured(number, "21.5");
        JobMaker.keep(number, Stage.DECIDE, SEAL);
        page = Workshop.page("marisol");
        String b = "b" + inJob(bearing) + "-";
        at(number, "strip");
        Filling.fill(page, b + "turningRing", "INNER", b + "loadTurns", "NO", b + "sealed", "NO");
        at(number, "measure");
        assertThat(page.locator("#rail")).containsText("is not known yet: its bore, its outside");
        Filling.fill(page, b + "bearingBore", "90", b + "bearingOutside", "50", b + "bearingDuty", "CONTINUOUS");
        assertThat(page.locator("#echo-" + b + "bearingOutside")).containsText("Must be above the bore");
        Filling.fill(page, b + "bearingBore", "45", b + "bearingOutside", "85", b + "sign1", "STAINED");
        at(number, "fit");
        Filling.fill(page, b + "forceOn", "OUTER");
        assertThat(page.locator("#rail .is-worst")).containsText("The force goes through the balls");
        Filling.fill(page, b + "forceOn", "INNER");
        assertThat(page.locator("#rail")).not().containsText("through the balls");
        Filling.fill(page, b + "bearingDepth", "23.2");
        assertThat(page.locator("#rail .is-worst")).containsText("It is not home");

        String h = "h" + inJob(boot) + "-";
        assertThat(page.locator("#rail")).containsText("can creep out through it, past a good lip");
        Filling.fill(
                page, h + "bootClean", "YES", h + "bootClosed", "CLAMP", h + "bootClamp", "screw at 6, three turns");
        assertThat(page.locator("#rail")).not().containsText("creep out through it");

        lists.back(number, boot, StripPart.Back.BACK, "", person);
        lists.back(number, bearing, StripPart.Back.BACK, "turned clean: smooth", person);
        at(number, "fit");
        page.fill("#back-why-" + shims, "0.5 0.2");
        page.click("#back-" + shims);
        assertThat(page.locator("#back .wrong")).containsText("The pack counts 2, and 3 came out");
        page.fill("#back-why-" + shims, "0.5 0.2 0.1");
        page.click("#back-" + shims);
        assertThat(page.locator("#back")).containsText("3 shims, 0.80 mm: 0.50, 0.20, 0.10");
        Workshop.close(page);
    }
}
