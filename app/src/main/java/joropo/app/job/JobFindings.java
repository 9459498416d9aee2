package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import joropo.app.settings.ShopGauge;
import joropo.core.assembly.AxialPlay;
import joropo.core.assembly.ProvingCheck;
import joropo.core.assembly.ProvingInput;
import joropo.core.lipseal.BoreFinish;
import joropo.core.lipseal.EdgeCover;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.NewSealCheck;
import joropo.core.lipseal.PairRoom;
import joropo.core.lipseal.PressFitCheck;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.ShaftEntry;
import joropo.core.plan.HoldPoints;
import joropo.core.readings.Gauge;
import joropo.core.readings.GaugeDue;
import joropo.core.section.AsFound;
import joropo.core.section.BoreItem;
import joropo.core.section.CaseType;
import joropo.core.shaft.Side;
import joropo.core.surface.RunningSurfaceCheck;
import joropo.core.surface.SleevePlace;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** What the checks of a job find, by the stage whose readings each rests on. */
final class JobFindings {
    /** Rules that are judged again with the depth where the seal really stands. */
    private static final Set<String> FITTED = Set.of("S2", "S4", "S5");
    /** What the shaft's own readings say already. */
    private static final Set<String> READ_ALREADY = Set.of("size", "roundness");
    /** Findings of the choice that are judged with the readings, or said elsewhere on the sheet. */
    private static final Set<String> OF_THE_CHOICE =
            Set.of("choice", "lip-temperature", "fluid", "cold", "held", "pressure", "ribs");

    private static final Set<String> OF_THE_SHAFT = Set.of("run-out", "offset");
    /** Readings that many a job does without: named in one line while nobody has taken them. */
    private static final Set<String> OFTEN_UNREAD = Set.of("roughness", "hardness", "lead", "run-out", "offset");

    private static final Set<String> OF_THE_DRIVER = Set.of("edge", "own", "stop");

    private final JobEvaluation job;
    private final Values values;
    private final SurfaceWork surface;
    private final Sketch sketch;
    private final Decided decided;
    private final List<JobFinding> findings = new ArrayList<>();

    private JobFindings(JobEvaluation job) {
        this.job = job;
        values = job.values();
        surface = job.surface();
        sketch = job.sketch();
        decided = job.decided();
    }

    static List<JobFinding> of(JobEvaluation job) {
        var out = new JobFindings(job);
        out.intake();
        out.strip();
        out.measure();
        out.decide();
        out.fit();
        out.set();
        out.prove();
        return List.copyOf(out.findings);
    }

    private void intake() {
        add(
                Stage.INTAKE,
                HoldPoints.sealIsTheCause(
                        values.ticked("levelSeen"), values.ticked("breatherSeen"), values.ticked("aboveSeen")));
        if (job.diagnosis() != null) {
            job.diagnosis().findings().forEach(f -> add(Stage.INTAKE, f));
        }
        add(
                Stage.INTAKE,
                job.speedMPerS() == null
                        ? Finding.missing(
                                "speed",
                                "surface speed under the lip",
                                "Nothing says how fast the shaft turns: choosing a seal waits for it.",
                                "Type its speed, or its swing.")
                        : Finding.computed(
                                "speed",
                                "surface speed under the lip",
                                Length.snap(job.speedMPerS()),
                                "m/s",
                                "From shaft and speed."));
    }

    private void strip() {
        add(
                Stage.STRIP,
                HoldPoints.madeSafe(
                        values.ticked("isolated"),
                        values.ticked("locked"),
                        values.ticked("pressureOff"),
                        values.text("unsafeWhy")));
        Side faced = values.choice("foundFacing", Side.class);
        if (faced != null) {
            add(Stage.STRIP, AsFound.judge(faced, sketch.section().inside().medium()));
        }
        if (job.removal() != null) {
            job.removal().findings().stream().filter(f -> f.id().equals("way")).forEach(f -> add(Stage.STRIP, f));
        }
    }

    private void measure() {
        job.measured()
                .findings()
                .forEach(f -> add(
                        Stage.MEASURE,
                        f.id().equals("shaft-size") || f.id().equals("roundness") ? surface.answered(f) : f));
        List<Finding> ofThePlace = new ArrayList<>(surface.findings().stream()
                .filter(f -> !READ_ALREADY.contains(f.id()) && !f.id().equals("remedy"))
                .toList());
        chosen(OF_THE_SHAFT).forEach(ofThePlace::add);
        ofThePlace.stream().filter(f -> !isOftenUnread(f)).forEach(f -> add(Stage.MEASURE, f));
        List<String> unread = ofThePlace.stream()
                .filter(JobFindings::isOftenUnread)
                .map(Finding::id)
                .toList();
        if (!unread.isEmpty()) {
            add(
                    Stage.MEASURE,
                    Finding.missing(
                            "unread",
                            "further readings",
                            "Not read: " + String.join(", ", unread) + ".",
                            "Each may decide: read them under the closed cards where the case is in doubt."));
        }
        Side mainLip = decided.mainLip() == null ? Side.IN : decided.mainLip();
        add(
                Stage.MEASURE,
                ShaftEntry.judge(
                        sketch.section().shaftDiameterMm(),
                        mainLip,
                        sketch.section().seal().dustLip() != null,
                        decided.isPtfe(),
                        values.choice("entersFrom", Side.class),
                        values.choice("shaftEnd", ShaftEnd.class),
                        values.choice("edgeCover", EdgeCover.class)));
        if (values.number("boreRa") != null) {
            boolean rubber = decided.caseTypeOrRecommended()
                    .filter(c -> c == CaseType.RUBBER)
                    .isPresent();
            add(
                    Stage.MEASURE,
                    BoreFinish.judge(
                            values.number("boreRa"), sketch.section().seal().widthMm(), rubber));
        }
        inDate(Stage.MEASURE, "shaftGauge");
        inDate(Stage.MEASURE, "boreGauge");
        inDate(Stage.MEASURE, "depthGauge");
    }

    private static boolean isOftenUnread(Finding f) {
        return f.status() == Status.MISSING && OFTEN_UNREAD.contains(f.id());
    }

    /** What the choice of a seal found under these names; nothing while the speed is not known. */
    private List<Finding> chosen(Set<String> ids) {
        LipSealResult choosing = decided.choosing();
        return choosing == null
                ? List.of()
                : choosing.findings().stream().filter(f -> ids.contains(f.id())).toList();
    }

    private void inDate(Stage stage, String field) {
        ShopGauge gauge = values.gauge(field);
        if (gauge != null && gauge.dueOn() != null) {
            add(
                    stage,
                    GaugeDue.judge(gauge.words(), gauge.dueOn(), values.shop().today()));
        }
    }

    private void decide() {
        chosen(OF_THE_CHOICE).forEach(f -> add(Stage.DECIDE, f));
        if (job.measured().sizes() != null) {
            job.measured().sizes().findings().forEach(f -> add(Stage.DECIDE, f));
        }
        if (!decided.isComplete()) {
            add(
                    Stage.DECIDE,
                    Finding.missing(
                            "decided",
                            "seal decided",
                            "Size, layout, material, outside of the case and way round are not all decided.",
                            "Pick them."));
        } else if (!decided.size().known()) {
            add(
                    Stage.DECIDE,
                    Finding.of(
                            "decided",
                            Status.CAUTION,
                            "seal decided",
                            decided.size().words() + " is not a listed size.",
                            "Make sure that it can be had.",
                            Source.GUIDE,
                            "list of sizes"));
        }
        if (job.pressFit() != null) {
            job.pressFit().findings().forEach(f -> add(Stage.DECIDE, f));
        }
        surface.findings().stream().filter(f -> f.id().equals("remedy")).forEach(f -> add(Stage.DECIDE, f));
        if (surface.remedy() != null && decided.size() != null) {
            add(Stage.DECIDE, RunningSurfaceCheck.leadsTo(surface.remedy(), decided.size()));
        }
        if (decided.layout() != null && decided.layout().isPair()) {
            add(
                    Stage.DECIDE,
                    PairRoom.judge(
                            sketch.section().seal().widthMm(),
                            values.number("stopDepth"),
                            sketch.section().depthUncertaintyMm()));
        }
        SectionDifferences.of(job).ifPresent(f -> add(Stage.DECIDE, f));
        if (job.section() != null) {
            job.section().findings().forEach(f -> add(Stage.DECIDE, f));
        }
        if (job.fitting().driver() != null) {
            job.fitting().driver().findings().stream()
                    .filter(f -> OF_THE_DRIVER.contains(f.id()))
                    .forEach(f -> add(Stage.DECIDE, f.withId("driver-" + f.id())));
        }
    }

    private void fit() {
        SeatDepths seat = job.seat();
        seat.findings().forEach(f -> add(Stage.FIT, f));
        if (seat.square() != null) {
            LipSealRules.section(job.fitted()).findings().stream()
                    .filter(f -> FITTED.contains(f.id()))
                    .forEach(f -> add(Stage.FIT, f.withId(f.id() + "-fitted")));
        }
        newSeal();
        if (Boolean.TRUE.equals(values.yes("runningSleeve"))) {
            add(
                    Stage.FIT,
                    SleevePlace.judge(
                            values.number("sleevePlaceOld"), values.number("sleevePlaceNew"), seat.uncertaintyMm()));
        }
        inDate(Stage.FIT, "fitGauge");
    }

    private void newSeal() {
        if (decided.size() == null || values.number("newOutside") == null && values.number("newWidth") == null) {
            return;
        }
        CaseType caseType = decided.caseTypeOrRecommended().orElse(null);
        Limits outside = caseType == null
                ? null
                : PressFitCheck.outsideLimits(job.duty().pressFit(values, job.measured(), sketch.section(), caseType));
        ShopGauge gauge = values.gauge("newGauge");
        double largest = values.number("newOutside") == null ? decided.size().boreMm() : values.number("newOutside");
        double u = gauge == null ? Gauge.CALIPER.uncertaintyMm(largest) : gauge.uncertaintyMm(largest);
        NewSealCheck.check(
                        outside,
                        values.number("newOutside"),
                        decided.size().widthMm(),
                        BoreItem.Sealing.usualToleranceMm(decided.size().widthMm()),
                        values.number("newWidth"),
                        u)
                .forEach(f -> add(Stage.FIT, f));
        inDate(Stage.FIT, "newGauge");
    }

    private void set() {
        Double low = values.number("playLow");
        Double high = values.number("playHigh");
        if (low != null && high != null && low > high) {
            values.refuse("playHigh", "must not be below the least");
            high = null;
            low = null;
        }
        Limits limits = low == null && high == null ? null : new Limits(low, high);
        add(Stage.SET, AxialPlay.judge(values.number("playMeasured"), limits, Gauge.DIAL_INDICATOR.uncertaintyMm(1)));
        if (job.torque() != null) {
            job.torque().findings().forEach(f -> add(Stage.SET, f.withId("torque-" + f.id())));
        }
        if (Boolean.TRUE.equals(values.yes("impact"))) {
            add(
                    Stage.SET,
                    Finding.of(
                            "impact",
                            Status.CAUTION,
                            "torque of the impact tool",
                            "An impact tool was used: no torque is verified by it.",
                            "Check each bolt with a wrench that is set.",
                            Source.GUIDE,
                            "torque"));
        }
        if (values.text("locking") == null && values.ticked("lockedUp")) {
            add(
                    Stage.SET,
                    Finding.missing(
                            "locking",
                            "locking of the fasteners",
                            "It is ticked as done, and nobody has said how.",
                            "Name what locks them, and which way a tab, wire or pin goes."));
        }
        add(
                Stage.SET,
                HoldPoints.closed(
                        values.ticked("tightened"),
                        values.ticked("lockedUp"),
                        values.ticked("countedOut"),
                        values.ticked("guardsBack")));
    }

    private void prove() {
        ProvingCheck.check(new ProvingInput(
                        values.choice("handTurn", ProvingInput.HandTurn.class),
                        values.choice("firstRun", ProvingInput.FirstRun.class)))
                .forEach(f -> add(Stage.PROVE, f));
        add(Stage.PROVE, HoldPoints.filled(values.ticked("levelRight"), values.ticked("breatherFree")));
    }

    private void add(Stage stage, Finding finding) {
        findings.add(new JobFinding(stage, finding));
    }
}
