package joropo.core.lipseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.assembly.TurnedPart;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Dimensions of the driver (mm, diameters); absent where the driver has no such feature.
 *
 * @param outsideMm outside of the tool: of the plate where one stops it on the housing, else of what enters the bore
 * @param landFromMm, @param landToMm ring that bears on the case, @param recessDepthMm how far the seal may stand out
 * @param spigotMm length that enters the bore, @param pickMm the driver of the shop's own set, @param hollowToMm depth
 *     of the hollow
 * @param plateMm plate that stops the tool on the housing, @param part the driver as a turned part
 */
@RecordBuilder
public record DriverResult(
        double outsideMm,
        double landFromMm,
        double landToMm,
        @Nullable Double throughHoleMm,
        @Nullable Double recessDiameterMm,
        @Nullable Double recessDepthMm,
        @Nullable Double spigotMm,
        @Nullable Double pickMm,
        @Nullable Double hollowToMm,
        @Nullable Double plateMm,
        TurnedPart part,
        List<Finding> findings) {}
