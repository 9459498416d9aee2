package joropo.core.verdict;

import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * Least and greatest permitted value, either of which may be open; a value exactly at a limit conforms.
 *
 * @param lower least permitted value, absent when open
 * @param upper greatest permitted value, absent when open, not below {@code lower}
 */
public record Limits(@Nullable Double lower, @Nullable Double upper) {
    /** Room given to rounding, in favour of the milder state (guide, mm or the unit at hand). */
    static final double SLACK = 1e-9;
    /** Below this many uncertainties between the limits a gauge is too coarse (guide). */
    private static final double COARSE = 4;
    /** Below this many, no reading at all can pass (computed). */
    private static final double HOPELESS = 2;

    public Limits {
        if (lower != null && upper != null && !(lower <= upper)) {
            throw new IllegalArgumentException("Need lower <= upper, got " + lower + " and " + upper);
        }
    }

    /** Limits from a nominal size (mm) and signed deviations (µm), the way tolerance tables print them. */
    public static Limits ofDeviations(double nominalMm, double lowerUm, double upperUm) {
        return new Limits(Length.snap(nominalMm + lowerUm / 1000), Length.snap(nominalMm + upperUm / 1000));
    }

    public static Limits atLeast(double lower) {
        return new Limits(lower, null);
    }

    public static Limits atMost(double upper) {
        return new Limits(null, upper);
    }

    /**
     * The decision rule (guide, after ISO 14253-1): PASS inside by the uncertainty, FAIL outside by it, between the two
     * the gauge cannot tell.
     *
     * @param uncertainty expanded uncertainty, k = 2, not negative
     */
    public Status judge(double value, double uncertainty) {
        double inside = margin(value);
        if (Double.isNaN(inside)) {
            return Status.REMEASURE;
        }
        return inside >= uncertainty - SLACK
                ? Status.PASS
                : inside < -uncertainty - SLACK ? Status.FAIL : Status.REMEASURE;
    }

    /** Distance to the nearest limit, negative outside; infinite when both ends are open. */
    public double margin(double value) {
        double aboveLower = lower == null ? Double.POSITIVE_INFINITY : Length.snap(value - lower);
        double belowUpper = upper == null ? Double.POSITIVE_INFINITY : Length.snap(upper - value);
        return Math.min(aboveLower, belowUpper);
    }

    /** Whether a gauge of this uncertainty is too coarse for these limits. */
    public boolean tooCoarse(double uncertainty) {
        return width() < COARSE * uncertainty - SLACK;
    }

    /** Whether no reading at all could pass with this uncertainty. */
    public boolean cannotPass(double uncertainty) {
        return width() < HOPELESS * uncertainty - SLACK;
    }

    private double width() {
        return lower == null || upper == null ? Double.POSITIVE_INFINITY : upper - lower;
    }

    /**
     * The rule with two steps a {@literal <} b: to a PASS, to b CAUTION, beyond FAIL; REMEASURE where the gauge cannot
     * tell about b.
     *
     * @param uncertainty expanded uncertainty of the value, not negative
     */
    public static Status twoStep(double value, double uncertainty, double a, double b) {
        if (!(a < b)) {
            throw new IllegalArgumentException("Need a < b, got " + a + " and " + b);
        }
        if (value + uncertainty <= a + SLACK) {
            return Status.PASS;
        }
        if (value - uncertainty > b + SLACK) {
            return Status.FAIL;
        }
        return value + uncertainty > b + SLACK ? Status.REMEASURE : Status.CAUTION;
    }
}
