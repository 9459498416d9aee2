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
    public static final int LEAST_BOLTS = 2;
    public static final int MOST_BOLTS = 96;
    /** In any unit (guide). */
    public static final double MOST_TORQUE = 100_000;

    /** Units of a wrench. */
    public enum TorqueUnit {
        NM("N·m"),
        LBF_FT("lbf·ft"),
        LBF_IN("lbf·in"),
        KGF_M("kgf·m");

        private final String words;

        TorqueUnit(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What threads a figure was given for. */
    public enum FigureFor {
        DRY("dry threads"),
        LUBRICATED("lubricated threads"),
        UNKNOWN("not known");

        private final String words;

        FigureFor(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What is on the threads. */
    public enum Threads {
        DRY("dry"),
        OILED("oiled"),
        ANTISEIZE("with anti-seize"),
        THREADLOCKER("with threadlocker");

        private final String words;

        Threads(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public TorquePlanInput {
        new Needs()
                .given("bolts", bolts)
                .that(
                        "bolts",
                        bolts == null || bolts >= LEAST_BOLTS && bolts <= MOST_BOLTS,
                        "must be " + LEAST_BOLTS + " to " + MOST_BOLTS + ", got " + bolts)
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
