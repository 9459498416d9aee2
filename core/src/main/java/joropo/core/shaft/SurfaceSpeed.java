package joropo.core.shaft;

import joropo.core.units.Length;

/** How fast the shaft's surface runs under the lip (m/s, computed). */
public final class SurfaceSpeed {
    /** Faster than any shaft that is sealed (rpm, guide). */
    public static final double MOST_RPM = 100_000;

    private static final double MM_PER_M = 1000;
    private static final double S_PER_MIN = 60;

    private SurfaceSpeed() {}

    /** v = pi d n / 60000, d in mm, n in rpm, not negative. */
    public static double turning(double shaftMm, double speedRpm) {
        return Math.PI * shaftMm * Length.notNegative("speed", speedRpm) / (S_PER_MIN * MM_PER_M);
    }

    /** Mean speed of a swinging shaft: v = pi d (2 angle / 360) f / 60000. */
    public static double swinging(double shaftMm, Swing swing) {
        return turning(shaftMm, swing.meanRpm());
    }
}
