package joropo.app.drawing;

import java.util.Locale;

/**
 * Writes a drawing as plain DXF of release 12 (AC1009): lines, circles and texts on named layers, in mm. Names and
 * texts are ASCII, the sign of a diameter {@code %%c}, so that every reader takes it.
 */
public final class Dxf {
    private static final int WHITE = 7;
    private static final int GREY = 8;

    private final StringBuilder out = new StringBuilder(16_384);

    private Dxf() {}

    public static String of(LineDrawing drawing) {
        return new Dxf().write(drawing);
    }

    private String write(LineDrawing drawing) {
        pair(0, "SECTION").pair(2, "HEADER").pair(9, "$ACADVER").pair(1, "AC1009");
        pair(9, "$EXTMIN")
                .point(10, drawing.left(), drawing.bottom())
                .pair(9, "$EXTMAX")
                .point(10, drawing.right(), drawing.top())
                .pair(0, "ENDSEC");
        pair(0, "SECTION").pair(2, "TABLES");
        pair(0, "TABLE")
                .pair(2, "LTYPE")
                .pair(70, "1")
                .pair(0, "LTYPE")
                .pair(2, "CONTINUOUS")
                .pair(70, "0")
                .pair(3, "Solid line")
                .pair(72, "65")
                .pair(73, "0")
                .pair(40, "0.0")
                .pair(0, "ENDTAB");
        pair(0, "TABLE").pair(2, "LAYER").pair(70, String.valueOf(LineDrawing.Layer.values().length));
        for (LineDrawing.Layer layer : LineDrawing.Layer.values()) {
            boolean strong = layer == LineDrawing.Layer.OUTLINE || layer == LineDrawing.Layer.TEXT;
            pair(0, "LAYER")
                    .pair(2, layer.name())
                    .pair(70, "0")
                    .pair(62, String.valueOf(strong ? WHITE : GREY))
                    .pair(6, "CONTINUOUS");
        }
        pair(0, "ENDTAB").pair(0, "ENDSEC").pair(0, "SECTION").pair(2, "ENTITIES");
        drawing.lines().forEach(l -> pair(0, "LINE")
                .pair(8, l.layer().name())
                .point(10, l.x1(), l.y1())
                .point(11, l.x2(), l.y2()));
        drawing.circles().forEach(c -> pair(0, "CIRCLE")
                .pair(8, c.layer().name())
                .point(10, c.x(), c.y())
                .pair(40, number(c.radius())));
        drawing.texts().forEach(this::text);
        return pair(0, "ENDSEC").pair(0, "EOF").out.toString();
    }

    /** A text that stands on its middle has its place twice: where it would start, and its middle. */
    private void text(LineDrawing.Text t) {
        pair(0, "TEXT")
                .pair(8, LineDrawing.Layer.TEXT.name())
                .point(10, t.x(), t.y())
                .pair(40, number(t.height()))
                .pair(1, ascii(Mm.plain(t.words())));
        if (t.middle()) {
            pair(72, "1").point(11, t.x(), t.y());
        }
    }

    private static String ascii(String words) {
        return words.replace("Ø", "%%c")
                .replace("°", "%%d")
                .replace("±", "%%p")
                .replace("µ", "u")
                .replaceAll("[^\\x20-\\x7e]", "-");
    }

    private Dxf point(int code, double x, double y) {
        return pair(code, number(x)).pair(code + 10, number(y)).pair(code + 20, "0.0");
    }

    private Dxf pair(int code, String value) {
        out.append(code).append("\r\n").append(value).append("\r\n");
        return this;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }
}
