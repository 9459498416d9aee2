package joropo.app.job;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
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
     * Opens one of the two on the bench. What was found begins as the strip log has it, else as the position was left
     * by its last signed job, else as the sheets say; what is planned as the sheets say. @return its number on the
     * bench
     */
    long arrange(String number, SectionRole role, Person person) {
        JobState state = store.load(number);
        WorkSection section = section(works.of(state));
        return bench.openFor(
                state.job().id(),
                role,
                role == SectionRole.PLANNED ? section.typed() : section.found(fitted(state)),
                person);
    }

    private Supplier<Optional<Section>> fitted(JobState state) {
        return () -> bench.fittedAt(state.position().id());
    }

    /**
     * Plans it as it was found, with an item and its texts for each seal. @throws RefusedInput when the job is closed,
     * or has a section as planned already
     */
    void planAsFound(String number, Person person) {
        JobState state = store.load(number);
        plan(state, section(works.of(state)).found(fitted(state)), person);
    }

    /** Plans a section from the bench likewise. @throws RefusedInput likewise */
    void plan(String number, long onBench, Person person) {
        plan(store.load(number), bench.section(onBench), person);
    }

    private void plan(JobState state, Section section, Person person) {
        if (!state.isOpen() || state.sections().planned() != null) {
            throw new RefusedInput("", "has a section as planned already, or is closed");
        }
        bench.openFor(state.job().id(), SectionRole.PLANNED, section.comparedWith(null), person);
        take(state.job().number(), person);
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
        JobState state = store.load(number);
        Map<String, Typed> sheet = new LinkedHashMap<>(state.sheet(Stage.DECIDE));
        works.of(state).items().forEach(i -> i.work().section().ifPresent(s -> s.asTexts(planned)
                .forEach((field, text) -> {
                    String name = i.item().prefix() + field;
                    sheet.put(name, sheet.getOrDefault(name, Typed.NOTHING).retyped(text, LengthUnit.MM));
                })));
        JobWork work = works.of(state, state.textsWith(Stage.DECIDE, sheet));
        store.saveDraft(
                state, Stage.DECIDE, "section", state.seq(Stage.DECIDE), sheet, work.verdicts(Stage.DECIDE), person);
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
