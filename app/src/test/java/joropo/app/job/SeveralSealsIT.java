package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.tuple;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.register.NewPosition;
import joropo.app.register.RegisterService;
import joropo.app.store.StoreService;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.Step;
import joropo.core.section.BoreItem;
import joropo.core.section.Profile;
import joropo.core.section.Section;
import joropo.core.shaft.Rotation;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/** An entry with several seals is one job: each has its own size, way round, depth, driver, batch and readings. */
class SeveralSealsIT {
    /** In the order in which they come off. */
    private static final List<String> NAMES = List.of("outer seal", "middle seal", "inner seal");

    private static final List<String> MORE = List.of("i2-", "i3-");
    private Page page;

    private void fill(String... idAndText) {
        Filling.fill(page, idAndText);
    }

    private void keep(String next) {
        page.click("#go button.keep");
        page.waitForURL("**/" + next + "**");
    }

    private void tab(String name) {
        page.click("#item-tabs a:has-text('" + name + "')");
    }

    private static long position() {
        long machine = Workshop.bean(RegisterService.class)
                .addMachine("Three seals " + System.nanoTime(), "hall", "", "jacinta");
        return Workshop.bean(RegisterService.class)
                .addPosition(
                        machine,
                        new NewPosition("output", 45.0, 62.0, Medium.OIL, Dirt.MUD, Rotation.CW, 145.0),
                        "jacinta");
    }

    private static void lot(String size, String batch) {
        Workshop.bean(StoreService.class)
                .receive(
                        Map.of(
                                "kind",
                                "LIP_SEAL",
                                "size",
                                size,
                                "material",
                                "HNBR",
                                "batch",
                                batch,
                                "cured",
                                "1Q2025",
                                "count",
                                "1",
                                "place",
                                "T3"),
                        LengthUnit.MM,
                        JobMaker.person("jacinta"));
    }

    private static JobWork work(String number) {
        return Workshop.bean(JobWorks.class).of(Workshop.bean(JobStore.class).load(number));
    }

    @Test
    void threeDifferentSealsFromTheStripLogToTheSignature() {
        long position = position();
        lot("45x62x8", "IN-8");
        lot("45x62x7", "MID-7");
        lot("45x62x10", "OUT-10");
        page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/machines/positions/" + position);
        page.click("text=Start a job");
        page.waitForURL("**/intake");
        String number = page.url().replaceAll(".*/jobs/([^/]+)/.*", "$1");
        fill("symptom", "DRIPPING", "levelSeen", "yes", "breatherSeen", "yes", "aboveSeen", "yes");
        fill("fluid", "EP_GEAR_OIL");
        keep("strip");
        fill("isolated", "yes", "locked", "yes", "pressureOff", "yes");
        for (int off = 1; off <= 3; off++) {
            page.click("#off-LIP_SEAL");
            assertThat(page.locator(".strip-log > li")).hasCount(off);
        }
        assertThat(page.locator("#item-tabs a")).hasCount(3);
        int item = 0;
        for (String name : NAMES) {
            Workshop.bean(JobItems.class).label(number, ++item, name, JobMaker.person("marisol"));
        }
        page.reload();
        page.fill("#new-item", "Outer Seal");
        page.click("#items button:has-text('Add lip seal')");
        assertThat(page.locator("#items .wrong")).containsText("another one in this job is called");
        assertThat(page.locator("#new-item")).hasValue("Outer Seal");
        page.navigate(page.url().replaceAll("/items.*", "/strip"));
        tab("outer seal");
        fill("foundDepth", "0", "foundFacing", "OUT");
        tab("middle seal");
        assertThat(page.locator("#foundDepth")).isHidden();
        fill("i2-foundDepth", "20", "i2-foundFacing", "IN");
        tab("inner seal");
        fill("i3-foundDepth", "32", "i3-foundFacing", "IN");
        keep("measure");

        tab("outer seal");
        fill("depthGauge", "DEPTH_MICROMETER", "stopDepth", "40", "groundFrom", "-4", "groundTo", "45");
        fill("shaftEnd", "FULL_CHAMFER", "entersFrom", "IN");
        String[] shafts = {"44.962", "44.951", "44.944"};
        for (int i = 0; i < 3; i++) {
            tab(NAMES.get(i));
            String of = i == 0 ? "" : MORE.get(i - 1);
            fill(of + "shaftGauge", "OUTSIDE_MICROMETER", of + "shaftA1", shafts[i], of + "shaftA2", shafts[i]);
            fill(of + "boreGauge", "BORE_GAUGE_3", of + "boreA1", "62.014", of + "boreA2", "62.018");
            fill(of + "surface", "SMOOTH");
        }
        keep("decide");

        fillSeal("", "outer seal", "45x62x10", "OUT");
        fill("plannedDepth", "0", "betweenMedium", "GREASE", "betweenLevel", "PARTIAL");
        fillSeal("i2-", "middle seal", "45x62x7", "IN");
        fill("i2-plannedDepth", "20", "i2-betweenMedium", "GREASE", "i2-betweenLevel", "PARTIAL");
        fillSeal("i3-", "inner seal", "45x62x8", "IN");
        page.locator("#drawing [data-seal=s2]").first().click();
        assertThat(page.locator("#item-tabs a[aria-current]")).containsText("middle seal");
        for (String batch : List.of("IN-8", "MID-7", "OUT-10")) {
            page.click("#parts button[aria-label*='batch " + batch + "']");
            assertThat(page.locator("#parts")).containsText("new, laid out, batch " + batch);
        }
        keep("fit");

        assertOwnSteps(number);
        depths("i3-", "inner seal", "32.00");
        depths("i2-", "middle seal", "20.05");
        assertThat(page.locator("#figures-square dt")).hasCount(0);
        depths("", "outer seal", "0.00");
        tab("inner seal");
        assertThat(page.locator("#figures-i3-square")).containsText("32.00");
        JobMaker.newSeals(number);
        JobMaker.tickAll(number);
        JobMaker.countOut(number);
        page.reload();
        keep("set");
        fill("playMeasured", "0.1");
        fill("tightened", "yes", "lockedUp", "yes", "countedOut", "yes", "guardsBack", "yes");
        keep("prove");
        fill("handTurn", "EVEN", "firstRun", "DRY", "levelRight", "yes", "breatherFree", "yes");
        keep("sign");
        List<StripPart> off = new ArrayList<>(
                Workshop.bean(JobStore.class).load(number).beside().log());
        Collections.reverse(off);
        off.forEach(p -> Workshop.bean(JobListsService.class)
                .back(number, p.id(), StripPart.Back.RENEWED, "", JobMaker.person("marisol")));
        page.reload();
        assertThat(work(number).findings())
                .filteredOn(f -> f.status() == Status.FAIL)
                .extracting(f -> f.finding().id() + ": " + f.finding().message())
                .isEmpty();
        Workshop.sign(page, "marisol");

        Snapshot card = Workshop.bean(JobService.class).snapshot(number);
        assertThat(card.items())
                .extracting(Snapshot.Item::name, Snapshot.Item::size, Snapshot.Item::target)
                .containsExactly(
                        tuple("outer seal", "45x62x10", "0.00 mm, read 0.00 mm"),
                        tuple("middle seal", "45x62x7", "20.00 mm, read 20.05 mm"),
                        tuple("inner seal", "45x62x8", "32.00 mm, read 32.00 mm"));
        assertThat(card.parts()).anyMatch(p -> p.contains("45x62x7") && p.contains("batch MID-7"));
        page.navigate(Workshop.address() + "/machines/positions/" + position);
        assertThat(page.locator("main")).containsText("item 3");
        assertThat(page.locator("main")).containsText("45x62x10");
        Workshop.close(page);
    }

    private void fillSeal(String of, String name, String size, String lip) {
        tab(name);
        fill(of + "size", size, of + "layout", "PLAIN", of + "material", "HNBR", of + "caseType", "RUBBER");
        fill(of + "chooseWhy", "as its builder fitted it", of + "mainLip", lip);
        assertThat(page.locator("#" + of + "way-round"))
                .containsText("faces " + (lip.equals("IN") ? "inside" : "outside"));
    }

    private void depths(String of, String name, String mm) {
        tab(name);
        fill(of + "fitGauge", "DEPTH_MICROMETER");
        fill(of + "depth12", mm, of + "depth3", mm, of + "depth6", mm, of + "depth9", mm);
        assertThat(page.locator("#figures-" + of + "square")).containsText(mm);
    }

    /** Each seal has its steps by its name, in the order of building, with its own driver and depth. */
    private static void assertOwnSteps(String number) {
        List<Step> plan = work(number).plan();
        assertThat(plan)
                .extracting(Step::id)
                .containsSubsequence("i3-depth", "i2-start", "i2-drive", "i2-depth", "start", "drive", "depth", "shaft")
                .doesNotHaveDuplicates();
        Map<String, String> drives = plan.stream()
                .filter(s -> s.id().endsWith("drive"))
                .collect(Collectors.toMap(Step::id, Step::instruction));
        assertThat(drives.get("i3-drive")).startsWith("Inner seal: ").contains("spigot 32.00 long");
        assertThat(drives.get("i2-drive")).startsWith("Middle seal: ").contains("spigot 20.00 long");
        assertThat(drives.get("drive")).startsWith("Outer seal: ").contains("from Ø 58.00 outward");
        assertThat(plan)
                .filteredOn(s -> s.id().equals("i2-way-round"))
                .singleElement()
                .satisfies(s -> assertThat(s.instruction())
                        .contains("of the middle seal")
                        .contains("faces inside, towards the grease"));
    }

    /**
     * What was typed of one that is taken out stays, marked, and judges nothing; typing that comes late is kept too.
     */
    @Test
    void oneThatIsTakenOutIsKeptAndJudgedNoMore() {
        String number = JobMaker.madeSafe();
        var items = Workshop.bean(JobItems.class);
        var marisol = JobMaker.person("marisol");
        items.add(number, PartKind.LIP_SEAL, "outer seal", marisol);
        page = Workshop.page("tobias");
        page.navigate(Workshop.address() + "/jobs/" + number + "/measure#item=2");
        page.fill("#i2-shaftA1", "nonsense");
        assertThat(page.locator("#echo-i2-shaftA1")).containsText("not understood");
        assertThat(work(number).errors()).containsKey("i2-shaftA1");

        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> items.takeOut(number, 1, "why", marisol))
                .withMessageContaining("the job was opened for it");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> items.takeOut(number, 2, " ", marisol))
                .withMessageContaining("needs a reason");
        items.takeOut(number, 2, "it is one seal only", marisol);
        page.waitForResponse(
                r -> r.request().postData() != null && r.request().postData().contains("i2-shaftA2=44.9"),
                () -> page.fill("#i2-shaftA2", "44.9"));
        assertThat(page.locator("#held")).containsText("outer seal was taken out of this job meanwhile");
        JobState state = Workshop.bean(JobStore.class).load(number);
        assertThat(state.sheet(Stage.MEASURE).get("i2-shaftA1").text()).isEqualTo("nonsense");
        assertThat(state.sheet(Stage.MEASURE).get("i2-shaftA2").text()).isEqualTo("44.9");
        assertThat(work(number).errors()).doesNotContainKey("i2-shaftA1");
        assertThat(work(number).findings()).noneMatch(f -> f.finding().id().startsWith("i2-"));

        page.navigate(Workshop.address() + "/jobs/" + number + "/measure");
        assertThat(page.locator(".taken-out summary")).containsText("outer seal, taken out: it is one seal only");
        assertThat(page.locator("#i2-shaftA1")).hasCount(0);
        page.fill("#stopDepth", "10.5");
        assertThat(page.locator("#echo-stopDepth")).containsText("10.500 mm");
        assertThat(Workshop.bean(JobStore.class)
                        .load(number)
                        .sheet(Stage.MEASURE)
                        .get("i2-shaftA2")
                        .text())
                .isEqualTo("44.9");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> items.label(number, 2, "outer", marisol))
                .withMessageContaining("is not in this job any more");
        assertThat(Workshop.bean(JobService.class).snapshot(number).sheets())
                .flatExtracting(Snapshot.Sheet::lines)
                .extracting(Snapshot.Line::card)
                .contains("outer seal, taken out: it is one seal only: Shaft at the lip");
        Workshop.close(page);
    }

    /** What lies between two seals nobody has said, and a seal that is not decided: neither is a clean job. */
    @Test
    void whatNobodySaidOfASecondSealIsMissing() {
        String number = JobMaker.readyToSign("IN");
        Workshop.bean(JobItems.class).add(number, PartKind.LIP_SEAL, "", JobMaker.person("marisol"));
        assertThat(work(number).findings())
                .filteredOn(f -> f.finding().id().equals("i2-between"))
                .singleElement()
                .satisfies(f -> assertThat(f.finding().subject()).startsWith("lip seal 2: "));
        assertThat(work(number).undecided()).containsExactly("lip seal 2");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> Workshop.bean(JobService.class).sign(number, JobMaker.person("marisol")));
    }

    /**
     * As it was found is planned with one tap, each seal on its own sheet; what is decided later counts all the same.
     */
    @Test
    void planningItAsItWasFoundDecidesNothingForGood() {
        String number = JobMaker.madeSafe();
        page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/jobs/" + number + "/decide");
        page.click("text=Plan it as it was found");
        assertThat(page.locator("text=has no old seal yet whose place or way round was read"))
                .isVisible();
        assertThat(page.locator("#mainLip")).hasValue("");
        Workshop.close(page);
        String other = JobMaker.madeSafe();
        Workshop.bean(JobItems.class).add(other, PartKind.LIP_SEAL, "outer seal", JobMaker.person("marisol"));
        JobMaker.keep(
                other,
                Stage.STRIP,
                "isolated",
                "yes",
                "locked",
                "yes",
                "pressureOff",
                "yes",
                "foundDepth",
                "12",
                "foundFacing",
                "IN",
                "i2-foundDepth",
                "1",
                "i2-foundFacing",
                "OUT");
        Workshop.bean(JobBench.class).planAsFound(other, JobMaker.person("marisol"));
        Map<String, Typed> sheet = Workshop.bean(JobStore.class).load(other).sheet(Stage.DECIDE);
        assertThat(sheet.get("plannedDepth").text()).isEqualTo("12");
        assertThat(sheet.get("i2-plannedDepth").text()).isEqualTo("1");
        assertThat(sheet.get("i2-mainLip").text()).isEqualTo("OUT");
        assertThat(sheet).as("nobody read its size").doesNotContainKey("size");
        Map<String, String> later =
                JobMaker.texts(("size 45x62x8 layout PRESSURE material HNBR caseType RUBBER mainLip IN "
                                + "plannedDepth 12.4 i2-size 45x62x8 i2-layout PLAIN i2-material HNBR "
                                + "i2-caseType RUBBER i2-mainLip OUT i2-plannedDepth 1 i2-betweenMedium OIL "
                                + "i2-betweenLevel FULL")
                        .split(" "));
        Workshop.bean(JobSheets.class)
                .type(
                        other,
                        Stage.DECIDE,
                        new JobSheets.Posted("hand", 1 << 20, LengthUnit.MM, later),
                        JobMaker.person("marisol"));
        Section planned = work(other).main().section().orElseThrow().planned();
        assertThat(planned.seals()).extracting(BoreItem.Seal::fromMm).containsExactly(1.0, 12.4);
        assertThat(planned.seal().profile()).isEqualTo(Profile.PRESSURE);
        assertThat(planned.spaces().get(1).medium()).isEqualTo(Medium.OIL);
        assertThat(work(other).plan()).extracting(Step::instruction).noneMatch(s -> s.contains("filled with grease"));
    }

    /** What a further seal shares with the first says so where it is empty. */
    @Test
    void aFurtherSealSaysWhatItShares() {
        String job = JobMaker.open();
        Workshop.bean(JobItems.class).add(job, PartKind.LIP_SEAL, "", JobMaker.person("marisol"));
        assertThat(work(job).cards().fields(Stage.MEASURE))
                .filteredOn(f -> f.name().matches("(i2-)?bore(Gauge|A1)"))
                .extracting(f -> f.name() + " " + f.hint())
                .contains("i2-boreGauge empty: as the first", "i2-boreA1 empty: as the first")
                .doesNotContain("boreA1 empty: as the first");
    }
}
