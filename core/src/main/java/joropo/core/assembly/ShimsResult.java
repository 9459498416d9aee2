package joropo.core.assembly;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What shims have to do; mm.
 *
 * @param changeMm of the clearance, + wider: target less mean, @param add shims that go in, @param remove that come out
 * @param predictedMm mean clearance then; absent where no set at hand brings it inside
 */
public record ShimsResult(
        double meanMm,
        double spreadMm,
        double changeMm,
        List<Double> add,
        List<Double> remove,
        @Nullable Double predictedMm,
        List<Finding> findings) {
    public ShimsResult {
        add = List.copyOf(add);
        remove = List.copyOf(remove);
        findings = List.copyOf(findings);
    }
}
