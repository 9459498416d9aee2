package joropo.app.job;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.HashMap;
import java.util.Map;
import joropo.app.Entries;
import joropo.app.Workshop;
import joropo.app.family.Stage;
import joropo.app.register.NewPositionBuilder;
import joropo.app.store.StoreService;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.LengthUnit;

/** A cylinder with its seven rings, worked from a bare register to the signature as a fitter does at the bench. */
public final class CylinderEntries {
    private static int received;

    private final Entries entries;
    private String number = "";

    private CylinderEntries(Page page) {
        entries = new Entries(page);
    }

    /** An open job whose intake is kept, with all that it will need in the store. */
    public static String opened() {
        String job = JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.O_RING)
                .name("cylinder")
                .medium(Medium.OIL)
                .dirt(Dirt.DUST)
                .note("")
                .build());
        JobMaker.keep(
                job,
                Stage.INTAKE,
                ("symptom DRIPPING levelSeen yes breatherSeen yes aboveSeen yes ringFluid HLP_OIL ringPressureMpa 16 "
                                + "ringPressureSide IN ringPressureTurns YES ringColdestC 10 ringHottestC 65 "
                                + "ringCleaner HLP_OIL")
                        .split(" "));
        receiveAll();
        return job;
    }

    private static void receiveAll() {
        for (String lot : new String[] {
            "O-ring;432;NBR",
            "O-ring;232;NBR",
            "O-ring;359;NBR",
            "slide ring over its loader;150x2.5x6.1;PTFE",
            "U-cup, AU;;AU",
            "wiper, AU;;AU",
            "guide ring;;"
        }) {
            receive(lot.split(";", -1));
        }
    }

    private static void receive(String[] nameSizeMaterial) {
        Map<String, String> form = new HashMap<>(Map.of(
                "kind",
                nameSizeMaterial[0].startsWith("guide") ? "OTHER" : "O_RING",
                "name",
                nameSizeMaterial[0],
                "size",
                nameSizeMaterial[1],
                "batch",
                "R-" + ++received));
        form.putAll(Map.of("material", nameSizeMaterial[2], "cured", "2Q2026", "count", "4", "place", "R1"));
        Workshop.bean(StoreService.class).receive(form, LengthUnit.MM, JobMaker.person("jacinta"));
    }

    /** Everything, with what goes wrong on the way left out. */
    public static Entries whole(Page page) {
        var job = begun(page);
        job.strip();
        job.measure();
        job.decide();
        job.parts();
        job.fit();
        job.prove();
        job.sign();
        return job.entries;
    }

    /** Written down, opened, and asked what it leaks. */
    static CylinderEntries begun(Page page) {
        receiveAll();
        var job = new CylinderEntries(page);
        job.register();
        job.intake();
        return job;
    }

    String number() {
        return number;
    }

    Entries entries() {
        return entries;
    }

    private void item(int place) {
        entries.tap("#item-tabs [data-item='" + place + "']");
    }

    private void chip(String panel, String words) {
        entries.take("#" + panel + " button:has-text(\"" + words + "\")");
    }

    private void keep(String next) {
        entries.tap("#go button.keep");
        entries.page().waitForURL("**/" + next);
    }

    private void register() {
        entries.at("register").page().navigate(Workshop.address() + "/start");
        entries.fill("machine", "Press " + received, "place", "hall " + received)
                .tap("label:has(#kind-O_RING)");
        entries.fill("medium", "OIL", "dirt", "DUST").tap("#start-new");
        entries.page().waitForURL("**/intake");
        number = entries.page().url().replaceAll(".*/jobs/([^/]+)/.*", "$1");
    }

    private void intake() {
        entries.at("intake").fill("symptom", "DRIPPING").tap("#once-innocent");
        entries.fill("ringFluid", "HLP_OIL", "ringPressureMpa", "16", "ringPressureSide", "IN");
        entries.fill("ringPressureTurns", "YES", "ringColdestC", "10", "ringHottestC", "65");
        entries.fill("ringCleaner", "HLP_OIL");
        keep("strip");
    }

    void strip() {
        entries.at("make safe").tapThrough("button:has-text('Add the seven rings')");
        entries.fill("isolated", "yes", "locked", "yes", "pressureOff", "yes");
        keep("measure");
    }

    void measure() {
        entries.at("measure");
        entries.fill("rodDiameter", "100", "rodGap", "0.3", "rodRa", "0.25", "rodNoMark", "YES", "rodBend", "0.04");
        entries.fill("rodShape", "0.02", "rodHardness", "58", "rodLeadIn", "5");
        entries.fill("boreDiameter", "150", "boreGap", "0.7", "boreRa", "0.3", "boreNoMark", "YES");
        entries.fill("boreShape", "0.03", "boreLeadIn", "6");
        entries.fill("ringReadTo", "0.02", "ringRa", "0.8", "ringNoMark", "YES", "ringAllByMaker", "YES");
        entries.fill("ringGroove", "138.6", "ringWidth", "9.6", "ringGap", "0.1")
                .on("i2-ringSort");
        entries.fill("i2-ringGroove", "105.1", "i2-ringGuideThick", "2.5");
        item(5);
        entries.fill("i5-ringCounter", "70", "i5-ringGroove", "75.7", "i5-ringWidth", "4.8", "i5-ringGap", "0.06");
        entries.fill("i5-ringLeadIn", "3");
        entries.on("i6-ringSort")
                .fill("i6-ringGroove", "136.5", "i6-ringWidth", "6.3")
                .on("i7-ringSort");
        entries.fill("i7-ringGroove", "144.9", "i7-ringGuideThick", "2.5");
        keep("decide");
    }

    void decide() {
        entries.at("decide");
        chip("ring-materials", "for each ring its best");
        item(6);
        entries.fill("i6-ring", "359", "i6-ringSlideThick", "2.5", "i6-ringSlideWide", "6.1");
    }

    void parts() {
        entries.page().waitForFunction("() => !unsaved && !saving");
        entries.tap("#lay-out-all");
        entries.page().locator("#parts .word.is-holds:has-text('all settled')").waitFor();
        keep("fit");
    }

    void fit() {
        entries.at("fit").holds().tap("#ledger .is-open button");
        entries.page()
                .locator("#ledger .is-open")
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
        keep("set");
        entries.at("set").fill("locking", "ADHESIVE_MEDIUM").tap("#once-closed");
        keep("prove");
    }

    void prove() {
        entries.at("prove").fill("handTurn", "EVEN", "firstRun", "DRY").tap("#once-filled");
        entries.fill("cylinderRodWet", "NO", "cylinderDrift", "0", "cylinderDriftMinutes", "10");
        keep("sign");
    }

    void sign() {
        entries.at("sign").sign();
    }
}
