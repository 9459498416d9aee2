package joropo.app.job;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.Map;
import joropo.app.Entries;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.store.StoreService;
import joropo.core.units.LengthUnit;

/**
 * A lip seal worked from a bare register to the signature, as a fitter does at the bench: the output of a gear motor,
 * 45 mm, worn to a groove, eight bolts.
 */
public final class LipSealEntries {
    private static int made;

    private final Entries entries;

    private LipSealEntries(Page page) {
        entries = new Entries(page);
    }

    public static Entries whole(Page page) {
        var job = new LipSealEntries(page);
        job.register();
        job.intake();
        job.strip("COUPLING", "KEY", "BOLT", "COVER", "GASKET", "LIP_SEAL");
        job.found(1);
        job.measure();
        job.decide();
        job.fit();
        job.set();
        job.prove();
        return job.entries;
    }

    /** Two seals, one behind the other, the outer one on a repair sleeve. */
    public static Entries two(Page page) {
        receive("LIP_SEAL", "lip seal, plain lip, rubber-covered", "45x62x8", "HNBR");
        receive("SEALANT", "sealant film", "", "");
        var job = new LipSealEntries(page);
        job.register();
        job.intake();
        job.strip("COUPLING", "KEY", "BOLT", "COVER", "GASKET", "LIP_SEAL", "LIP_SEAL");
        job.found(2);
        job.measureTwo();
        job.decideTwo();
        job.fitTwo();
        job.set();
        job.prove();
        return job.entries;
    }

    /** The same place a second time: it begins with what the shop fitted, and the machine is sound. */
    public static Entries again(Page page) {
        var job = new LipSealEntries(page);
        job.secondTime();
        return job.entries;
    }

    private void secondTime() {
        receive("LIP_SEAL", "lip seal with dust lip, rubber-covered", "45x62x8", "NBR");
        receive("GASKET", "cover gasket", "", "");
        Page page = entries.page();
        String first = page.url().replaceAll(".*/jobs/([^/]+)/.*", "$1");
        long position = Workshop.bean(JobStore.class).load(first).position().id();
        page.navigate(Workshop.address() + "/machines/positions/" + position);
        entries.at("start").tap("#start-planned");
        page.waitForURL("**/strip");
        entries.at("strip").fill("isolated", "yes", "locked", "yes", "pressureOff", "yes");
        entries.tap("#off-again");
        page.locator("#strip .gauge:has-text('6 parts')").waitFor();
        keep("measure");
        entries.at("measure").tapThrough("#as-last-time");
        entries.fill("shaftA1", "44.95 44.95", "boreA1", "62.014 62.018", "runoutTir", "0.03", "surface", "SMOOTH");
        keep("decide");
        entries.at("decide").tap("#lay-out-all");
        page.locator("#parts .word.is-holds:has-text('all settled')").waitFor();
        keep("fit");
        entries.at("fit").fill("newOutside", "62.25", "newWidth", "8.02");
        String mm = (String) page.evaluate(
                "() => document.querySelector('#steps').textContent.match(/to ([0-9.]+) mm from " + "the face/)[1]");
        entries.fill("depth12", String.join(" ", mm, mm, mm, mm));
        entries.holds();
        keep("set");
        entries.at("set").fill("playMeasured", "0.12");
        passes();
        entries.tap("#once-closed");
        keep("prove");
        prove();
    }

    private static void receive(String kind, String name, String size, String material) {
        Workshop.bean(StoreService.class)
                .receive(
                        Map.of(
                                "kind",
                                kind,
                                "name",
                                name,
                                "size",
                                size,
                                "material",
                                material,
                                "batch",
                                "ENTRY-" + ++made,
                                "cured",
                                "2Q2026",
                                "count",
                                "2",
                                "place",
                                "C4"),
                        LengthUnit.MM,
                        JobMaker.person("jacinta"));
    }

    private void keep(String next) {
        entries.tap("#go button.keep");
        entries.page().waitForURL("**/" + next);
    }

    private void register() {
        receive("LIP_SEAL", "lip seal with dust lip, rubber-covered", "45x62x8", "NBR");
        receive("SLEEVE", "thin repair sleeve", "45", "");
        receive("GASKET", "cover gasket", "", "");
        JobMaker.keep(
                JobMaker.madeSafe(),
                Stage.MEASURE,
                "shaftGauge OUTSIDE_MICROMETER boreGauge BORE_GAUGE_3 depthGauge DEPTH_MICROMETER".split(" "));
        entries.at("register").page().navigate(Workshop.address() + "/start");
        entries.fill("machine", "Bare gear motor " + ++made, "place", "hall " + made);
        entries.fill("size", "45x62x8", "speed", "145", "rotation", "CW", "medium", "OIL", "dirt", "DUST");
        entries.tap("#start-new");
        entries.page().waitForURL("**/intake");
    }

    private void intake() {
        entries.at("intake").fill("symptom", "DRIPPING", "since", "Monday", "hours", "5200");
        entries.tap("#once-innocent");
        for (int i = 0; i < 2; i++) {
            Locator ask = entries.page().locator(".ask-next b");
            ask.waitFor();
            String asked = ask.textContent();
            entries.press(".ask-next button:has-text('No')");
            entries.page()
                    .waitForFunction("asked => document.querySelector('.ask-next b')?.textContent !== asked", asked);
        }
        keep("strip");
    }

    private void strip(String... kinds) {
        entries.at("strip").fill("isolated", "yes", "locked", "yes", "pressureOff", "yes");
        int off = 0;
        for (String kind : kinds) {
            entries.tap("#off-" + kind);
            entries.page()
                    .locator("#strip .gauge:has-text('" + ++off + (off == 1 ? " part" : " parts") + "')")
                    .waitFor();
        }
    }

    private void found(int seals) {
        if (seals > 1) {
            entries.page().locator("#item-tabs [data-item='2']").waitFor();
        }
        entries.fill("foundDepth", "2.5", "foundFacing", "IN", "foundState", "WORN", "marking", "45 62 8");
        if (seals > 1) {
            item(2);
            entries.fill("i2-foundDepth", "11");
        }
        keep("measure");
    }

    private void item(int number) {
        entries.tap("#item-tabs [data-item='" + number + "']");
    }

    private void measureTwo() {
        entries.at("measure").tapThrough("#as-last-time");
        entries.fill("shaftA1", "44.93 44.93 44.985 44.98", "boreA1", "62.014 62.018 62.016 62.018");
        entries.fill("stopDepth", "20", "turningDepth", "24.5", "runoutTir", "0.03");
        entries.fill("surface", "GROOVE_CATCHES", "shaftEnd", "FULL_CHAMFER");
        entries.fill("grooveDepth", "0.05", "grooveWidth", "0.6");
        item(2);
        entries.fill("i2-shaftA1", "44.97 44.975 44.975 44.97", "i2-surface", "SMOOTH");
        keep("decide");
    }

    private void decideTwo() {
        entries.at("decide").tap("#remedies .fold > summary");
        entries.take("#remedies li:has-text('thin repair sleeve') button");
        entries.fill("betweenMedium", "OIL", "betweenLevel", "FULL");
        entries.page().waitForFunction("() => !unsaved && !saving");
        entries.take("#seals button:has-text('Take')").fill("mainLip", "IN");
        item(2);
        entries.take("#i2-seals button:has-text('Take')").fill("i2-mainLip", "IN");
        entries.page().waitForFunction("() => !unsaved && !saving");
        entries.tap("#lay-out-all");
        entries.page().locator("#parts .word.is-holds:has-text('all settled')").waitFor();
        keep("fit");
    }

    private void fitTwo() {
        entries.at("fit").fill("newOutside", "62.25", "newWidth", "8.02", "depth12", "2.51 2.5 2.5 2.49");
        item(2);
        entries.fill("i2-newOutside", "62.25", "i2-newWidth", "8.02", "i2-depth12", "11 11.02 11 11.01");
        entries.holds();
        keep("set");
    }

    private void measure() {
        entries.at("measure").tap("#as-last-time");
        entries.fill("shaftA1", "44.93", "shaftA2", "44.93", "shaftB1", "44.985", "shaftB2", "44.98");
        entries.fill("boreA1", "62.014", "boreA2", "62.018", "boreB1", "62.016", "boreB2", "62.018");
        entries.fill("stopDepth", "12", "turningDepth", "14.5", "runoutTir", "0.03");
        entries.fill("surface", "GROOVE_CATCHES", "shaftEnd", "FULL_CHAMFER");
        entries.page()
                .locator("details[data-card=groove][open]")
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.VISIBLE));
        entries.fill("grooveDepth", "0.05", "grooveWidth", "0.6");
        keep("decide");
    }

    private void decide() {
        entries.at("decide").take("#remedies button:has-text('Take')").take("#seals button:has-text('Take')");
        entries.fill("mainLip", "IN");
        entries.tap("#lay-out-all");
        entries.page().locator("#parts .word.is-holds:has-text('all settled')").waitFor();
        keep("fit");
    }

    private void fit() {
        entries.at("fit").fill("newOutside", "62.25", "newWidth", "8.02");
        entries.fill("depth12", "0.69", "depth3", "0.71", "depth6", "0.70", "depth9", "0.70");
        entries.holds();
        keep("set");
    }

    private void set() {
        entries.at("set").fill("playMeasured", "0.12", "boltTorque", "20", "bolts", "8", "threads", "DRY");
        passes();
        entries.fill("locking", "ADHESIVE_MEDIUM").tap("#once-closed");
        keep("prove");
    }

    private void passes() {
        for (int pass = 0; pass < 3; pass++) {
            String left = entries.page().locator("#torque .row > .soft").textContent();
            entries.press("#pass");
            entries.page()
                    .waitForFunction(
                            "left => document.querySelector('#torque .row > .soft')?.textContent !== left", left);
        }
    }

    private void prove() {
        entries.at("prove").fill("handTurn", "EVEN", "firstRun", "DRY").tap("#once-filled");
        keep("sign");
        entries.at("sign").sign();
    }
}
