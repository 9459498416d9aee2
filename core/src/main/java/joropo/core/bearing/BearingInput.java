package joropo.core.bearing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import joropo.core.fits.DiameterInput;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A bearing as it was met, and what is done with it; lengths in mm.
 *
 * @param turningRing the ring that turns, @param loadTurns whether the load turns with it; absent: it stands still
 * @param noRing the ring that it has not, as a needle bearing that runs on the shaft itself; absent: it has both
 * @param forceOn what the tool presses or pulls on, @param sealed whether it is sealed or shielded for life
 * @param shaftFit, @param boreFit its seats as read
 * @param homeDepthMm depth of its face when it lies on its shoulder, @param measuredDepthMm as read
 * @param uncertaintyMm of that reading; absent: a caliper's depth rod, with a caution
 * @param signs what is seen on it, turned dry and clean; absent: nobody looked; empty: nothing is seen
 * @param markingOld, @param markingNew number with clearance and seals as read; no new one: the same goes back
 * @param greaseOld, @param greaseNew soap of what is in it and of what is put in
 */
@RecordBuilder
public record BearingInput(
        Double boreMm,
        Double outsideMm,
        Double widthMm,
        Ring turningRing,
        @Nullable Boolean loadTurns,
        @Nullable Ring noRing,
        @Nullable Force forceOn,
        @Nullable Boolean sealed,
        @Nullable DiameterInput shaftFit,
        @Nullable DiameterInput boreFit,
        @Nullable Double homeDepthMm,
        @Nullable Double measuredDepthMm,
        @Nullable Double uncertaintyMm,
        @Nullable List<BearingSign> signs,
        Duty duty,
        @Nullable String markingOld,
        @Nullable String markingNew,
        @Nullable Soap greaseOld,
        @Nullable Soap greaseNew) {
    /** Where the tables of tolerances end (mm). */
    private static final double LARGEST_MM = 630;

    private static final int LONGEST = 100;

    public BearingInput {
        new Needs()
                .size("boreMm", boreMm)
                .size("outsideMm", outsideMm)
                .size("widthMm", widthMm)
                .that(
                        "outsideMm",
                        boreMm == null || outsideMm == null || outsideMm > boreMm,
                        "must be above the bore, got " + outsideMm)
                .that(
                        "outsideMm",
                        outsideMm == null || outsideMm <= LARGEST_MM,
                        "is beyond the tables of bearings, which end at 630 mm")
                .given("turningRing", turningRing)
                .given("duty", duty)
                .that(
                        "forceOn",
                        forceOn == null || noRing == null || forceOn == Force.BOTH || !forceOn.reaches(noRing),
                        "is on a ring that this bearing has not")
                .that(
                        "forceOn",
                        forceOn != Force.BOTH || noRing == null,
                        "is on both rings, and this bearing has only one")
                .that("shaftFit", shaftFit == null || shaftFit.part() == DiameterInput.Part.SHAFT, "must be a shaft")
                .that("boreFit", boreFit == null || boreFit.part() == DiameterInput.Part.BORE, "must be a bore")
                .that(
                        "shaftFit",
                        shaftFit == null || boreMm == null || same(shaftFit.nominalMm(), boreMm),
                        "is of another size than the bearing's bore")
                .that(
                        "boreFit",
                        boreFit == null || outsideMm == null || same(boreFit.nominalMm(), outsideMm),
                        "is of another size than the bearing's outside")
                .optionalPlace("homeDepthMm", homeDepthMm)
                .optionalPlace("measuredDepthMm", measuredDepthMm)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .that("signs", signs == null || signs.stream().allMatch(Objects::nonNull), "has an empty one")
                .that("markingOld", markingOld == null || markingOld.length() <= LONGEST, "is too long")
                .that("markingNew", markingNew == null || markingNew.length() <= LONGEST, "is too long")
                .done();
        signs = signs == null ? null : List.copyOf(signs);
    }

    private static boolean same(double a, double b) {
        return Math.abs(a - b) < 1e-6;
    }

    /** The ring that turns against the load is tight, else the other; where there is only one, that one. */
    Ring tightRing() {
        if (noRing != null) {
            return noRing.other();
        }
        return Boolean.TRUE.equals(loadTurns) ? turningRing.other() : turningRing;
    }

    /** Which ring is tight was not asked: the load is taken to stand still. */
    boolean tightIsAssumed() {
        return loadTurns == null && noRing == null;
    }
}
