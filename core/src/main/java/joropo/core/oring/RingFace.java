package joropo.core.oring;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import joropo.core.material.Dirt;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The face that rings of a joint seal on, as it is read in a job (guide): one rod or bore for all that run on it, or
 * the land of one that lies still. Marks are looked for; where one is felt, the check of the face has the remedies.
 *
 * @param diameterMm absent: not read yet, @param unmarked whether no mark was found that a nail feels; absent: not
 *     looked, @param bendMm of a rod over 300 mm, @param shapeMm the worse of ovality and taper
 */
@RecordBuilder
public record RingFace(
        CounterfaceInput.Part part,
        RingMotion motion,
        @Nullable Double diameterMm,
        @Nullable Double raUm,
        @Nullable Boolean unmarked,
        @Nullable Double bendMm,
        @Nullable Double shapeMm,
        @Nullable Double hardnessHrc,
        @Nullable Dirt dirt) {
    private static final Set<String> LYING_STILL = Set.of("roughness", "score");

    /** What was found on it; of a face that nothing moves on, roughness and marks only. */
    public List<Finding> findings() {
        if (diameterMm == null) {
            return motion == RingMotion.STATIC
                    ? List.of()
                    : List.of(Finding.missing(
                            "face",
                            part.words(),
                            "The " + part.words() + " that the rings run on is not measured.",
                            "Measure it in three planes, two ways."));
        }
        List<Finding> out = new ArrayList<>(CounterfaceCheck.check(CounterfaceInputBuilder.builder()
                        .part(part)
                        .motion(motion)
                        .diameterMm(diameterMm)
                        .raUm(raUm)
                        .bendMm(bendMm)
                        .ovalityMm(shapeMm)
                        .taperMm(shapeMm)
                        .hardnessHrc(hardnessHrc)
                        .dirt(dirt)
                        .defects(Boolean.TRUE.equals(unmarked) ? List.of() : null)
                        .build())
                .findings()
                .stream()
                .filter(f -> motion != RingMotion.STATIC || LYING_STILL.contains(f.id()))
                .filter(f -> !f.id().equals("score") || !Boolean.FALSE.equals(unmarked))
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
}
