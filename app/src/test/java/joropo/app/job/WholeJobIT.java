package joropo.app.job;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.Map;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.register.NewPosition;
import joropo.app.register.RegisterService;
import joropo.app.store.StoreService;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Rotation;
import joropo.core.units.LengthUnit;
import org.junit.jupiter.api.Test;

/**
 * A job as a shop lives it: why it leaks, what has to be in hand, what comes off, the seal from the store, its bolts,
 * and what is left at the position.
 */
class WholeJobIT {
    private static final int COVER_BACK = 13;
    /** The three behind it are answered at Prove. */
    private static final int LAST_TICK = 15;

    private Page page;

    private void fill(String... idAndText) {
        Filling.fill(page, idAndText);
    }

    private void keep(String next) {
        page.click("#go button.keep");
        page.waitForURL("**/" + next);
    }

    @Test
    void fromTheFirstLookToTheNextFittersNote() {
        long machine = Workshop.bean(RegisterService.class).addMachine("Whole job stand", "workshop", "", "jacinta");
        long position = Workshop.bean(RegisterService.class)
                .addPosition(
                        machine,
                        new NewPosition("output", 45.0, 62.0, Medium.OIL, Dirt.DUST, Rotation.CW, 145.0),
                        "jacinta");
        StoreService store = Workshop.bean(StoreService.class);
        long wrong = store.receive(
                Map.of(
                        "kind",
                        "LIP_SEAL",
                        "size",
                        "45x65x8",
                        "material",
                        "HNBR",
                        "batch",
                        "W-1",
                        "cured",
                        "1Q2025",
                        "count",
                        "1",
                        "place",
                        "T1"),
                LengthUnit.MM,
                JobMaker.person("jacinta"));
        page = Workshop.page("marisol");
        page.navigate(Workshop.address() + "/machines/positions/" + position);
        assertThat(page.locator("main")).containsText("Nobody has signed a job here yet");
        page.click("text=Start a job");
        page.waitForURL("**/intake");
        String number = page.url().replaceAll(".*/jobs/([^/]+)/.*", "$1");

        fill(
                "symptom",
                "DRIPPING",
                "hours",
                "5200",
                "levelSeen",
                "yes",
                "breatherSeen",
                "yes",
                "aboveSeen",
                "yes",
                "fluid",
                "EP_GEAR_OIL");
        String first = page.locator(".ask-next b").textContent();
        page.click(".ask-next button:has-text('No')");
        assertThat(page.locator(".ask-next b")).not().hasText(first);
        fill("signRAN_DRY", "SEEN");
        assertThat(page.locator("#causes .causes li").first()).containsText("ran low or dry before");
        page.click("#parts .gauge > details summary");
        page.selectOption("#new-kind", "LIP_SEAL");
        page.fill("#new-size", "45x65");
        page.click("#parts .gauge > details .decide-part button");
        assertThat(page.locator("#parts .wrong")).containsText("not understood as a seal size");
        page.fill("#new-size", "45-65-8");
        page.click("#parts .gauge > details .decide-part button");
        page.click("button[aria-label^='Lay out lip seal 45x65x8, batch W-1']");
        assertThat(page.locator("#part-line-lip-seal")).containsText("new, laid out, batch W-1, cured 1Q2025");
        keep("strip");

        fill("isolated", "yes", "locked", "yes", "pressureOff", "yes");
        page.click("#off-COVER");
        assertThat(page.locator(".strip-log > li")).hasCount(1);
        page.click("#off-LIP_SEAL");
        assertThat(page.locator(".strip-log > li")).hasCount(2);
        fill(
                "reference",
                "key at 12, both dots in line",
                "foundDepth",
                "2.5",
                "foundFacing",
                "IN",
                "foundState",
                "HARD",
                "marking",
                "45 62 8",
                "drained",
                "DARK");
        assertThat(page.locator("#causes .causes li").first()).containsText("heat");
        keep("measure");

        fill(
                "shaftGauge",
                "OUTSIDE_MICROMETER",
                "shaftA1",
                "44.962",
                "shaftA2",
                "44.958",
                "boreGauge",
                "BORE_GAUGE_3",
                "boreA1",
                "62.014",
                "boreA2",
                "62.018",
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
        keep("decide");
        fill("size", "45x62x8", "layout", "DUST_LIP", "material", "HNBR", "caseType", "RUBBER", "mainLip", "IN");
        assertThat(page.locator("#part-line-lip-seal"))
                .containsText("laid out as 45x65x8, HNBR: something else is decided now");
        keep("fit");

        fill("newOutside", "65.2", "newWidth", "8.02");
        page.click("#steps button.done");
        assertThat(page.locator("#steps .wrong")).containsText("lip seal 45x62x8");
        long right = store.offers(Workshop.bean(JobSheets.class)
                        .page(number, Stage.FIT, JobMaker.person("marisol"))
                        .lists()
                        .parts()
                        .lines()
                        .get(0)
                        .line()
                        .part())
                .get(0)
                .lot()
                .id();
        int before = store.lot(right).lot().onHand();
        page.click("#part-line-lip-seal button.is-first");
        assertThat(page.locator("#parts-head + .word")).hasText("all settled");
        assertThat(store.lot(right).lot().onHand()).isEqualTo(before - 1);
        assertThat(store.lot(wrong).lot().onHand()).as("the wrong one is back").isEqualTo(1);
        fill("fitGauge", "DEPTH_MICROMETER", "depth12", "2.49", "depth3", "2.51", "depth6", "2.50", "depth9", "2.50");
        assertThat(page.locator("#rail .is-worst")).containsText("outside of the new seal");
        fill("newOutside", "62.25");
        assertThat(page.locator("#rail .is-worst .is-fails")).hasCount(0);
        page.click("button[aria-label='Replace: lip seal']");
        page.click("button[aria-label='Back in: cover']");
        assertThat(page.locator("#back li.is-open")).hasCount(0);
        int done = 1; // the cover is back, so its step is done
        for (int step = 1; step <= LAST_TICK; step++) {
            if (step != COVER_BACK) {
                page.press("button[aria-label='Done: step " + step + "']", "Enter");
                done++;
                assertThat(page.locator("#steps summary").first()).containsText(done + " of 18");
            }
        }
        keep("set");

        fill(
                "playMeasured",
                "0.12",
                "bolts",
                "2",
                "boltTorque",
                "20",
                "torqueUnit",
                "NM",
                "figureFor",
                "DRY",
                "threads",
                "DRY",
                "locking",
                "TAB",
                "lockingWay",
                "over one flat",
                "tightened",
                "yes",
                "lockedUp",
                "yes",
                "countedOut",
                "yes",
                "guardsBack",
                "yes");
        assertThat(page.locator("#torque")).containsText("Pass 1 of 4: bolt 1 to 6.00 N·m");
        for (int turn = 8; turn > 0; turn--) {
            assertThat(page.locator("#torque")).containsText(turn + " left");
            page.click("#tick");
        }
        assertThat(page.locator("#torque")).containsText("All passes are done.");
        keep("prove");
        fill("handTurn", "EVEN", "firstRun", "DRY", "levelRight", "yes", "breatherFree", "yes");
        keep("sign");
        fill("recommendation", "A cooler sump: a larger breather and clean fins.");
        page.click("#go button.keep");
        page.waitForURL("**/sign");
        assertThat(page.locator(".open-list")).hasCount(0);
        page.fill("#next-fitter", "The cover hides a second gasket.");
        page.click("#notes button");
        Workshop.sign(page, "marisol");

        Snapshot card = Workshop.bean(JobService.class).snapshot(number);
        assertThat(card.parts()).singleElement().asString().contains("lip seal 45x62x8", "new, laid out, batch B-");
        assertThat(card.stripped())
                .contains("cover: back in, Marisol Araguaney", "lip seal: a new one went in, Marisol Araguaney");
        page.navigate(Workshop.address() + "/machines/positions/" + position);
        assertThat(page.locator("main")).containsText("still runs");
        assertThat(page.locator("main")).containsText("heat");
        assertThat(page.locator("main")).containsText("The cover hides a second gasket.");
        page.fill("[id^=answer-]", "fins cleaned at each stop");
        page.fill("[id^=on-]", "tomorrow");
        page.click("text=Note the answer");
        assertThat(page.locator("#advice + ul .wrong")).containsText("not understood as a day");
        assertThat(page.locator("[id^=answer-]")).hasValue("fins cleaned at each stop");
        page.fill("[id^=on-]", "2026-12-01");
        page.click("text=Note the answer");
        assertThat(page.locator("main")).containsText("fins cleaned at each stop, 1 Dec 2026");
        Workshop.close(page);
    }
}
