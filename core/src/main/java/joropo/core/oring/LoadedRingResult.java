package joropo.core.oring;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What a groove does to a slide ring and its loader.
 *
 * @param stretchPercent of the slide ring over its way; absent where it is bent in
 * @param coneLargeMm large end of the cone that it goes over, @param sizingMm bore of the sleeve that sizes it back
 */
public record LoadedRingResult(
        Band loaderSqueezePercent,
        Band fillPercent,
        double widthPlayMm,
        @Nullable Double stretchPercent,
        @Nullable Double coneLargeMm,
        @Nullable Double sizingMm,
        List<Finding> findings) {
    public LoadedRingResult {
        findings = List.copyOf(findings);
    }
}
