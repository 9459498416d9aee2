package joropo.app.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import joropo.app.register.Position;
import joropo.app.settings.Shop;
import joropo.app.settings.ShopGauge;
import joropo.core.assembly.AxialPlay;
import joropo.core.assembly.HoldPoints;
import joropo.core.assembly.ProvingCheck;
import joropo.core.assembly.ProvingInput;
import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.EdgeCover;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.PairRoom;
import joropo.core.lipseal.PressFitCheck;
import joropo.core.lipseal.PressFitResult;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.ShaftEntry;
import joropo.core.lipseal.Side;
import joropo.core.plan.Step;
import joropo.core.readings.Gauge;
import joropo.core.readings.GaugeDue;
import joropo.core.removal.RemovalCheck;
import joropo.core.removal.RemovalInput;
import joropo.core.removal.RemovalResult;
import joropo.core.section.AsFound;
import joropo.core.section.SectionCheck;
import joropo.core.section.SectionResult;
import joropo.core.section.SectionResult.Window;
import joropo.core.surface.BoreFinish;
import joropo.core.surface.RunningSurfaceCheck;
import joropo.core.surface.SleevePlace;
import joropo.core.units.Length;
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
    /** What the shaft's own readings say already. */
    private static final Set<String> READ_ALREADY = Set.of("size", "roundness");
    /** Findings of the choice that are judged with the readings, or said elsewhere on the sheet. */
    private static final Set<String> OF_THE_CHOICE = Set.of("choice", "lip-temperature", "fluid", "cold", "held", "pressure", "ribs");
    private static final Set<String> OF_THE_SHAFT = Set.of("run-out", "offset");
    /** Readings that many a job does without: named in one line while nobody has taken them. */
    private static final Set<String> OFTEN_UNREAD = Set.of("roughness", "hardness", "lead", "run-out", "offset");
    private static final Set<String> OF_THE_DRIVER = Set.of("edge", "own", "stop");

    private final Position position;
    private final Values values;
    private final Measured measured;
    private final SurfaceWork surface;
    private final Sketch sketch;
    private final Duty duty;
    private final Decided decided;
    private final @Nullable Double speedMPerS;
    private final List<JobFinding> findings = new ArrayList<>();
    private @Nullable RemovalResult removal;
    private @Nullable PressFitResult pressFit;
    private @Nullable SeatDepths seat;
    private @Nullable Window window;
    private Fitting fitting = new Fitting(null, List.of(), List.of());

    private JobEvaluation(Position position, Map<Stage, Map<String, Typed>> texts, Shop shop) {
        this.position = position;
        values = Values.read(texts, shop);
        measured = Measured.of(values, position);
        Sketch asFound = Sketch.of(position, values, measured);
        speedMPerS = Duty.speedMPerS(position, values, asFound.section().shaftDiameterMm());
        surface = SurfaceWork.of(values, measured, asFound, speedMPerS);
        sketch = surface.appliedTo(asFound, values.number("plannedDepth") != null);
        duty = Duty.of(position, values, measured, sketch);
        decided = Decided.of(values, duty);
    }

    /** @param shop the workshop whose gauges, drivers, fluids and materials the texts may name */
    public static JobEvaluation of(Position position, Map<Stage, Map<String, Typed>> texts, Shop shop) {
        var out = new JobEvaluation(position, texts, shop);
        out.intake();
        out.strip();
        out.measure();
        out.decide();
        out.fit();
        out.set();
        out.prove();
        return out;
    }

    private void intake() {
        add(Stage.INTAKE, HoldPoints.sealIsTheCause(values.ticked("levelSeen"), values.ticked("breatherSeen"), values.ticked("aboveSeen")));
        add(Stage.INTAKE, speedMPerS == null ? Finding.missing("speed", "surface speed under the lip", "Nothing says how fast the shaft turns: choosing a seal waits for it.", "Type its speed, or its swing.")
                : Finding.computed("speed", "surface speed under the lip", Length.snap(speedMPerS), "m/s", "From shaft and speed."));
    }

    private void strip() {
        add(Stage.STRIP, HoldPoints.madeSafe(values.ticked("isolated"), values.ticked("locked"), values.ticked("pressureOff"), values.text("unsafeWhy")));
        Side faced = values.choice("foundFacing", Side.class);
        if (faced != null) {
            add(Stage.STRIP, AsFound.judge(faced, sketch.section().inside().medium()));
        }
        if (values.yes("edgeReachable") != null) {
            removal = RemovalCheck.check(new RemovalInput(RemovalInput.What.LIP_SEAL, values.yes("edgeReachable"), values.number("lineRoom"), values.number("behind"),
                    values.yes("brittleBeside"), values.yes("otherSide"), values.yes("pressureAllowed"), values.yes("elastomersStay"), values.yes("flammable"),
                    values.yes("rimProud"), values.number("toolLength"), null));
            removal.findings().stream().filter(f -> f.id().equals("way")).forEach(f -> add(Stage.STRIP, f));
        }
    }

    private void measure() {
        measured.findings().forEach(f -> add(Stage.MEASURE, f.id().equals("shaft-size") || f.id().equals("roundness") ? surface.answered(f) : f));
        List<Finding> ofThePlace = new ArrayList<>(surface.findings().stream().filter(f -> !READ_ALREADY.contains(f.id()) && !f.id().equals("remedy")).toList());
        chosen(OF_THE_SHAFT).forEach(ofThePlace::add);
        ofThePlace.stream().filter(f -> !isOftenUnread(f)).forEach(f -> add(Stage.MEASURE, f));
        List<String> unread = ofThePlace.stream().filter(JobEvaluation::isOftenUnread).map(Finding::id).toList();
        if (!unread.isEmpty()) {
            add(Stage.MEASURE, Finding.missing("unread", "further readings", "Not read: " + String.join(", ", unread) + ".", "Each may decide: read them under the closed cards where the case is in doubt."));
        }
        Side mainLip = decided.mainLip() == null ? Side.IN : decided.mainLip();
        add(Stage.MEASURE, ShaftEntry.judge(sketch.section().shaftDiameterMm(), mainLip, sketch.section().seal().dustLip() != null, decided.isPtfe(),
                values.choice("entersFrom", Side.class), values.choice("shaftEnd", ShaftEnd.class), values.choice("edgeCover", EdgeCover.class)));
        if (values.number("boreRa") != null) {
            boolean rubber = decided.caseTypeOrRecommended().filter(c -> c == CaseType.RUBBER).isPresent();
            add(Stage.MEASURE, BoreFinish.judge(values.number("boreRa"), sketch.section().seal().widthMm(), rubber));
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
        return choosing == null ? List.of() : choosing.findings().stream().filter(f -> ids.contains(f.id())).toList();
    }

    private void inDate(Stage stage, String field) {
        ShopGauge gauge = values.gauge(field);
        if (gauge != null && gauge.dueOn() != null) {
            add(stage, GaugeDue.judge(gauge.words(), gauge.dueOn(), values.shop().today()));
        }
    }

    private void decide() {
        chosen(OF_THE_CHOICE).forEach(f -> add(Stage.DECIDE, f));
        if (measured.sizes() != null) {
            measured.sizes().findings().forEach(f -> add(Stage.DECIDE, f));
        }
        if (!decided.isComplete()) {
            add(Stage.DECIDE, Finding.missing("decided", "seal decided", "Size, layout, material, outside of the case and way round are not all decided.", "Pick them."));
        } else if (!decided.size().known()) {
            add(Stage.DECIDE, Finding.of("decided", Status.CAUTION, "seal decided", decided.size().words() + " is not a listed size.", "Make sure that it can be had.", Source.GUIDE, "list of sizes"));
        }
        if (decided.size() != null) {
            decided.caseTypeOrRecommended().ifPresent(caseType -> {
                pressFit = PressFitCheck.check(duty.pressFit(values, measured, sketch.section(), caseType));
                pressFit.findings().forEach(f -> add(Stage.DECIDE, f));
            });
        }
        surface.findings().stream().filter(f -> f.id().equals("remedy")).forEach(f -> add(Stage.DECIDE, f));
        if (surface.remedy() != null && decided.size() != null) {
            add(Stage.DECIDE, RunningSurfaceCheck.leadsTo(surface.remedy(), decided.size()));
        }
        if (decided.layout() != null && decided.layout().isPair()) {
            add(Stage.DECIDE, PairRoom.judge(sketch.section().seal().widthMm(), values.number("stopDepth"), sketch.section().depthUncertaintyMm()));
        }
        if (decided.size() != null && decided.mainLip() != null) {
            SectionResult result = SectionCheck.check(sketch.section());
            window = result.window();
            result.findings().forEach(f -> add(Stage.DECIDE, f));
        }
        fitting = Fitting.of(position, values, decided, surface, sketch.section(), targetMm());
        if (fitting.driver() != null) {
            fitting.driver().findings().stream().filter(f -> OF_THE_DRIVER.contains(f.id())).forEach(f -> add(Stage.DECIDE, f.withId("driver-" + f.id())));
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
        seat = SeatDepths.of(values, sketch.section());
        seat.findings().forEach(f -> add(Stage.FIT, f));
        if (seat.square() != null) {
            SectionCheck.check(sketch.section().withSealAt(seat.square().meanMm(), seat.uncertaintyMm())).findings().stream().filter(f -> FITTED.contains(f.id()))
                    .forEach(f -> add(Stage.FIT, f.withId(f.id() + "-fitted")));
        }
        if (Boolean.TRUE.equals(values.yes("runningSleeve"))) {
            add(Stage.FIT, SleevePlace.judge(values.number("sleevePlaceOld"), values.number("sleevePlaceNew"), seat.uncertaintyMm()));
        }
        inDate(Stage.FIT, "fitGauge");
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

    public SurfaceWork surface() {
        return surface;
    }

    public Duty duty() {
        return duty;
    }

    public Decided decided() {
        return decided;
    }

    public Fitting fitting() {
        return fitting;
    }

    public @Nullable RemovalResult removal() {
        return removal;
    }

    public @Nullable PressFitResult pressFit() {
        return pressFit;
    }

    public @Nullable SeatDepths seat() {
        return seat;
    }

    public @Nullable Window window() {
        return window;
    }

    public @Nullable Double speedMPerS() {
        return speedMPerS;
    }

    /** Steps of the plan; none before the seal and its way round are decided. */
    public List<Step> plan() {
        return fitting.plan();
    }

    /** Whether what follows the stripping may be kept: all three ticked, or a written reason. */
    public boolean madeSafe() {
        return findings.stream().filter(f -> f.finding().id().equals("safe")).noneMatch(f -> f.status() == Status.MISSING);
    }
}
