package joropo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** Readings round a turn, 12 on top and clockwise, as seen from outside: the larger the farther out. */
final class PolarPlot {
    private static final double SIZE = 440;
    private static final double MIDDLE = 210;
    private static final double INNER = 62;
    private static final double OUTER = 138;
    private static final double LABEL = 166;
    private static final double BESIDE = 19;
    private static final int STEP_DEG = 5;
    private static final String DASHED = " stroke-dasharray=\"6 4\"";

    private final Svg svg;
    private final double low;
    private final double high;

    /** @param low, @param high values that have to have room */
    PolarPlot(String title, double low, double high, String prefix) {
        svg = new Svg(prefix);
        double room = Math.max(high - low, 1e-6);
        this.low = low - 0.05 * room;
        this.high = high + 0.05 * room;
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 440 440\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">" + Svg.escape(title) + "</title>")
                .rect(Ink.PAPER, 0, 0, SIZE, SIZE)
                .circle(Ink.TAG, MIDDLE, MIDDLE, 18)
                .line(Ink.HAIR, MIDDLE, MIDDLE - OUTER - 12, MIDDLE, MIDDLE + OUTER + 12)
                .line(Ink.HAIR, MIDDLE - OUTER - 12, MIDDLE, MIDDLE + OUTER + 12, MIDDLE);
    }

    private double radius(double value) {
        return INNER + (OUTER - INNER) * (value - low) / (high - low);
    }

    private static Point at(double deg, double radius) {
        double t = Math.toRadians(deg);
        return new Point(MIDDLE + radius * Math.sin(t), MIDDLE - radius * Math.cos(t));
    }

    /** One value all round. */
    PolarPlot ring(Ink ink, double value) {
        return curve(ink, deg -> value, false);
    }

    PolarPlot dashedRing(Ink ink, double value) {
        return curve(ink, deg -> value, true);
    }

    /** A value by its angle (degrees). */
    PolarPlot curve(Ink ink, DoubleUnaryOperator byDeg, boolean dashed) {
        List<Point> points = new ArrayList<>();
        for (int deg = 0; deg < 360; deg += STEP_DEG) {
            points.add(at(deg, radius(byDeg.applyAsDouble(deg))));
        }
        svg.path(ink, Svg.closed(points), dashed ? DASHED : "");
        return this;
    }

    /** What was read at one place. @param odd whether it stands out, @param label beside it, empty: its value */
    PolarPlot reading(double deg, double value, boolean odd, String label) {
        Point p = at(deg, radius(value));
        Point words = at(deg, LABEL);
        svg.circle(odd ? Ink.FAILS_LINE : Ink.BALL, p.x(), p.y(), odd ? 7 : 5)
                .number(
                        Ink.NUMBER,
                        words.x(),
                        words.y() + 5,
                        14,
                        "middle",
                        label.isEmpty() ? Mm.show(value, 3) : label);
        return this;
    }

    /** What is only expected at a place. */
    PolarPlot hint(double deg, double value) {
        Point p = at(deg, radius(value));
        svg.circle(Ink.HATCH_STEEL, p.x(), p.y(), 4);
        return this;
    }

    /** From the middle that way. */
    PolarPlot arrow(double deg, double value) {
        Point tip = at(deg, radius(value));
        Point left = at(deg - 4, radius(value) - 12);
        Point right = at(deg + 4, radius(value) - 12);
        svg.line(Ink.CHOSEN, MIDDLE, MIDDLE, tip.x(), tip.y()).polyline(Ink.CHOSEN, List.of(left, tip, right));
        return this;
    }

    /** A small mark outside, as of a screw. */
    PolarPlot mark(double deg, String words) {
        Point from = at(deg, OUTER + 4);
        Point to = at(deg, OUTER + 16);
        Point text = at(deg, LABEL);
        double beside = text.y() > MIDDLE + 1 ? BESIDE : -BESIDE; // below in the lower half, else above
        svg.line(Ink.OUTLINE, from.x(), from.y(), to.x(), to.y())
                .words(Ink.STRONG, text.x(), text.y() + 5 + beside, 14, "middle", words);
        return this;
    }

    /** @param words what it says, in one line below */
    String saying(String words) {
        return svg.words(Ink.NAME, MIDDLE, SIZE - 14, 15, "middle", words)
                .raw("</svg>")
                .toString();
    }
}
