package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import joropo.app.family.JobFacts;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.Section;
import joropo.core.section.SectionResult;
import joropo.core.section.SectionResult.Window;
import org.jspecify.annotations.Nullable;

/**
 * All lip seals of one shaft entry, as strip log and sheets put them together: of each the same section, with shaft and
 * bore as they are at that seal. What is judged of it is judged once for all of them.
 */
final class EntrySeals {
    private static final double SAME_MM = 1e-9;

    private final List<JobFacts> facts;
    private final LipSealFacts known;
    private final List<ShaftAndBoreReadings> measured;
    private final List<AssumedSection> typed;
    private final List<AssumedSection> arranged;
    private final List<TrackAssessment> tracks;
    private final List<AssumedSection> planned;
    private final Map<Section, SectionResult> judged = new HashMap<>();

    /** @param facts of each of its seals, in the order in which they were added, @param known of all of them */
    EntrySeals(List<JobFacts> facts, LipSealFacts known) {
        this.facts = facts;
        measured = facts.stream()
                .map(f -> ShaftAndBoreReadings.of(
                        f.read(), f.position(), FittedSleeve.of(f).orElse(null)))
                .toList();
        List<AssumedSection> alone = each(i -> AssumedSection.of(facts.get(i), known, measured.get(i)));
        Map<String, Double> least = facts.size() == 1
                ? Map.of()
                : known.stood().unreadFrom(alone.get(0).section());
        List<Standing> standing =
                each(i -> Standing.of(facts.get(i), alone.get(i), least.getOrDefault(AssumedSection.id(i), 0.0)));
        typed = each(i -> facts.size() == 1 ? alone.get(i) : alone.get(i).among(standing, known.inOrder()));
        arranged = each(i -> typed.get(i).arranged(facts.get(i).sections().moved()));
        this.known = isRearranged() ? known.in(arranged.get(0).section()) : known;
        tracks = each(i -> TrackAssessment.of(
                facts.get(i),
                measured.get(i),
                arranged.get(i),
                window(arranged.get(i)),
                Duty.speedMPerS(
                        facts.get(i).position(),
                        facts.get(i).read(),
                        arranged.get(i).section().shaftDiameterMm())));
        planned = each(this::workedAndAimed);
    }

    private <T> List<T> each(IntFunction<T> of) {
        return IntStream.range(0, facts.size()).mapToObj(of).toList();
    }

    /**
     * With what is done to the shaft under each lip. Where its old seal's place will not do, a seal goes where the
     * rules aim while the others stand as the sheets have them: two that made way for one another would meet.
     */
    private AssumedSection workedAndAimed(int index) {
        AssumedSection out = arranged.get(index);
        for (int i = 0; i < facts.size(); i++) {
            out = i == index
                    ? worked(i, out)
                    : out.in(worked(i, arranged.get(i).in(out.section())).section());
        }
        return aimed(out);
    }

    private AssumedSection worked(int index, AssumedSection entry) {
        return tracks.get(index).appliedTo(entry, facts.get(index).read().get(LipSealFields.PLANNED_DEPTH) != null);
    }

    private AssumedSection aimed(AssumedSection entry) {
        Window window = entry.goesByFound() ? window(entry) : null;
        return window != null && Math.abs(window.targetMm() - entry.seal().fromMm()) > SAME_MM
                ? entry.aimedAt(window.targetMm())
                : entry;
    }

    private @Nullable Window window(AssumedSection entry) {
        return judged(entry).window(entry.among().id());
    }

    /** By all rules, beside the arrangement as it was found. */
    SectionResult judged(AssumedSection entry) {
        return judged.computeIfAbsent(entry.section(), s -> LipSealRules.section(besideFound(s)));
    }

    /** A section beside what was found: all of it where the stack was arranged otherwise, else its seals. */
    Section besideFound(Section section) {
        Section found = facts.get(0).sections().found();
        return section.comparedWith(
                found != null
                        ? found
                        : isRearranged() && known.isRead() ? found(typed.get(0).section()) : foundSeals(section));
    }

    /** As strip log and sheets have it, what they have not as in a section. */
    Section found(Section like) {
        return known.stood().whole(like);
    }

    /** A section with its seals as the old ones were found; absent where no place was read. */
    private @Nullable Section foundSeals(Section section) {
        List<String> ids = new ArrayList<>(each(AssumedSection::id));
        boolean all = ids.stream().allMatch(id -> section.seals().stream().anyMatch(s -> s.id().equals(id)));
        return all ? known.stood().ofSeals(section).orElse(null) : null;
    }

    /** Whether anything was arranged on the bench beyond the sheets. */
    boolean isRearranged() {
        return arranged.get(0) != typed.get(0);
    }

    /** How many seals it has. */
    int size() {
        return facts.size();
    }

    LipSealFacts known() {
        return known;
    }

    JobFacts facts(int index) {
        return facts.get(index);
    }

    ShaftAndBoreReadings measured(int index) {
        return measured.get(index);
    }

    /** As it follows from log and fields alone. */
    AssumedSection typed(int index) {
        return typed.get(index);
    }

    /** The same with what was arranged on the bench beyond them. */
    AssumedSection arranged(int index) {
        return arranged.get(index);
    }

    /** As it shall be. */
    AssumedSection planned(int index) {
        return planned.get(index);
    }

    TrackAssessment track(int index) {
        return tracks.get(index);
    }
}
