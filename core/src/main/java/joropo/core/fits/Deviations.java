package joropo.core.fits;

import joropo.core.units.Length;
import joropo.core.verdict.Limits;

/**
 * Signed limit deviations of one class at one nominal size.
 *
 * @param nominalMm nominal size (mm), @param upperUm upper deviation (µm), @param lowerUm lower deviation (µm)
 */
public record Deviations(double nominalMm, double upperUm, double lowerUm) {
    public double maxMm() {
        return Length.snap(nominalMm + upperUm / 1000);
    }

    public double minMm() {
        return Length.snap(nominalMm + lowerUm / 1000);
    }

    public Limits limits() {
        return Limits.ofDeviations(nominalMm, lowerUm, upperUm);
    }
}
