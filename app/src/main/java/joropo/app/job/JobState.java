package joropo.app.job;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import joropo.app.family.CommonFields;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.register.Position;
import joropo.core.plan.Step;

/**
 * A job as it stands in the store, with the texts that count now: the newest typing, kept or not.
 *
 * @param revisions the newest kept sheet of each stage, @param beside as far as it was read
 */
record JobState(
        Job job,
        Position position,
        List<Revision> revisions,
        List<JobMapper.StageDraft> drafts,
        JobSections sections,
        Beside beside,
        Map<Stage, Map<String, Typed>> texts) {
    /** Limits of the play were asked for with the play as read at the end. */
    private static final List<String> FROM_SET_TO_MEASURE =
            List.of(CommonFields.PLAY_LOW.name(), CommonFields.PLAY_HIGH.name());

    static JobState of(
            Job job, Position position, List<Typing> typing, JobSections sections, Beside beside, TextsJson json) {
        return of(
                job,
                position,
                typing.stream().filter(t -> !t.isDraft()).map(Typing::kept).toList(),
                drafts(typing),
                sections,
                beside,
                json);
    }

    private static JobState of(
            Job job,
            Position position,
            List<Revision> revisions,
            List<JobMapper.StageDraft> drafts,
            JobSections sections,
            Beside beside,
            TextsJson json) {
        Map<Stage, Map<String, Typed>> texts = new EnumMap<>(Stage.class);
        revisions.forEach(r -> texts.put(r.stage(), json.read(r.texts())));
        drafts.stream()
                .filter(d -> !d.aside() && isNewer(d, revisions))
                .forEach(d -> texts.put(d.stage(), json.read(d.texts())));
        moved(texts);
        return new JobState(job, position, revisions, drafts, sections, beside, texts);
    }

    /** What an older sheet has of a field that stands on another stage now is read there. */
    private static void moved(Map<Stage, Map<String, Typed>> texts) {
        Map<String, Typed> old = texts.getOrDefault(Stage.SET, Map.of());
        Map<String, Typed> now = new HashMap<>(texts.getOrDefault(Stage.MEASURE, Map.of()));
        FROM_SET_TO_MEASURE.stream()
                .filter(name -> old.containsKey(name) && !now.containsKey(name))
                .forEach(name -> now.put(name, old.get(name)));
        if (!now.isEmpty()) {
            texts.put(Stage.MEASURE, now);
        }
    }

    static List<JobMapper.StageDraft> drafts(List<Typing> typing) {
        return typing.stream().filter(Typing::isDraft).map(Typing::draft).toList();
    }

    /** The same job with these drafts, which may hold newer typing. */
    JobState withDrafts(List<JobMapper.StageDraft> newDrafts, TextsJson json) {
        return newDrafts.equals(drafts) ? this : of(job, position, revisions, newDrafts, sections, beside, json);
    }

    List<JobItem> items() {
        return job.items();
    }

    /** The texts of all stages with this sheet in place of its own. */
    Map<Stage, Map<String, Typed>> textsWith(Stage stage, Map<String, Typed> sheet) {
        Map<Stage, Map<String, Typed>> out = new EnumMap<>(Stage.class);
        out.putAll(texts);
        out.put(stage, sheet);
        return out;
    }

    Map<String, Typed> sheet(Stage stage) {
        return texts.getOrDefault(stage, Map.of());
    }

    Optional<Revision> lastRevision(Stage stage) {
        return last(stage, revisions);
    }

    /** Highest draft number of a stage; a window that knows less has older typing. */
    long seq(Stage stage) {
        return drafts.stream()
                .filter(d -> d.stage() == stage)
                .mapToLong(JobMapper.StageDraft::seq)
                .max()
                .orElse(0);
    }

    /** The number of this window's own last draft, 0 when there is none. */
    long seqOf(Stage stage, String tab) {
        return drafts.stream()
                .filter(d -> d.stage() == stage && d.tab().equals(tab))
                .mapToLong(JobMapper.StageDraft::seq)
                .max()
                .orElse(0);
    }

    /** The newest number of any other window whose typing does not stand aside. */
    long seqOfOthers(Stage stage, String tab) {
        return drafts.stream()
                .filter(d -> d.stage() == stage && !d.tab().equals(tab) && !d.aside())
                .mapToLong(JobMapper.StageDraft::seq)
                .max()
                .orElse(0);
    }

    /** Typing of another window that stands aside and is newer than what was kept. */
    List<JobMapper.StageDraft> aside(Stage stage) {
        return drafts.stream()
                .filter(d -> d.stage() == stage && d.aside() && isNewer(d, revisions))
                .toList();
    }

    /** Typing of this stage that was not kept yet, the newest that does not stand aside. */
    Optional<JobMapper.StageDraft> newestDraft(Stage stage) {
        return drafts.stream()
                .filter(d -> d.stage() == stage && !d.aside() && isNewer(d, revisions))
                .reduce((older, newer) -> newer);
    }

    /** Whether anything stands on a sheet. */
    boolean isTyped(Stage stage) {
        return sheet(stage).values().stream().anyMatch(t -> !t.isBlank());
    }

    /**
     * The steps of this plan that are done, by id: a tick counts as long as the step says what it said then, nobody
     * took it back, and what it names is there; a part is back when the list of parts says so, and what is answered on
     * a sheet is done when it is answered there.
     */
    Map<String, StepDone> done(List<Step> plan, JobWork work) {
        Map<String, StepDone> out = new LinkedHashMap<>();
        List<StripPart> order = beside.order();
        plan.stream().filter(Step::isOfTheList).forEach(s -> {
            StripPart part = order.get(s.numberInList() - 1);
            if (part.back() != StripPart.Back.OUT) {
                out.put(s.id(), StepDone.done(s.id(), s.instruction(), part.backBy(), part.backAt()));
            }
        });
        plan.stream().filter(work::isAnswered).forEach(s -> answered(s, work).ifPresent(t -> out.put(s.id(), t)));
        plan.stream().filter(s -> !s.isOfTheList()).forEach(s -> standingTick(s)
                .filter(t -> t.skippedWhy() != null
                        || !work.isAnswered(s) && StepStops.of(this, s, work).isEmpty())
                .ifPresent(t -> out.put(s.id(), t)));
        return out;
    }

    /** What a sheet answers for a step, by whoever typed it last. */
    private Optional<StepDone> answered(Step step, JobWork work) {
        Stage at = work.answeredAt(step);
        Optional<StepDone> kept =
                lastRevision(at).map(r -> StepDone.done(step.id(), step.instruction(), r.personName(), r.keptAt()));
        return work.waitsFor(step).isPresent()
                ? Optional.empty()
                : newestDraft(at)
                        .map(d -> StepDone.done(step.id(), step.instruction(), d.personName(), d.savedAt()))
                        .or(() -> kept);
    }

    /** The newest tick of a step, while the step says what it said then and nobody took it back. */
    Optional<StepDone> standingTick(Step step) {
        return newestTick(step)
                .filter(t -> t.undoneWhy() == null)
                .filter(t -> t.act().isEmpty() || t.act().equals(step.instruction()));
    }

    /** The newest tick of a step, whatever the step said then. */
    Optional<StepDone> newestTick(Step step) {
        return beside.steps().stream().filter(t -> t.step().equals(step.id())).reduce((older, newer) -> newer);
    }

    boolean isOpen() {
        return job.state() == Job.State.OPEN;
    }

    boolean isSigned() {
        return job.state() == Job.State.SIGNED;
    }

    private static boolean isNewer(JobMapper.StageDraft draft, List<Revision> revisions) {
        return last(draft.stage(), revisions)
                .map(r -> draft.savedAt().isAfter(r.keptAt()) && !draft.texts().equals(r.texts()))
                .orElse(true);
    }

    private static Optional<Revision> last(Stage stage, List<Revision> revisions) {
        return revisions.stream().filter(r -> r.stage() == stage).reduce((a, b) -> b);
    }
}
