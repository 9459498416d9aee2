package joropo.core.assembly;

import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * One joint to tighten.
 *
 * @param bolts how many round the circle, 2 to 96, @param torque as the figure is given, in {@code torqueUnit}
 * @param figureFor threads that the figure was given for, absent: UNKNOWN, @param threads as they are, absent: not said
 * @param wrenchLengthMm from its grip to its square, @param extensionMm in line with it, absent: none
 * @param leftHand whether it tightens to the left
 */
public record TorquePlanInput(
        Integer bolts,
        Double torque,
        TorqueUnit torqueUnit,
        @Nullable FigureFor figureFor,
        @Nullable Threads threads,
        @Nullable Double wrenchLengthMm,
        @Nullable Double extensionMm,
        @Nullable Boolean leftHand) {
    private static final int MOST_BOLTS = 96;
    private static final double MOST_TORQUE = 100_000;

    /** Units of a wrench. */
    public enum TorqueUnit {
        NM,
        LBF_FT,
        LBF_IN,
        KGF_M
    }

    /** What threads a figure was given for. */
    public enum FigureFor {
        DRY,
        LUBRICATED,
        UNKNOWN
    }

    /** What is on the threads. */
    public enum Threads {
        DRY,
        OILED,
        ANTISEIZE,
        THREADLOCKER
    }

    public TorquePlanInput {
        new Needs()
                .given("bolts", bolts)
                .that(
                        "bolts",
                        bolts == null || bolts >= 2 && bolts <= MOST_BOLTS,
                        "must be 2 to " + MOST_BOLTS + ", got " + bolts)
                .given("torque", torque)
                .that("torque", torque == null || torque > 0 && torque <= MOST_TORQUE, "must be above 0, got " + torque)
                .given("torqueUnit", torqueUnit)
                .optionalSize("wrenchLengthMm", wrenchLengthMm)
                .optionalNotNegative("extensionMm", extensionMm)
                .done();
        figureFor = figureFor == null ? FigureFor.UNKNOWN : figureFor;
        leftHand = Boolean.TRUE.equals(leftHand);
    }
}
