package joropo.app.check;

import java.util.List;
import joropo.app.drawing.LineDrawing;
import joropo.app.ui.Figure;
import joropo.app.ui.FindingLine;
import joropo.app.ui.Sign;
import org.jspecify.annotations.Nullable;

/**
 * What a quick check came to.
 *
 * @param drawing as SVG, empty where nothing is drawn, @param file the drawing that can be had as a file too
 */
public record QuickResult(
        Sign verdict,
        List<Figure> figures,
        List<Listing> listings,
        List<FindingLine> findings,
        String drawing,
        @Nullable LineDrawing file) {
    /** What is listed under one heading. */
    public record Listing(String title, boolean folded, List<Entry> entries) {}

    /** One line of it. @param sign absent where nothing is judged */
    public record Entry(@Nullable Sign sign, String head, String text) {}
}
