package joropo.app.job;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import joropo.app.access.Person;
import joropo.app.bench.BenchService;
import joropo.app.bench.Role;
import joropo.app.settings.SettingsService;
import joropo.core.lipseal.Layout;
import joropo.core.plan.PartKind;
import joropo.core.plan.StripLog;
import joropo.core.section.BoreItem;
import joropo.core.section.Profile;
import joropo.core.section.Section;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
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
    private final SettingsService settings;

    JobSectionService(JobStore store, BenchService bench, SettingsService settings) {
        this.store = store;
        this.bench = bench;
        this.settings = settings;
    }

    /**
     * Opens one of the two on the bench. What was found begins as the strip log has it, else as the position was left
     * by its last signed job, else as the sheets say; what is planned as the sheets say. @return its number on the
     * bench
     */
    long arrange(String number, Role role, Person person) {
        JobState state = store.load(number);
        JobEvaluation evaluation = evaluate(state, state.texts());
        Section typed = evaluation.typed().section();
        Section section = role == Role.PLANNED ? typed : found(state, typed, evaluation.values());
        return bench.openFor(state.job().id(), role, section, person);
    }

    /** As the strip log has it; before a seal is logged as the position was left, else as the sheets say. */
    private Section found(JobState state, Section typed, Values values) {
        List<StripLog.Removed> log = state.kept().lists().log().stream()
                .filter(p -> p.cameWith() == null)
                .map(StripPart::removed)
                .toList();
        if (log.stream().anyMatch(r -> r.kind() == PartKind.LIP_SEAL)) {
            return StripLog.asFound(Sketch.found(typed, values), log);
        }
        return bench.fittedAt(state.position().id()).orElseGet(() -> Sketch.found(typed, values));
    }

    /**
     * Fills size, way round, depth, case and layout on the decide sheet as the section has its innermost seal. @throws
     * RefusedInput when there is no section, or the job is closed
     */
    void take(String number, Person person) {
        JobState state = store.load(number);
        if (state.sections().planned() == null) {
            throw new RefusedInput("", "has no section as planned yet");
        }
        Section section = state.sections().planned().section();
        BoreItem.Seal seal = section.seal();
        Map<String, Typed> sheet = new LinkedHashMap<>(state.sheet(Stage.DECIDE));
        set(
                sheet,
                "size",
                plain(Objects.requireNonNullElse(section.shaftDiameterMm(), 0.0)) + "x"
                        + plain(seal.outsideDiameterMm()) + "x" + plain(seal.widthMm()));
        set(sheet, "mainLip", seal.mainLip().name());
        set(sheet, "plannedDepth", plain(seal.fromMm()));
        set(sheet, "layout", layout(section).name());
        if (seal.caseType() != null) {
            set(sheet, "caseType", seal.caseType().name());
        }
        Map<Stage, Map<String, Typed>> seen = new EnumMap<>(Stage.class);
        seen.putAll(state.texts());
        seen.put(Stage.DECIDE, sheet);
        store.saveDraft(
                state,
                Stage.DECIDE,
                "section",
                state.seq(Stage.DECIDE),
                sheet,
                evaluate(state, seen).verdict(Stage.DECIDE),
                person);
    }

    private static Layout layout(Section section) {
        BoreItem.Seal seal = section.seal();
        if (section.seals().size() > 1) {
            return section.seals().get(0).mainLip() == seal.mainLip() ? Layout.TANDEM : Layout.BACK_TO_BACK;
        }
        return seal.profile() == Profile.PRESSURE
                ? Layout.PRESSURE
                : seal.profile() == Profile.PTFE
                        ? Layout.PTFE
                        : seal.profile() == Profile.CASSETTE
                                ? Layout.CASSETTE
                                : seal.dustLip() == Side.OUT ? Layout.DUST_LIP : Layout.PLAIN;
    }

    private static void set(Map<String, Typed> sheet, String field, String text) {
        sheet.put(field, sheet.getOrDefault(field, Typed.NOTHING).retyped(text, LengthUnit.MM));
    }

    /**
     * Brings what the sheets say of stop, bearing, shaft, seat, play and spaces into the section, as one move that can
     * be undone. @throws RefusedInput when there is no section, or the job is closed
     */
    void bringReadings(String number, Person person) {
        JobState state = store.load(number);
        if (state.sections().planned() == null) {
            throw new RefusedInput("", "has no section as planned yet");
        }
        Section typed = evaluate(state, state.texts()).typed().section();
        bench.move(
                state.sections().planned().id(),
                state.sections().planned().section().withReadings(typed),
                "readings of the sheets brought in",
                person);
    }

    private JobEvaluation evaluate(JobState state, Map<Stage, Map<String, Typed>> texts) {
        return JobEvaluation.of(state.position(), texts, state.sections(), settings.shop());
    }

    private static String plain(double mm) {
        return Length.show(mm, Math.abs(mm - Math.rint(mm)) < 1e-9 ? 0 : 2);
    }
}
