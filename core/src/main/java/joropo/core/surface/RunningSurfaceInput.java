package joropo.core.surface;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.readings.Gauge;
import joropo.core.shaft.Hand;
import joropo.core.shaft.PlayAndGrowth;
import joropo.core.shaft.Rotation;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * The running surface of one lip as measured and seen; lengths in mm.
 *
 * @param nominalMm shaft of the seal, @param measuredMm diameter beside the groove, @param uncertaintyMm its U
 * @param grooveDepthMm radial depth below the unworn surface beside it, @param grooveWidthMm along the axis
 * @param lipContactMm width of the lip's contact, absent: 0.8, @param axialPlayMm whole play, @param growthMm signed, +
 *     inward
 * @param shiftInwardMm, @param shiftOutwardMm how far the lip may be moved each way
 * @param leadAdvanceMm, @param leadTurns, @param leadReverses the thread test
 * @param boreMm bore of the housing, for seals of another shaft size, @param lipMaterial code, for the roughness of a
 *     PTFE lip
 * @param rubberCase whether the seal's case is covered with rubber, for marks in its seat; absent: not decided
 * @param runningSleeve whether the surface is on a sleeve or spacer that comes off, absent: no
 * @param hardLayerMm how deep the hard layer reaches, @param slantHand of slanting marks, @param rotation as seen from
 *     outside
 * @param sleeveMm outside of the repair sleeve that stands on the shaft since an earlier job, absent: none is known
 * @param sleeveWallMm wall of the thin sleeve at hand, absent: 0.3, @param defects everything seen; absent: nobody
 *     looked
 */
@RecordBuilder
public record RunningSurfaceInput(
        Double nominalMm,
        @Nullable Double measuredMm,
        @Nullable Double uncertaintyMm,
        @Nullable Double raUm,
        @Nullable Double rzUm,
        @Nullable Double hardnessHrc,
        @Nullable Double surfaceSpeedMPerS,
        @Nullable Double grooveDepthMm,
        @Nullable Double grooveWidthMm,
        @Nullable Double lipContactMm,
        @Nullable Double axialPlayMm,
        @Nullable Double growthMm,
        @Nullable Double shiftInwardMm,
        @Nullable Double shiftOutwardMm,
        @Nullable Double leadAdvanceMm,
        @Nullable Double leadTurns,
        @Nullable Boolean leadReverses,
        @Nullable Double boreMm,
        @Nullable Dirt outsideDirt,
        @Nullable String lipMaterial,
        @Nullable Double ovalityMm,
        @Nullable Double sleeveMm,
        @Nullable Double sleeveWallMm,
        @Nullable List<Defect> defects,
        @Nullable Boolean rubberCase,
        @Nullable Boolean runningSleeve,
        @Nullable Double hardLayerMm,
        @Nullable Hand slantHand,
        @Nullable Rotation rotation) {
    private static final double LIP_CONTACT_MM = 0.8;
    private static final double SLEEVE_WALL_MM = 0.3;
    private static final int MOST_DEFECTS = 100;

    public RunningSurfaceInput {
        new Needs()
                .size("nominalMm", nominalMm)
                .optionalSize("measuredMm", measuredMm)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .optionalNotNegative("raUm", raUm)
                .optionalNotNegative("rzUm", rzUm)
                .optionalBetween("hardnessHrc", hardnessHrc, 0, 80)
                .optionalNotNegative("surfaceSpeedMPerS", surfaceSpeedMPerS)
                .optionalNotNegative("grooveDepthMm", grooveDepthMm)
                .that(
                        "grooveDepthMm",
                        grooveDepthMm == null || nominalMm == null || grooveDepthMm < nominalMm / 2,
                        "must be below half the shaft, got " + grooveDepthMm)
                .optionalNotNegative("grooveWidthMm", grooveWidthMm)
                .optionalNotNegative("lipContactMm", lipContactMm)
                .optionalNotNegative("axialPlayMm", axialPlayMm)
                .optionalPlace("growthMm", growthMm)
                .optionalNotNegative("shiftInwardMm", shiftInwardMm)
                .optionalNotNegative("shiftOutwardMm", shiftOutwardMm)
                .optionalPlace("leadAdvanceMm", leadAdvanceMm)
                .that("leadTurns", leadTurns == null || leadTurns > 0, "must be above 0, got " + leadTurns)
                .optionalSize("boreMm", boreMm)
                .that(
                        "boreMm",
                        boreMm == null || nominalMm == null || boreMm > nominalMm,
                        "must be above the shaft, got " + boreMm)
                .optionalNotNegative("ovalityMm", ovalityMm)
                .that(
                        "defects",
                        defects == null
                                || defects.stream().allMatch(Objects::nonNull) && defects.size() <= MOST_DEFECTS,
                        "has an empty one, or more than " + MOST_DEFECTS)
                .optionalSize("sleeveMm", sleeveMm)
                .optionalSize("sleeveWallMm", sleeveWallMm)
                .optionalNotNegative("hardLayerMm", hardLayerMm)
                .done();
        lipContactMm = lipContactMm == null ? LIP_CONTACT_MM : lipContactMm;
        if (lipMaterial != null) {
            Elastomer.known(lipMaterial, "lipMaterial");
        }
        defects = defects == null ? null : List.copyOf(defects);
    }

    List<Defect> seen() {
        return defects == null ? List.of() : defects;
    }

    boolean ptfeLip() {
        return "PTFE".equals(lipMaterial);
    }

    /** Expanded uncertainty of the readings (mm): as given, else a vernier caliper's. */
    double readU() {
        return uncertaintyMm == null ? Gauge.CALIPER.uncertaintyMm(nominalMm) : uncertaintyMm;
    }

    boolean isDirty() {
        return outsideDirt != null && outsideDirt != Dirt.CLEAN;
    }

    /** Wall of the thin sleeve (mm): as given, else the usual one. */
    @Override
    public Double sleeveWallMm() {
        return sleeveWallMm == null ? SLEEVE_WALL_MM : sleeveWallMm;
    }

    boolean wallIsAssumed() {
        return sleeveWallMm == null;
    }

    /** What asks for no hard track because nobody said otherwise. */
    List<String> assumed() {
        List<String> out = new ArrayList<>();
        if (outsideDirt == null) {
            out.add("clean outside");
        }
        if (lipMaterial == null) {
            out.add("a rubber lip");
        }
        return out;
    }

    boolean isOnSleeve() {
        return Boolean.TRUE.equals(runningSleeve);
    }

    double wanderMm() {
        return PlayAndGrowth.of(axialPlayMm, growthMm).wanderMm();
    }
}
