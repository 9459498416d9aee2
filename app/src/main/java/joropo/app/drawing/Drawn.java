package joropo.app.drawing;

import java.util.List;
import joropo.core.section.Section;
import joropo.core.section.SectionResult.Band;
import org.jspecify.annotations.Nullable;

/**
 * What is to be drawn.
 * @param stopMm where the stop is drawn, @param stopRead whether it was read, or only fills the picture
 * @param track band of the lip, absent while way round or width are only assumed
 * @param shaftLabel, @param boreLabel how the diameters are written, such as "45 h11"; absent while not known
 * @param notes what in the picture is assumed
 */
public record Drawn(Section section, double stopMm, boolean stopRead, boolean depthRead, @Nullable Band track, @Nullable String shaftLabel,
                    @Nullable String boreLabel, List<String> notes, List<Pin> pins) { }
