package joropo.app.job;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import joropo.app.register.Position;
import joropo.app.settings.Shop;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.lipseal.LipSealRules;
import joropo.core.lipseal.PressFitCheck;
import joropo.core.lipseal.PressFitResult;
import joropo.core.plan.Step;
import joropo.core.removal.RemovalCheck;
import joropo.core.removal.RemovalInput;
import joropo.core.removal.RemovalResult;
import joropo.core.section.CaseType;
import joropo.core.section.Section;
import joropo.core.section.SectionResult;
import joropo.core.section.SectionResult.Window;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Everything that follows from what was typed: each check of core called with what is there. No rule is written here;
 * this is where texts meet rules. What they find is gathered in {@link JobFindings}.
 */
public final class JobEvaluation {
    private final Values values;
    private final Measured measured;
    private final SurfaceWork surface;
    private final Sketch sketch;
    private final Duty duty;
    private final Decided decided;
    private final @Nullable Double speedMPerS;
    private final @Nullable RemovalResult removal;
    private final @Nullable PressFitResult pressFit;
    private final @Nullable SectionResult section;
    private final Fitting fitting;
    private final SeatDepths seat;
    private final JobSections sections;
    private final @Nullable DiagnosisResult diagnosis;
    private final @Nullable TorquePlanResult torque;
    private final Sketch typed;
    private final List<JobFinding> findings;

    private JobEvaluation(Position position, Map<Stage, Map<String, Typed>> texts, JobSections arranged, Shop shop) {
        values = Values.read(texts, shop);
        measured = Measured.of(values, position);
        sections = arranged;
        diagnosis = Diagnosis.of(values);
        torque = TorqueWork.plan(values);
        typed = Sketch.of(position, values, measured);
        Sketch asPlanned = arranged.planned() == null
                ? typed
                : Sketch.arranged(arranged.planned().section());
        speedMPerS = Duty.speedMPerS(position, values, asPlanned.section().shaftDiameterMm());
        surface = SurfaceWork.of(values, measured, asPlanned, speedMPerS);
        sketch = surface.appliedTo(asPlanned, arranged.planned() != null || values.number("plannedDepth") != null);
        duty = Duty.of(position, values, measured, sketch);
        decided = Decided.of(values, duty);
        removal = values.yes("edgeReachable") == null ? null : RemovalCheck.check(removalInput());
        CaseType caseType =
                decided.size() == null ? null : decided.caseTypeOrRecommended().orElse(null);
        pressFit = caseType == null
                ? null
                : PressFitCheck.check(duty.pressFit(values, measured, sketch.section(), caseType));
        section = arranged.planned() == null && (decided.size() == null || decided.mainLip() == null)
                ? null
                : LipSealRules.section(sketch.section()
                        .comparedWith(
                                arranged.found() == null
                                        ? null
                                        : arranged.found().section()));
        fitting = Fitting.of(position, values, decided, surface, sketch.section(), targetMm());
        seat = SeatDepths.of(values, sketch.section());
        findings = JobFindings.of(this);
    }

    /** @param shop the workshop whose gauges, drivers, fluids and materials the texts may name */
    public static JobEvaluation of(Position position, Map<Stage, Map<String, Typed>> texts, Shop shop) {
        return new JobEvaluation(position, texts, JobSections.NONE, shop);
    }

    /** @param sections those that were arranged on the bench: they go before what follows from the texts */
    static JobEvaluation of(Position position, Map<Stage, Map<String, Typed>> texts, JobSections sections, Shop shop) {
        return new JobEvaluation(position, texts, sections, shop);
    }

    private RemovalInput removalInput() {
        return new RemovalInput(
                RemovalInput.What.LIP_SEAL,
                values.yes("edgeReachable"),
                values.number("lineRoom"),
                values.number("behind"),
                values.yes("brittleBeside"),
                values.yes("otherSide"),
                values.yes("pressureAllowed"),
                values.yes("elastomersStay"),
                values.yes("flammable"),
                values.yes("rimProud"),
                values.number("toolLength"),
                null);
    }

    /** The depth to drive to: as planned or read, else what the window aims at; nothing where nothing says how deep. */
    @Nullable
    Double targetMm() {
        if (!sketch.assumed().contains(Sketch.Assumed.DEPTH)) {
            return sketch.section().seal().fromMm();
        }
        return window() == null ? null : Double.valueOf(window().targetMm());
    }

    /** Findings up to a stage, worst first; within one state in working order. */
    public List<JobFinding> findingsTo(Stage stage) {
        return findings.stream()
                .filter(f -> f.stage().compareTo(stage) <= 0)
                .sorted(Comparator.comparing(JobFinding::status).thenComparing(f -> f.stage() == stage ? 0 : 1))
                .toList();
    }

    public List<JobFinding> findings() {
        return findings;
    }

    /** The worst of one stage. */
    public Status verdict(Stage stage) {
        return Finding.worst(findings.stream()
                .filter(f -> f.stage() == stage)
                .map(JobFinding::finding)
                .toList());
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

    /** Why it leaks; absent while nobody has looked. */
    @Nullable
    DiagnosisResult diagnosis() {
        return diagnosis;
    }

    /** How the bolts are tightened; absent while nobody has said. */
    @Nullable
    TorquePlanResult torque() {
        return torque;
    }

    JobSections sections() {
        return sections;
    }

    /** The section as it follows from the texts alone. */
    Sketch typed() {
        return typed;
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

    public SeatDepths seat() {
        return seat;
    }

    /** The section with the seal as decided, judged; absent before size and way round are. */
    @Nullable
    SectionResult section() {
        return section;
    }

    /** The section with the seal where it really stands, as far as that was read. */
    Section fitted() {
        return seat.square() == null
                ? sketch.section()
                : sketch.section().withOutermostSealAt(seat.square().meanMm(), seat.uncertaintyMm());
    }

    public @Nullable Window window() {
        return section == null ? null : section.window();
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
        return findings.stream()
                .filter(f -> f.finding().id().equals("safe"))
                .noneMatch(f -> f.status() == Status.MISSING);
    }
}
