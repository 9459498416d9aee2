package joropo.app.check;

import java.util.Arrays;
import java.util.List;
import joropo.app.drawing.LineDrawing;
import joropo.app.ui.Figure;
import joropo.app.ui.FindingLine;
import joropo.app.ui.Show;
import joropo.app.ui.StatusMark;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What a quick check came to.
 *
 * @param drawing as SVG, empty where nothing is drawn, @param file the drawing that can be had as a file too
 */
public record QuickResult(
        StatusMark verdict,
        List<Figure> figures,
        List<Listing> listings,
        List<FindingLine> findings,
        String drawing,
        @Nullable LineDrawing file) {
    /** How many of a long list are shown at once. */
    public static final int BEST = 6;

    /** What is listed under one heading. */
    public record Listing(String title, boolean folded, List<Entry> entries) {}

    /**
     * One line of it. @param sign absent where nothing is judged, @param link where it is judged further, empty: none
     */
    public record Entry(@Nullable StatusMark sign, String head, String text, String link) {
        public Entry(@Nullable StatusMark sign, String head, String text) {
            this(sign, head, text, "");
        }
    }

    /** @param listings those that hold something are shown */
    public static QuickResult of(Show show, List<Finding> findings, List<Figure> figures, Listing... listings) {
        return new QuickResult(
                show.verdict(findings),
                figures,
                Arrays.stream(listings).filter(l -> !l.entries().isEmpty()).toList(),
                show.lines(findings),
                "",
                null);
    }

    public QuickResult drawn(String svg) {
        return new QuickResult(verdict, figures, listings, findings, svg, file);
    }

    /** With a drawing that can be had as a file too. */
    public QuickResult drawn(String svg, LineDrawing asFile) {
        return new QuickResult(verdict, figures, listings, findings, svg, asFile);
    }

    public static Figure mm(String label, double mm, int decimals) {
        return new Figure(label, Length.show(mm, decimals), "mm", null);
    }
}
