package joropo.core.section;

import joropo.core.verdict.Limits;

/**
 * What a kind of seal asks of the entry it stands in; a section takes it from its caller and has no table of its own.
 */
public interface SeatLimits {
    /** Pressure on its back that a lip stands, with caution (MPa). */
    double backPressureMpa();

    /** Whether a stop on the low-pressure side is a must. @param dpMpa pressure across the seal (MPa) */
    boolean mustBeHeld(double dpMpa, double shaftMm, double boreMm);

    /** Least total depth of the seat for seals of this width together (mm). */
    double totalDepthMm(double widthMm);

    /** Least cylindrical depth past the lead-in for seals of this width together (mm). */
    double cylindricalDepthMm(double widthMm);

    /** Greatest corner radius at the bottom of the seat (mm). */
    double cornerRadiusMm(double widthMm);

    /** Least length of the lead-in at the mouth (mm). */
    double leadInMm(double widthMm);

    /** Angle of that lead-in (degrees). */
    Limits leadInDeg(double widthMm);

    /** Where the limits of the seat are written. */
    String reference();
}
