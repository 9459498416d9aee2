package joropo.core.section;

import joropo.core.verdict.Limits;

/**
 * What a kind of seal asks of the entry it stands in; a section takes it from its caller and has no table of its own.
 */
public interface SeatLimits {
    /** Pressure on its back that a lip stands, with caution (MPa). */
    double backPressureMpa();

    /**
     * Pressure that a lip of this profile stands at this speed (MPa); 0 where it stands none.
     *
     * @param profile one that tables know: STANDARD or PRESSURE
     */
    double mostPressureMpa(Profile profile, double rpm, double shaftMm);

    /** The most pressure that this profile stands at any speed (MPa). */
    double highestPressureMpa(Profile profile);

    /**
     * A trace of pressure, as by a breather, that a standard profile bears where it stands none, with caution (MPa).
     */
    double tracePressureMpa();

    /** The bore less the nominal of a seal that belongs to it (mm). */
    Limits boreLessNominalMm();

    /** The shaft less the nominal of a seal that belongs to it (mm). */
    Limits shaftLessNominalMm();

    /** How much smaller the small end of the shaft's chamfer is than the shaft, at least (mm). */
    double chamferMm(double shaftMm);

    /** Angle of that chamfer to the axis (degrees). */
    Limits chamferDeg(double shaftMm);

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
