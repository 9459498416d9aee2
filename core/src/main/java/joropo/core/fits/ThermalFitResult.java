package joropo.core.fits;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Temperature that opens the fit.
 *
 * @param heatToC of the outer part, @param coolToC of the inner part; the other one is absent
 * @param changeMm change of the treated part's diameter, negative when it shrinks
 */
public record ThermalFitResult(
        @Nullable Double heatToC, @Nullable Double coolToC, double changeMm, List<Finding> findings) {}
