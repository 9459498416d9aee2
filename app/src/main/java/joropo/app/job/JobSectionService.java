package joropo.app.job;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import joropo.app.access.Person;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.family.WorkSection;
import joropo.app.section.BenchService;
import joropo.app.section.SectionRole;
import joropo.app.ui.NotFound;
import joropo.core.arrangement.PartKind;
import joropo.core.section.Section;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Service;

/**
 * The sections of a job between its sheets and the bench: begun from the sheets, taken into them, brought up to date
 * with them.
 */
@Service
class JobSectionService {
    private final JobStore store;
    private final BenchService bench;
    private final JobWorks works;

    JobSectionService(JobStore store, BenchService bench, JobWorks works) {
        this.store = store;
        this.bench = bench;
        this.works = works;
    }

    /**
     * Opens one of the two on the bench. What was found begins as the position was left by its last signed job while
     * nothing was read of it, else as strip log and sheets say; what is planned as the sheets say. @return its number
     * on the bench
     */
    long arrange(String number, SectionRole role, Person person) {
        JobState state = store.load(number);
        WorkSection section = section(works.of(state));
        return bench.openFor(
                state.job().id(),
                role,
                role == SectionRole.PLANNED
                        ? section.typed()
                        : elsewhere(state, section).orElseGet(section::found),
                person);
    }

    /**
     * What was found, where neither strip log nor sheets have it: arranged on the bench, or, while nothing of it was
     * read, as the last signed job left it.
     */
    private Optional<Section> elsewhere(JobState state, WorkSection section) {
        return Optional.ofNullable(state.sections().found())
                .map(BenchService.Arranged::section)
                .or(() -> section.isFound()
                        ? Optional.empty()
                        : bench.fittedAt(state.position().id()));
    }

    /**
     * Plans it as it was found: as the texts of each seal, so that what is decided later counts; only what neither
     * strip log nor sheets have becomes a section of its own. @throws RefusedInput when the job is closed, has a
     * section as planned already, or nothing of an old seal was read
     */
    void planAsFound(String number, Person person) {
        JobState state = store.load(number);
        mustBeUnplanned(state);
        WorkSection section = section(works.of(state));
        Optional<Section> elsewhere = elsewhere(state, section);
        if (elsewhere.isPresent()) {
            plan(state, elsewhere.get(), person);
        } else if (!decide(state, WorkSection::foundTexts, person)) {
            throw new RefusedInput("", "has no old seal yet whose place or way round was read");
        }
    }

    /** Plans a section from the bench likewise. @throws RefusedInput likewise */
    void plan(String number, long onBench, Person person) {
        plan(store.load(number), bench.section(onBench), person);
    }

    private void plan(JobState state, Section section, Person person) {
        mustBeUnplanned(state);
        bench.openFor(state.job().id(), SectionRole.PLANNED, section.comparedWith(null), person);
        take(state.job().number(), person);
    }

    private static void mustBeUnplanned(JobState state) {
        if (!state.isOpen() || state.sections().planned() != null) {
            throw new RefusedInput("", "has a section as planned already, or is closed");
        }
    }

    /** An item for each seal of the section. */
    private void addItems(JobState state, Section planned, Person person) {
        PartKind kind = state.job().kind();
        long there = state.items().stream().filter(i -> i.kind() == kind).count();
        for (long i = there; i < planned.seals().size(); i++) {
            store.addItem(state.job().number(), kind, "", person);
        }
    }

    /**
     * Fills the decide sheet as the section has it, with an item for each of its seals. @throws RefusedInput when there
     * is no section, or the job is closed
     */
    void take(String number, Person person) {
        JobState before = store.load(number);
        Section planned = planned(before);
        addItems(before, planned, person);
        decide(store.load(number), s -> s.asTexts(planned), person);
    }

    /** Retypes the decide sheet. @param said what of each item, @return whether there was anything to say */
    private boolean decide(JobState state, Function<WorkSection, Map<String, String>> said, Person person) {
        Map<String, String> texts = new LinkedHashMap<>();
        works.of(state).items().forEach(i -> i.work().section().ifPresent(s -> said.apply(s)
                .forEach((field, text) -> texts.put(i.item().prefix() + field, text))));
        if (texts.isEmpty()) {
            return false;
        }
        Map<String, Typed> sheet = new LinkedHashMap<>(state.sheet(Stage.DECIDE));
        texts.forEach((name, text) ->
                sheet.put(name, sheet.getOrDefault(name, Typed.NOTHING).retyped(text, LengthUnit.MM)));
        JobWork work = works.of(state, state.textsWith(Stage.DECIDE, sheet));
        store.saveDraft(
                state, Stage.DECIDE, "section", state.seq(Stage.DECIDE), sheet, work.verdicts(Stage.DECIDE), person);
        return true;
    }

    /**
     * Brings what the sheets say of stop, bearing, shaft, seat, play and spaces into the section, as one move that can
     * be undone. @throws RefusedInput when there is no section, or the job is closed
     */
    void bringReadings(String number, Person person) {
        JobState state = store.load(number);
        Section planned = planned(state);
        bench.move(
                state.sections().planned().id(),
                planned.withReadings(section(works.of(state)).typed()),
                "readings of the sheets brought in",
                person);
    }

    private static Section planned(JobState state) {
        if (state.sections().planned() == null) {
            throw new RefusedInput("", "has no section as planned yet");
        }
        return state.sections().planned().section();
    }

    private static WorkSection section(JobWork work) {
        return work.main().section().orElseThrow(() -> new NotFound("section of this kind of job"));
    }
}
