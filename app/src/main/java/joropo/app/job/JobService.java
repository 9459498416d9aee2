package joropo.app.job;

import java.security.SecureRandom;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import joropo.app.access.Person;
import joropo.app.access.Sha256;
import joropo.app.drawing.LineDrawing;
import joropo.app.settings.SettingsService;
import joropo.app.ui.Field;
import joropo.app.ui.NotFound;
import joropo.core.plan.Lives;
import joropo.core.plan.Step;
import joropo.core.units.FieldError;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs as people work on them: open, type, keep, tick, sign. */
@Service
public class JobService {
    private static final int LONGEST_REASON = 200;
    private static final int LONGEST_ADDENDUM = 1000;
    private static final int LONGEST_THING = 60;
    /** A text longer than this is cut before it is stored; every field has room for far less and says so. */
    static final int LONGEST_STORED = 20_000;

    private final JobStore store;
    private final JobMapper jobs;
    private final JobPages pages;
    private final SnapshotMaker snapshots;
    private final SettingsService settings;
    private final TextsJson json;
    private final SecureRandom random = new SecureRandom();

    JobService(
            JobStore store,
            JobMapper jobs,
            JobPages pages,
            SnapshotMaker snapshots,
            SettingsService settings,
            TextsJson json) {
        this.store = store;
        this.jobs = jobs;
        this.pages = pages;
        this.snapshots = snapshots;
        this.settings = settings;
        this.json = json;
    }

    /**
     * What a window sends: its name, the newest draft it has seen, and the texts of all its fields.
     *
     * @param unit in which the window shows bare numbers; the person may have changed theirs since in another window
     */
    public record Posted(String tab, long seq, LengthUnit unit, Map<String, String> texts) {}

    @Transactional(readOnly = true)
    public List<JobLine> openJobs() {
        return jobs.lines(null, null, List.of(), true);
    }

    @Transactional(readOnly = true)
    public List<JobLine> ofMachine(long machineId) {
        return jobs.lines(machineId, null, List.of(), false);
    }

    @Transactional(readOnly = true)
    public List<JobLine> ofPosition(long positionId) {
        return jobs.lines(null, positionId, List.of(), false);
    }

    /** @param numbers of jobs, at least one */
    @Transactional(readOnly = true)
    public List<JobLine> ofNumbers(List<String> numbers) {
        return numbers.isEmpty() ? List.of() : jobs.lines(null, null, numbers, false);
    }

    /**
     * What is known of a position from the jobs that were signed there. @param ofKind lives of the seal that runs there
     * now, wherever that kind has been, @param causes in words with how often
     */
    public record History(
            Lives lives,
            Lives ofKind,
            List<String> causes,
            List<PositionNote> notes,
            List<ConcessionLine> concessions,
            List<RecommendationLine> recommendations,
            List<String> parts) {}

    public History history(long positionId) {
        return store.history(positionId);
    }

    /**
     * Defects that were accepted for a time and stand where no later job was signed, the next to be looked at first.
     */
    public List<ConcessionLine> concessions() {
        return store.concessions();
    }

    /** Notes what an owner answered. @throws RefusedInput without an answer or a day */
    public void answer(long recommendation, String answer, String on, Person person) {
        new Needs()
                .that(
                        "answer",
                        !answer.isBlank() && answer.length() <= LONGEST_REASON,
                        "needs up to " + LONGEST_REASON + " characters")
                .that("on", isDay(on), "is not understood as a day: write year-month-day, such as 2026-12-24")
                .done();
        store.answer(recommendation, answer.strip(), on.strip(), person);
    }

    private static boolean isDay(String text) {
        try {
            LocalDate.parse(text.strip());
            return true;
        } catch (DateTimeParseException e) {
            return false;
        }
    }

    public Job open(long positionId, Person person) {
        return store.open(positionId, person);
    }

    public JobView page(String number, Stage stage, Person person) {
        JobState state = store.load(number);
        return pages.view(
                state,
                stage,
                evaluate(state),
                newTab(),
                state.seq(stage),
                state.sheet(stage),
                Map.of(),
                person.unit(),
                person);
    }

    /** Saves what was typed and says what follows from it; nothing is refused here, errors stand at their fields. */
    public JobView type(String number, Stage stage, Posted posted, Person person) {
        JobState before = store.load(number);
        return saved(before, stage, posted, retyped(before, stage, posted), Map.of(), person);
    }

    /** Strikes one reading with its reason; it stays in the record. */
    public JobView strike(String number, Stage stage, Posted posted, String field, String why, Person person) {
        JobState before = store.load(number);
        Map<String, Typed> texts = new HashMap<>(retyped(before, stage, posted));
        if (why.isBlank() || why.length() > LONGEST_REASON) {
            return saved(
                    before,
                    stage,
                    posted,
                    texts,
                    Map.of(field, "A struck reading needs its reason, up to " + LONGEST_REASON + " characters."),
                    person);
        }
        if (wasStruck(
                before, stage, posted, texts.getOrDefault(field, Typed.NOTHING).strike(why.strip()), field)) {
            return pages.view(
                    before,
                    stage,
                    evaluate(before),
                    posted.tab(),
                    before.seq(stage),
                    before.sheet(stage),
                    Map.of(),
                    posted.unit(),
                    person);
        }
        texts.computeIfPresent(field, (name, typed) -> typed.strike(why.strip()));
        return saved(before, stage, posted, texts, Map.of(), person);
    }

    /** Whether this very strike has come before: a browser may send a form twice when its connection breaks. */
    private static boolean wasStruck(JobState before, Stage stage, Posted posted, Typed struck, String field) {
        Typed stored = before.sheet(stage).getOrDefault(field, Typed.NOTHING);
        int last = stored.struck().size() - 1;
        return posted.seq() < before.seq(stage)
                && stored.isBlank()
                && last >= 0
                && !struck.struck().isEmpty()
                && stored.struck()
                        .get(last)
                        .equals(struck.struck().get(struck.struck().size() - 1));
    }

    /**
     * What keeping a sheet came to. @param kept whether a revision was made, @param view the page to show when it was
     * not
     */
    public record Kept(boolean kept, JobView view) {}

    /**
     * Keeps a sheet as a revision, unless something in it cannot be read, is needed and absent, or waits for a hold
     * point.
     */
    public Kept keep(String number, Stage stage, Posted posted, Person person) {
        JobView view = type(number, stage, posted, person);
        JobState state = store.load(number);
        JobEvaluation evaluation = evaluate(state);
        Map<String, Typed> texts = state.sheet(stage);
        Map<String, String> missing = new LinkedHashMap<>();
        SheetFields.fields(stage)
                .filter(f -> f.needed()
                        && texts.getOrDefault(f.name(), Typed.NOTHING).isBlank())
                .forEach(f -> missing.put(f.name(), "This is needed."));
        if (stage == Stage.DECIDE
                && evaluation.decided().wantsReason()
                && evaluation.values().text("chooseWhy") == null) {
            missing.put("chooseWhy", "Another than the recommended seal needs its reason.");
        }
        if (stage == Stage.SIGN && evaluation.values().text("concession") != null) {
            JobRules.CONCESSION.stream()
                    .filter(f -> texts.getOrDefault(f, Typed.NOTHING).isBlank())
                    .forEach(f -> missing.put(f, "A concession needs this."));
        }
        boolean refused =
                SheetFields.fields(stage).anyMatch(f -> evaluation.errors().containsKey(f.name()));
        boolean aside = state.aside(stage).stream().anyMatch(d -> d.tab().equals(posted.tab()));
        if (refused
                || aside
                || !missing.isEmpty()
                || JobRules.held(stage, state, evaluation).isPresent()) {
            return new Kept(
                    false,
                    pages.view(
                            state,
                            stage,
                            evaluation,
                            posted.tab(),
                            view.seq(),
                            aside ? retyped(state, stage, posted) : texts,
                            missing,
                            posted.unit(),
                            person));
        }
        store.keep(number, stage, texts, evaluation.verdict(stage), person);
        return new Kept(true, view);
    }

    /**
     * Fills fields that are still blank, as if they had been typed; what stands in a sheet stays.
     *
     * @param texts by field, @return the stage of the first field that was filled
     * @throws RefusedInput when the job is not open any more, or none of the fields is blank
     */
    public Stage fill(String number, Map<String, String> texts, LengthUnit unit, Person person) {
        JobState state = store.load(number);
        if (!state.isOpen()) {
            throw new RefusedInput("", "can be taken into an open job only");
        }
        Stage first = null;
        String tab = newTab();
        for (Stage stage : Stage.values()) {
            Map<String, Typed> sheet = new LinkedHashMap<>(state.sheet(stage));
            List<String> blank = SheetFields.fields(stage)
                    .map(Field::name)
                    .filter(texts::containsKey)
                    .filter(n -> sheet.getOrDefault(n, Typed.NOTHING).isBlank())
                    .toList();
            if (!blank.isEmpty()) {
                blank.forEach(
                        n -> sheet.put(n, sheet.getOrDefault(n, Typed.NOTHING).retyped(texts.get(n), unit)));
                Map<Stage, Map<String, Typed>> seen = new EnumMap<>(Stage.class);
                seen.putAll(state.texts());
                seen.put(stage, sheet);
                JobEvaluation evaluation = JobEvaluation.of(state.position(), seen, state.sections(), settings.shop());
                store.saveDraft(state, stage, tab, state.seq(stage), sheet, evaluation.verdict(stage), person);
                first = first == null ? stage : first;
            }
        }
        if (first == null) {
            throw new RefusedInput("", "brings nothing that is still blank in job " + number);
        }
        return first;
    }

    /** Takes the typing of another window, which stood aside or in the way, as the newest. */
    public void take(String number, Stage stage, String tab, Person person) {
        JobState state = store.load(number);
        state.drafts().stream()
                .filter(d -> d.stage() == stage && d.tab().equals(tab))
                .findFirst()
                .ifPresent(d -> store.saveDraft(
                        state, stage, tab, state.seq(stage), json.read(d.texts()), d.verdict(), person));
    }

    /**
     * Ticks a step, or skips it with a reason.
     *
     * @param read what the step said where it was ticked, absent: as it reads now
     * @throws RefusedInput when a hold point before it is open, the reason is no reason, or the step says something
     *     else by now
     */
    public void finishStep(
            String number, String step, @Nullable String read, @Nullable String skippedWhy, Person person) {
        JobState state = store.load(number);
        JobEvaluation evaluation = evaluate(state);
        Step ticked = evaluation.plan().stream()
                .filter(s -> s.id().equals(step))
                .findFirst()
                .orElseThrow(() -> new RefusedInput(step, "is no step of this plan"));
        if (read != null && !read.equals(ticked.act())) {
            throw new RefusedInput(step, "says something else by now: read it again");
        }
        Set<String> done = state.done(evaluation.plan()).keySet();
        if (skippedWhy != null && (skippedWhy.isBlank() || skippedWhy.length() > LONGEST_REASON)) {
            throw new RefusedInput(step, "skipping needs a written reason, up to " + LONGEST_REASON + " characters");
        }
        Step held = JobRules.stepHeldBy(evaluation.plan(), done, step).orElse(null);
        if (held != null) {
            throw new RefusedInput(step, "waits for the hold point before it: " + held.act());
        }
        JobRules.held(Stage.FIT, state, evaluation).ifPresent(stage -> {
            throw new RefusedInput(step, stage.why());
        });
        if (step.equals("parts") && skippedWhy == null && !done.contains(step)) {
            JobRules.partsHeld(state, evaluation).ifPresent(why -> {
                throw new RefusedInput(step, why);
            });
        }
        store.finishStep(number, ticked, skippedWhy == null ? null : skippedWhy.strip(), person);
    }

    /**
     * Enters that something is put in or counted out, on trial or final. @throws RefusedInput when it has no name or
     * the job is closed
     */
    public void enter(String number, JobEntry.Kind kind, String what, boolean open, Person person) {
        if (what.isBlank() || what.strip().length() > LONGEST_THING) {
            throw new RefusedInput(kind.name(), "needs a name, up to " + LONGEST_THING + " characters");
        }
        store.enter(number, kind, what.strip(), open ? kind.open() : kind.closed(), person);
    }

    /**
     * Ticks the bolt that is next in the torque plan. @param nm what it was tightened to (N·m)
     *
     * @throws RefusedInput when another one is next, or another figure: somebody else may have ticked it, or typed
     */
    public void tick(String number, int pass, int bolt, double nm, Person person) {
        JobState state = store.load(number);
        TorqueWork work = new TorqueWork(evaluate(state).torque(), state.kept().ticks());
        TorqueWork.Tick next = work.next();
        if (work.isDone(pass, bolt, nm)) {
            return;
        }
        if (next == null || !next.isBy(pass, bolt, nm)) {
            throw new RefusedInput(
                    "torque",
                    next == null
                            ? "has no bolt left to tighten"
                            : "goes on with bolt " + next.bolt() + " in pass " + next.pass() + " to "
                                    + Length.show(next.nm(), 1) + " N·m");
        }
        store.tick(number, next, person);
    }

    /** Leaves a note to the next fitter at this position. @throws RefusedInput when it says nothing */
    public void leaveNote(String number, String text, Person person) {
        if (text.isBlank() || text.length() > LONGEST_ADDENDUM) {
            throw new RefusedInput("note", "needs 1 to " + LONGEST_ADDENDUM + " characters");
        }
        store.leaveNote(number, text.strip(), person);
    }

    /** What jobs at the positions of a machine were about, by position: causes in words with how often. */
    public Map<Long, List<String>> causes(long machineId) {
        Map<Long, List<String>> out = new HashMap<>();
        store.causes(machineId).forEach(c -> out.computeIfAbsent(c.positionId(), p -> new ArrayList<>())
                .add(c.words()));
        return out;
    }

    /**
     * Signs the job and freezes it. A second call changes nothing. @throws RefusedInput with everything that is still
     * open
     */
    public void sign(String number, Person person) {
        JobState state = store.load(number);
        if (state.job().state() == Job.State.SIGNED) {
            return;
        }
        JobEvaluation evaluation = evaluate(state);
        List<String> open = JobRules.openBeforeSigning(state, evaluation, person, store.now());
        if (!open.isEmpty()) {
            throw new RefusedInput(open.stream().map(o -> new FieldError("", o)).toList());
        }
        Instant at = store.now();
        String snapshot = json.writeSnapshot(snapshots.of(state, evaluation, person.fullName(), at));
        store.sign(state, Signing.of(evaluation, snapshot, Sha256.of(snapshot), person.fullName()), person, at);
    }

    /** @throws RefusedInput when there is nothing to add, or the job is not signed */
    public void addAddendum(String number, String text, Person person) {
        if (store.load(number).job().state() != Job.State.SIGNED) {
            throw new RefusedInput("text", "can be added only to a signed job");
        }
        if (text.isBlank() || text.length() > LONGEST_ADDENDUM) {
            throw new RefusedInput("text", "needs 1 to " + LONGEST_ADDENDUM + " characters");
        }
        store.addAddendum(number, text.strip(), person);
    }

    /** Nothing is deleted: a job that was opened in error is withdrawn with a reason. */
    public void withdraw(String number, String why, Person person) {
        if (why.isBlank() || why.length() > LONGEST_REASON) {
            throw new RefusedInput("why", "needs a reason, up to " + LONGEST_REASON + " characters");
        }
        store.withdraw(number, why.strip(), person);
    }

    /** A revision as it was kept, with its fields in words. */
    public record KeptSheet(Revision revision, List<Snapshot.Line> lines) {}

    /** An earlier sheet, opened again. @throws NotFound when there is no such revision */
    public KeptSheet keptSheet(String number, Stage stage, int revision) {
        JobState state = store.load(number);
        Revision found = state.revisions().stream()
                .filter(r -> r.stage() == stage && r.revision() == revision)
                .findFirst()
                .orElseThrow(() -> new NotFound("revision " + revision + " of " + stage.title()));
        Map<String, Typed> texts = json.read(found.texts());
        return new KeptSheet(
                found,
                SnapshotMaker.lines(
                        stage, texts, JobEvaluation.of(state.position(), Map.of(stage, texts), settings.shop())));
    }

    /** What the card shows: the frozen job once it is signed, else the job as it stands. */
    public Snapshot snapshot(String number) {
        JobState state = store.load(number);
        return state.signature() != null
                ? json.readSnapshot(state.signature().snapshot())
                : snapshots.of(state, evaluate(state), null, null);
    }

    /** The driver's drawing, and where it belongs. */
    public record DriverSheet(LineDrawing drawing, String place) {}

    /** @throws NotFound while the job says neither which seal nor how deep */
    public DriverSheet driver(String number) {
        JobState state = store.load(number);
        JobEvaluation evaluation = evaluate(state);
        if (evaluation.fitting().driver() == null) {
            throw new NotFound("driver for job " + number + " yet: seal and depth are not decided");
        }
        return new DriverSheet(
                Offers.drawing(evaluation),
                state.position().machineName() + ", " + state.position().name());
    }

    public @Nullable Signature signature(String number) {
        return store.load(number).signature();
    }

    public List<Addendum> addenda(String number) {
        return store.load(number).addenda();
    }

    private JobView saved(
            JobState before,
            Stage stage,
            Posted posted,
            Map<String, Typed> texts,
            Map<String, String> errors,
            Person person) {
        Map<Stage, Map<String, Typed>> seen = new EnumMap<>(Stage.class);
        seen.putAll(before.texts());
        seen.put(stage, texts);
        JobEvaluation evaluation = JobEvaluation.of(before.position(), seen, before.sections(), settings.shop());
        JobStore.Saved saved =
                store.saveDraft(before, stage, posted.tab(), posted.seq(), texts, evaluation.verdict(stage), person);
        return pages.view(
                saved.after(), stage, evaluation, posted.tab(), saved.seq(), texts, errors, posted.unit(), person);
    }

    private JobEvaluation evaluate(JobState state) {
        return JobEvaluation.of(state.position(), state.texts(), state.sections(), settings.shop());
    }

    /** The posted texts, each with the unit it was typed in: what was not touched keeps its own. */
    private static Map<String, Typed> retyped(JobState state, Stage stage, Posted posted) {
        Map<String, Typed> before = state.sheet(stage);
        Map<String, Typed> out = new LinkedHashMap<>();
        SheetFields.fields(stage).forEach(f -> {
            String text = posted.texts().getOrDefault(f.name(), "");
            String stored = text.length() > LONGEST_STORED ? text.substring(0, LONGEST_STORED) : text;
            out.put(f.name(), before.getOrDefault(f.name(), Typed.NOTHING).retyped(stored, posted.unit()));
        });
        return out;
    }

    private String newTab() {
        return Long.toString(random.nextLong() >>> 1, Character.MAX_RADIX);
    }
}
