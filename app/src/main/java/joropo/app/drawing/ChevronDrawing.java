package joropo.app.drawing;

import java.util.List;
import joropo.core.arrangement.PartKind;
import joropo.core.packing.ChevronSet;
import joropo.core.shaft.Side;
import joropo.core.units.Length;

/**
 * A chevron set as half section, inside left: the V rings with their open side, the headers hatched otherwise, the
 * pressure as an arrow, the stack as a dimension.
 */
public final class ChevronDrawing {
    private static final double WIDTH = 780;
    private static final double SHAFT_Y = 250;
    private static final double HIGH = 110;
    private static final double LEFT = 150;
    private static final double ROOM = 480;
    private static final double MOST_PITCH = 58;
    private static final double WALL = 30;

    private final ChevronSet set;
    private final Svg svg;
    private final double pitch;
    /** 1: the open side looks left, which is inside; -1: right. */
    private final int way;

    private ChevronDrawing(ChevronSet set, String prefix) {
        this.set = set;
        svg = new Svg(prefix);
        pitch = Math.min(MOST_PITCH, ROOM / (set.rings() + 2.0));
        way = set.open() == Side.IN ? 1 : -1;
    }

    /** @param set with its rings and its open side, @param prefix of ids, so that two drawings may share a page */
    public static String of(ChevronSet set, String prefix) {
        return new ChevronDrawing(set, prefix).draw();
    }

    private double top() {
        return SHAFT_Y - HIGH;
    }

    private double end() {
        return LEFT + (set.rings() + 2) * pitch;
    }

    private String draw() {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 380\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">Chevron set of " + set.rings() + " V rings</title>");
        svg.rect(Ink.PAPER, 0, 0, WIDTH, 380);
        block(Ink.CAST, Ink.HATCH_CAST, LEFT - 70, top() - WALL, end() - LEFT + 90, WALL);
        block(Ink.STEEL, Ink.HATCH_STEEL, end() + 2, top() + 2, 80, HIGH - 4);
        svg.rect(Ink.SHAFT, 10, SHAFT_Y, WIDTH - 20, 54).line(Ink.OUTLINE, 10, SHAFT_Y, WIDTH - 10, SHAFT_Y);
        svg.part(PartKind.CHEVRON, this::set);
        pressure();
        stack();
        svg.words(Ink.NAME, 16, 366, 14, "start", "inside").words(Ink.NAME, WIDTH - 16, 366, 14, "end", "outside");
        return svg.raw("</svg>").toString();
    }

    private void set() {
        header(way > 0 ? LEFT : end() - pitch, true);
        for (int i = 0; i < set.rings(); i++) {
            ring(LEFT + (i + 1) * pitch);
        }
        header(way > 0 ? end() - pitch : LEFT, false);
    }

    private void block(Ink fill, Ink hatch, double x, double y, double width, double height) {
        List<Point> outline = List.of(
                new Point(x, y), new Point(x + width, y), new Point(x + width, y + height), new Point(x, y + height));
        svg.polygon(fill, outline).hatched(hatch, outline, 9, 9, 9).path(Ink.EDGE_STEEL, Svg.closed(outline));
    }

    /** One V, its mouth towards the open side. @param x its left edge */
    private void ring(double x) {
        double mouth = way > 0 ? x + 2 : x + pitch - 2;
        double heel = way > 0 ? x + pitch - 2 : x + 2;
        double floor = mouth + (heel - mouth) * 0.55;
        svg.polygon(
                Ink.RUBBER,
                List.of(
                        new Point(mouth, top()),
                        new Point(heel, top() + HIGH * 0.14),
                        new Point(heel + way * pitch * 0.3, top() + HIGH / 2),
                        new Point(heel, SHAFT_Y - HIGH * 0.14),
                        new Point(mouth, SHAFT_Y),
                        new Point(floor, top() + HIGH / 2)));
    }

    /** @param male whether it lies in the open V, else behind the backs */
    private void header(double x, boolean male) {
        double outer = way > 0 == male ? x + 2 : x + pitch - 2;
        double inner = way > 0 == male ? x + pitch - 2 : x + 2;
        double tip = inner + (male ? 1 : 0.3) * way * pitch * 0.45;
        List<Point> outline = List.of(
                new Point(outer, top() + 4),
                new Point(inner, top() + 4),
                new Point(tip, top() + HIGH / 2),
                new Point(inner, SHAFT_Y - 4),
                new Point(outer, SHAFT_Y - 4));
        svg.polygon(Ink.PLASTIC, outline).hatched(Ink.HATCH_CASE, outline, 5, 5, 5);
    }

    private void pressure() {
        if (set.pressure() == null) {
            return;
        }
        boolean inside = set.pressure() == Side.IN;
        double y = top() + HIGH / 2;
        double from = inside ? 40 : end() + 150;
        double tip = inside ? 84 : end() + 106;
        double back = inside ? -8 : 8;
        svg.line(Ink.CHOSEN, from, y, tip, y)
                .path(
                        Ink.CHOSEN,
                        "M" + Svg.n(tip + back) + " " + Svg.n(y - 7) + "L" + Svg.n(tip) + " " + Svg.n(y) + "L"
                                + Svg.n(tip + back) + " " + Svg.n(y + 7));
        if (set.pressureMpa() != null) {
            svg.number(Ink.NUMBER, (from + tip) / 2, y - 14, 14, "middle", Length.show(set.pressureMpa(), 1));
        }
    }

    private void stack() {
        Double stack = set.stackMm() != null ? set.stackMm() : set.stackByRingsMm();
        double y = SHAFT_Y + 78;
        svg.line(Ink.HAIR, LEFT, y, end(), y)
                .line(Ink.TICK, LEFT, y - 6, LEFT, y + 6)
                .line(Ink.TICK, end(), y - 6, end(), y + 6)
                .number(
                        Ink.NUMBER,
                        (LEFT + end()) / 2,
                        y - 8,
                        14,
                        "middle",
                        stack == null ? set.rings() + " V rings" : "stack " + Mm.show(stack, 1));
    }
}
