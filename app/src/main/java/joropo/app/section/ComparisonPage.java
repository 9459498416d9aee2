package joropo.app.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.app.ui.StatusMark;
import joropo.core.section.Comparison;
import org.jspecify.annotations.Nullable;

/**
 * Two sections side by side as their page shows them; nothing of the other one while none is chosen.
 *
 * @param others what may be chosen, @param totalWords how much thicker the kit is
 */
@RecordBuilder
public record ComparisonPage(
        long id,
        String kitName,
        @Nullable Long other,
        String foundName,
        String kitDrawing,
        String foundDrawing,
        @Nullable Comparison comparison,
        String totalWords,
        List<RuleLine> rules,
        List<SectionLibrary.Line> others) {
    /** One rule on both sides; absent where it has nothing to judge there. */
    public record RuleLine(
            String id, @Nullable StatusMark kit, @Nullable StatusMark found) {}
}
