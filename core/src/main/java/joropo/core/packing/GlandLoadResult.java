package joropo.core.packing;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What the bolts of a gland do to its packing; where the friction of the threads is not known, as if they were dry.
 *
 * @param boltForceN of each, @param glandStressMpa on the packing
 * @param stemTorqueNm, @param stemForceN that the packing asks of a stem that turns, or rises; absent where it does not
 */
public record GlandLoadResult(
        double boltForceN,
        double glandStressMpa,
        @Nullable Double stemTorqueNm,
        @Nullable Double stemForceN,
        List<Finding> findings) {
    public GlandLoadResult {
        findings = List.copyOf(findings);
    }
}
