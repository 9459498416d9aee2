package joropo.core.lipseal;

import java.util.OptionalDouble;
import joropo.core.material.Contact;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Side;
import joropo.core.shaft.SurfaceSpeed;
import joropo.core.shaft.Thrust;
import joropo.core.units.Length;
import joropo.core.verdict.Status;

/**
 * Where a lip runs: speed, heat, pressure and what touches it.
 *
 * @param rpm of the shaft, mean speed of a swinging one, @param speedMPerS under the lip
 * @param riseK how much hotter than the sump the lip runs, @param lipC its temperature
 * @param frictionW heat that one lip makes, @param open side to which the spring lip faces
 * @param pressureMpa pressure at the open side less that at the back
 */
record OperatingPoint(
        double rpm,
        double speedMPerS,
        double riseK,
        double lipC,
        double frictionW,
        Side open,
        boolean openIsMissing,
        boolean vacuumIsMissing,
        double pressureMpa,
        double thrustN,
        Contact inside,
        Contact outside) {
    /** Rise at 1 m/s in oil without pressure (K, guide), growing with this power of the speed. */
    private static final double RISE_K = 6.3;

    private static final double RISE_POWER = 0.7;
    /** Load of a lip on the shaft (N/mm of circumference) and its friction (guide, no pressure). */
    private static final double LIP_LOAD_N_PER_MM = 0.12;

    private static final double FRICTION = 0.45;

    static OperatingPoint of(LipSealInput in) {
        double d = in.shaftNominalMm();
        double rpm = in.swing() != null ? in.swing().meanRpm() : in.speedRpm();
        double v = SurfaceSpeed.turning(d, rpm);
        double rise = RISE_K * Math.pow(v, RISE_POWER) * in.wetting().heat();
        double lipC = in.sumpTemperatureC() + rise;
        double inside = in.pressureInsideMpa() == null ? 0 : in.pressureInsideMpa();
        double outside = in.pressureOutsideMpa() == null ? 0 : in.pressureOutsideMpa();
        double dp = Length.snap(inside - outside);
        Contact in1 = Contact.of(in.insideMedium(), in.insideFluid(), "insideFluid", lipC, in.materials());
        boolean underWater = in.dirt() == Dirt.IMMERSED && in.outsideMedium() == Medium.AIR;
        Contact out = Contact.of(
                underWater ? Medium.WATER : in.outsideMedium(),
                in.outsideFluid(),
                "outsideFluid",
                lipC,
                in.materials());
        boolean oneSideKept = keeps(in1.medium()) != keeps(out.medium());
        Side open =
                in.mainLip() != null ? in.mainLip() : keeps(in1.medium()) || !keeps(out.medium()) ? Side.IN : Side.OUT;
        boolean vacuum = in.insideMedium() == Medium.VACUUM && in.pressureInsideMpa() == null
                || in.outsideMedium() == Medium.VACUUM && in.pressureOutsideMpa() == null;
        return new OperatingPoint(
                rpm,
                v,
                rise,
                lipC,
                Math.PI * d * LIP_LOAD_N_PER_MM * FRICTION * v,
                open,
                in.mainLip() == null && !oneSideKept && dp != 0,
                vacuum,
                open == Side.IN ? dp : -dp,
                Thrust.newton(dp, d, in.boreNominalMm()),
                in1,
                out);
    }

    private static boolean keeps(Medium medium) {
        return medium != Medium.AIR && medium != Medium.VACUUM;
    }

    /** What the standard profile stands here (MPa), empty beyond its table. */
    OptionalDouble standardPressureMpa() {
        return LipLimits.standardPressureMpa(rpm, speedMPerS);
    }

    /** Whether both sides hold something to be kept, and not the same. */
    boolean twoMedia() {
        return keeps(inside.medium()) && keeps(outside.medium()) && (inside.medium() != outside.medium() || twoNamed());
    }

    /** Whether both sides hold a named fluid, and not the same. */
    boolean twoNamed() {
        return isNamed(inside) && isNamed(outside) && !inside.fluids().equals(outside.fluids());
    }

    /** Whether one medium is on both sides, one of them named and the other not. */
    boolean perhapsTwoMedia() {
        return keeps(inside.medium()) && inside.medium() == outside.medium() && isNamed(inside) != isNamed(outside);
    }

    private static boolean isNamed(Contact side) {
        return !side.assumed() && !side.fluids().isEmpty();
    }

    /** Whether nothing but air is there to wet a lip that is neither greased nor said to be hardly wetted. */
    boolean runsDry(Wetting wetting) {
        return !keeps(inside.medium()) && !keeps(outside.medium()) && !wetting.isDry();
    }

    /** Whether there is more pressure at the open side than the standard profile stands here. */
    boolean asksForPressureLip() {
        return pressureMpa > 0 && LayoutRule.standardProfile(this, pressureMpa) == Status.FAIL;
    }

    boolean twoLiquids() {
        return twoMedia() && inside.medium().isLiquid() && outside.medium().isLiquid();
    }

    /** Whether a thin medium asks for a case that fills the marks of its bore. */
    boolean isThin() {
        return switch (inside.medium()) {
            case WATER, FUEL, REFRIGERANT, STEAM -> true;
            default -> false;
        };
    }
}
