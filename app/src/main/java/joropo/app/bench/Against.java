package joropo.app.bench;

import java.util.List;
import joropo.app.ui.Sign;
import joropo.core.section.Comparison;
import org.jspecify.annotations.Nullable;

/**
 * Two sections side by side as their page shows them; nothing of the other one while none is chosen.
 *
 * @param others what may be chosen, @param totalWords how much thicker the kit is
 */
public record Against(
        long id,
        String kitName,
        @Nullable Long other,
        String foundName,
        String kitDrawing,
        String foundDrawing,
        @Nullable Comparison comparison,
        String totalWords,
        List<RuleLine> rules,
        List<Shelf.Line> others) {
    /** One rule on both sides; absent where it has nothing to judge there. */
    public record RuleLine(
            String id, @Nullable Sign kit, @Nullable Sign found) {}
}
