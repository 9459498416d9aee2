package joropo.app.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import joropo.app.register.Position;
import joropo.core.assembly.AxialPlay;
import joropo.core.assembly.HoldPoints;
import joropo.core.assembly.ProvingCheck;
import joropo.core.assembly.ProvingInput;
import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.LipSealSizeResult;
import joropo.core.lipseal.PressFitResult;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.ShaftEntry;
import joropo.core.lipseal.Side;
import joropo.core.lipseal.SurfaceSpeed;
import joropo.core.plan.FittingPlan;
import joropo.core.plan.PlanInput;
import joropo.core.plan.Step;
import joropo.core.readings.Gauge;
import joropo.core.readings.SeatSquarenessCheck;
import joropo.core.readings.SeatSquarenessInput;
import joropo.core.readings.SeatSquarenessResult;
import joropo.core.section.AsFound;
import joropo.core.section.SectionCheck;
import joropo.core.section.SectionResult;
import joropo.core.section.SectionResult.Window;
import joropo.core.surface.SurfaceByEye;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Everything that follows from what was typed: each check of core called with what is there.
 * No rule is written here; this is where texts meet rules.
 */
public final class JobEvaluation {
    /** Rules that are judged again with the depth where the seal really stands. */
    private static final Set<String> FITTED = Set.of("S2", "S4", "S5");

    private final Values values;
    private final Measured measured;
    private final Sketch sketch;
    private final List<JobFinding> findings = new ArrayList<>();
    private @Nullable PressFitResult pressFit;
    private @Nullable SeatSquarenessResult squareness;
    private @Nullable Window window;
    private @Nullable Double speedMPerS;
    private List<Step> plan = List.of();

    private JobEvaluation(Position position, Map<Stage, Map<String, Typed>> texts) {
        values = Values.read(texts);
        measured = Measured.of(values, position);
        sketch = Sketch.of(position, values, measured);
    }

    public static JobEvaluation of(Position position, Map<Stage, Map<String, Typed>> texts) {
        var out = new JobEvaluation(position, texts);
        out.intake(position);
        out.strip();
        out.measure();
        out.decide();
        out.fit();
        out.set();
        out.prove();
        return out;
    }

    private void intake(Position position) {
        add(Stage.INTAKE, HoldPoints.sealIsTheCause(values.ticked("levelSeen"), values.ticked("breatherSeen"), values.ticked("aboveSeen")));
        Double typed = values.number("speed");
        Double speed = typed == null ? position.speedRpm() : typed;
        speedMPerS = speed == null ? null : SurfaceSpeed.turning(sketch.section().shaftDiameterMm(), speed);
        if (speedMPerS != null) {
            add(Stage.INTAKE, Finding.computed("speed", "surface speed under the lip", Length.snap(speedMPerS), "m/s", "From shaft and speed."));
        }
    }

    private void strip() {
        add(Stage.STRIP, HoldPoints.madeSafe(values.ticked("isolated"), values.ticked("locked"), values.ticked("pressureOff"), values.text("unsafeWhy")));
        Side faced = values.choice("foundFacing", Side.class);
        if (faced != null) {
            add(Stage.STRIP, AsFound.judge(faced, sketch.section().inside().medium()));
        }
    }

    private void measure() {
        measured.findings().forEach(f -> add(Stage.MEASURE, f));
        add(Stage.MEASURE, SurfaceByEye.judge(values.choice("surface", SurfaceByEye.class)));
    }

    private void decide() {
        LipSealSizeResult sizes = measured.sizes();
        if (sizes != null) {
            sizes.findings().forEach(f -> add(Stage.DECIDE, f));
        }
        ChosenSize size = values.size("size");
        Side mainLip = values.choice("mainLip", Side.class);
        CaseType caseType = values.choice("caseType", CaseType.class);
        if (size == null || mainLip == null || caseType == null) {
            add(Stage.DECIDE, Finding.missing("decided", "seal decided", "Size, outside of the case and way round are not all decided.", "Pick them."));
        } else if (!size.listed()) {
            add(Stage.DECIDE, Finding.of("decided", Status.CAUTION, "seal decided", size.size().words() + " is not a listed size.",
                    "Make sure that it can be had.", Source.GUIDE, "list of sizes"));
        }
        if (size != null && caseType != null) {
            pressFit = measured.pressFit(size, caseType);
            pressFit.findings().forEach(f -> add(Stage.DECIDE, f));
        }
        ShaftEnd end = values.choice("shaftEnd", ShaftEnd.class);
        Side enters = values.choice("entersFrom", Side.class);
        add(Stage.MEASURE, ShaftEntry.judge(sketch.section().shaftDiameterMm(), mainLip == null ? Side.IN : mainLip,
                sketch.section().seal().dustLip() != null, enters, end));
        if (size != null && mainLip != null) {
            SectionResult result = SectionCheck.check(sketch.section());
            window = result.window();
            result.findings().forEach(f -> add(Stage.DECIDE, f));
            plan = FittingPlan.of(new PlanInput(sketch.section(), size.size().words(), caseType == null ? CaseType.RUBBER : caseType, end,
                    targetMm()));
        }
    }

    /** The depth to drive to: as planned or read, else what the window aims at; nothing where nothing says how deep. */
    private @Nullable Double targetMm() {
        if (!sketch.assumed().contains(Sketch.Assumed.DEPTH)) {
            return sketch.section().seal().fromMm();
        }
        return window == null ? null : Double.valueOf(window.targetMm());
    }

    private void fit() {
        List<SeatSquarenessInput.Reading> readings = new ArrayList<>();
        for (int clock : new int[] {12, 3, 6, 9}) {
            Double depth = values.number("depth" + clock);
            if (depth != null) {
                readings.add(new SeatSquarenessInput.Reading((double) clock, null, depth));
            }
        }
        if (readings.size() < 3) {
            add(Stage.FIT, Finding.missing("tilt", "seat squareness over the outside", "Depth has been read at " + readings.size() + " of four places.",
                    "Read it at 12, 3, 6 and 9 o'clock."));
            return;
        }
        double od = sketch.section().boreDiameterMm();
        double circle = values.number("gaugeCircle") == null ? (od + sketch.section().shaftDiameterMm()) / 2 : values.number("gaugeCircle");
        Gauge gauge = values.choice("fitGauge", Gauge.class);
        double u = gauge == null ? 0 : gauge.uncertaintyMm(od);
        try {
            squareness = SeatSquarenessCheck.check(new SeatSquarenessInput(od, circle, readings, gauge == null ? null : u));
        } catch (RefusedInput e) {
            values.refuse("gaugeCircle", e.errors().get(0).message());
            return;
        }
        squareness.findings().forEach(f -> add(Stage.FIT, f));
        SectionCheck.check(sketch.fittedAt(squareness.meanMm(), u)).findings().stream().filter(f -> FITTED.contains(f.id()))
                .forEach(f -> add(Stage.FIT, f.withId(f.id() + "-fitted")));
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
        add(Stage.SET, HoldPoints.closed(values.ticked("tightened"), values.ticked("lockedUp"), values.ticked("countedOut"), values.ticked("guardsBack")));
    }

    private void prove() {
        ProvingCheck.check(new ProvingInput(values.choice("handTurn", ProvingInput.HandTurn.class), values.choice("firstRun", ProvingInput.FirstRun.class)))
                .forEach(f -> add(Stage.PROVE, f));
        add(Stage.PROVE, HoldPoints.filled(values.ticked("levelRight"), values.ticked("breatherFree")));
    }

    private void add(Stage stage, Finding finding) {
        findings.add(new JobFinding(stage, finding));
    }

    /** Findings up to a stage, worst first; within one state in working order. */
    public List<JobFinding> findingsTo(Stage stage) {
        return findings.stream().filter(f -> f.stage().compareTo(stage) <= 0)
                .sorted(Comparator.comparing(JobFinding::status).thenComparing(f -> f.stage() == stage ? 0 : 1)).toList();
    }

    public List<JobFinding> findings() {
        return findings;
    }

    /** The worst of one stage. */
    public Status verdict(Stage stage) {
        return Finding.worst(findings.stream().filter(f -> f.stage() == stage).map(JobFinding::finding).toList());
    }

    public Map<String, String> errors() {
        return values.errors();
    }

    public Values values() {
        return values;
    }

    public Measured measured() {
        return measured;
    }

    public Sketch sketch() {
        return sketch;
    }

    public @Nullable PressFitResult pressFit() {
        return pressFit;
    }

    public @Nullable SeatSquarenessResult squareness() {
        return squareness;
    }

    public @Nullable Window window() {
        return window;
    }

    public @Nullable Double speedMPerS() {
        return speedMPerS;
    }

    /** Steps of the plan; none before the seal and its way round are decided. */
    public List<Step> plan() {
        return plan;
    }

    /** Whether what follows the stripping may be kept: all three ticked, or a written reason. */
    public boolean madeSafe() {
        return findings.stream().filter(f -> f.finding().id().equals("safe")).noneMatch(f -> f.status() == Status.MISSING);
    }
}
