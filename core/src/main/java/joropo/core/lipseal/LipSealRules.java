package joropo.core.lipseal;

import java.util.List;
import joropo.core.section.Comparison;
import joropo.core.section.Profile;
import joropo.core.section.Schools;
import joropo.core.section.SeatLimits;
import joropo.core.section.Section;
import joropo.core.section.SectionCheck;
import joropo.core.section.SectionResult;
import joropo.core.shaft.SurfaceSpeed;
import joropo.core.shaft.Thrust;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.RunningSurfaceCheck;
import joropo.core.surface.RunningSurfaceInput;
import joropo.core.surface.RunningSurfaceResult;
import joropo.core.surface.TrackFinish;
import joropo.core.surface.TrackLimits;
import joropo.core.verdict.Limits;

/** Section and running surface judged as a lip seal wants them, by the tables of this family. */
public final class LipSealRules {
    /** A spring lip stands this much pressure on its back (MPa, guide), with caution. */
    private static final double BACK_PRESSURE_MPA = 0.02;
    /** Above this pressure difference a press fit alone is not trusted (MPa, guide). */
    private static final double HELD_ABOVE_MPA = 0.03;
    /** Above this load on the bore's circumference either (N/mm, guide). */
    private static final double HELD_ABOVE_N_PER_MM = 1;

    /** The seat of a lip seal (standard, DIN 3760 class; pressure guide). */
    public static final SeatLimits SEAT = new Seat();

    /** The track of a lip (standard, ISO 6194-1; finish guide). */
    public static final TrackLimits TRACK = new Track();

    private LipSealRules() {}

    public static SectionResult section(Section section) {
        return SectionCheck.check(section, SEAT);
    }

    public static RunningSurfaceResult surface(RunningSurfaceInput in) {
        return RunningSurfaceCheck.check(in, TRACK);
    }

    public static List<Schools.School> schools(Section section) {
        return Schools.of(section, SEAT);
    }

    public static List<Comparison.Rule> compared(Section kit, Section found) {
        return Comparison.rules(kit, found, SEAT);
    }

    private static final class Seat implements SeatLimits {
        @Override
        public double backPressureMpa() {
            return BACK_PRESSURE_MPA;
        }

        @Override
        public double mostPressureMpa(Profile profile, double rpm, double shaftMm) {
            double speed = SurfaceSpeed.turning(shaftMm, rpm);
            return profile == Profile.PRESSURE
                    ? LipLimits.supportedPressureMpa(speed)
                    : LipLimits.standardPressureMpa(rpm, speed).orElse(0);
        }

        @Override
        public double highestPressureMpa(Profile profile) {
            return profile == Profile.PRESSURE
                    ? LipLimits.supportedPressureMpa(0)
                    : LipLimits.standardPressureMpa(0, 0).orElse(0);
        }

        @Override
        public double tracePressureMpa() {
            return LayoutRule.TRACE_MPA;
        }

        @Override
        public Limits boreLessNominalMm() {
            return SealSize.BORE_LESS_NOMINAL_MM;
        }

        @Override
        public Limits shaftLessNominalMm() {
            return SealSize.SHAFT_LESS_NOMINAL_MM;
        }

        @Override
        public double chamferMm(double shaftMm) {
            return LipSealSeatLimits.shaft(shaftMm).chamferReductionMm();
        }

        @Override
        public Limits chamferDeg(double shaftMm) {
            LipSealSeatLimits.Shaft row = LipSealSeatLimits.shaft(shaftMm);
            return new Limits(row.chamferMinDeg(), row.chamferMaxDeg());
        }

        @Override
        public boolean mustBeHeld(double dpMpa, double shaftMm, double boreMm) {
            return LipSealRules.mustBeHeld(dpMpa, shaftMm, boreMm);
        }

        @Override
        public double totalDepthMm(double widthMm) {
            return LipSealSeatLimits.totalDepthMm(widthMm);
        }

        @Override
        public double cylindricalDepthMm(double widthMm) {
            return LipSealSeatLimits.cylindricalDepthMm(widthMm);
        }

        @Override
        public double cornerRadiusMm(double widthMm) {
            return LipSealSeatLimits.housing(widthMm).cornerRadiusMm();
        }

        @Override
        public double leadInMm(double widthMm) {
            return LipSealSeatLimits.housing(widthMm).leadInMinMm();
        }

        @Override
        public Limits leadInDeg(double widthMm) {
            LipSealSeatLimits.Housing housing = LipSealSeatLimits.housing(widthMm);
            return new Limits(housing.leadInMinDeg(), housing.leadInMaxDeg());
        }

        @Override
        public String reference() {
            return "DIN 3760 class";
        }
    }

    private static final class Track implements TrackLimits {
        @Override
        public TrackFinish finish(double nominalMm) {
            return LipSealSeatLimits.shaft(nominalMm).finish();
        }

        @Override
        public Limits shaftMm(SealSystem system, double nominalMm) {
            return LipSealSeatLimits.shaftLimits(system, nominalMm);
        }

        @Override
        public List<SealSize> sizes() {
            return SealSize.all();
        }
    }

    /** Whether a press fit alone does not hold the seal against this pressure (guide). */
    static boolean mustBeHeld(double dpMpa, double shaftMm, double boreMm) {
        return Math.abs(dpMpa) > HELD_ABOVE_MPA + 1e-9
                || Thrust.newton(dpMpa, shaftMm, boreMm) > HELD_ABOVE_N_PER_MM * Math.PI * boreMm + 1e-9;
    }
}
