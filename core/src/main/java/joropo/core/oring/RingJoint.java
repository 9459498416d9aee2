package joropo.core.oring;

import java.util.ArrayList;
import java.util.List;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * What is seen and decided of one ring of a joint beside its gland (guide).
 *
 * @param diameterMm of the face; absent: nothing is read yet, @param raUm of the face that it runs or lies on, @param
 *     unmarked whether no mark was found on it; absent: not looked
 * @param byMaker whether its groove was compared with its maker's figures, of a ring whose gland is its maker's
 */
public record RingJoint(
        RingSort sort,
        RingMotion motion,
        WayRound way,
        @Nullable Double diameterMm,
        @Nullable Double raUm,
        @Nullable Boolean unmarked,
        @Nullable Boolean byMaker) {
    /** Roughness and marks of the face that it seals on; none while nothing is read. */
    public List<Finding> measured() {
        if (diameterMm == null) {
            return List.of();
        }
        List<Finding> out = new ArrayList<>(CounterfaceCheck.check(CounterfaceInputBuilder.builder()
                        .part(CounterfaceInput.Part.BORE)
                        .motion(motion)
                        .diameterMm(diameterMm)
                        .raUm(raUm)
                        .defects(Boolean.TRUE.equals(unmarked) ? List.of() : null)
                        .build())
                .findings()
                .stream()
                .filter(f -> f.id().equals("roughness") || f.id().equals("score") && !Boolean.FALSE.equals(unmarked))
                .toList());
        if (Boolean.FALSE.equals(unmarked)) {
            out.add(Say.guide(
                    "score",
                    Status.FAIL,
                    "scores and pits",
                    "A nail feels a mark where the ring seals.",
                    "Judge it with the check of the face, and take one of its remedies."));
        }
        return out;
    }

    /** Way round, and the groove of a ring that is judged by its maker's figures. */
    public List<Finding> decided() {
        List<Finding> out = new ArrayList<>();
        if (sort.isFaced()) {
            out.add(way.finding());
        }
        if (sort.isByMaker()) {
            out.add(maker());
        }
        if (!sort.isElastic()) {
            out.add(Say.guide(
                    "ring-material",
                    Status.CAUTION,
                    "material of the " + sort.words(),
                    "Whether its material stands the fluid, the heat and the cold is not judged here.",
                    "Ask its maker, for the loader too."));
        }
        return out;
    }

    private Finding maker() {
        String subject = "groove of the " + sort.words();
        if (byMaker == null) {
            return Finding.missing(
                    "maker",
                    subject,
                    "Its groove is not compared with its maker's figures.",
                    "Measure it against them.");
        }
        return Finding.of(
                "maker",
                byMaker ? Status.PASS : Status.FAIL,
                subject,
                byMaker ? "Compared with its maker's figures, and right." : "The groove is not as its maker wants it.",
                byMaker ? "" : "Another ring, or the groove made right.",
                Source.MAKER,
                "figures of its maker");
    }
}
