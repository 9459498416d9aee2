package joropo.core.shaft;

/** What pressure does to a seal as a whole (computed). */
public final class Thrust {
    private Thrust() {}

    /** Axial force (N): |dp| pi/4 (D² - d²), dp in MPa, diameters in mm. */
    public static double newton(double dpMpa, double shaftMm, double boreMm) {
        return Math.abs(dpMpa) * Math.PI / 4 * (boreMm * boreMm - shaftMm * shaftMm);
    }
}
