package joropo.app.drawing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.section.SectionResult.Band;
import org.jspecify.annotations.Nullable;

/**
 * The running surface under one lip, x in mm from the datum face, positive into the machine.
 *
 * @param ground band that is ground for the lip, @param groove what the old lip wore, @param grooveDepthMm how deep
 * @param oldLipMm where the old lip ran, @param track band of the new lip, absent while way round or depth are open
 * @param inwardMm, @param outwardMm how far the lip may move from the old place, @param requiredMm how far it has to,
 *     to be clear
 * @param sleeve band that a sleeve covers, @param sleeveOutsideMm its outside
 * @param datum whether places are read from the datum face, so that it is drawn
 * @param notes what else is to be seen, such as marks found by eye
 */
@RecordBuilder
public record TrackPicture(
        double shaftMm,
        @Nullable Band ground,
        @Nullable Band groove,
        @Nullable Double grooveDepthMm,
        @Nullable Double oldLipMm,
        @Nullable Band track,
        @Nullable Double inwardMm,
        @Nullable Double outwardMm,
        @Nullable Double requiredMm,
        @Nullable Band sleeve,
        @Nullable Double sleeveOutsideMm,
        boolean datum,
        List<String> notes) {}
