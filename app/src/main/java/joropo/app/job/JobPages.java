package joropo.app.job;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.access.Person;
import joropo.app.drawing.BoltCircle;
import joropo.app.job.JobView.AsideView;
import joropo.app.job.JobView.CardView;
import joropo.app.job.JobView.Difference;
import joropo.app.job.JobView.FieldView;
import joropo.app.job.JobView.StageView;
import joropo.app.job.JobView.StepView;
import joropo.app.job.JobView.TorqueView;
import joropo.app.ui.Field;
import joropo.app.ui.FindingLine;
import joropo.app.ui.Show;
import joropo.core.assembly.TorquePlanInput;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.lipseal.FittingPlan;
import joropo.core.plan.Step;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Unit;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the page of one stage from a job and what follows from its texts. */
@Component
class JobPages {
    private final TextsJson json;
    private final Show show;
    private final ListsPages lists;
    private final Clock clock;

    JobPages(TextsJson json, Show show, ListsPages lists, Clock clock) {
        this.json = json;
        this.show = show;
        this.lists = lists;
        this.clock = clock;
    }

    /**
     * @param tab name of the window, @param seq the newest draft it knows of, @param shown texts to show in place of
     *     the stored ones, @param unit of the window
     */
    JobView view(
            JobState state,
            Stage stage,
            JobEvaluation evaluation,
            String tab,
            long seq,
            Map<String, Typed> shown,
            Map<String, String> extraErrors,
            LengthUnit unit,
            Person person) {
        List<FindingLine> rail = rail(evaluation, stage);
        boolean editable = state.isOpen() && person.mayWork();
        List<Finding> shownFindings = rail.stream().map(FindingLine::finding).toList();
        List<StepView> steps = stage == Stage.FIT ? steps(state, evaluation) : List.of();
        String next = steps.stream()
                .filter(s -> s.done() == null && s.ready())
                .findFirst()
                .map(s -> s.step().part())
                .orElse(null);
        return new JobView(
                state.job(),
                state.position(),
                stage,
                stages(state, evaluation),
                cards(stage, evaluation, shown, extraErrors, unit),
                rail,
                paper -> JobDrawing.svg(evaluation, shownFindings, paper, next),
                tab,
                seq,
                unit,
                state.lastRevision(stage).map(Revision::revision).orElse(0),
                editable,
                held(state, stage, evaluation),
                new Offers(evaluation, stage, show::sign).view(),
                stage == Stage.INTAKE || stage == Stage.DECIDE
                        ? evaluation.duty().assumed()
                        : List.of(),
                asks(evaluation),
                steps,
                evaluation.plan().isEmpty()
                        ? null
                        : FittingPlan.wayRound(evaluation.sketch().section()),
                stage == Stage.SIGN && state.isOpen()
                        ? JobRules.openBeforeSigning(state, evaluation, person, clock.instant())
                        : List.of(),
                state.signature(),
                state.addenda(),
                state.kept().entries(),
                state.kept().notes(),
                stage == Stage.SET
                        ? torque(
                                new TorqueWork(evaluation.torque(), state.kept().ticks()), evaluation.values())
                        : null,
                state.sections(),
                stage == Stage.FIT ? evaluation.seat().dial() : "",
                editable ? aside(state, stage, shown, tab, unit) : List.of(),
                lists.view(state, stage, evaluation));
    }

    private List<FindingLine> rail(JobEvaluation evaluation, Stage stage) {
        List<FindingLine> out = new ArrayList<>();
        for (JobFinding judged : evaluation.findingsTo(stage)) {
            out.add(show.line(out.size() + 1, judged.finding()));
        }
        return out;
    }

    private List<StageView> stages(JobState state, JobEvaluation evaluation) {
        List<StageView> out = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            boolean kept = state.lastRevision(stage).isPresent();
            Status status = stage == Stage.SIGN
                    ? state.signature() == null ? Status.MISSING : Status.PASS
                    : kept || !state.sheet(stage).isEmpty() ? evaluation.verdict(stage) : Status.MISSING;
            out.add(new StageView(stage, show.sign(status), kept));
        }
        return out;
    }

    private static JobRules.@Nullable Held held(JobState state, Stage stage, JobEvaluation evaluation) {
        return state.isOpen() ? JobRules.held(stage, state, evaluation).orElse(null) : null;
    }

    private List<CardView> cards(
            Stage stage,
            JobEvaluation evaluation,
            Map<String, Typed> shown,
            Map<String, String> extraErrors,
            LengthUnit unit) {
        var figures = new Figures(evaluation, show::sign);
        return SheetFields.cards(stage).stream()
                .map(c -> {
                    List<FieldView> fields = c.fields().stream()
                            .map(f -> field(f, evaluation, shown, extraErrors, unit))
                            .toList();
                    boolean empty = fields.stream().allMatch(f -> f.text().isBlank() && f.error() == null);
                    boolean closed = empty
                            && !asks(evaluation).contains(c.id())
                            && (c.folded()
                                    || c.id().equals("work")
                                            && evaluation
                                                    .surface()
                                                    .result()
                                                    .remedies()
                                                    .isEmpty());
                    return new CardView(c.id(), c.title(), c.shape().name(), closed, fields, figures.of(c.id()));
                })
                .toList();
    }

    /** A groove that somebody felt wants its measures. */
    private static List<String> asks(JobEvaluation evaluation) {
        return evaluation.surface().wantsMeasures() ? List.of("groove") : List.of();
    }

    private static FieldView field(
            Field field,
            JobEvaluation evaluation,
            Map<String, Typed> shown,
            Map<String, String> extraErrors,
            LengthUnit unit) {
        Typed typed = shown.getOrDefault(field.name(), Typed.NOTHING);
        String error = evaluation.errors().getOrDefault(field.name(), extraErrors.get(field.name()));
        Double mm = field.kind().isLength() ? evaluation.values().number(field.name()) : null;
        String text =
                field.kind().isLength() || field.kind() == Field.Kind.SEAL_SIZE ? typed.onSheet(unit) : typed.text();
        return new FieldView(
                field.name(),
                field.label(),
                field.kind().name(),
                text,
                field.offered(evaluation.values().shop(), typed.text()),
                field.needed(),
                field.hint(),
                error,
                mm != null ? Length.show(mm, 3) + " mm" : other(field, evaluation),
                mm != null ? Length.show(mm / Length.MM_PER_INCH, 4) + " in" : "",
                typed.struck());
    }

    /** How a field that is no length was understood, where that is not plain from its text. */
    private static String other(Field field, JobEvaluation evaluation) {
        return switch (field.kind()) {
            case SPEED -> shown(evaluation.values().number(field.name()), 0, "rpm");
            case PRESSURE -> shown(evaluation.values().number(field.name()), 3, "MPa");
            case TEMPERATURE -> shown(evaluation.values().number(field.name()), 1, "°C");
            case HOURS -> shown(evaluation.values().number(field.name()), 0, "h");
            case NUMBER ->
                field.range().unit().isEmpty()
                        ? ""
                        : shown(
                                evaluation.values().number(field.name()),
                                3,
                                field.range().unit());
            case SEAL_SIZE ->
                evaluation.values().size(field.name()) == null
                        ? ""
                        : evaluation.values().size(field.name()).words();
            default -> "";
        };
    }

    private static String shown(@Nullable Double value, int decimals, String unit) {
        return value == null ? "" : Length.show(value, decimals) + " " + unit;
    }

    /** In the unit of the wrench at hand first. */
    private static @Nullable TorqueView torque(TorqueWork work, Values values) {
        if (work.plan() == null) {
            return null;
        }
        TorquePlanResult plan = work.plan();
        TorqueWork.Tick next = work.next();
        int pass = next == null ? plan.passesNm().size() : next.pass();
        double nm = plan.passesNm().get(pass - 1);
        Unit own = Unit.valueOf(
                values.choice("torqueUnit", TorquePlanInput.TorqueUnit.class).name());
        String others = Stream.of(Unit.NM, Unit.LBF_FT, Unit.LBF_IN, Unit.KGF_M)
                .filter(u -> u != own)
                .map(u -> figure(nm, u))
                .collect(Collectors.joining(", "));
        boolean same = plan.wrenchNm() != null
                && Math.abs(plan.wrenchNm() - plan.inUnits().nm()) < 1e-9;
        String wrench = same
                ? ""
                : plan.wrenchNm() == null
                        ? "nobody knows what: measure it from grip to square"
                        : figure(nm * plan.wrenchNm() / plan.inUnits().nm(), own);
        return new TorqueView(
                BoltCircle.svg(plan.sequence(), work.done(pass), next == null ? 0 : next.bolt(), "b-"),
                pass,
                plan.passesNm().size(),
                next == null ? 0 : next.bolt(),
                nm,
                figure(nm, own),
                others,
                wrench,
                work.left());
    }

    /** As finely as a wrench is set: small torques to a hundredth. */
    private static String figure(double nm, Unit unit) {
        double value = unit.fromBase(nm);
        return Length.show(value, value < 10 ? 2 : 1) + " " + unit.symbol();
    }

    private static List<StepView> steps(JobState state, JobEvaluation evaluation) {
        Map<String, StepDone> done = state.done(evaluation.plan());
        List<StepView> out = new ArrayList<>();
        for (Step step : evaluation.plan()) {
            out.add(new StepView(
                    out.size() + 1,
                    step,
                    done.get(step.id()),
                    state.newestTick(step)
                            .filter(t -> !done.containsKey(step.id()))
                            .orElse(null),
                    JobRules.stepHeldBy(evaluation.plan(), done.keySet(), step.id())
                            .isEmpty()));
        }
        return out;
    }

    private List<AsideView> aside(JobState state, Stage stage, Map<String, Typed> shown, String tab, LengthUnit unit) {
        List<AsideView> out = new ArrayList<>();
        state.drafts().stream()
                .filter(d -> d.stage() == stage && !d.tab().equals(tab))
                .filter(d -> state.aside(stage).contains(d)
                        || state.aside(stage).stream().anyMatch(own -> own.tab().equals(tab))
                                && d.seq() == state.seq(stage))
                .forEach(d -> {
                    List<Difference> differences = differences(stage, shown, json.read(d.texts()), unit);
                    if (!differences.isEmpty()) {
                        out.add(new AsideView(d.tab(), d.personName(), d.savedAt(), differences));
                    }
                });
        return out;
    }

    private static List<Difference> differences(
            Stage stage, Map<String, Typed> here, Map<String, Typed> there, LengthUnit unit) {
        Set<String> names = new HashSet<>(here.keySet());
        names.addAll(there.keySet());
        return SheetFields.fields(stage)
                .filter(f -> names.contains(f.name()))
                .map(f -> new Difference(
                        f.label(),
                        here.getOrDefault(f.name(), Typed.NOTHING).onSheet(unit),
                        there.getOrDefault(f.name(), Typed.NOTHING).onSheet(unit)))
                .filter(d -> !d.here().equals(d.there()))
                .toList();
    }
}
