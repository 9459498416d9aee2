package joropo.core.lipseal;

/** What pressure does to the seal as a whole (guide). */
public final class Thrust {
    /** Above this pressure difference a press fit alone is not trusted (MPa, guide). */
    private static final double HELD_ABOVE_MPA = 0.03;
    /** Above this load on the bore's circumference either (N/mm, guide). */
    private static final double HELD_ABOVE_N_PER_MM = 1;

    private Thrust() {}

    /** Axial force (N): |dp| pi/4 (D² - d²), dp in MPa, diameters in mm. */
    public static double newton(double dpMpa, double shaftMm, double boreMm) {
        return Math.abs(dpMpa) * Math.PI / 4 * (boreMm * boreMm - shaftMm * shaftMm);
    }

    /** Whether a stop on the low-pressure side is a must. */
    public static boolean mustBeHeld(double dpMpa, double shaftMm, double boreMm) {
        return Math.abs(dpMpa) > HELD_ABOVE_MPA + 1e-9
                || newton(dpMpa, shaftMm, boreMm) > HELD_ABOVE_N_PER_MM * Math.PI * boreMm + 1e-9;
    }
}
