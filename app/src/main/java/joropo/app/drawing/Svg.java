package joropo.app.drawing;

import java.util.List;
import joropo.core.arrangement.PartKind;

/** Writes SVG 1.1 that page and printer both take: no style, no script, no link but to its own clips and patterns. */
final class Svg {
    static final double CHARACTER_MONO = 0.65;
    static final double CHARACTER_CONDENSED = 0.5;
    private static final double POINT_DRAWN_IN = 0.2;

    private final StringBuilder out = new StringBuilder(16_384);
    private final StringBuilder texts = new StringBuilder();
    private final String prefix;
    private final double mirrorWidth;
    private int clips;

    /** @param prefix of ids, so that two drawings may share a page */
    Svg(String prefix) {
        this(prefix, 0);
    }

    /**
     * @param mirrorWidth width of a picture whose shapes are turned over, left for right; its texts are not: they are
     *     laid on at the end. 0: as it is
     */
    Svg(String prefix, double mirrorWidth) {
        this.prefix = prefix;
        this.mirrorWidth = mirrorWidth;
    }

    /** Texts of a picture that is turned over. */
    Svg layTexts() {
        out.append(texts);
        return this;
    }

    Svg raw(String text) {
        out.append(text).append('\n');
        return this;
    }

    String id(String name) {
        return prefix + name;
    }

    /** What is drawn is a part of this kind: touched at Make safe, it came off. */
    Svg part(PartKind kind, Runnable drawn) {
        raw("<g data-kind=\"" + kind.name() + "\">");
        drawn.run();
        return raw("</g>");
    }

    Svg path(Ink ink, String d) {
        return path(ink, d, "");
    }

    Svg path(Ink ink, String d, String more) {
        return raw("<path" + ink.attributes() + more + " d=\"" + d + "\"/>");
    }

    Svg polygon(Ink ink, List<Point> points) {
        return path(ink, closed(points), " stroke-linejoin=\"round\"");
    }

    Svg polyline(Ink ink, List<Point> points) {
        return path(ink, open(points), " stroke-linejoin=\"round\"");
    }

    /** Fills a shape with a pattern of the picture's definitions. */
    Svg patterned(String pattern, List<Point> points) {
        return raw("<path fill=\"url(#" + id(pattern) + ")\" d=\"" + closed(points) + "\"/>");
    }

    /** Fills a shape with parallel lines that rise to the right by dy for each dx, clipped to it. */
    Svg hatched(Ink ink, List<Point> points, double dx, double dy, double step) {
        String clip = id("c" + ++clips);
        double left = points.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = points.stream().mapToDouble(Point::x).max().orElseThrow();
        double top = points.stream().mapToDouble(Point::y).min().orElseThrow();
        double bottom = points.stream().mapToDouble(Point::y).max().orElseThrow();
        double run = Math.abs((bottom - top) * dx / dy);
        var d = new StringBuilder();
        for (double x = left - run; x < right; x += step) {
            double from = dy > 0 ? bottom : top;
            double to = dy > 0 ? top : bottom;
            d.append('M')
                    .append(n(x))
                    .append(' ')
                    .append(n(from))
                    .append('L')
                    .append(n(x + run))
                    .append(' ')
                    .append(n(to));
        }
        raw("<clipPath id=\"" + clip + "\"><path d=\"" + closed(points) + "\"/></clipPath>");
        return path(ink, d.toString(), " clip-path=\"url(#" + clip + ")\"");
    }

    Svg line(Ink ink, double x1, double y1, double x2, double y2) {
        return path(ink, "M" + n(x1) + " " + n(y1) + "L" + n(x2) + " " + n(y2));
    }

    Svg rect(Ink ink, double x, double y, double width, double height) {
        return raw("<rect" + ink.attributes() + " x=\"" + n(x) + "\" y=\"" + n(y) + "\" width=\"" + n(width)
                + "\" height=\"" + n(height) + "\"/>");
    }

    Svg circle(Ink ink, double x, double y, double radius) {
        return raw("<circle" + ink.attributes() + " cx=\"" + n(x) + "\" cy=\"" + n(y) + "\" r=\"" + n(radius) + "\"/>");
    }

    /** A number in the mono face; its decimals are drawn in, since the mono's point fills a cell. */
    Svg number(Ink ink, double x, double y, double size, String anchor, String text) {
        String plain = Mm.plain(text);
        int point = plain.indexOf('.');
        String drawn = point < 0
                ? escape(plain)
                : plain.substring(0, point + 1) + "<tspan dx=\"" + n(-POINT_DRAWN_IN * size) + "\">"
                        + plain.substring(point + 1) + "</tspan>";
        return text(textStart(
                        ink,
                        x,
                        y,
                        "B612 Mono, monospace",
                        size,
                        ink == Ink.STRONG || ink == Ink.INVERSE ? 700 : 400,
                        anchor,
                        Mm.attribute(text))
                + drawn + "</text>");
    }

    Svg words(Ink ink, double x, double y, double size, String anchor, String text) {
        return text(textStart(
                        ink,
                        x,
                        y,
                        "Barlow Semi Condensed, sans-serif",
                        size,
                        ink == Ink.NAME ? 500 : 600,
                        anchor,
                        Mm.attribute(text))
                + escape(Mm.plain(text)) + "</text>");
    }

    /** Width of a text on the picture, as far as placing needs it. */
    static double width(String text, double size, double character) {
        return Mm.plain(text).length() * character * size;
    }

    private Svg text(String text) {
        (mirrorWidth > 0 ? texts : out).append(text).append('\n');
        return this;
    }

    private String textStart(
            Ink ink, double placed, double y, String family, double size, int weight, String placedBy, String more) {
        double x = mirrorWidth > 0 ? mirrorWidth - placed : placed;
        String anchor =
                mirrorWidth > 0 && !placedBy.equals("middle") ? placedBy.equals("start") ? "end" : "start" : placedBy;
        return "<text" + ink.attributes() + " x=\"" + n(x) + "\" y=\"" + n(y) + "\" font-family=\"" + family
                + "\" font-size=\"" + n(size) + "\" font-weight=\"" + weight + "\" text-anchor=\"" + anchor + "\""
                + more + ">";
    }

    static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    /** A coordinate to a tenth of a unit, written by hand: a drawing has thousands, and formatters are slow. */
    static String n(double value) {
        long tenths = Math.round(value * 10);
        long whole = Math.abs(tenths / 10);
        long rest = Math.abs(tenths % 10);
        return (tenths < 0 ? "-" : "") + whole + (rest == 0 ? "" : "." + rest);
    }

    static String open(List<Point> points) {
        var d = new StringBuilder();
        points.forEach(p ->
                d.append(d.isEmpty() ? 'M' : 'L').append(n(p.x())).append(' ').append(n(p.y())));
        return d.toString();
    }

    static String closed(List<Point> points) {
        return open(points) + "Z";
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
