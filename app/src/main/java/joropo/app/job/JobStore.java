package joropo.app.job;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.access.PeopleService;
import joropo.app.access.Person;
import joropo.app.family.Families;
import joropo.app.family.JobFinding;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.job.Beside.Earlier;
import joropo.app.job.Beside.Ending;
import joropo.app.job.Beside.Entered;
import joropo.app.job.Beside.Group;
import joropo.app.job.Beside.OnList;
import joropo.app.job.JobMapper.StageDraft;
import joropo.app.job.ListsMapper.LifeRow;
import joropo.app.register.Position;
import joropo.app.register.RegisterService;
import joropo.app.register.SealFitted;
import joropo.app.section.BenchService;
import joropo.app.section.SectionRole;
import joropo.app.ui.Closed;
import joropo.app.ui.NotFound;
import joropo.app.ui.Paged;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Care;
import joropo.core.plan.Lives;
import joropo.core.plan.Step;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs in the database: short transactions, nothing computed inside them. */
@Service
class JobStore {
    /** What a page shows of the lives at a position. */
    private static final int MOST_LIVES = 12;

    private final JobMapper jobs;
    private final ListsMapper lists;
    private final LooksMapper looks;
    private final RegisterService register;
    private final PeopleService people;
    private final BenchService bench;
    private final Families families;
    private final TextsJson json;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    JobStore(
            JobMapper jobs,
            ListsMapper lists,
            LooksMapper looks,
            RegisterService register,
            PeopleService people,
            BenchService bench,
            Families families,
            TextsJson json,
            ApplicationEventPublisher events,
            Clock clock) {
        this.jobs = jobs;
        this.lists = lists;
        this.looks = looks;
        this.register = register;
        this.people = people;
        this.bench = bench;
        this.families = families;
        this.json = json;
        this.events = events;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public JobState load(String number) {
        return state(find(number));
    }

    /** @param groups what is read of what stands beside the sheets */
    @Transactional(readOnly = true)
    public JobState load(String number, Set<Group> groups) {
        return state(find(number), groups);
    }

    /** Number of the newest job that was signed at its place before this one was opened; empty: none. */
    @Transactional(readOnly = true)
    public Optional<String> lastSigned(Job job) {
        return jobs.lastSigned(job.positionId(), job.openedAt(), Stage.STRIP).map(JobMapper.LastSheet::number);
    }

    /** @throws RefusedInput where nothing is known yet of what seals there */
    @Transactional
    public Job open(long positionId, Person person) {
        Position position = register.position(positionId).orElseThrow(() -> new NotFound("position " + positionId));
        mustHaveFamily("kind", position.kind());
        String number = nextNumber();
        long id = jobs.insert(number, position.kind(), positionId, person.id(), now());
        if (jobs.insertItemsOfLast(id, position.kind(), positionId, person.id(), now()) == 0) {
            jobs.insertItem(id, 1, position.kind(), "", person.id(), now());
        }
        people.record(person.name(), "opened job " + number);
        return find(number);
    }

    /**
     * One thing more that is sealed in a job, of a kind of its own. @return its number
     *
     * @throws RefusedInput when the job is not open, or another one is called so
     */
    @Transactional
    public int addItem(String number, PartKind kind, String label, Person person) {
        Job job = openJob(number);
        mustHaveFamily("item", kind);
        int item = 1
                + Stream.concat(job.items().stream(), job.takenOut().stream())
                        .mapToInt(JobItem::number)
                        .max()
                        .orElse(0);
        mustBeTheOnly(label, new JobItem(item, kind, label, null), job);
        jobs.insertItem(job.id(), item, kind, label, person.id(), now());
        people.record(
                person.name(),
                "added " + kind.words() + (label.isEmpty() ? "" : ", \"" + label + "\",") + " to job " + number);
        return item;
    }

    /** @throws RefusedInput when the job is not open, the item is gone, or another one is called so */
    @Transactional
    public void labelItem(String number, int item, String label, Person person) {
        Job job = openJob(number);
        JobItem named = item(job, item);
        mustBeTheOnly(label, named, job);
        jobs.labelItem(job.id(), item, label);
        people.record(
                person.name(),
                "named item " + item + " of job " + number + " \"" + label + "\", before it was \""
                        + named.calledAmong(job.items()) + "\"");
    }

    /** What was typed of it stays. @throws RefusedInput when the job is not open, or the item is gone already */
    @Transactional
    public void withdrawItem(String number, int item, String why, Person person) {
        Job job = openJob(number);
        String name = item(job, item).calledAmong(job.items());
        jobs.withdrawItem(job.id(), item, why);
        people.record(person.name(), "took " + name + " out of job " + number + ": " + why);
    }

    private static JobItem item(Job job, int number) {
        return job.items().stream()
                .filter(i -> i.number() == number)
                .findFirst()
                .orElseThrow(() -> new RefusedInput("item", "is not in this job any more"));
    }

    private static void mustBeTheOnly(String label, JobItem named, Job job) {
        List<JobItem> others =
                job.items().stream().filter(i -> i.number() != named.number()).toList();
        List<JobItem> all = Stream.concat(others.stream(), Stream.of(named)).toList();
        new Needs()
                .that(
                        "label",
                        others.stream().noneMatch(i -> i.calledAmong(all).equalsIgnoreCase(label)),
                        "is taken: another one in this job is called \"" + label + "\"")
                .done();
    }

    private void mustHaveFamily(String field, PartKind kind) {
        new Needs()
                .that(
                        field,
                        families.of(kind).isPresent(),
                        "is " + kind.words() + ": there is no work for that here yet")
                .done();
    }

    /** @throws NotFound when there is no such revision */
    @Transactional(readOnly = true)
    public Revision revision(String number, Stage stage, int revision) {
        return jobs.revision(find(number).id(), stage, revision)
                .orElseThrow(() -> new NotFound("revision " + revision + " of " + stage.title()));
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
            Verdicts verdicts,
            Person person) {
        JobState now = loaded.withDrafts(jobs.drafts(loaded.job().id()), json);
        if (now.seqOf(stage, tab) > 0 && texts.equals(now.sheet(stage))) {
            return new Saved(now.seq(stage), now); // said before, by a request that came late or twice
        }
        boolean older = now.seqOfOthers(stage, tab) > Math.max(seenSeq, now.seqOf(stage, tab));
        long seq = older ? Math.max(seenSeq, now.seqOf(stage, tab)) : now.seq(stage) + 1;
        StageDraft draft = JobMapperStageDraftBuilder.builder()
                .stage(stage)
                .tab(tab)
                .seq(seq)
                .aside(older)
                .texts(json.write(texts))
                .verdict(verdicts.stage())
                .personId(person.id())
                .personName(person.fullName())
                .savedAt(after(now.lastRevision(stage)))
                .build();
        if (!write(loaded.job(), draft, verdicts, person)
                && !write(openJob(loaded.job().number()), draft, verdicts, person)) {
            throw new IllegalStateException("What was read in a transaction changed in it");
        }
        List<StageDraft> drafts = Stream.concat(
                        now.drafts().stream()
                                .filter(d -> d.stage() != stage || !d.tab().equals(tab)),
                        Stream.of(draft))
                .sorted(Comparator.comparingLong(StageDraft::seq))
                .toList();
        return new Saved(seq, now.withDrafts(drafts, json));
    }

    /**
     * Writes a draft and the numbers of findings that come up with it for the first time.
     *
     * @param job as it was read, @return false: it is not open any more, or findings were given numbers meanwhile
     */
    private boolean write(Job job, StageDraft draft, Verdicts verdicts, Person person) {
        Numbers had = Numbers.of(job.numbered());
        Numbers now = had.with(verdicts.findings());
        String numbered = now == had ? null : now.text();
        return jobs.saveDraft(job, draft, verdicts.job(), numbered, person.id()) > 0;
    }

    /** A finding that comes up for the first time gets its number; absent where none does. */
    private @Nullable String numbered(Job job, List<JobFinding> findings) {
        Numbers had = Numbers.of(job.numbered());
        if (had.with(findings) == had) {
            return null;
        }
        Numbers now = Numbers.of(jobs.numbered(job.id())); // somebody else may have been given some meanwhile
        return now.with(findings).text();
    }

    /** Findings that are shown for the first time get their numbers. @return all that has one */
    @Transactional
    public Numbers number(Job job, List<JobFinding> findings) {
        String numbered = numbered(job, findings);
        if (numbered == null) {
            return Numbers.of(job.numbered());
        }
        jobs.setNumbered(job.id(), numbered);
        return Numbers.of(numbered);
    }

    /** Keeps what somebody left on a sheet; nothing where it was typed further meanwhile. */
    @Transactional
    public void keepLeft(String number, Stage stage, Map<String, Typed> texts, Verdicts verdicts) {
        JobState now = state(openJob(number), Set.of());
        if (now.sheet(stage).equals(texts)) {
            now.newestDraft(stage).ifPresent(d -> keep(now, stage, texts, verdicts, d.personId()));
        }
    }

    /** Keeps a sheet as its next revision. */
    @Transactional
    public void keep(String number, Stage stage, Map<String, Typed> texts, Verdicts verdicts, Person person) {
        keep(state(openJob(number), Set.of()), stage, texts, verdicts, person.id());
    }

    private void keep(JobState state, Stage stage, Map<String, Typed> texts, Verdicts verdicts, long personId) {
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
                verdicts,
                numbered(state.job(), verdicts.findings()),
                personId,
                at);
        jobs.answered(state.job().id());
    }

    /**
     * Done, or skipped with a reason, with what goes with it; a second call for the same step, as it reads now, changes
     * nothing.
     *
     * @param carried steps that are done with it, in their order, @param back parts that are back with it, the first
     *     first
     */
    @Transactional
    public void finishStep(
            String number,
            Step step,
            @Nullable String skippedWhy,
            List<Step> carried,
            Map<StripPart, StripPart.Back> back,
            Person person) {
        long job = openJob(number).id();
        back.forEach((part, state) -> lists.back(part.id(), state, "", person.id(), now()));
        carried.forEach(s -> doStep(job, s, null, person));
        doStep(job, step, skippedWhy, person);
    }

    /** What is put in with a step for a time is in from then on. */
    private void doStep(long job, Step step, @Nullable String skippedWhy, Person person) {
        jobs.insertStep(job, step, person.id(), now(), skippedWhy);
        if (step.countsIn() != null && skippedWhy == null) {
            enter(job, JobEntry.Kind.TEMPORARY, step.countsIn(), JobEntry.State.IN, person);
        }
    }

    /** Not done after all; the tick stays in the record. */
    @Transactional
    public void undoStep(String number, Step step, String why, Person person) {
        jobs.undoStep(openJob(number).id(), step, person.id(), now(), why);
    }

    /** Turns of the wrench, one after the other; those that stand already stay as they are. */
    @Transactional
    public void tick(String number, List<TorqueProgress.Tick> ticks, Person person) {
        long job = openJob(number).id();
        ticks.forEach(t -> jobs.insertTick(job, t, person.id(), now()));
    }

    @Transactional
    public void undoTick(String number, TorqueProgress.Tick tick, String why, Person person) {
        jobs.undoTick(openJob(number).id(), tick, person.id(), now(), why);
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
        jobs.setVerdict(job.id(), signing.verdict());
        if (signing.fitted() != null) {
            bench.fitted(job.positionId(), job.id(), signing.fitted());
        }
        signing.causes().forEach(c -> jobs.insertCause(job.id(), job.positionId(), c, 0));
        signing.lives().forEach(l -> {
            lists.endLife(job.positionId(), l.item(), l.hoursOfLast(), at);
            lists.insertLife(job.id(), job.positionId(), l, at);
        });
        if (signing.concession() != null) {
            lists.insertConcession(job.id(), job.positionId(), signing.concession());
        }
        if (signing.recommendation() != null) {
            lists.insertRecommendation(job.id(), job.positionId(), signing.recommendation(), person.id(), at);
        }
        if (signing.nextLook() != null) {
            looks.insert(job.id(), LocalDate.parse(signing.nextLook()), person.id(), at);
        }
        if (!signing.lives().isEmpty()) {
            events.publishEvent(new SealFitted(job.positionId(), number, person.id(), at));
        }
        if (seen.position().care().contains(Care.COUNTERSIGNED)) {
            jobs.setWaits(job.id(), Review.Waits.COUNTERSIGN);
        }
        people.record(person.name(), "signed job " + number);
    }

    /** How a thing stands from now on; said twice it is said once. */
    @Transactional
    public void enter(String number, JobEntry.Kind kind, String what, JobEntry.State state, Person person) {
        enter(openJob(number).id(), kind, what, state, person);
    }

    private void enter(long job, JobEntry.Kind kind, String what, JobEntry.State state, Person person) {
        if (JobEntry.now(jobs.entries(job)).stream()
                .noneMatch(e -> e.kind() == kind && e.what().equals(what) && e.state() == state)) {
            jobs.insertEntry(job, kind, what, state, person.id(), now());
        }
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
        List<Lives> lives = lives(lists.lives(positionId, MOST_LIVES));
        String seal = lives.isEmpty() ? "" : lives.get(0).lives().get(0).seal();
        Lives.Mean ofKind = lists.mean(seal).orElse(Lives.Mean.NONE);
        List<String> causes = jobs.causes(null, positionId).stream()
                .map(JobMapper.CauseCount::words)
                .toList();
        List<String> parts = lives.isEmpty()
                ? List.of()
                : json.readSnapshot(jobs.signature(find(newest(lives)).id())
                                .orElseThrow()
                                .snapshot())
                        .parts();
        return new JobService.History(
                lives,
                ofKind,
                causes,
                jobs.notes(positionId),
                lists.concessions(positionId, Paged.SIZE, 0),
                lists.recommendations(positionId),
                parts);
    }

    /** By item of the position. */
    private static List<Lives> lives(List<LifeRow> rows) {
        return rows.stream()
                .collect(Collectors.groupingBy(LifeRow::item, TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(item -> Lives.of(item.stream()
                        .map(l -> new Lives.Fitted(
                                l.jobNumber(), l.seal(), l.fittedAt(), l.hoursOfLast(), l.reasonOfLast()))
                        .toList()))
                .toList();
    }

    /** The job that fitted last. */
    private static String newest(List<Lives> lives) {
        return lives.stream()
                .map(l -> l.lives().get(0))
                .max(Comparator.comparing(Lives.Life::fittedAt))
                .orElseThrow()
                .job();
    }

    @Transactional(readOnly = true)
    public Paged<ConcessionLine> concessions(int page) {
        return Paged.of(page, lists.countConcessions(), (most, after) -> lists.concessions(null, most, after));
    }

    @Transactional
    public void answer(long recommendation, String answer, String on, Person person) {
        if (lists.answer(recommendation, answer, on) > 0) {
            people.record(person.name(), "noted the answer to recommendation " + recommendation);
        }
    }

    @Transactional
    public void addAddendum(String number, String text, Person person) {
        long job = find(number).id();
        jobs.insertAddendum(job, text, person.id(), now());
        if (jobs.waitsFor(job) == Review.Waits.ANSWER) {
            jobs.setWaits(job, Review.Waits.COUNTERSIGN);
        }
        people.record(person.name(), "added to signed job " + number);
    }

    @Transactional
    public void review(String number, Review.Kind kind, String remark, Person person) {
        long job = find(number).id();
        jobs.insertReview(job, kind, remark, person.id(), now());
        jobs.setWaits(job, Review.after(kind));
        people.record(
                person.name(), (kind == Review.Kind.SENT_BACK ? "sent back job " : "countersigned job ") + number);
    }

    @Transactional
    public void withdraw(String number, String why, Person person) {
        jobs.setState(openJob(number).id(), Job.State.WITHDRAWN, why);
        people.record(person.name(), "withdrew job " + number + ": " + why);
    }

    Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private static Job mustBeOpen(Job job) {
        if (job.state() != Job.State.OPEN) {
            throw new Closed("Job " + job.number() + " is " + job.state().name().toLowerCase(Locale.ROOT)
                    + ": it is not changed any more.");
        }
        return job;
    }

    private JobState state(Job job) {
        return state(job, Group.ALL);
    }

    private JobState state(Job job, Set<Group> groups) {
        return JobState.of(
                job,
                register.position(job.positionId()).orElseThrow(),
                jobs.typing(job.id()),
                sections(job),
                beside(job, groups),
                json);
    }

    private JobSections sections(Job job) {
        BenchService.BesideJob beside = bench.besideJob(job.id(), job.positionId(), job.openedAt());
        return new JobSections(
                beside.own().get(SectionRole.AS_FOUND), beside.own().get(SectionRole.PLANNED), beside.before());
    }

    private Beside beside(Job job, Set<Group> groups) {
        var out = BesideBuilder.builder()
                .removed(lists.removed(job.id()).stream().map(this::stripPart).toList());
        if (groups.contains(Group.MARKS)) {
            Mark.into(out, jobs.marks(job.id()));
        }
        if (groups.contains(Group.ENTERED)) {
            out.entered(new Entered(lists.timers(job.id()), jobs.undoneTurns(job.id())));
        }
        if (groups.contains(Group.EARLIER)) {
            out.earlier(new Earlier(jobs.notes(job.positionId()), lists.lastSeals(job.positionId())));
        }
        if (groups.contains(Group.PARTS)) {
            out.parts(OnList.of(lists.partRows(job.id())));
        }
        if (groups.contains(Group.ENDING)) {
            out.ending(new Ending(
                    jobs.signature(job.id()).orElse(null),
                    jobs.addenda(job.id()),
                    jobs.reviews(job.id()),
                    jobs.waitsFor(job.id())));
        }
        return out.build();
    }

    private StripPart stripPart(ListsMapper.Removed r) {
        return StripPartBuilder.builder()
                .id(r.id())
                .number(r.number())
                .kind(r.kind())
                .name(r.name())
                .cameWith(r.cameWith())
                .personName(r.personName())
                .removedAt(r.removedAt())
                .struckWhy(r.struckWhy())
                .texts(json.readPlain(r.texts()))
                .back(r.back() == null ? StripPart.Back.OUT : r.back())
                .backReason(r.backReason() == null ? "" : r.backReason())
                .backBy(r.backBy())
                .backAt(r.backAt())
                .build();
    }

    /** A job that may still be changed. @throws RefusedInput when it may not */
    Job openJob(String number) {
        return mustBeOpen(find(number));
    }

    Job find(String number) {
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
        int year = now().atZone(ZoneId.systemDefault()).getYear() % 100;
        return String.format(Locale.ROOT, "%02d-%04d", year, jobs.nextNumber(year));
    }
}
