package joropo.core.oring;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/** Rings that belong, the best first. @param grooves to be made, each with its ring; absent where one is there */
public record OringSizeResult(@Nullable List<Groove> grooves, List<Entry> sizes, List<Finding> findings) {
    /** How likely a found ring is this one. */
    public enum Likelihood {
        FITS("fits"),
        LIKELY_USED("likely, used"),
        POSSIBLE("possible");

        private final String words;

        Likelihood(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One listed ring. @param stretchPercent of its inside, or compression of its outside; absent of a found ring, as
     * are squeeze and fill
     */
    public record Entry(
            String designation,
            @Nullable Likelihood likelihood,
            double ringInsideMm,
            double sectionMm,
            @Nullable Double stretchPercent,
            @Nullable Double squeezePercent,
            @Nullable Double fillPercent) {}

    /** A groove to be made for a listed ring. */
    public record Groove(
            double grooveDiameterMm,
            double grooveWidthMm,
            String designation,
            double squeezePercent,
            double fillPercent) {}

    public OringSizeResult {
        grooves = grooves == null ? null : List.copyOf(grooves);
        sizes = List.copyOf(sizes);
        findings = List.copyOf(findings);
    }
}
