package joropo.core.assembly;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * One joint to tighten: a ring of bolts, or a single nut or screw.
 *
 * @param bolts how many round the circle, 1 to 96, @param torque as the figure is given, in {@code torqueUnit}; absent:
 *     none is to be had, then by class, or back to the mark
 * @param figureFor threads that the figure was given for, absent: UNKNOWN, @param threads as they are, absent: not said
 * @param thread such as M12, @param boltClass such as 8.8, @param clamped what is clamped: for the class table
 * @param wrenchLengthMm from its grip to its square, @param extensionMm in line with it, absent: none
 * @param leftHand whether it tightens to the left, @param trialSeating whether a gasket is seated on trial first
 * @param toMark whether nut and thread were marked before loosening and come back to the mark, @param newFasteners
 *     whether bolt or nut is a new one, absent: not said
 */
@RecordBuilder
public record TorquePlanInput(
        Integer bolts,
        @Nullable Double torque,
        @Nullable TorqueUnit torqueUnit,
        @Nullable FigureFor figureFor,
        @Nullable Threads threads,
        @Nullable String thread,
        @Nullable String boltClass,
        @Nullable Clamped clamped,
        @Nullable Double wrenchLengthMm,
        @Nullable Double extensionMm,
        @Nullable Boolean leftHand,
        @Nullable Boolean trialSeating,
        @Nullable Boolean toMark,
        @Nullable Boolean newFasteners) {
    public static final int LEAST_BOLTS = 1;
    public static final int MOST_BOLTS = 96;
    /** In any unit (guide). */
    public static final double MOST_TORQUE = 100_000;
    /** Property classes of the table, such as 8.8. */
    public static final List<String> BOLT_CLASSES = BoltStrength.classes();

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
        THREADLOCKER("threads with threadlocker"),
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

    /** What the bolt clamps, or screws into. */
    public enum Clamped {
        STEEL("steel on steel"),
        ALUMINIUM("aluminium"),
        CAST("cast iron"),
        PLASTIC("plastic"),
        GASKET("a cover on its gasket"),
        GLAND("a gland on packing or a seal");

        private final String words;

        Clamped(String words) {
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
                .that("torque", torque == null || torque > 0 && torque <= MOST_TORQUE, "must be above 0, got " + torque)
                .that("torqueUnit", torque == null || torqueUnit != null, "is needed with a torque")
                .that(
                        "thread",
                        thread == null || BoltStrength.isThread(thread),
                        "is not understood as a thread: write it such as M12 or M12x1.5")
                .that(
                        "boltClass",
                        boltClass == null || BoltStrength.isClass(boltClass),
                        "is none of the classes: " + BoltStrength.classes())
                .optionalSize("wrenchLengthMm", wrenchLengthMm)
                .optionalNotNegative("extensionMm", extensionMm)
                .done();
        figureFor = figureFor == null ? FigureFor.UNKNOWN : figureFor;
        leftHand = Boolean.TRUE.equals(leftHand);
    }

    boolean isTrial() {
        return Boolean.TRUE.equals(trialSeating);
    }

    boolean isToMark() {
        return Boolean.TRUE.equals(toMark);
    }

    boolean isStainless() {
        return boltClass != null && boltClass.startsWith("A");
    }
}
