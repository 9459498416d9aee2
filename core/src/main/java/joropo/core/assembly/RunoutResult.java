package joropo.core.assembly;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What a run-out is made of; mm.
 *
 * @param tirMm greatest less least reading, @param eccentricityMm amplitude of the first harmonic
 * @param highAngleDeg of the high spot; absent where there is none
 * @param secondHarmonicMm amplitude of what comes twice in a turn; absent with fewer than five places
 * @param meanMm about which it swings, @param suspiciousAngleDeg of a reading that does not go with the others; absent:
 *     none, or too few to tell
 */
public record RunoutResult(
        double tirMm,
        double eccentricityMm,
        @Nullable Double highAngleDeg,
        @Nullable Double secondHarmonicMm,
        double meanMm,
        @Nullable Double suspiciousAngleDeg,
        List<Finding> findings) {
    public RunoutResult {
        findings = List.copyOf(findings);
    }
}
