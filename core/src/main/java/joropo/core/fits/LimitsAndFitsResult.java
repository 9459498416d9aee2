package joropo.core.fits;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/** Limits of hole and shaft as given, and of the fit when both are. */
public record LimitsAndFitsResult(
        @Nullable Deviations hole,
        @Nullable Deviations shaft,
        @Nullable Fit fit,
        List<Finding> findings) {
    /** Clearance of a hole over a shaft (µm); negative clearance is interference. */
    public record Fit(Kind kind, double maxClearanceUm, double minClearanceUm) {
        /** How hole and shaft go together. */
        public enum Kind {
            CLEARANCE,
            TRANSITION,
            INTERFERENCE
        }
    }
}
