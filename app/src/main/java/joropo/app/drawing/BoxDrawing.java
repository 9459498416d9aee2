package joropo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import joropo.core.arrangement.PartKind;
import joropo.core.packing.PackingInput;
import joropo.core.packing.PackingResult;
import joropo.core.units.Length;

/**
 * A stuffing box as half section, its bottom left: rings numbered from the bottom, free in outline and settled filled,
 * each joint on a small clock on the margin; the lantern ring against its port before and after.
 */
public final class BoxDrawing {
    private static final double WIDTH = 780;
    private static final double HEIGHT = 400;
    private static final double LEFT = 96;
    private static final double SHAFT_Y = 284;
    private static final double MOST_LONG = 520;
    private static final double MOST_HIGH = 130;
    private static final double WALL = 34;
    private static final double FLANGE = 26;
    private static final double CLOCK = 13;
    /** Of the clocks above the wall. */
    private static final double ABOVE = 46;

    private static final double SETTLED = 0.88;
    private static final String DASHED = " stroke-dasharray=\"4 3\"";

    private final PackingInput in;
    private final PackingResult result;
    private final Svg svg;
    private final double scale;
    private final double high;
    /** Where everything lies before it settles, drawn over all. */
    private final List<List<Point>> outlines = new ArrayList<>();

    private final List<Double> middles = new ArrayList<>();

    private BoxDrawing(PackingInput in, PackingResult result, String prefix) {
        this.in = in;
        this.result = result;
        svg = new Svg(prefix);
        scale = Math.min(MOST_LONG / in.boxDepthMm(), MOST_HIGH / result.sectionMm());
        high = result.sectionMm() * scale;
    }

    /** @param prefix of ids, so that two drawings may share a page */
    public static String of(PackingInput in, PackingResult result, String prefix) {
        return new BoxDrawing(in, result, prefix).draw();
    }

    private double x(double fromBottomMm) {
        return LEFT + fromBottomMm * scale;
    }

    private double clockY() {
        return top() - WALL - ABOVE;
    }

    private double top() {
        return SHAFT_Y - high;
    }

    private String draw() {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 400\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">The box with its " + result.rings() + " rings</title>");
        svg.rect(Ink.PAPER, 0, 0, WIDTH, HEIGHT);
        box();
        List<Point> shaft = box(10, SHAFT_Y, WIDTH - 20, 58);
        svg.polygon(Ink.SHAFT, shaft).line(Ink.OUTLINE, 10, SHAFT_Y, WIDTH - 10, SHAFT_Y);
        svg.number(Ink.NUMBER, 20, SHAFT_Y + 24, 14, "start", "Ø " + Mm.show(in.shaftMm(), 2));
        if (in.bottomBushMm() != null && in.bottomBushMm() > 0) {
            block(x(0), top(), in.bottomBushMm() * scale, high - 2);
        }
        svg.part(PartKind.PACKING, this::packing).part(PartKind.COVER, this::gland);
        outlines.forEach(o -> svg.path(Ink.MARK, Svg.closed(o), DASHED));
        for (int i = 0; i < middles.size(); i++) {
            svg.circle(Ink.TAG, middles.get(i), top() + high / 2, 12)
                    .words(Ink.STRONG, middles.get(i), top() + high / 2 + 5, 15, "middle", String.valueOf(i + 1));
        }
        svg.words(
                Ink.NAME,
                LEFT,
                HEIGHT - 12,
                14,
                "start",
                "free in outline, settled filled; joints seen from the gland, ring 1 at the bottom");
        return svg.raw("</svg>").toString();
    }

    private static List<Point> box(double x, double y, double width, double height) {
        return List.of(
                new Point(x, y), new Point(x + width, y), new Point(x + width, y + height), new Point(x, y + height));
    }

    private void block(double x, double y, double width, double height) {
        List<Point> outline = box(x, y, width, height);
        svg.polygon(Ink.STEEL, outline)
                .hatched(Ink.HATCH_STEEL, outline, 9, 9, 9)
                .path(Ink.EDGE_STEEL, Svg.closed(outline));
    }

    private void cast(double x, double y, double width, double height) {
        List<Point> outline = box(x, y, width, height);
        svg.polygon(Ink.CAST, outline)
                .hatched(Ink.HATCH_CAST, outline, 9, -9, 10)
                .path(Ink.EDGE_STEEL, Svg.closed(outline));
    }

    /** Wall and bottom, open at the port. */
    private void box() {
        double throat = Math.max(3, (in.throatClearanceMm() == null ? 0 : in.throatClearanceMm()) * scale);
        cast(LEFT - 40, top() - WALL, 40, high + WALL - throat);
        double end = x(in.boxDepthMm());
        if (in.portFromMm() == null) {
            cast(LEFT, top() - WALL, end - LEFT, WALL);
            return;
        }
        double from = x(in.boxDepthMm() - in.portToMm());
        double to = x(in.boxDepthMm() - in.portFromMm());
        cast(LEFT, top() - WALL, from - LEFT, WALL);
        cast(to, top() - WALL, end - to, WALL);
        svg.rect(Ink.WATER_WASH, from, top() - WALL, to - from, WALL)
                .line(Ink.HAIR, (from + to) / 2, top() - WALL - 16, (from + to) / 2, top() + 4);
    }

    private void packing() {
        int below = result.ringsInboard() == null ? result.rings() : result.ringsInboard();
        double lantern = in.lanternWidthMm() == null ? 0 : in.lanternWidthMm();
        double free = in.bottomBushMm() == null ? 0 : in.bottomBushMm();
        double settled = free;
        for (int i = 0; i < result.rings(); i++) {
            if (i == below && lantern > 0) {
                lantern(free, settled, lantern);
                free += lantern;
                settled += lantern;
            }
            ring(i, free, settled);
            free += result.sectionMm();
            settled += SETTLED * result.sectionMm();
        }
        if (below >= result.rings() && lantern > 0) {
            lantern(free, settled, lantern);
        }
    }

    private void ring(int index, double free, double settled) {
        double s = result.sectionMm();
        List<Point> filled = box(x(settled), top(), SETTLED * s * scale, high);
        svg.polygon(Ink.PLASTIC, filled)
                .hatched(Ink.HATCH_CASE, filled, 6, 6, 7)
                .hatched(Ink.HATCH_CASE, filled, 6, -6, 7);
        outlines.add(box(x(free), top(), s * scale, high));
        double middle = x(settled + SETTLED * s / 2);
        middles.add(middle);
        clock(middle, result.jointClock().get(index));
    }

    /** A mark where the joint stands. */
    private void clock(double x, int hour) {
        double angle = Math.toRadians(30.0 * hour);
        svg.line(Ink.HAIR, x, clockY() + CLOCK, x, top() - WALL)
                .circle(Ink.TAG, x, clockY(), CLOCK)
                .line(
                        Ink.CHOSEN,
                        x + 5 * Math.sin(angle),
                        clockY() - 5 * Math.cos(angle),
                        x + CLOCK * Math.sin(angle),
                        clockY() - CLOCK * Math.cos(angle))
                .number(Ink.NUMBER, x, clockY() - CLOCK - 5, 12, "middle", String.valueOf(hour));
    }

    private void lantern(double free, double settled, double wide) {
        block(x(settled), top() + 1, wide * scale, high - 2);
        double slot = in.lanternSlotMm() == null ? wide / 2 : in.lanternSlotMm();
        svg.rect(Ink.WATER_WASH, x(settled + (wide - slot) / 2), top() + 1, slot * scale, high * 0.4);
        outlines.add(box(x(free), top(), wide * scale, high));
    }

    /** As it stands when the rings have settled. */
    private void gland() {
        double packed = (in.bottomBushMm() == null ? 0 : in.bottomBushMm())
                + (in.lanternWidthMm() == null ? 0 : in.lanternWidthMm())
                + SETTLED * result.sectionMm() * result.rings();
        double nose = x(packed);
        double face = x(in.boxDepthMm());
        double flange = Math.max(face + 14, nose + 20);
        block(nose, top() + 2, flange - nose, high - 4);
        block(flange, top() - WALL - 20, FLANGE, high + WALL + 14);
        double way = SHAFT_Y - high / 2;
        if (in.pressureMpa() != null && in.pressureMpa() > 0) {
            svg.line(Ink.CHOSEN, 12, way, 44, way)
                    .path(Ink.CHOSEN, "M37 " + Svg.n(way - 6) + "L44 " + Svg.n(way) + "L37 " + Svg.n(way + 6))
                    .number(Ink.NUMBER, 12, way - 10, 13, "start", Length.show(in.pressureMpa(), 2));
        }
    }
}
