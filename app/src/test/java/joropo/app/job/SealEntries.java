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

/** A mechanical seal worked from the intake to the signature, as a fitter does at the bench. */
public final class SealEntries {
    private static int received;

    private final Entries entries;
    private final String number;

    private SealEntries(Page page) {
        entries = new Entries(page);
        number = opened();
    }

    /** An open job at a position of its own. */
    static String opened() {
        return JobMaker.open(NewPositionBuilder.builder()
                .kind(PartKind.MECHANICAL_SEAL)
                .name("mechanical seal")
                .shaftMm(50.0)
                .boreMm(80.0)
                .medium(Medium.WATER)
                .dirt(Dirt.DUST)
                .speedRpm(2950.0)
                .note("")
                .build());
    }

    private static void receive(String kind, String name, String size) {
        Workshop.bean(StoreService.class)
                .receive(
                        Map.of(
                                "kind",
                                kind,
                                "name",
                                name,
                                "size",
                                size,
                                "batch",
                                "SEAL-" + ++received,
                                "count",
                                "2",
                                "place",
                                "C2"),
                        LengthUnit.MM,
                        JobMaker.person("jacinta"));
    }

    static SealEntries at(Page page) {
        return new SealEntries(page);
    }

    Entries entries() {
        return entries;
    }

    public static Entries cartridge(Page page) {
        SealEntries job = at(page);
        job.toFit("CARTRIDGE");
        job.fitCartridge();
        job.set("0");
        job.prove();
        return job.entries;
    }

    public static Entries component(Page page) {
        SealEntries job = at(page);
        job.toFit("COMPONENT");
        job.fitComponent();
        job.set("0");
        job.prove();
        return job.entries;
    }

    void keep(String next) {
        entries.tap("#go button.keep");
        entries.page().waitForURL("**/" + next);
    }

    void toFit(String build) {
        boolean byHand = !build.equals("CARTRIDGE");
        receive("MECHANICAL_SEAL", byHand ? "component seal" : "cartridge", "50");
        receive("GASKET", "gasket or O-ring of the gland", "");
        entries.at("intake").page().navigate(Workshop.address() + "/jobs/" + number + "/intake");
        entries.fill("symptom", "DRIPPING", "levelSeen", "yes", "breatherSeen", "yes", "aboveSeen", "yes");
        entries.fill("sealBuild", build, "sealFluid", "WATER_HOT", "sealPressureMpa", "0.4", "sealTemperatureC", "80");
        keep("strip");
        entries.at("strip").fill("isolated", "yes", "locked", "yes", "pressureOff", "yes");
        entries.page().locator("#sealClipsIn").waitFor(); // opens by itself once it is safe
        entries.fill("sealClipsIn", "3");
        if (byHand) {
            entries.fill("sealOldScribe", "47.5");
        }
        keep("measure");
        entries.at("measure").fill("sealRunOut", "0.02", "sealLift", "0.03", "sealAxialPlay", "0.05");
        entries.fill(
                "sealFaceTir", "0.02", "sealBoreTir", "0.06", "sealReadTo", "0.002", "sealRa", byHand ? "0.3" : "0.6");
        if (byHand) {
            entries.fill("sealMount", "O_RING", "sealProtrusion", "6", "sealGasket", "0.8", "sealWorking", "42.5");
            entries.fill("sealFree", "46", "sealMove", "0", "sealGrowth", "0.15");
        }
        keep("decide");
        entries.at("decide").fill("sealSame", "YES", "sealFaces", "NEW", "sealSeat", "SILICON_CARBIDE");
        entries.fill("sealRotor", "CARBON", "sealElastomer", "EPDM", "sealSprings", "STAINLESS", "sealMakerMpa", "1.6");
        entries.tap("#lay-out-all");
        try {
            entries.page()
                    .locator("#parts .word.is-holds:has-text('all settled')")
                    .waitFor();
        } catch (RuntimeException e) {
            throw new IllegalStateException(entries.page().locator("#parts").innerText());
        }
        keep("fit");
    }

    void fitCartridge() {
        entries.at("fit").holds();
        keep("set");
    }

    void fitComponent() {
        entries.at("fit").fill("sealFacesSeen", "YES", "sealSeatOutside", "72");
        entries.fill(
                "sealDepth12",
                "4.01",
                "sealDepth3",
                "4",
                "sealDepth6",
                "4",
                "sealDepth9",
                "4.01",
                "sealDepthTo",
                "0.008");
        entries.fill("sealPlace", "47.7");
        entries.holds();
        keep("set");
    }

    void set(String moved) {
        entries.at("set").fill("tightened", "yes", "lockedUp", "yes", "countedOut", "yes", "guardsBack", "yes");
        entries.fill("locking", "ADHESIVE_MEDIUM", "sealClipsOut", "3", "sealMoved", moved);
        keep("prove");
    }

    void prove() {
        entries.at("prove").fill("handTurn", "EVEN", "firstRun", "DRY", "levelRight", "yes", "breatherFree", "yes");
        entries.fill("sealFull", "YES", "sealVented", "YES", "sealFlush", "YES", "sealPorts", "YES", "sealAir", "HELD");
        keep("sign");
        entries.at("sign").sign();
    }
}
