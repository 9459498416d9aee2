package joropo.core.oring;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What a gland does to its ring.
 *
 * @param stretchPercent of the inside; absent where the outside is compressed
 * @param compressionPercent of the outside; absent where the inside is stretched
 * @param sectionStretchedMm section in its place, @param depthMm room for it
 * @param squeezePercent on the section in its place, of a face on the free one
 * @param gapMm largest diametral clearance that it stands as it is; absent while nothing tells
 * @param offCentrePercent squeeze on the two sides where the parts lie off centre; absent while nothing tells
 * @param leadInMm length that the chamfer needs; absent where the ring meets none
 * @param outsidePercent share of rings and grooves that are not right, by simulation; absent without tolerances
 */
@RecordBuilder
public record OringGlandResult(
        @Nullable Double stretchPercent,
        @Nullable Double compressionPercent,
        double sectionStretchedMm,
        double depthMm,
        Band squeezePercent,
        Band squeezeFreePercent,
        Band fillPercent,
        @Nullable Double gapMm,
        @Nullable Sides offCentrePercent,
        @Nullable Double leadInMm,
        @Nullable Double outsidePercent,
        List<Finding> findings) {
    /** Least and most round the ring. */
    public record Sides(double least, double most) {}

    public OringGlandResult {
        findings = List.copyOf(findings);
    }
}
