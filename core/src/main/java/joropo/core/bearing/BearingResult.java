package joropo.core.bearing;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What was found of a bearing.
 *
 * @param tightRing the ring that takes the force, @param interferenceMinMm, @param interferenceMaxMm of its seat as
 *     read (mm), negative: clearance; absent: not read, @param greaseShotG one shot of grease (g)
 */
public record BearingResult(
        Ring tightRing,
        @Nullable Double interferenceMinMm,
        @Nullable Double interferenceMaxMm,
        double greaseShotG,
        List<Finding> findings) {
    public BearingResult {
        findings = List.copyOf(findings);
    }
}
