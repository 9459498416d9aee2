package joropo.core.assembly;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Where a machine stands at its coupling, and what brings it right; mm. What hangs on the bracket's sag is absent while
 * that is not known.
 *
 * @param offsetVerticalMm + high, @param offsetHorizontalMm + to the right, both less their targets
 * @param angleVerticalMmPer100, @param angleHorizontalMmPer100 + opens towards its feet high, or right
 * @param shimFrontMm, @param shimBackMm under these feet, + put in, @param moveFrontMm, @param moveBackMm + to the
 *     right
 */
@RecordBuilder
public record AlignmentResult(
        @Nullable Double offsetVerticalMm,
        double offsetHorizontalMm,
        double angleVerticalMmPer100,
        double angleHorizontalMmPer100,
        @Nullable Double shimFrontMm,
        @Nullable Double shimBackMm,
        double moveFrontMm,
        double moveBackMm,
        List<Finding> findings) {
    public AlignmentResult {
        findings = List.copyOf(findings);
    }
}
