package joropo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.access.Person;
import joropo.app.access.Sha256;
import joropo.app.drawing.LineDrawing;
import joropo.app.family.CommonFields;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.job.JobMapper.Asked;
import joropo.app.ui.NotFound;
import joropo.app.ui.Paged;
import joropo.core.plan.Lives;
import joropo.core.plan.Step;
import joropo.core.units.Day;
import joropo.core.units.FieldError;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs as people work on them: open, type, keep, tick, sign. */
@Service
public class JobService {
    /** Jobs on one page of a position, beside its lives, its notes and its limits. */
    private static final int AT_A_POSITION = 12;

    private static final int LONGEST_REASON = 200;
    private static final int LONGEST_ADDENDUM = 1000;
    private static final int LONGEST_THING = 60;
    private final JobStore store;
    private final JobMapper jobs;
    private final JobSheets sheets;
    private final JobWorks works;
    private final SnapshotMaker snapshots;
    private final Looks looks;
    private final TextsJson json;

    JobService(
            JobStore store,
            JobMapper jobs,
            JobSheets sheets,
            JobWorks works,
            SnapshotMaker snapshots,
            Looks looks,
            TextsJson json) {
        this.looks = looks;
        this.store = store;
        this.jobs = jobs;
        this.sheets = sheets;
        this.works = works;
        this.snapshots = snapshots;
        this.json = json;
    }

    /** @param page from 1 */
    @Transactional(readOnly = true)
    public Paged<JobLine> openJobs(int page) {
        return paged(new Asked(null, null, List.of(), true), page);
    }

    @Transactional(readOnly = true)
    public Paged<JobLine> ofMachine(long machineId, int page) {
        return paged(new Asked(machineId, null, List.of(), false), page);
    }

    @Transactional(readOnly = true)
    public Paged<JobLine> ofPosition(long positionId, int page) {
        return paged(new Asked(null, positionId, List.of(), false), page, AT_A_POSITION);
    }

    private Paged<JobLine> paged(Asked asked, int page) {
        return paged(asked, page, Paged.SIZE);
    }

    private Paged<JobLine> paged(Asked asked, int page, int size) {
        return Paged.of(page, jobs.count(asked), size, (most, after) -> jobs.lines(asked, most, after));
    }

    /** @param numbers of jobs, at least one */
    @Transactional(readOnly = true)
    public List<JobLine> ofNumbers(List<String> numbers) {
        return numbers.isEmpty() ? List.of() : jobs.lines(new Asked(null, null, numbers, false), numbers.size(), 0);
    }

    /**
     * What is known of a position from the jobs that were signed there. @param lives item by item, @param ofKind lives
     * that have ended of the seal that runs there now, wherever that kind has been, @param causes in words with how
     * often
     */
    public record History(
            List<Lives> lives,
            Lives.Mean ofKind,
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
    public Paged<ConcessionLine> concessions(int page) {
        return store.concessions(page);
    }

    /** Signed jobs that are to be looked at again, and whose day has come. */
    public Paged<Look> looksDue() {
        return looks.due();
    }

    /** All looks that nobody did yet. */
    public List<Look> looks() {
        return looks.open();
    }

    /** Open jobs with a part that cannot be had. */
    public List<WaitsForPart> waitingForParts() {
        return looks.waiting();
    }

    /** Times of open jobs that are up. */
    public List<TimeUp> timesUp() {
        return looks.timesUp();
    }

    /** Notes what an owner answered. @throws RefusedInput without an answer or a day */
    public void answer(long recommendation, String answer, String on, Person person) {
        new Needs()
                .that(
                        "answer",
                        !answer.isBlank() && answer.length() <= LONGEST_REASON,
                        "needs up to " + LONGEST_REASON + " characters")
                .done();
        store.answer(recommendation, answer.strip(), day(on).toString(), person);
    }

    private static LocalDate day(String on) {
        try {
            return Day.parse(on);
        } catch (RefusedInput e) {
            throw new RefusedInput("on", e.errors().get(0).message());
        }
    }

    /** Positions where a job was opened last, the newest first. */
    @Transactional(readOnly = true)
    public List<Long> lastWorkedAt(int most) {
        return jobs.lastWorkedAt(most);
    }

    /** The newest job that is open at each of these positions, by position; none where none is. */
    @Transactional(readOnly = true)
    public Map<Long, String> openAt(List<Long> positions) {
        Map<Long, String> out = new HashMap<>();
        if (!positions.isEmpty()) {
            jobs.openAt(positions).forEach(o -> out.put(o.positionId(), o.number()));
        }
        return out;
    }

    /**
     * How a position stands. @param openJob number of the newest job that is open there, absent: none, @param verdict
     * of the newest job there, absent: none, @param changedAt when a seal was fitted there last, absent: not known
     */
    public record Standing(
            long positionId,
            @Nullable String openJob,
            @Nullable Status verdict,
            @Nullable Instant changedAt) {}

    /** By position. */
    @Transactional(readOnly = true)
    public Map<Long, Standing> standing(List<Long> positions) {
        return positions.isEmpty()
                ? Map.of()
                : jobs.standing(positions).stream().collect(Collectors.toMap(Standing::positionId, s -> s));
    }

    /** Open jobs that are nearly done and do not hold: mended, or a lead writes a concession. */
    @Transactional(readOnly = true)
    public List<JobLine> waitingForLead() {
        return ofNumbers(jobs.waitingForLead(AT_A_POSITION));
    }

    public Job open(long positionId, Person person) {
        return store.open(positionId, person);
    }

    /** One of which it is known why it is opened: there is nothing to ask before taking apart. */
    public Job openPlanned(long positionId, Person person) {
        Job job = store.open(positionId, person);
        sheets.fill(job.number(), Map.of(CommonFields.SYMPTOM.name(), "PLANNED"), person.unit(), person);
        return job;
    }

    /** The stage that is to be worked on next. */
    Stage firstOpen(String number) {
        JobState state = store.load(number, Set.of());
        return Arrays.stream(Stage.values())
                .filter(s -> state.lastRevision(s).isEmpty())
                .findFirst()
                .orElse(Stage.SIGN);
    }

    /** Steps of taking apart, or of the fitting plan. @param stage Make safe or Fit */
    public List<Step> steps(String number, Stage stage) {
        JobWork work = works.of(store.load(number));
        return stage == Stage.STRIP ? work.stripping() : work.plan();
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
        JobWork work = works.of(state);
        Step ticked = Stream.concat(work.stripping().stream(), work.plan().stream())
                .filter(s -> s.id().equals(step))
                .findFirst()
                .orElseThrow(() -> new RefusedInput(step, "is no step of this plan"));
        List<Step> plan = ticked.isStripping() ? work.stripping() : work.plan();
        if (ticked.isOfTheList()) {
            throw new RefusedInput(step, "is done when its part is back in the list below");
        }
        if (work.isAnswered(ticked) && skippedWhy == null) {
            throw new RefusedInput(
                    step,
                    "is done when it is answered at " + work.answeredAt(ticked).title());
        }
        if (read != null && !read.equals(ticked.instruction())) {
            throw new RefusedInput(step, "says something else by now: read it again");
        }
        Set<String> done = state.done(plan, work).keySet();
        if (skippedWhy != null && (skippedWhy.isBlank() || skippedWhy.length() > LONGEST_REASON)) {
            throw new RefusedInput(step, "skipping needs a written reason, up to " + LONGEST_REASON + " characters");
        }
        Step held = JobRules.stepHeldBy(plan, done, step).orElse(null);
        if (held != null) {
            throw new RefusedInput(step, "waits for the hold point before it: " + held.instruction());
        }
        JobRules.held(ticked.isStripping() ? Stage.STRIP : Stage.FIT, state, work)
                .ifPresent(stage -> {
                    throw new RefusedInput(step, stage.why());
                });
        if (skippedWhy == null) {
            StepStops.of(state, ticked, work).ifPresent(waiting -> {
                throw new RefusedInput(step, waiting.why());
            });
        }
        if (step.equals("parts") && skippedWhy == null && !done.contains(step)) {
            JobRules.partsHeld(state, work).ifPresent(why -> {
                throw new RefusedInput(step, why);
            });
        }
        var with = skippedWhy == null && !done.contains(step)
                ? StepWith.of(state, work, StepWith.laidOut(state, work), plan, ticked)
                : StepWith.NOTHING;
        store.finishStep(
                number, ticked, skippedWhy == null ? null : skippedWhy.strip(), with.steps(), with.back(), person);
    }

    /** Takes a tick back. @throws RefusedInput without a reason, or where there is no tick */
    public void undoStep(String number, String step, String why, Person person) {
        JobState state = store.load(number);
        JobWork work = works.of(state);
        Step undone = Stream.concat(work.stripping().stream(), work.plan().stream())
                .filter(s -> s.id().equals(step))
                .findFirst()
                .orElseThrow(() -> new RefusedInput(step, "is no step of this plan"));
        if (undone.isOfTheList()
                || work.isAnswered(undone)
                || state.newestTick(undone).filter(t -> t.undoneWhy() == null).isEmpty()) {
            throw new RefusedInput(step, "is not ticked: there is nothing to take back");
        }
        if (why.isBlank() || why.length() > LONGEST_REASON) {
            throw new RefusedInput(step, "is taken back with a reason, up to " + LONGEST_REASON + " characters");
        }
        store.undoStep(number, undone, why.strip(), person);
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
     * Ticks the bolt that is next in the torque plan of a joint, or all that are left of its pass. @param joint its
     * key, empty: the first, @param bolt 0: the rest of the pass, @param nm what it was tightened to (N·m)
     *
     * @throws RefusedInput when another one is next, or another figure: somebody else may have ticked it, or typed
     */
    public void tick(String number, String joint, int pass, int bolt, double nm, Person person) {
        JobState state = store.load(number);
        TorqueProgress progress = torque(state, joint);
        TorqueProgress.Tick next = progress.next();
        if (bolt > 0 && progress.isDone(pass, bolt, nm)) {
            return;
        }
        if (next == null || !next.isBy(pass, bolt == 0 ? next.bolt() : bolt, nm)) {
            throw new RefusedInput(
                    "torque",
                    next == null
                            ? "has no bolt left to tighten"
                            : "goes on with bolt " + next.bolt() + " in pass " + next.pass() + " to "
                                    + Length.show(next.nm(), 1) + " N·m");
        }
        store.tick(number, bolt == 0 ? progress.restOfPass() : List.of(next), person);
    }

    /** Takes back the bolt that was tightened last. @throws RefusedInput without a reason, or where none is */
    public void undoTick(String number, String joint, String why, Person person) {
        TorqueProgress.Tick last = torque(store.load(number), joint).last();
        if (last == null) {
            throw new RefusedInput("torque", "has no bolt that could be taken back");
        }
        if (why.isBlank() || why.length() > LONGEST_REASON) {
            throw new RefusedInput("torque", "needs a reason, up to " + LONGEST_REASON + " characters");
        }
        store.undoTick(number, last, why.strip(), person);
    }

    private TorqueProgress torque(JobState state, String joint) {
        return TorqueProgress.all(works.of(state), state).stream()
                .filter(p -> p.joint().equals(joint))
                .findFirst()
                .orElseThrow(() -> new RefusedInput("torque", "has no such joint"));
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
        JobState state = sheets.keepAll(number);
        if (state.job().state() == Job.State.SIGNED) {
            return;
        }
        JobWork work = works.of(state);
        List<String> open = JobRules.openBeforeSigning(state, work, person, store.now());
        if (!open.isEmpty()) {
            throw new RefusedInput(open.stream().map(o -> new FieldError("", o)).toList());
        }
        Instant at = store.now();
        String snapshot = json.writeSnapshot(snapshots.of(state, work, person.fullName(), at));
        store.sign(state, Signing.of(work, snapshot, Sha256.of(snapshot), person.fullName()), person, at);
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

    /**
     * What a lead says of a job: it goes back with a remark, or is countersigned. What was signed stays signed: it is
     * answered by an addendum.
     *
     * @throws RefusedInput without a remark, of a job that is not signed, or of one's own
     */
    public void review(String number, Review.Kind kind, String remark, Person person) {
        JobState state = store.load(number);
        Signature signed = state.beside().ending().signature();
        new Needs()
                .that("remark", person.isLead(), "is a lead's to make")
                .that("remark", state.job().state() != Job.State.WITHDRAWN, "cannot be made of a withdrawn job")
                .that("remark", remark.length() <= LONGEST_ADDENDUM, "has room for " + LONGEST_ADDENDUM + " characters")
                .that(
                        "remark",
                        kind != Review.Kind.SENT_BACK || !remark.isBlank(),
                        "is needed: what is to be done about it")
                .that("remark", kind != Review.Kind.COUNTERSIGNED || signed != null, "waits until the job is signed")
                .that(
                        "remark",
                        kind != Review.Kind.COUNTERSIGNED
                                || signed == null
                                || !signed.personName().equals(person.fullName()),
                        "comes from somebody else than who signed")
                .done();
        store.review(number, kind, remark.strip(), person);
    }

    /** What leads said of a job. */
    public List<Review> reviews(String number) {
        return store.load(number).beside().ending().reviews();
    }

    /** Signed jobs that wait for a lead to countersign them, the oldest first. */
    @Transactional(readOnly = true)
    public List<JobLine> waitingForCountersign() {
        return ofNumbers(jobs.waiting(Review.Waits.COUNTERSIGN, null, AT_A_POSITION));
    }

    /** Jobs of somebody that a lead sent back, and that have no answer yet. */
    @Transactional(readOnly = true)
    public List<JobLine> sentBackTo(Person person) {
        return ofNumbers(jobs.waiting(Review.Waits.ANSWER, person.id(), AT_A_POSITION));
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
        JobState state = store.load(number, Set.of());
        Revision found = store.revision(number, stage, revision);
        Map<String, Typed> texts = json.read(found.texts());
        return new KeptSheet(found, SnapshotMaker.keptLines(state.job(), stage, texts, works.of(state, stage, texts)));
    }

    public Job find(String number) {
        return store.find(number);
    }

    /** What the card shows: the frozen job once it is signed, else the job as it stands. */
    public Snapshot snapshot(String number) {
        JobState state = store.load(number);
        return state.beside().ending().signature() != null
                ? json.readSnapshot(state.beside().ending().signature().snapshot())
                : snapshots.of(state, works.of(state), null, null);
    }

    /** A drawing of a tool or part, and where it belongs. */
    public record ToolDrawing(LineDrawing drawing, String place) {}

    /** @param name as its links name it, @throws NotFound while the job does not say enough for it */
    public ToolDrawing drawing(String number, String name) {
        JobState state = store.load(number, Set.of());
        return works.of(state).items().stream()
                .filter(i -> name.startsWith(i.item().prefix()))
                .flatMap(i -> i.work().drawing(name.substring(i.item().prefix().length())).stream())
                .findFirst()
                .map(d -> new ToolDrawing(
                        d,
                        state.position().machineName() + ", " + state.position().name()))
                .orElseThrow(() -> new NotFound(name + " for job " + number + " yet: not enough is decided"));
    }

    public @Nullable Signature signature(String number) {
        return store.load(number).beside().ending().signature();
    }

    public List<Addendum> addenda(String number) {
        return store.load(number).beside().ending().addenda();
    }
}
