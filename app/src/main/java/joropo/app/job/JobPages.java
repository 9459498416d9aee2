package joropo.app.job;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.access.Person;
import joropo.app.drawing.BoltCircle;
import joropo.app.family.Card;
import joropo.app.family.CommonFields;
import joropo.app.family.Families;
import joropo.app.family.Panel;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.job.JobPage.AsideView;
import joropo.app.job.JobPage.CardView;
import joropo.app.job.JobPage.Counted;
import joropo.app.job.JobPage.Difference;
import joropo.app.job.JobPage.End;
import joropo.app.job.JobPage.FieldView;
import joropo.app.job.JobPage.Head;
import joropo.app.job.JobPage.ItemView;
import joropo.app.job.JobPage.Items;
import joropo.app.job.JobPage.Plan;
import joropo.app.job.JobPage.Rail;
import joropo.app.job.JobPage.RailLine;
import joropo.app.job.JobPage.Setting;
import joropo.app.job.JobPage.Sheet;
import joropo.app.job.JobPage.StageView;
import joropo.app.job.JobPage.StepView;
import joropo.app.job.JobPage.TakenOut;
import joropo.app.job.JobPage.TorqueView;
import joropo.app.job.JobPage.Window;
import joropo.app.ui.Field;
import joropo.app.ui.Show;
import joropo.core.arrangement.PartKind;
import joropo.core.assembly.TorquePlanResult;
import joropo.core.plan.Step;
import joropo.core.sizes.SealSize;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Unit;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the page of one stage from a job and what follows from its texts. */
@Component
class JobPages {
    private final TextsJson json;
    private final Show show;
    private final ListsPages lists;
    private final Families families;
    private final Clock clock;

    JobPages(TextsJson json, Show show, ListsPages lists, Families families, Clock clock) {
        this.json = json;
        this.show = show;
        this.lists = lists;
        this.families = families;
        this.clock = clock;
    }

    /**
     * How a sheet stands in one window.
     *
     * @param tab name of the window, @param seq the newest draft it knows of, @param texts that it shows, in place of
     *     the stored ones, @param errors beside what follows from them, @param unit of the window, @param gone items
     *     that it still shows though they were taken out
     */
    record Shown(
            String tab,
            long seq,
            Map<String, Typed> texts,
            Map<String, String> errors,
            LengthUnit unit,
            List<JobItem> gone) {}

    /** What of the last job here may be taken on a sheet. */
    AsLastTime asLastTime(JobState state, Stage stage, JobWork work, Person person) {
        return lists.asLastTime(state, stage, work, person);
    }

    /** Steps that are open again because they read otherwise than when they were ticked. */
    private static String changed(JobState state, List<StepView> steps) {
        long count = steps.stream()
                .filter(s -> s.done() == null)
                .filter(s -> state.newestTick(s.step())
                        .filter(t -> t.undoneWhy() == null
                                && !t.act().isEmpty()
                                && !t.act().equals(s.step().instruction()))
                        .isPresent())
                .count();
        return count == 0
                ? ""
                : (count == 1 ? "One step was ticked and reads" : count + " steps were ticked and read")
                        + " otherwise now: look again.";
    }

    /** The whole page. */
    JobPage page(JobState state, Stage stage, JobWork work, Shown shown, Person person) {
        JobPage echo = echo(state, stage, work, shown, person);
        return new JobPage(
                echo.head(),
                echo.window(),
                echo.sheet(),
                echo.rail(),
                echo.plan(),
                lists.whole(state, stage, work, person),
                new Counted(state.beside().things(), torque(state, stage, work)),
                new End(
                        stage == Stage.SIGN && state.isOpen()
                                ? JobRules.openBeforeSigning(state, work, person, clock.instant())
                                : List.of(),
                        stage == Stage.SIGN ? SignedSum.of(state, work) : List.of(),
                        work.read().shop().passwordAtSigning(),
                        state.beside().ending().signature(),
                        state.beside().ending().addenda(),
                        state.beside().ending().reviews(),
                        state.beside().ending().waits(),
                        state.beside().earlier().notes()));
    }

    /** As much of it as an answer to a keystroke shows. */
    JobPage echo(JobState state, Stage stage, JobWork work, Shown shown, Person person) {
        Shows shows = state.isSigned() ? frozen(state) : new Shows.Living(state, work);
        boolean editable = state.isOpen() && person.mayWork();
        List<StepView> steps =
                stage == Stage.FIT || stage == Stage.STRIP ? steps(state, stage, work, shows) : List.of();
        String next = steps.stream()
                .filter(s -> s.done() == null && s.ready())
                .findFirst()
                .map(s -> s.step().part())
                .orElse(null);
        return new JobPage(
                new Head(
                        state.job(),
                        state.position(),
                        stage,
                        stages(state, stage, work, shows),
                        editable,
                        state.isOpen() ? JobRules.held(stage, state, work).orElse(null) : null,
                        editable ? families.kinds() : List.of(),
                        editable ? JobItems.setsFor(state.job(), families) : List.of()),
                new Window(
                        shown.tab(),
                        shown.seq(),
                        shown.unit(),
                        state.lastRevision(stage).map(Revision::revision).orElse(0),
                        editable ? aside(state, stage, work, shown) : List.of(),
                        shown.gone().stream()
                                .map(i -> i.calledAmong(allOf(state.job())))
                                .toList()),
                new Sheet(
                        cards(state, stage, work, shown, shows),
                        items(state, stage, work, shows),
                        work.asks(stage),
                        paper -> shows.picture(paper, stage, next),
                        work.main().section().isPresent(),
                        SectionOnSheets.lines(state.sheet(stage))),
                rail(state, shows.found(stage)),
                new Plan(
                        stage == Stage.STRIP ? "Taking apart" : "Fitting plan",
                        steps,
                        stage == Stage.FIT ? work.main().summary().wayRound() : null,
                        changed(state, steps)),
                lists.echo(state, stage, work),
                stage == Stage.SET ? new Counted(List.of(), torque(state, stage, work)) : null,
                null);
    }

    /** Those that stand and those that were taken out. */
    private static List<JobItem> allOf(Job job) {
        return Stream.concat(job.items().stream(), job.takenOut().stream()).toList();
    }

    /** Each with the worst of this stage; none for a job that has but one and never had more. */
    private Items items(JobState state, Stage stage, JobWork work, Shows shows) {
        List<JobWork.Named> all = work.items();
        List<ItemView> standing = all.size() < 2
                ? List.of()
                : all.stream()
                        .map(i -> new ItemView(
                                i.item().number(),
                                i.name(),
                                i.item().kind().words(),
                                show.mark(shows.verdict(stage, i.item())),
                                Objects.requireNonNullElse(i.work().part(), "")))
                        .toList();
        return new Items(
                standing,
                state.job().takenOut().stream()
                        .map(i -> new TakenOut(
                                i.calledAmong(allOf(state.job())),
                                i.withdrawnWhy(),
                                SnapshotMaker.lines(work.cards().of(stage, i), state.sheet(stage), work)))
                        .toList());
    }

    private Rail rail(JobState state, List<Shows.Found> found) {
        List<RailLine> open = new ArrayList<>();
        List<RailLine> right = new ArrayList<>();
        for (Shows.Found f : found) {
            (f.finding().status() == Status.PASS ? right : open)
                    .add(new RailLine(
                            show.line(f.number(), f.finding()),
                            f.at().isEmpty() ? "" : "/jobs/" + state.job().number() + "/" + f.at(),
                            Stage.ofPath(f.at().replaceAll("#.*", ""))
                                    .map(Stage::title)
                                    .orElse("")));
        }
        return new Rail(open, right);
    }

    /**
     * What is open shows on a stage that was left, not where somebody is at it; none is right while something of it is
     * open.
     */
    private List<StageView> stages(JobState state, Stage at, JobWork work, Shows shows) {
        Map<Stage, List<String>> open = state.isOpen() ? JobRules.open(state, work) : Map.of();
        List<StageView> out = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            boolean kept = state.lastRevision(stage).isPresent();
            if (stage == Stage.SIGN) {
                Status signed = state.isSigned() ? Status.PASS : Status.MISSING;
                out.add(new StageView(stage, show.mark(signed), kept, List.of()));
                continue;
            }
            List<String> wants = open.getOrDefault(stage, List.of());
            Status found = shows.verdict(stage);
            boolean left = stage != at && (kept || state.isTyped(stage));
            out.add(new StageView(
                    stage,
                    show.mark(wants.isEmpty() ? found : found.worse(Status.MISSING)),
                    kept,
                    left ? wants : List.of()));
        }
        return out;
    }

    private Shows frozen(JobState state) {
        return new Shows.Frozen(
                json.readSnapshot(Objects.requireNonNull(state.beside().ending().signature())
                        .snapshot()),
                state);
    }

    /**
     * What is done folds to one line, and so does what a machine that is not safe yet cannot show. On a stage that was
     * saved before, what was left empty then is not waited for, but for what the stage still wants.
     */
    private List<CardView> cards(JobState state, Stage stage, JobWork work, Shown shown, Shows shows) {
        boolean kept = state.lastRevision(stage).isPresent();
        Map<String, String> contradicted = stage == Stage.SET ? JobRules.contradicted(state, work) : Map.of();
        List<String> asks = work.asks(stage);
        boolean tooEarly = stage == Stage.STRIP && !work.madeSafe();
        List<String> idle = work.idle();
        List<Panel> panels = shows.panels(stage);
        List<Panel> causes = shows.isLiving() ? CausesPanel.of(stage, work) : List.of();
        Set<String> open = !shows.isLiving()
                ? Set.of()
                : Stream.concat(
                                JobRules.wanted(stage, state, work).keySet().stream(),
                                work.findings().stream()
                                        .filter(f ->
                                                f.stage() == stage && f.status().compareTo(Status.CAUTION) < 0)
                                        .map(work::fieldOf))
                        .collect(Collectors.toSet());
        List<CardView> out = new ArrayList<>();
        for (Card card : work.cards().of(stage)) {
            int item = work.itemOf(card).map(JobItem::number).orElse(0);
            List<FieldView> fields = card.fields().stream()
                    .map(f -> field(f, work, shown, shows.saidOf(card, f)))
                    .toList();
            boolean empty = fields.stream().allMatch(f -> f.text().isBlank() && f.error() == null);
            boolean closed = empty && !asks.contains(card.id()) && (card.folded() || idle.contains(card.id()))
                    || (empty ? tooEarly && item > 0 : (kept || isFull(fields)) && isDone(fields, open));
            List<Panel> under = Stream.concat(
                            panels.stream().filter(p -> p.card().equals(card.id())),
                            card.causes() ? causes.stream() : Stream.empty())
                    .toList();
            out.add(new CardView(card, item, closed, fields, shows.figures(card.id()), under, contradicted));
        }
        return out;
    }

    private static boolean isFull(List<FieldView> fields) {
        return fields.stream().noneMatch(f -> f.text().isBlank() && f.isWanted());
    }

    /**
     * Whether nothing of a card is wrong, suspected or wanting. @param open fields that something is found at or wanted
     */
    private static boolean isDone(List<FieldView> fields, Set<String> open) {
        return fields.stream()
                .allMatch(f -> f.error() == null
                        && f.doubt() == null
                        && (f.struck().isEmpty() || !f.text().isBlank())
                        && !open.contains(f.name()));
    }

    /** @param said of a job that was signed, what its record says; of a living one what follows today */
    private static FieldView field(Field<?> field, JobWork work, Shown shown, Shows.Said said) {
        Typed typed = shown.texts().getOrDefault(field.name(), Typed.NOTHING);
        Object read = work.read().get(field);
        boolean inUnit = field.kind().isLength() || field.kind() == Field.Kind.SEAL_SIZE;
        Double mm = field.kind().isLength() ? (Double) read : null;
        return new FieldView(
                field,
                inUnit ? typed.onSheet(shown.unit()) : typed.text(),
                said.of(typed.text(), field.offered(work.read().shop(), typed.text())),
                shown.errors().getOrDefault(field.name(), said.error()),
                mm != null ? inUnit(mm, shown.unit()) : other(field, read),
                mm != null ? inUnit(mm, shown.unit() == LengthUnit.MM ? LengthUnit.INCH : LengthUnit.MM) : "",
                said.doubt(),
                typed.struck());
    }

    private static String inUnit(double mm, LengthUnit unit) {
        return (unit == LengthUnit.INCH ? Length.show(mm / Length.MM_PER_INCH, 4) : Length.show(mm, 3)) + " "
                + unit.symbol();
    }

    /** How a field that is no length was understood, where that is not plain from its text. */
    private static String other(Field<?> field, @Nullable Object read) {
        return switch (field.kind()) {
            case SPEED -> shown(read, 0, "rpm");
            case PRESSURE -> shown(read, 3, "MPa");
            case TEMPERATURE -> shown(read, 1, "°C");
            case HOURS -> shown(read, 0, "h");
            case NUMBER ->
                field.range().unit().isEmpty()
                        ? ""
                        : shown(read, 3, field.range().unit());
            case SEAL_SIZE -> read == null ? "" : ((SealSize) read).words();
            default -> "";
        };
    }

    private static String shown(@Nullable Object value, int decimals, String unit) {
        return value == null ? "" : Length.show((Double) value, decimals) + " " + unit;
    }

    /** In the unit of the wrench at hand first; none while no plan can be made. */
    private static List<TorqueView> torque(JobState state, Stage stage, JobWork work) {
        return stage != Stage.SET || state.isSigned()
                ? List.of()
                : work.joints().stream()
                        .map(j -> torque(
                                j,
                                new TorqueProgress(
                                        j.key(), j.plan(), state.beside().ticks())))
                        .toList();
    }

    /** What one tap does: the rest of this pass, and the one that goes round again to the same figure. */
    private static String passWords(TorqueProgress progress) {
        List<Integer> passes = progress.restOfPass().stream()
                .map(TorqueProgress.Tick::pass)
                .distinct()
                .toList();
        return passes.isEmpty()
                ? ""
                : "Pass " + passes.get(0) + (passes.size() > 1 ? " and the round again" : "") + " done, all bolts";
    }

    private static TorqueView torque(CommonWork.Joint joint, TorqueProgress progress) {
        TorquePlanResult plan = joint.plan();
        String drawing = "b-" + joint.key();
        if (plan.passesNm().isEmpty()) {
            return new TorqueView(
                    joint.key(),
                    joint.name(),
                    BoltCircle.svg(plan.sequence(), List.of(), 0, drawing),
                    JobPage.Turns.NONE,
                    null);
        }
        TorqueProgress.Tick next = progress.next();
        int pass = next == null ? plan.passesNm().size() : next.pass();
        int bolt = next == null ? 0 : next.bolt();
        double nm = plan.passesNm().get(pass - 1);
        Unit own = Unit.valueOf(CommonFields.torqueUnit(joint.read()).name());
        String others = Stream.of(Unit.NM, Unit.LBF_FT, Unit.LBF_IN, Unit.KGF_M)
                .filter(u -> u != own)
                .map(u -> figure(nm, u))
                .collect(Collectors.joining(", "));
        return new TorqueView(
                joint.key(),
                joint.name(),
                BoltCircle.svg(plan.sequence(), progress.done(pass), bolt, drawing),
                new JobPage.Turns(
                        pass,
                        plan.passesNm().size(),
                        bolt,
                        progress.left(),
                        passWords(progress),
                        progress.last() != null),
                new Setting(nm, figure(nm, own), others, wrench(plan, nm, own)));
    }

    /** What a wrench with something before its square is set to; empty: the torque itself. */
    private static String wrench(TorquePlanResult plan, double nm, Unit own) {
        if (plan.wrenchNm() == null) {
            return "nobody knows what: measure it from grip to square";
        }
        double whole = plan.inUnits().nm();
        return Math.abs(plan.wrenchNm() - whole) < 1e-9 ? "" : figure(nm * plan.wrenchNm() / whole, own);
    }

    /** As finely as a wrench is set: small torques to a hundredth. */
    private static String figure(double nm, Unit unit) {
        double value = unit.fromBase(nm);
        return Length.show(value, value < 10 ? 2 : 1) + " " + unit.symbol();
    }

    private static List<StepView> steps(JobState state, Stage stage, JobWork work, Shows shows) {
        if (shows instanceof Shows.Frozen frozen) {
            return frozen.steps(stage);
        }
        List<Step> plan = stage == Stage.STRIP ? work.stripping() : work.plan();
        Map<String, StepDone> done = state.done(plan, work);
        Map<PartKind, Integer> laidOut = StepWith.laidOut(state, work);
        List<StepView> out = new ArrayList<>();
        for (Step step : plan) {
            out.add(new StepView(
                    out.size() + 1,
                    step,
                    done.get(step.id()),
                    state.newestTick(step)
                            .filter(t -> !done.containsKey(step.id()))
                            .orElse(null),
                    JobRules.stepHeldBy(plan, done.keySet(), step.id()).isEmpty(),
                    StepStops.of(state, step, work).orElse(null),
                    work.isAnswered(step) ? work.answeredAt(step) : null,
                    done.containsKey(step.id())
                            ? List.of()
                            : StepWith.of(state, work, laidOut, plan, step)
                                    .numbers(plan, state.beside().order())));
        }
        return out;
    }

    private List<AsideView> aside(JobState state, Stage stage, JobWork work, Shown shown) {
        List<AsideView> out = new ArrayList<>();
        state.drafts().stream()
                .filter(d -> d.stage() == stage && !d.tab().equals(shown.tab()))
                .filter(d -> state.aside(stage).contains(d)
                        || state.aside(stage).stream().anyMatch(own -> own.tab().equals(shown.tab()))
                                && d.seq() == state.seq(stage))
                .forEach(d -> {
                    List<Difference> differences = differences(stage, work, shown, json.read(d.texts()));
                    if (!differences.isEmpty()) {
                        out.add(new AsideView(d.tab(), d.personName(), d.savedAt(), differences));
                    }
                });
        return out;
    }

    private static List<Difference> differences(Stage stage, JobWork work, Shown here, Map<String, Typed> there) {
        Set<String> names = new HashSet<>(here.texts().keySet());
        names.addAll(there.keySet());
        return work.cards()
                .fields(stage)
                .filter(f -> names.contains(f.name()))
                .map(f -> new Difference(
                        f.label(),
                        here.texts().getOrDefault(f.name(), Typed.NOTHING).onSheet(here.unit()),
                        there.getOrDefault(f.name(), Typed.NOTHING).onSheet(here.unit())))
                .filter(d -> !d.here().equals(d.there()))
                .toList();
    }
}
