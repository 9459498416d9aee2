package joropo.app.drawing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import joropo.core.arrangement.PartKind;
import joropo.core.oring.Gland;
import joropo.core.oring.RingSort;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/**
 * A joint with all its rings as one half section: rod, piston, head and tube by their diameters, the rings in their
 * grooves, numbered in the order in which they go in, each with its open side; what they must pass on their way as a
 * dashed trail, each edge marked. Lengths between grooves are not measured and stand for themselves.
 */
public final class JointDrawing {
    private static final double WIDTH = 780;
    private static final double HEIGHT = 420;
    private static final double BASE_Y = 380;
    /** Share of the least diameter that is broken away. */
    private static final double BROKEN = 0.72;

    private static final double TOP_Y = 92;
    private static final double LEFT = 60;
    private static final double RIGHT = 722;
    private static final double WALL = 16;
    private static final double CHAMBER = 70;
    private static final double TAG_Y = 34;
    private static final double TAG = 13;
    /** Drawn where nothing is measured yet (mm). */
    private static final double USUAL_WIDTH = 6;

    private static final double USUAL_DEPTH = 4;
    /** Least that a land and a gap are drawn. */
    private static final double LAND = 14;

    private static final double GAP = 2;

    /**
     * One ring.
     *
     * @param seal what tells it in the page, @param moving whether it runs on the rod or in the bore, @param counterMm
     *     diameter that it seals on, @param grooveMm diameter of its groove, @param widthMm of its groove; each absent
     *     while not measured
     */
    @RecordBuilder
    public record Ring(
            String seal,
            String name,
            RingSort sort,
            @Nullable Gland gland,
            boolean moving,
            @Nullable Double counterMm,
            @Nullable Double grooveMm,
            @Nullable Double widthMm,
            @Nullable Side faces) {
        private boolean isAtPiston() {
            return gland == Gland.PISTON && moving || gland == Gland.ROD && !moving;
        }

        private double wide() {
            return widthMm == null ? USUAL_WIDTH : widthMm;
        }
    }

    private final List<Ring> rings;
    private final Svg svg;
    private final double boreMm;
    private final double rodMm;
    /** Diameter of the rod under the piston, and where the picture is broken off. */
    private final double spigotMm;

    private final double baseMm;
    private final double scale;
    private final boolean pressureInside;
    private final boolean pressureTurns;

    private JointDrawing(List<Ring> rings, @Nullable Side pressure, boolean turns, String prefix) {
        this.rings = rings;
        svg = new Svg(prefix);
        pressureInside = pressure == Side.IN;
        pressureTurns = turns;
        boreMm = largest(Gland.PISTON);
        rodMm = rodOf(Ring::moving).orElse(0.5 * boreMm);
        spigotMm = Math.min(rodMm, rodOf(r -> !r.moving()).orElse(rodMm));
        baseMm = BROKEN * spigotMm;
        double most = rings.stream()
                        .flatMap(r -> Stream.of(r.counterMm(), r.grooveMm()))
                        .filter(Objects::nonNull)
                        .mapToDouble(d -> d)
                        .max()
                        .orElse(boreMm)
                / 2;
        double widths = rings.stream().mapToDouble(Ring::wide).sum();
        double lands = CHAMBER + (rings.size() + 3) * LAND;
        scale = Math.min((BASE_Y - TOP_Y - WALL) / (most - baseMm / 2), (RIGHT - LEFT - lands) / Math.max(widths, 1));
    }

    /**
     * @param pressure where it comes from, absent: not known, @param turns whether from the other side too, @param
     *     prefix of ids, so that two drawings may share a page
     * @return empty while no diameter is known
     */
    public static Optional<String> of(List<Ring> rings, @Nullable Side pressure, boolean turns, String prefix) {
        return rings.stream().allMatch(r -> r.counterMm() == null && r.grooveMm() == null)
                ? Optional.empty()
                : Optional.of(new JointDrawing(rings, pressure, turns, prefix).draw());
    }

    private double largest(Gland gland) {
        return rings.stream()
                .filter(r -> r.gland() == gland)
                .map(r -> r.counterMm() != null ? r.counterMm() : r.grooveMm())
                .filter(Objects::nonNull)
                .mapToDouble(d -> d)
                .max()
                .orElseGet(() -> 1.3
                        * rings.stream()
                                .flatMap(r -> Stream.of(r.counterMm(), r.grooveMm()))
                                .filter(Objects::nonNull)
                                .mapToDouble(d -> d)
                                .max()
                                .orElse(1));
    }

    private Optional<Double> rodOf(Predicate<Ring> which) {
        return rings.stream()
                .filter(r -> r.gland() == Gland.ROD && which.test(r))
                .map(Ring::counterMm)
                .filter(Objects::nonNull)
                .max(Double::compare);
    }

    private double y(double diameterMm) {
        return BASE_Y - (diameterMm - baseMm) / 2 * scale;
    }

    private String draw() {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 420\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">The joint with its " + rings.size() + " rings</title>");
        svg.rect(Ink.PAPER, 0, 0, WIDTH, HEIGHT);
        List<Ring> piston = rings.stream().filter(Ring::isAtPiston).toList();
        List<Ring> head = rings.stream()
                .filter(r -> !r.isAtPiston() && (r.gland() == null || r.gland().isRadial()))
                .toList();
        List<Ring> faces = rings.stream()
                .filter(r -> r.gland() != null && !r.gland().isRadial())
                .toList();
        double pistonLong = piston.isEmpty() ? 0 : length(piston);
        double headLong = Math.max(length(head), 3 * LAND);
        double headAt = RIGHT - headLong - (faces.isEmpty() ? 0 : LAND * 3);
        double pistonAt = piston.isEmpty() ? headAt : headAt - CHAMBER - pistonLong;
        double tubeFrom = Math.max(8, pistonAt - 60);
        rod(piston.isEmpty() ? headAt - 40 : pistonAt - 40, pistonAt + pistonLong);
        block(tubeFrom, RIGHT - (faces.isEmpty() ? 0 : LAND * 3), y(boreMm) - WALL, y(boreMm), true);
        if (!piston.isEmpty()) {
            block(pistonAt, pistonAt + pistonLong, y(boreMm) + GAP, y(spigotMm), false);
            group(piston, pistonAt, y(spigotMm));
        }
        block(headAt, headAt + headLong, y(boreMm) + GAP, y(rodMm) - GAP, false);
        group(head, headAt, y(rodMm) - GAP);
        double coverAt = headAt + headLong;
        svg.part(PartKind.COVER, () -> cover(faces, coverAt));
        pressure(piston.isEmpty() ? headAt - 40 : headAt - CHAMBER / 2, pistonAt - 24, !piston.isEmpty());
        svg.words(Ink.NAME, LEFT - 40, HEIGHT - 8, 13, "start", "inside");
        svg.words(
                Ink.NAME,
                WIDTH / 2,
                HEIGHT - 8,
                13,
                "middle",
                "broken off towards the axis; lengths between grooves not measured");
        svg.words(Ink.NAME, WIDTH - 16, HEIGHT - 8, 13, "end", "outside");
        return svg.raw("</svg>").toString();
    }

    /** Rings beside each other, a land before, between and behind. */
    private double length(List<Ring> group) {
        return LAND + group.stream().mapToDouble(r -> r.wide() * scale + LAND).sum();
    }

    /** Stepped down under the piston, broken off towards its axis. */
    private void rod(double from, double step) {
        List<Point> outline = List.of(
                new Point(from, BASE_Y),
                new Point(from, y(spigotMm)),
                new Point(step, y(spigotMm)),
                new Point(step, y(rodMm)),
                new Point(WIDTH - 6, y(rodMm)),
                new Point(WIDTH - 6, BASE_Y));
        svg.polygon(Ink.SHAFT, outline).path(Ink.EDGE_STEEL, Svg.open(outline));
        StringBuilder broken = new StringBuilder("M" + Svg.n(from) + " " + Svg.n(BASE_Y));
        for (double x = from; x < WIDTH - 30; x += 24) {
            broken.append("q6 -6 12 0t12 0");
        }
        svg.path(Ink.THIN, broken.toString());
        svg.number(Ink.NUMBER, WIDTH - 14, y(rodMm) + 18, 13, "end", "Ø " + Mm.show(rodMm, 2));
        if (spigotMm < rodMm) {
            svg.number(Ink.NUMBER, from + 6, y(spigotMm) + 18, 13, "start", "Ø " + Mm.show(spigotMm, 2));
        }
    }

    private void block(double from, double to, double top, double bottom, boolean tube) {
        List<Point> outline = box(from, top, to - from, bottom - top);
        svg.polygon(tube ? Ink.CAST : Ink.STEEL, outline)
                .hatched(tube ? Ink.HATCH_CAST : Ink.HATCH_STEEL, outline, 9, tube ? -9 : 9, 10)
                .path(Ink.EDGE_STEEL, Svg.closed(outline));
        if (tube) {
            svg.number(Ink.NUMBER, from + 4, top - 6, 13, "start", "Ø " + Mm.show(boreMm, 2));
        }
    }

    private static List<Point> box(double x, double y, double width, double height) {
        return List.of(
                new Point(x, y), new Point(x + width, y), new Point(x + width, y + height), new Point(x, y + height));
    }

    /** @param within where its inside is drawn */
    private void group(List<Ring> group, double from, double within) {
        double x = from + LAND;
        for (Ring ring : group) {
            double wide = ring.wide() * scale;
            double at = x;
            svg.part(PartKind.O_RING, () -> ring(ring, at, wide));
            x += wide + LAND;
        }
        trail(group, from, Gland.PISTON, y(boreMm) + GAP);
        trail(group, from, Gland.ROD, within);
    }

    /** The way over the lands to the farthest groove, from the end where they go in. */
    private void trail(List<Ring> group, double from, Gland gland, double surface) {
        double x = from + LAND;
        double end = from - 12;
        List<Double> edges = new ArrayList<>(List.of(from));
        for (Ring ring : group) {
            if (ring.gland() == gland) {
                end = x;
                edges.add(x);
                edges.add(x + ring.wide() * scale);
            }
            x += ring.wide() * scale + LAND;
        }
        if (edges.size() < 2) {
            return;
        }
        edges.remove(edges.size() - 1);
        double away = gland == Gland.PISTON ? 7 : -7;
        svg.path(
                Ink.CHOSEN,
                "M" + Svg.n(from - 18) + " " + Svg.n(surface + away) + "L" + Svg.n(end) + " " + Svg.n(surface + away),
                " stroke-dasharray=\"5 4\" opacity=\"0.7\"");
        edges.forEach(e -> svg.circle(Ink.BALL, e, surface + away, 2.6));
    }

    private void ring(Ring ring, double x, double wide) {
        boolean rod = ring.gland() == Gland.ROD;
        double counter = ring.counterMm() != null ? ring.counterMm() : rod ? rodMm : boreMm;
        double groove = ring.grooveMm() != null ? ring.grooveMm() : counter + (rod ? 2 : -2) * USUAL_DEPTH;
        double top = Math.min(y(counter), y(groove));
        double high = Math.max(4, Math.abs(y(counter) - y(groove)));
        drawn(ring, x, top, wide, high, rod);
    }

    private void drawn(Ring ring, double x, double top, double wide, double high, boolean rod) {
        int number = rings.indexOf(ring) + 1;
        svg.raw("<g data-seal=\"" + Svg.escape(ring.seal()) + "\">");
        svg.rect(Ink.PAPER, x, top, wide, high).path(Ink.THIN, Svg.closed(box(x, top, wide, high)));
        shape(ring, x, top, wide, high, rod);
        double middle = x + wide / 2;
        double tagX = Math.max(20, Math.min(WIDTH - 20, middle));
        double tagY = rod ? TAG_Y + 2 * TAG + 4 : TAG_Y;
        svg.line(Ink.HAIR, middle, top, tagX, tagY + TAG);
        svg.circle(Ink.TAG, tagX, tagY, TAG).words(Ink.STRONG, tagX, tagY + 5, 15, "middle", String.valueOf(number));
        svg.raw("<title>" + number + " " + Svg.escape(ring.name()) + "</title></g>");
    }

    private void shape(Ring ring, double x, double top, double wide, double high, boolean rod) {
        switch (ring.sort()) {
            case GUIDE -> {
                List<Point> strip = box(x + 1, top, wide - 2, high);
                svg.polygon(Ink.PLASTIC, strip).hatched(Ink.HATCH_CASE, strip, 5, 5, 4);
            }
            case SLIDE -> {
                double strip = high * 0.35;
                double loader = high - strip;
                svg.raw("<rect" + Ink.RUBBER.attributes() + " x=\"" + Svg.n(x + wide * 0.1) + "\" y=\""
                        + Svg.n(rod ? top : top + strip) + "\" width=\"" + Svg.n(wide * 0.8) + "\" height=\""
                        + Svg.n(loader) + "\" rx=\"" + Svg.n(loader / 2.4) + "\"/>");
                svg.polygon(Ink.PLASTIC, box(x + 1, rod ? top + loader : top, wide - 2, strip));
            }
            case U_CUP -> open(ring, x, top, wide, high);
            case WIPER -> {
                double bottom = top + high;
                double lip = ring.faces() == Side.IN ? x : x + wide;
                double back = ring.faces() == Side.IN ? x + wide : x;
                double middle = (lip + back) / 2;
                svg.polygon(
                        Ink.RUBBER,
                        List.of(
                                new Point(back, top),
                                new Point(middle, top),
                                new Point(lip, bottom),
                                new Point(middle, bottom - high * 0.4),
                                new Point(back, bottom - high * 0.15)));
            }
            case END_RING -> {
                boolean closedIn = ring.faces() == Side.IN;
                svg.polygon(Ink.RUBBER, box(x, top, wide, high));
                svg.polygon(Ink.PLASTIC, box(closedIn ? x : x + wide * 0.75, top, wide / 4, high));
            }
            default ->
                svg.raw("<rect" + Ink.RUBBER.attributes() + " x=\"" + Svg.n(x + wide * 0.08) + "\" y=\"" + Svg.n(top)
                        + "\" width=\"" + Svg.n(wide * 0.84) + "\" height=\"" + Svg.n(high) + "\" rx=\""
                        + Svg.n(ring.sort() == RingSort.SQUARE ? 1 : high / 2.3) + "\"/>");
        }
    }

    /** A cup, its hollow towards the side that it faces; while that is not known, none. */
    private void open(Ring ring, double x, double top, double wide, double high) {
        if (ring.faces() == null) {
            svg.polygon(Ink.RUBBER, box(x + 1, top, wide - 2, high));
            return;
        }
        double mouth = ring.faces() == Side.IN ? x + 1 : x + wide - 1;
        double heel = ring.faces() == Side.IN ? x + wide - 1 : x + 1;
        double floor = mouth + (heel - mouth) * 0.55;
        svg.polygon(
                Ink.RUBBER,
                List.of(
                        new Point(heel, top + high * 0.06),
                        new Point(mouth, top),
                        new Point(floor, top + high * 0.5),
                        new Point(mouth, top + high),
                        new Point(heel, top + high * 0.94)));
    }

    /** Rings between a cover and the end of the head. */
    private void cover(List<Ring> faces, double x) {
        if (faces.isEmpty()) {
            return;
        }
        block(x + GAP, x + 3 * LAND, y(boreMm) - WALL, y(rodMm) - GAP, false);
        for (Ring ring : faces) {
            double outer = Optional.ofNullable(ring.grooveMm()).orElse(boreMm * 0.9);
            drawn(ring, x - LAND, y(outer), LAND, Math.max(6, ring.wide() * scale), false);
        }
    }

    private void pressure(double between, double before, boolean piston) {
        if (pressureInside || pressureTurns) {
            arrow(between - 10, (y(boreMm) + y(rodMm)) / 2, 1);
        }
        if (pressureTurns && piston) {
            arrow(before - 26, (y(boreMm) + y(rodMm)) / 2, 1);
        }
    }

    private void arrow(double x, double y, int way) {
        double tip = x + way * 26;
        svg.line(Ink.CHOSEN, x, y, tip, y)
                .path(
                        Ink.CHOSEN,
                        "M" + Svg.n(tip - way * 7) + " " + Svg.n(y - 6) + "L" + Svg.n(tip) + " " + Svg.n(y) + "L"
                                + Svg.n(tip - way * 7) + " " + Svg.n(y + 6));
    }
}
