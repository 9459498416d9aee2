package joropo.core.lipseal;

import joropo.core.section.BoreItem;
import joropo.core.section.SectionResult.Window;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * How far a lip may be moved from where the old one ran, and the depth that clears the groove (computed).
 *
 * @param inwardMm, @param outwardMm room each way
 * @param sameMm depth of the outer face at which the new lip would run where the old one ran
 * @param deepestMm depth that it must not pass
 */
public record LipMove(double inwardMm, double outwardMm, double sameMm, double deepestMm) {
    /** A plan rounds a new depth to this (mm). */
    private static final double STEP_MM = 0.1;

    /** @param stopMm depth of the stop, absent: none was read, @param window where the seal may stand */
    public static LipMove of(BoreItem.Seal seal, double oldLipMm, Window window, @Nullable Double stopMm) {
        double lipBehindFace = seal.lipMm() - seal.fromMm();
        double deepest = stopMm == null
                ? window.toMm()
                : Math.min(window.toMm(), stopMm - seal.widthMm() - LipSealSeatLimits.DEPTH_ROOM_MM);
        return new LipMove(
                Math.max(0, Length.snap(deepest + lipBehindFace - oldLipMm)),
                Math.max(0, Length.snap(oldLipMm - window.fromMm() - lipBehindFace)),
                oldLipMm - lipBehindFace,
                deepest);
    }

    /** Depth that the outer face goes to, inward where there is room. @param shiftMm how far the lip has to go */
    public double movedTo(double shiftMm) {
        return inwardMm >= shiftMm - 1e-9
                ? Math.min(deepestMm, Length.snap(Math.ceil((sameMm + shiftMm) / STEP_MM - 1e-6) * STEP_MM))
                : Length.snap(Math.floor((sameMm - shiftMm) / STEP_MM + 1e-6) * STEP_MM);
    }
}
