package joropo.core.assembly;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import joropo.core.readings.Gauge;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A coupling read by rim and face; mm. The bracket sits on the half that stays, the indicators on rim and front face of
 * the half that is moved, plunger in is +; places 0, 90, 180, 270, 0 on top, 90 to the right seen from behind the
 * machine that is moved.
 *
 * @param rimMm, @param faceMm four readings each, @param faceDiameterMm on which the face is read
 * @param sagMm by which the bracket alone drops from top to bottom, + down; absent: not known
 * @param frontFeetMm, @param backFeetMm distance of the feet from the coupling's plane
 * @param softFootMm rise of each foot when it is slackened, @param targetVerticalMm, @param targetHorizontalMm by which
 *     it has to stand off when cold
 * @param limitOffsetMm, @param limitAngleMmPer100 the maker's; absent: by the speed
 * @param uncertaintyMm of one reading, k = 2; absent: a dial indicator, with a caution
 */
@RecordBuilder
public record AlignmentInput(
        List<Double> rimMm,
        List<Double> faceMm,
        Double faceDiameterMm,
        @Nullable Double sagMm,
        Double frontFeetMm,
        Double backFeetMm,
        Double speedRpm,
        @Nullable List<Double> softFootMm,
        @Nullable Double uncertaintyMm,
        @Nullable Double targetVerticalMm,
        @Nullable Double targetHorizontalMm,
        @Nullable Double limitOffsetMm,
        @Nullable Double limitAngleMmPer100) {
    private static final int PLACES = 4;
    private static final double MOST_MM = 100;
    private static final double FASTEST_RPM = 60_000;

    public AlignmentInput {
        new Needs()
                .that("rimMm", isFour(rimMm), "needs four readings: at 0, 90, 180 and 270")
                .that("faceMm", isFour(faceMm), "needs four readings: at 0, 90, 180 and 270")
                .size("faceDiameterMm", faceDiameterMm)
                .optionalBetween("sagMm", sagMm, -10, 10)
                .size("frontFeetMm", frontFeetMm)
                .size("backFeetMm", backFeetMm)
                .that(
                        "backFeetMm",
                        frontFeetMm == null || backFeetMm == null || backFeetMm > frontFeetMm,
                        "must be farther from the coupling than the front feet, got " + backFeetMm)
                .given("speedRpm", speedRpm)
                .optionalBetween("speedRpm", speedRpm, 0, FASTEST_RPM)
                .that(
                        "softFootMm",
                        softFootMm == null
                                || isFour(softFootMm) && softFootMm.stream().allMatch(r -> r >= 0),
                        "needs the rise of four feet, none below 0")
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .optionalBetween("targetVerticalMm", targetVerticalMm, -MOST_MM, MOST_MM)
                .optionalBetween("targetHorizontalMm", targetHorizontalMm, -MOST_MM, MOST_MM)
                .optionalNotNegative("limitOffsetMm", limitOffsetMm)
                .optionalNotNegative("limitAngleMmPer100", limitAngleMmPer100)
                .done();
        rimMm = List.copyOf(rimMm);
        faceMm = List.copyOf(faceMm);
        softFootMm = softFootMm == null ? null : List.copyOf(softFootMm);
    }

    private static boolean isFour(@Nullable List<Double> readings) {
        return readings != null
                && readings.size() == PLACES
                && readings.stream().allMatch(r -> Objects.nonNull(r) && Math.abs(r) <= MOST_MM);
    }

    double readU() {
        return uncertaintyMm != null ? uncertaintyMm : Gauge.DIAL_INDICATOR.uncertaintyMm(1);
    }

    double targetV() {
        return targetVerticalMm == null ? 0 : targetVerticalMm;
    }

    double targetH() {
        return targetHorizontalMm == null ? 0 : targetHorizontalMm;
    }
}
