package joropo.app.job;

import com.microsoft.playwright.Page;
import java.util.Map;
import joropo.app.Entries;
import joropo.app.Workshop;
import joropo.app.register.NewPositionBuilder;
import joropo.app.store.StoreService;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.LengthUnit;

/** A pump is packed anew, worked from the intake to its first look while it runs in, as a fitter does. */
public final class PackingEntries {
    private final Entries entries;
    private final String number;

    private PackingEntries(Page page, String number) {
        entries = new Entries(page);
        this.number = number;
    }

    private static String opened() {
        Workshop.bean(StoreService.class)
                .receive(
                        Map.of(
                                "kind",
                                "PACKING",
                                "name",
                                "graphite-filled PTFE braid",
                                "size",
                                "16",
                                "batch",
                                "P-70",
                                "count",
                                "8",
                                "place",
                                "R2"),
                        LengthUnit.MM,
                        JobMaker.person("jacinta"));
        return JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.PACKING)
                .name("packed box")
                .shaftMm(70.0)
                .boreMm(102.0)
                .medium(Medium.WATER)
                .dirt(Dirt.DUST)
                .speedRpm(1450.0)
                .note("")
                .build());
    }

    /** Up to the first look. */
    public static Entries toTheFirstLook(Page page) {
        var job = new PackingEntries(page, opened());
        job.work();
        return job.entries;
    }

    private void keep(String next) {
        entries.tap("#go button.keep");
        entries.page().waitForURL("**/" + next);
    }

    private void work() {
        entries.at("intake").page().navigate(Workshop.address() + "/jobs/" + number + "/intake");
        entries.fill("symptom", "DRIPPING", "levelSeen", "yes", "breatherSeen", "yes", "aboveSeen", "yes");
        entries.fill("boxPressureMpa", "0.6", "boxTemperatureC", "60", "boxFluid", "WATER_COLD");
        keep("strip");
        entries.at("strip").fill("isolated", "yes", "locked", "yes", "pressureOff", "yes");
        entries.page().locator("#boxOldRings").waitFor(); // opens by itself once it is safe
        entries.fill("boxOldRings", "5", "boxUnderSleeve", "NO");
        keep("measure");
        entries.at("measure").fill("boxDepth", "120", "boxLantern", "24", "boxSlot", "12", "boxPortFrom", "54");
        entries.fill("boxPortTo", "66", "boxEntry", "6", "boxNose", "20", "boxRunOut", "0.05", "boxOffset", "0.1");
        entries.fill("boxThroat", "0.3", "boxGroove", "0", "boxScored", "NO", "boxOvality", "0.02");
        entries.fill("boxRa", "0.3", "boxHardness", "50");
        keep("decide");
        entries.at("decide").take("#box-styles button:has-text('graphite-filled PTFE braid')");
        entries.fill("boxOrder", "SHAFT").tap("#part-line-packing .lot-offers button");
        entries.page().locator("#parts .word.is-holds:has-text('all settled')").waitFor();
        keep("fit");
        entries.at("fit").fill("boxGap12", "9", "boxGap3", "9.1", "boxGap6", "9.1", "boxGap9", "9.2");
        entries.holds();
        keep("set");
        entries.at("set").fill("tightened", "yes", "lockedUp", "yes", "countedOut", "yes", "guardsBack", "yes");
        entries.fill("locking", "ADHESIVE_MEDIUM");
        keep("prove");
        entries.at("run in").tap("#run-in-screen a");
        oneLook("90", 1);
    }

    private void oneLook(String drops, int count) {
        entries.fill("drops", drops).tap("button:has-text('Note this look')");
        entries.page().locator(".looks li:nth-child(" + count + ")").waitFor();
    }

    /** One more look of a job that runs in. */
    public static Entries oneMoreLook(Page page) {
        var job = new PackingEntries(page, "");
        job.entries.at("look");
        job.oneLook("70", 2);
        return job.entries;
    }
}
