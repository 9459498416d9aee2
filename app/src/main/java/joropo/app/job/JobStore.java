package joropo.app.job;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.bench.BenchService;
import joropo.app.bench.BenchService.Arranged;
import joropo.app.bench.Role;
import joropo.app.job.JobMapper.StageDraft;
import joropo.app.job.ListsMapper.LifeRow;
import joropo.app.register.RegisterService;
import joropo.app.ui.NotFound;
import joropo.core.plan.Lives;
import joropo.core.plan.Step;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs in the database: short transactions, nothing computed inside them. */
@Service
class JobStore {
    private final JobMapper jobs;
    private final ListsMapper lists;
    private final RegisterService register;
    private final PeopleService people;
    private final BenchService bench;
    private final TextsJson json;
    private final Clock clock;

    JobStore(
            JobMapper jobs,
            ListsMapper lists,
            RegisterService register,
            PeopleService people,
            BenchService bench,
            TextsJson json,
            Clock clock) {
        this.jobs = jobs;
        this.lists = lists;
        this.register = register;
        this.people = people;
        this.bench = bench;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public JobState load(String number) {
        return state(find(number));
    }

    @Transactional
    public Job open(long positionId, Person person) {
        register.position(positionId).orElseThrow(() -> new NotFound("position " + positionId));
        String number = nextNumber();
        jobs.insert(number, positionId, person.id(), now());
        people.record(person.name(), "opened job " + number);
        return find(number);
    }

    /**
     * What became of a draft. @param seq the number to send with the next one, @param after the job with the draft in
     * it
     */
    record Saved(long seq, JobState after) {}

    /**
     * Saves what a window shows. A window that has not seen the newest typing of another one is saved aside: both texts
     * stay.
     *
     * @param loaded the job as it was loaded for this request; only what others may have changed since is read again
     * @param seenSeq the highest number this window knows of
     */
    @Transactional
    public Saved saveDraft(
            JobState loaded,
            Stage stage,
            String tab,
            long seenSeq,
            Map<String, Typed> texts,
            Status verdict,
            Person person) {
        mustBeOpen(find(loaded.job().number()));
        JobState now = loaded.withDrafts(jobs.drafts(loaded.job().id()), json);
        if (now.seqOf(stage, tab) > 0 && texts.equals(now.sheet(stage))) {
            return new Saved(now.seq(stage), now); // said before, by a request that came late or twice
        }
        boolean older = now.seqOfOthers(stage, tab) > Math.max(seenSeq, now.seqOf(stage, tab));
        long seq = older ? Math.max(seenSeq, now.seqOf(stage, tab)) : now.seq(stage) + 1;
        var draft = new StageDraft(
                stage, tab, seq, older, json.write(texts), verdict, person.fullName(), after(now.lastRevision(stage)));
        jobs.saveDraft(loaded.job().id(), draft, person.id());
        List<StageDraft> drafts = Stream.concat(
                        now.drafts().stream()
                                .filter(d -> d.stage() != stage || !d.tab().equals(tab)),
                        Stream.of(draft))
                .sorted(Comparator.comparingLong(StageDraft::seq))
                .toList();
        return new Saved(seq, now.withDrafts(drafts, json));
    }

    /** Keeps a sheet as its next revision. */
    @Transactional
    public void keep(String number, Stage stage, Map<String, Typed> texts, Status verdict, Person person) {
        JobState state = open(number);
        int revision = state.lastRevision(stage).map(Revision::revision).orElse(0) + 1;
        Instant newest = state.drafts().stream()
                .filter(d -> d.stage() == stage)
                .map(StageDraft::savedAt)
                .max(Instant::compareTo)
                .orElse(Instant.EPOCH);
        Instant at = now().isBefore(newest) ? newest : now();
        jobs.insertRevision(
                state.job().id(),
                stage,
                revision,
                json.write(texts),
                TextsJson.SCHEMA_VERSION,
                verdict,
                person.id(),
                at);
    }

    /** Done, or skipped with a reason; a second call for the same step, as it reads now, changes nothing. */
    @Transactional
    public void finishStep(String number, Step step, @Nullable String skippedWhy, Person person) {
        jobs.insertStep(open(number).job().id(), step, person.id(), now(), skippedWhy);
    }

    /**
     * Freezes the job and keeps at its position what it leaves there; a second signature, such as from a double click,
     * changes nothing.
     *
     * @param seen the job that was found ready, @throws RefusedInput when somebody has changed it since, or it is not
     *     open any more
     */
    @Transactional
    public void sign(JobState seen, Signing signing, Person person, Instant at) {
        String number = seen.job().number();
        Job job = find(number);
        if (job.state() == Job.State.SIGNED) {
            return;
        }
        if (!state(mustBeOpen(job)).equals(seen)) {
            throw new RefusedInput("", "Somebody changed this job at the same moment: look at it and sign again.");
        }
        jobs.insertSignature(job.id(), signing.snapshot(), signing.sha256(), person.id(), at);
        jobs.setState(job.id(), Job.State.SIGNED, null);
        bench.fitted(job.positionId(), job.id(), signing.fitted());
        signing.causes().forEach(c -> jobs.insertCause(job.id(), job.positionId(), c.cause(), c.score()));
        lists.insertLife(job.id(), job.positionId(), signing.life(), at);
        if (signing.concession() != null) {
            lists.insertConcession(job.id(), job.positionId(), signing.concession());
        }
        if (signing.recommendation() != null) {
            lists.insertRecommendation(job.id(), job.positionId(), signing.recommendation(), person.id(), at);
        }
        people.record(person.name(), "signed job " + number);
    }

    /** How a thing stands from now on; said twice it is said once. */
    @Transactional
    public void enter(String number, JobEntry.Kind kind, String what, JobEntry.State state, Person person) {
        JobState now = open(number);
        if (now.kept().entries().stream()
                .noneMatch(e -> e.kind() == kind && e.what().equals(what) && e.state() == state)) {
            jobs.insertEntry(now.job().id(), kind, what, state, person.id(), now());
        }
    }

    /** One bolt in one pass; a second call changes nothing. */
    @Transactional
    public void tick(String number, TorqueWork.Tick tick, Person person) {
        jobs.insertTick(open(number).job().id(), tick, person.id(), now());
    }

    @Transactional
    public void leaveNote(String number, String text, Person person) {
        Job job = find(number);
        jobs.insertNote(job.positionId(), job.id(), text, person.id(), now());
    }

    @Transactional(readOnly = true)
    public List<JobMapper.CauseCount> causes(long machineId) {
        return jobs.causes(machineId, null);
    }

    @Transactional(readOnly = true)
    public JobService.History history(long positionId) {
        Lives lives = lives(lists.lives(positionId));
        String seal = lives.lives().isEmpty() ? "" : lives.lives().get(0).seal();
        Lives ofKind = Lives.ofSeal(
                lists.livesAround(seal).stream().collect(Collectors.groupingBy(LifeRow::positionId)).values().stream()
                        .map(JobStore::lives)
                        .toList(),
                seal);
        List<String> causes = jobs.causes(null, positionId).stream()
                .map(JobMapper.CauseCount::words)
                .toList();
        List<String> parts = lives.lives().isEmpty()
                ? List.of()
                : json.readSnapshot(
                                jobs.signature(find(lives.lives().get(0).job()).id())
                                        .orElseThrow()
                                        .snapshot())
                        .parts();
        return new JobService.History(
                lives,
                ofKind,
                causes,
                jobs.notes(positionId),
                lists.concessions(positionId),
                lists.recommendations(positionId),
                parts);
    }

    private static Lives lives(List<LifeRow> rows) {
        return Lives.of(rows.stream()
                .map(l -> new Lives.Fitted(l.jobNumber(), l.seal(), l.fittedAt(), l.hoursOfLast(), l.reasonOfLast()))
                .toList());
    }

    @Transactional(readOnly = true)
    public List<ConcessionLine> concessions() {
        return lists.concessions(null);
    }

    @Transactional
    public void answer(long recommendation, String answer, String on, Person person) {
        if (lists.answer(recommendation, answer, on) > 0) {
            people.record(person.name(), "noted the answer to recommendation " + recommendation);
        }
    }

    @Transactional
    public void addAddendum(String number, String text, Person person) {
        jobs.insertAddendum(find(number).id(), text, person.id(), now());
        people.record(person.name(), "added to signed job " + number);
    }

    @Transactional
    public void withdraw(String number, String why, Person person) {
        jobs.setState(open(number).job().id(), Job.State.WITHDRAWN, why);
        people.record(person.name(), "withdrew job " + number + ": " + why);
    }

    Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private JobState open(String number) {
        return state(openJob(number));
    }

    private static Job mustBeOpen(Job job) {
        if (job.state() != Job.State.OPEN) {
            throw new RefusedInput(
                    "",
                    "job " + job.number() + " is " + job.state().name().toLowerCase(Locale.ROOT)
                            + ": it is not changed any more");
        }
        return job;
    }

    private JobState state(Job job) {
        return JobState.of(
                job,
                register.position(job.positionId()).orElseThrow(),
                jobs.revisions(job.id()),
                jobs.drafts(job.id()),
                jobs.steps(job.id()),
                jobs.signature(job.id()).orElse(null),
                jobs.addenda(job.id()),
                new JobState.Kept(
                        JobEntry.now(jobs.entries(job.id())),
                        jobs.notes(job.positionId()),
                        jobs.ticks(job.id()),
                        lists(job)),
                sections(job.id()),
                json);
    }

    private JobSections sections(long jobId) {
        Map<Role, Arranged> arranged = bench.ofJob(jobId);
        return new JobSections(arranged.get(Role.AS_FOUND), arranged.get(Role.PLANNED));
    }

    private JobState.Lists lists(Job job) {
        return new JobState.Lists(
                lists.listed(job.id()),
                lists.entries(job.id()),
                lists.removed(job.id()).stream().map(this::stripPart).toList(),
                lists.timers(job.id()),
                lists.lastSeal(job.positionId()).orElse(null));
    }

    private StripPart stripPart(ListsMapper.Removed r) {
        return new StripPart(
                r.id(),
                r.kind(),
                r.name(),
                r.cameWith(),
                r.personName(),
                r.removedAt(),
                r.struckWhy(),
                json.readPlain(r.texts()),
                r.back() == null ? StripPart.Back.OUT : r.back(),
                r.backReason() == null ? "" : r.backReason(),
                r.backBy());
    }

    /** A job that may still be changed. @throws RefusedInput when it may not */
    Job openJob(String number) {
        return mustBeOpen(find(number));
    }

    private Job find(String number) {
        return jobs.findByNumber(number).orElseThrow(() -> new NotFound("job " + number));
    }

    /** A draft typed in the same millisecond as a revision was kept still counts as newer. */
    private Instant after(Optional<Revision> last) {
        Instant now = now();
        return last.filter(r -> !now.isAfter(r.keptAt()))
                .map(r -> r.keptAt().plusMillis(1))
                .orElse(now);
    }

    private String nextNumber() {
        String year = String.format(
                Locale.ROOT, "%02d", now().atZone(ZoneId.systemDefault()).getYear() % 100);
        int last = jobs.lastNumber(year + "-%")
                .map(n -> Integer.parseInt(n.substring(3)))
                .orElse(0);
        return String.format(Locale.ROOT, "%s-%04d", year, last + 1);
    }
}
