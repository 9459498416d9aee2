package joropo.app.drawing;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Depths read round a seal as a small clock: each figure at its hour, the place to tap marked. */
public final class Dial {
    private static final int HOURS = 12;
    private static final double DEGREES_AN_HOUR = 30;

    private static final double SIZE = 220;
    private static final double MIDDLE = SIZE / 2;
    private static final double RIM = 66;
    private static final double FIGURES = 90;

    private Dial() {}

    /** One reading. @param angleDeg clockwise from 12 */
    public record Reading(double angleDeg, double depthMm) {}

    /** @param tapDeg where to tap, clockwise from 12; absent: nowhere, @param words said to those who do not see it */
    public static String svg(List<Reading> readings, @Nullable Double tapDeg, String words, String prefix) {
        var svg = new Svg(prefix);
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section dial\" viewBox=\"0 0 " + Svg.n(SIZE) + " "
                        + Svg.n(SIZE) + "\" role=\"img\" focusable=\"false\" color=\"#17332c\" aria-labelledby=\""
                        + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">" + Svg.escape(words) + "</title>");
        svg.rect(Ink.PAPER, 0, 0, SIZE, SIZE);
        svg.circle(Ink.BALL, MIDDLE, MIDDLE, RIM);
        svg.circle(Ink.BALL, MIDDLE, MIDDLE, RIM * 0.55);
        for (int hour = 0; hour < 12; hour++) {
            Point out = at(hour * 30, RIM);
            Point in = at(hour * 30, RIM - (hour % 3 == 0 ? 9 : 5));
            svg.line(Ink.MARK, out.x(), out.y(), in.x(), in.y());
        }
        for (Reading r : readings) {
            Point p = at(r.angleDeg, FIGURES);
            Point dot = at(r.angleDeg, RIM);
            long hour = Math.round(r.angleDeg / DEGREES_AN_HOUR);
            svg.raw("<g data-clock=\"" + (hour % HOURS == 0 ? HOURS : hour % HOURS) + "\">");
            svg.circle(Ink.NUMBER, dot.x(), dot.y(), 3.2);
            svg.number(Ink.NUMBER, p.x(), p.y() + 5, 14, "middle", Mm.show(r.depthMm, 2));
            svg.raw("</g>");
        }
        if (tapDeg != null) {
            Point tip = at(tapDeg, RIM - 4);
            Point left = at(tapDeg - 9, RIM * 0.68);
            Point right = at(tapDeg + 9, RIM * 0.68);
            svg.path(Ink.FAILS, Svg.closed(List.of(tip, left, right)));
            svg.words(Ink.STRONG, MIDDLE, MIDDLE - 2, 14, "middle", "tap");
            svg.words(Ink.STRONG, MIDDLE, MIDDLE + 14, 14, "middle", "here");
        }
        return svg.raw("</svg>").toString();
    }

    private static Point at(double angleDeg, double radius) {
        double t = Math.toRadians(angleDeg);
        return new Point(MIDDLE + radius * Math.sin(t), MIDDLE - radius * Math.cos(t));
    }
}
