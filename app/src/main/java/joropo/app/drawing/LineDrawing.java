package joropo.app.drawing;

import java.util.ArrayList;
import java.util.List;

/**
 * A drawing of lines, circles and texts, all in mm, y upward; from it come the picture and the file for a workshop's
 * own program.
 */
public final class LineDrawing {
    /** What a line is for; a layer of the file, an ink of the picture. */
    enum Layer {
        OUTLINE(Ink.OUTLINE),
        HATCH(Ink.HATCH_STEEL),
        CENTRE(Ink.THIN),
        DIMENSION(Ink.HAIR),
        TEXT(Ink.NUMBER);

        private final Ink ink;

        Layer(Ink ink) {
            this.ink = ink;
        }
    }

    record Line(Layer layer, double x1, double y1, double x2, double y2) {}

    record Circle(Layer layer, double x, double y, double radius) {}

    /** @param middle whether x is the middle of the text, else its start */
    record Text(double x, double y, double height, boolean middle, String words) {}

    private static final double WIDTH = 780;
    private static final double DASH_MM = 8;
    private static final double DOT_MM = 1.2;
    private static final double GAP_MM = 1.6;
    /** Size of a face whose capitals are one high. */
    private static final double CAPITALS = 1.25;

    private final List<Line> lines = new ArrayList<>();
    private final List<Circle> circles = new ArrayList<>();
    private final List<Text> texts = new ArrayList<>();
    private boolean trueSize;

    /** It is laid on the work: a page prints it millimetre for millimetre. */
    public LineDrawing atTrueSize() {
        trueSize = true;
        return this;
    }

    public boolean isAtTrueSize() {
        return trueSize;
    }

    /** With the edge that its picture has (mm). */
    public double wideMm() {
        return right() - left() + 2 * edge();
    }

    public double highMm() {
        return top() - bottom() + 2 * edge();
    }

    private double edge() {
        return (right() - left()) / 60;
    }

    LineDrawing line(Layer layer, double x1, double y1, double x2, double y2) {
        lines.add(new Line(layer, x1, y1, x2, y2));
        return this;
    }

    LineDrawing circle(Layer layer, double x, double y, double radius) {
        circles.add(new Circle(layer, x, y, radius));
        return this;
    }

    LineDrawing text(double x, double y, double height, boolean middle, String words) {
        texts.add(new Text(x, y, height, middle, words));
        return this;
    }

    /** A dash-dot line along one axis, as separate strokes, so that every reader shows it alike. */
    LineDrawing centreLine(double x1, double y1, double x2, double y2) {
        double length = Math.hypot(x2 - x1, y2 - y1);
        boolean dash = true;
        for (double at = 0; at < length; dash = !dash) {
            double to = Math.min(length, at + (dash ? DASH_MM : DOT_MM));
            line(
                    Layer.CENTRE,
                    x1 + (x2 - x1) * at / length,
                    y1 + (y2 - y1) * at / length,
                    x1 + (x2 - x1) * to / length,
                    y1 + (y2 - y1) * to / length);
            at = to + GAP_MM;
        }
        return this;
    }

    /** Another one right of it, their middles on one line. */
    public LineDrawing beside(LineDrawing other) {
        double right = right() - other.left() + (other.right() - other.left()) / 6;
        other.lines.forEach(l -> line(l.layer, l.x1 + right, l.y1, l.x2 + right, l.y2));
        other.circles.forEach(c -> circle(c.layer, c.x + right, c.y, c.radius));
        other.texts.forEach(t -> text(t.x + right, t.y, t.height, t.middle, t.words));
        return this;
    }

    List<Line> lines() {
        return lines;
    }

    List<Circle> circles() {
        return circles;
    }

    List<Text> texts() {
        return texts;
    }

    double left() {
        return Math.min(
                lines.stream().mapToDouble(l -> Math.min(l.x1, l.x2)).min().orElse(0),
                texts.stream()
                        .mapToDouble(t -> t.x - (t.middle ? width(t) / 2 : 0))
                        .min()
                        .orElse(0));
    }

    double right() {
        return Math.max(
                Math.max(
                        lines.stream()
                                .mapToDouble(l -> Math.max(l.x1, l.x2))
                                .max()
                                .orElse(0),
                        circles.stream().mapToDouble(c -> c.x + c.radius).max().orElse(0)),
                texts.stream()
                        .mapToDouble(t -> t.x + width(t) / (t.middle ? 2 : 1))
                        .max()
                        .orElse(0));
    }

    double bottom() {
        return Math.min(
                lines.stream().mapToDouble(l -> Math.min(l.y1, l.y2)).min().orElse(0),
                texts.stream().mapToDouble(Text::y).min().orElse(0));
    }

    double top() {
        return Math.max(
                Math.max(
                        lines.stream()
                                .mapToDouble(l -> Math.max(l.y1, l.y2))
                                .max()
                                .orElse(0),
                        circles.stream().mapToDouble(c -> c.y + c.radius).max().orElse(0)),
                texts.stream().mapToDouble(t -> t.y + t.height).max().orElse(0));
    }

    private static double width(Text text) {
        return Svg.width(text.words, text.height * CAPITALS, Svg.CHARACTER_MONO);
    }

    /** The picture as one svg element. @param prefix of ids, @param name said to those who do not see it */
    public String svg(String prefix, String name) {
        double edge = edge();
        double left = left() - edge;
        double top = top() + edge;
        double scale = WIDTH / (right() - left + edge);
        double height = (top - bottom() + edge) * scale;
        var svg = new Svg(prefix);
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 " + Svg.n(height)
                        + "\" role=\"img\" focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t")
                        + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">" + Svg.escape(name) + "</title>");
        svg.rect(Ink.PAPER, 0, 0, WIDTH, height);
        for (Layer layer : Layer.values()) {
            var d = new StringBuilder();
            lines.stream().filter(l -> l.layer == layer).forEach(l -> d.append('M')
                    .append(Svg.n((l.x1 - left) * scale))
                    .append(' ')
                    .append(Svg.n((top - l.y1) * scale))
                    .append('L')
                    .append(Svg.n((l.x2 - left) * scale))
                    .append(' ')
                    .append(Svg.n((top - l.y2) * scale)));
            if (!d.isEmpty()) {
                svg.path(layer.ink, d.toString());
            }
        }
        circles.forEach(c -> svg.circle(c.layer.ink, (c.x - left) * scale, (top - c.y) * scale, c.radius * scale));
        texts.forEach(t -> svg.number(
                Ink.NUMBER,
                (t.x - left) * scale,
                (top - t.y) * scale,
                t.height * scale * CAPITALS,
                t.middle ? "middle" : "start",
                t.words));
        return svg.raw("</svg>").toString();
    }
}
