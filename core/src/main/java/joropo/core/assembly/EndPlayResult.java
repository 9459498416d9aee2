package joropo.core.assembly;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What follows from a play.
 *
 * @param changeMm change of the pack, + thicker; 0 inside the limits; absent where no change of it is the cure, or
 *     which way it works is not known
 * @param newPackMm thickness of the whole pack then; absent where either is not known
 */
public record EndPlayResult(
        @Nullable Double changeMm, @Nullable Double newPackMm, List<Finding> findings) {
    public EndPlayResult {
        findings = List.copyOf(findings);
    }
}
