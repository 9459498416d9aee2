package joropo.core.oring;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import joropo.core.fits.ToleranceClass;
import joropo.core.material.Dirt;
import joropo.core.surface.Defect;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * The bore or rod that a ring seals on; mm, µm, HRC.
 *
 * @param bendMm bow of a rod between V-blocks, over 300 mm, @param shapeLimitMm for ovality and taper; absent: IT8
 * @param dirt that reaches the face, @param defects everything seen; absent: nobody looked
 */
@RecordBuilder
public record CounterfaceInput(
        Part part,
        RingMotion motion,
        Double diameterMm,
        @Nullable Double bendMm,
        @Nullable Double shapeLimitMm,
        @Nullable Double raUm,
        @Nullable Double hardnessHrc,
        @Nullable Dirt dirt,
        @Nullable Double ovalityMm,
        @Nullable Double taperMm,
        @Nullable List<Mark> defects) {
    private static final int MOST_MARKS = 100;
    /** Where the tables of ISO 286 end (mm). */
    private static final double LARGEST_MM = 3150;

    private static final double HARDEST_HRC = 80;

    /** What the ring seals on. */
    public enum Part {
        BORE,
        ROD;

        /** The part that a ring of such a gland seals on. */
        public static Part of(Gland gland) {
            return gland == Gland.ROD ? ROD : BORE;
        }

        String words() {
            return this == ROD ? "rod" : "bore";
        }
    }

    /** Something seen on it. @param depthUm below the sound face, @param catchesNail absent: not tried */
    public record Mark(
            Defect.Kind kind,
            @Nullable Double depthUm,
            @Nullable Boolean catchesNail) {
        public Mark {
            new Needs()
                    .given("kind", kind)
                    .optionalNotNegative("depthUm", depthUm)
                    .done();
        }
    }

    public CounterfaceInput {
        new Needs()
                .given("part", part)
                .given("motion", motion)
                .size("diameterMm", diameterMm)
                .that(
                        "diameterMm",
                        diameterMm == null || diameterMm <= LARGEST_MM,
                        "is beyond the tables of limits, got " + diameterMm)
                .optionalNotNegative("bendMm", bendMm)
                .optionalNotNegative("shapeLimitMm", shapeLimitMm)
                .optionalNotNegative("raUm", raUm)
                .optionalBetween("hardnessHrc", hardnessHrc, 0, HARDEST_HRC)
                .optionalNotNegative("ovalityMm", ovalityMm)
                .optionalNotNegative("taperMm", taperMm)
                .that(
                        "defects",
                        defects == null || defects.stream().allMatch(Objects::nonNull) && defects.size() <= MOST_MARKS,
                        "has an empty one, or more than " + MOST_MARKS)
                .done();
        defects = defects == null ? null : List.copyOf(defects);
    }

    boolean isMoving() {
        return motion != RingMotion.STATIC;
    }

    /** What ovality and taper may be (mm). */
    double shapeMostMm() {
        if (shapeLimitMm != null) {
            return shapeLimitMm;
        }
        var h8 = ToleranceClass.parse("h8").at(diameterMm);
        return Length.snap((h8.upperUm() - h8.lowerUm()) / 1000);
    }
}
