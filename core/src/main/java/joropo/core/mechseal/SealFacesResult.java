package joropo.core.mechseal;

import java.util.List;
import joropo.core.verdict.Finding;

/**
 * How the faces of a seal are loaded.
 *
 * @param facePressureMpa with half the pressure opening, @param closingMarginMpa what still closes them with k; by the
 *     worse of the usual ones where k is not given
 * @param pvMpaMPerS, @param heatW 0 where the faces open
 */
public record SealFacesResult(
        double balanceRatio,
        double facePressureMpa,
        double closingMarginMpa,
        double meanSpeedMPerS,
        double pvMpaMPerS,
        double heatW,
        List<Finding> findings) {
    public SealFacesResult {
        findings = List.copyOf(findings);
    }
}
