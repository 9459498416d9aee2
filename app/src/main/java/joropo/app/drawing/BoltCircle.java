package joropo.app.drawing;

import java.util.List;

/**
 * A ring of bolts: each with its number round the circle beside it and its turn in the pass in it; the first steps
 * joined by a line.
 */
public final class BoltCircle {
    private static final double SIZE = 420;
    private static final double MIDDLE = SIZE / 2;
    private static final double RING = 142;
    private static final double NUMBERS = 184;
    private static final double LARGEST = 20;
    private static final int JOINED = 4;

    private BoltCircle() {}

    /** @param sequence bolts in the order of one pass, from 1 */
    public static String svg(List<Integer> sequence, String prefix) {
        return svg(sequence, List.of(), sequence.get(0), prefix);
    }

    /**
     * Nothing for a single one: it has no order.
     *
     * @param done bolts that are tightened in this pass, @param next the one that is to be tightened now, 0: none
     */
    public static String svg(List<Integer> sequence, List<Integer> done, int next, String prefix) {
        if (sequence.size() == 1) {
            return "";
        }
        int bolts = sequence.size();
        var svg = new Svg(prefix);
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section bolts\" viewBox=\"0 0 " + Svg.n(SIZE) + " "
                        + Svg.n(SIZE) + "\" role=\"img\" focusable=\"false\" color=\"#17332c\" aria-labelledby=\""
                        + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">Bolts in the order "
                        + String.join(
                                ", ", sequence.stream().map(String::valueOf).toList()) + "</title>");
        svg.rect(Ink.PAPER, 0, 0, SIZE, SIZE);
        svg.words(Ink.NAME, 10, 18, 12, "start", "in the ring: its turn");
        svg.words(Ink.NAME, 10, 33, 12, "start", "beside it: the bolt");
        svg.circle(Ink.WIRE, MIDDLE, MIDDLE, RING);
        svg.path(
                Ink.THIN,
                "M" + Svg.n(MIDDLE) + " " + Svg.n(MIDDLE - 12) + "v24M" + Svg.n(MIDDLE - 12) + " " + Svg.n(MIDDLE)
                        + "h24");
        double radius = Math.min(LARGEST, Math.PI * RING / bolts * 0.86);
        for (int i = 1; i < Math.min(JOINED, bolts); i++) {
            Point from = at(sequence.get(i - 1), bolts, RING - radius);
            Point to = at(sequence.get(i), bolts, RING - radius);
            svg.line(Ink.TRACK, from.x(), from.y(), to.x(), to.y());
        }
        for (int turn = 0; turn < bolts; turn++) {
            Point bolt = at(sequence.get(turn), bolts, RING);
            Point number = at(sequence.get(turn), bolts, NUMBERS);
            boolean now = sequence.get(turn) == next;
            boolean tight = done.contains(sequence.get(turn));
            svg.raw("<g data-bolt=\"" + sequence.get(turn) + "\">");
            svg.circle(now ? Ink.NUMBER : tight ? Ink.STEEL : Ink.BALL, bolt.x(), bolt.y(), radius);
            if (tight) {
                svg.circle(Ink.MARK, bolt.x(), bolt.y(), radius);
                svg.line(
                        Ink.HAIR,
                        bolt.x() - radius * 0.7,
                        bolt.y() + radius * 0.7,
                        bolt.x() + radius * 0.7,
                        bolt.y() - radius * 0.7);
            }
            double size = radius > 11 ? 14 : radius * 1.2;
            svg.number(
                    now ? Ink.INVERSE : Ink.NUMBER,
                    bolt.x(),
                    bolt.y() + size * 0.36,
                    size,
                    "middle",
                    String.valueOf(turn + 1));
            svg.raw("</g>");
            svg.words(
                    Ink.NAME,
                    number.x(),
                    number.y() + 5,
                    Math.min(14, Math.max(6, radius)),
                    "middle",
                    String.valueOf(sequence.get(turn)));
        }
        return svg.raw("</svg>").toString();
    }

    /** Bolt 1 at the top, the others clockwise. */
    private static Point at(int bolt, int bolts, double radius) {
        double t = 2 * Math.PI * (bolt - 1) / bolts;
        return new Point(MIDDLE + radius * Math.sin(t), MIDDLE - radius * Math.cos(t));
    }
}
