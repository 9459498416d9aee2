package joropo.core.surface;

import joropo.core.units.Length;
import joropo.core.verdict.Limits;

/** What a repair sleeve covers, and how it measures (guide). */
public final class SleeveCover {
    /** It reaches this far past the lip's track on both sides (mm). */
    public static final double PAST_MM = 1.5;

    /** A sleeve that was fitted has its outside within this much, either way (mm). */
    private static final double WITHIN_MM = 0.08;

    private SleeveCover() {}

    /** What the shaft may measure over a sleeve. @param outsideMm of the sleeve */
    public static Limits limits(double outsideMm) {
        return new Limits(Length.snap(outsideMm - WITHIN_MM), Length.snap(outsideMm + WITHIN_MM));
    }

    /** Whether a reading is one of the sleeve rather than of the shaft under it. @param nominalMm of that shaft */
    public static boolean isRead(double measuredMm, double outsideMm, double nominalMm) {
        return Math.abs(measuredMm - outsideMm) < Math.abs(measuredMm - nominalMm);
    }
}
