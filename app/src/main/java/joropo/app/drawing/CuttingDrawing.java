package joropo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import joropo.app.drawing.LineDrawing.Layer;
import joropo.core.units.Length;

/**
 * A cutting card for packing at true size: a ruler to check the print by, one ring laid out in rows, its end square or
 * at 45°, a template of 45°.
 */
public final class CuttingDrawing {
    private static final double RULER_MM = 200;
    private static final double ROW_MM = 240;
    /** Rows that a page has room for; a longer ring is measured by its figure. */
    private static final int MOST_ROWS = 4;

    private static final double TEXT = 4;
    private static final double BETWEEN = 6;

    private final double section;
    private final double length;
    private final boolean skive;
    private final LineDrawing out = new LineDrawing().atTrueSize();
    private double y;

    private CuttingDrawing(double section, double length, boolean skive) {
        this.section = section;
        this.length = length;
        this.skive = skive;
    }

    /**
     * @param sectionMm of the packing, @param lengthMm of one ring, tip to tip, @param skive whether it is cut at 45°,
     * @param words below it
     */
    public static LineDrawing of(double sectionMm, double lengthMm, boolean skive, List<String> words) {
        return new CuttingDrawing(sectionMm, lengthMm, skive).draw(words);
    }

    private LineDrawing draw(List<String> words) {
        ruler();
        y -= 12;
        int rows = (int) Math.ceil(length / ROW_MM);
        if (rows <= MOST_ROWS) {
            for (int i = 0; i < rows; i++) {
                row(i, Math.min(ROW_MM, length - i * ROW_MM), i == rows - 1);
            }
        }
        template();
        List<String> all = new ArrayList<>(words);
        all.add("printed at 100 %? measure the ruler first");
        if (rows > MOST_ROWS) {
            all.add("too long for this page: lay it out by its figure");
        }
        for (String line : all) {
            out.text(section + 12, y + section - TEXT, TEXT, false, line);
            y -= 1.6 * TEXT;
        }
        return out;
    }

    /** Of 200 mm, a tick each centimetre. */
    private void ruler() {
        out.line(Layer.OUTLINE, 0, y, RULER_MM, y);
        for (int mm = 0; mm <= RULER_MM; mm += 10) {
            out.line(Layer.DIMENSION, mm, y, mm, y + (mm % 50 == 0 ? 5 : 3));
        }
        out.text(RULER_MM + 4, y, TEXT, false, Length.show(RULER_MM, 0) + " mm");
    }

    private void row(int index, double long_, boolean last) {
        double top = y;
        double bottom = y - section;
        boolean first = index == 0;
        double start = first && skive ? section : 0;
        double end = last && skive ? long_ - section : long_;
        out.line(Layer.OUTLINE, start, top, long_, top).line(Layer.OUTLINE, 0, bottom, end, bottom);
        out.line(first ? Layer.OUTLINE : Layer.DIMENSION, 0, bottom, start, top);
        out.line(last ? Layer.OUTLINE : Layer.DIMENSION, end, bottom, long_, top);
        out.text(
                long_ / 2,
                bottom + section / 2 - TEXT / 2,
                TEXT,
                true,
                last ? "ends here: " + Length.show(length, 1) + " mm" : "goes on in the next row");
        y = bottom - BETWEEN;
    }

    /** Laid on the braid, its slope is the cut. */
    private void template() {
        y -= section;
        out.line(Layer.OUTLINE, 0, y, section, y)
                .line(Layer.OUTLINE, section, y, section, y + section)
                .line(Layer.OUTLINE, 0, y, section, y + section);
        out.text(section + 3, y, TEXT, false, "45°");
    }
}
