package joropo.core.section;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What the rules say about a section.
 * @param track band of shaft that the lip touches, play and growth included
 * @param window where the seal's outer face may stand; absent when nothing limits it inward
 */
public record SectionResult(Band track, @Nullable Window window, List<Finding> findings) {
    /** A stretch of the axis (mm). */
    public record Band(double fromMm, double toMm) { }

    /** Depth window of the outer face and the depth to aim at (mm); empty when {@code toMm < fromMm}. */
    public record Window(double fromMm, double toMm, double targetMm) { }
}
