package joropo.app.drawing;

import java.util.List;
import java.util.Optional;
import joropo.core.oring.Band;
import joropo.core.oring.Gland;
import joropo.core.oring.OringGlandInput;
import joropo.core.oring.OringGlandResult;
import joropo.core.oring.RingShape;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * A ring in its gland: left free above its groove, right closed, at its true area between walls and counterface, with
 * the gap true and ten times as wide. Below squeeze, fill and gap as rulers: what is right as the ground, the nominal a
 * line, the extremes whiskers.
 */
public final class GlandDrawing {
    private static final double WIDTH = 780;
    private static final double HEIGHT = 420;
    /** Middle of the two states, and the line of the counterface. */
    private static final double FREE_X = 155;

    private static final double CLOSED_X = 490;
    private static final double COUNTER_Y = 150;
    /** Half the width of a drawn part, and how thick it is. */
    private static final double HALF = 120;

    private static final double THICK = 44;
    /** Room that a groove may take on the picture. */
    private static final double MOST_WIDE = 200;

    private static final double MOST_LEG = 125;
    private static final double MOST_DEEP = 105;
    private static final double LENS = 10;
    private static final double LENS_X = 706;
    private static final double LENS_MOST = 50;
    private static final double LENS_Y = 55;
    private static final double RULERS_Y = 368;
    private static final double RULER = 190;
    private static final double TEXT = 14;
    /** What rounding takes off the three corners of such a triangle, in squares of the radius (computed). */
    private static final double CUT = 1 - Math.PI / 4 + 2 * (1 / Math.tan(Math.PI / 8) - 3 * Math.PI / 8);

    private final OringGlandInput in;
    private final OringGlandResult result;
    private final Svg svg;
    /** Picture per mm. */
    private final double scale;
    /** 1: the groove lies below its counterface; -1: above, as in a rod's housing. */
    private final int down;

    private GlandDrawing(OringGlandInput in, OringGlandResult result, String prefix) {
        this.in = in;
        this.result = result;
        svg = new Svg(prefix);
        scale = Math.min(
                (in.gland() == Gland.BOSS ? MOST_LEG : MOST_WIDE) / in.grooveWidthMm(),
                MOST_DEEP / Math.max(result.depthMm(), 0.9 * in.sectionMm()));
        down = in.gland() == Gland.ROD ? -1 : 1;
    }

    /** @param prefix of ids, so that two drawings may share a page */
    public static String of(OringGlandInput in, OringGlandResult result, String prefix) {
        return new GlandDrawing(in, result, prefix).draw();
    }

    private String draw() {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 420\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">The ring free and closed in its gland; squeeze "
                        + Length.show(result.squeezePercent().nominal(), 1) + " %, fill "
                        + Length.show(result.fillPercent().nominal(), 0) + " %</title>");
        svg.rect(Ink.PAPER, 0, 0, WIDTH, HEIGHT);
        free();
        closed();
        lens();
        rulers();
        return svg.raw("</svg>").toString();
    }

    /** A place by mm from the middle of the groove and mm away from the counterface. */
    private static Point at(double middleX, double x, double y) {
        return new Point(middleX + x, y);
    }

    private double y(double fromCounterMm) {
        return counterY() + down * fromCounterMm * scale;
    }

    private double counterY() {
        return down > 0 ? COUNTER_Y : COUNTER_Y + 40;
    }

    /** Half of the largest clearance; nothing where none is known. */
    private double gapMm() {
        return in.gapMm() == null || !in.gland().isRadial() ? 0 : in.gapMm() / 2;
    }

    private double halfGroove() {
        return in.grooveWidthMm() * scale / 2;
    }

    /** The part with the groove; of a boss its chamfered edge. */
    private void part(double middleX) {
        double land = y(gapMm());
        double back = y(result.depthMm()) + down * THICK;
        double half = halfGroove();
        List<Point> outline;
        if (in.gland() == Gland.BOSS) {
            double leg = in.grooveWidthMm() * scale;
            outline = List.of(
                    at(middleX, -half, counterY() + leg),
                    at(middleX, half, counterY()),
                    at(middleX, HALF, counterY()),
                    at(middleX, HALF, counterY() + leg + THICK / 2),
                    at(middleX, -half, counterY() + leg + THICK / 2));
            solid(outline);
            List<Point> stud = List.of(
                    at(middleX, -HALF, counterY()),
                    at(middleX, -half, counterY()),
                    at(middleX, -half, counterY() + leg + THICK / 2),
                    at(middleX, -HALF, counterY() + leg + THICK / 2));
            counter(stud);
            return;
        }
        double floor = y(result.depthMm());
        outline = List.of(
                at(middleX, -HALF, land),
                at(middleX, -half, land),
                at(middleX, -half, floor),
                at(middleX, half, floor),
                at(middleX, half, land),
                at(middleX, HALF, land),
                at(middleX, HALF, back),
                at(middleX, -HALF, back));
        solid(outline);
    }

    private void solid(List<Point> outline) {
        svg.polygon(Ink.STEEL, outline)
                .hatched(Ink.HATCH_STEEL, outline, 9, 9, 9)
                .path(Ink.EDGE_STEEL, Svg.closed(outline));
    }

    private void counter(List<Point> outline) {
        svg.polygon(Ink.CAST, outline)
                .hatched(Ink.HATCH_CAST, outline, 9, -9, 9)
                .path(Ink.EDGE_STEEL, Svg.closed(outline));
    }

    private void free() {
        part(FREE_X);
        double radius = in.sectionMm() * scale / 2;
        double middle = counterY() - down * (radius + 14);
        if (in.ringShape() == RingShape.SQUARE) {
            svg.polygon(Ink.RUBBER, box(FREE_X - radius, middle - radius, 2 * radius, 2 * radius));
        } else {
            svg.circle(Ink.RUBBER, FREE_X, middle, radius);
        }
        double to = y(result.depthMm());
        svg.line(Ink.HAIR, FREE_X, middle, FREE_X, to);
        svg.words(
                Ink.NAME,
                FREE_X,
                down > 0 ? 322 : 24,
                15,
                "middle",
                "free: " + Mm.show(in.sectionMm(), 2) + " thick, room " + Mm.show(result.depthMm(), 2));
    }

    private static List<Point> box(double x, double y, double width, double height) {
        return List.of(
                new Point(x, y), new Point(x + width, y), new Point(x + width, y + height), new Point(x, y + height));
    }

    private void closed() {
        part(CLOSED_X);
        double face = counterY();
        counter(box(CLOSED_X - HALF, down > 0 ? face - THICK : face, 2 * HALF, THICK));
        backups();
        ring();
        pressure();
        String title = "closed: " + in.gland().words();
        svg.words(Ink.NAME, CLOSED_X, down > 0 ? 322 : 24, 15, "middle", title);
    }

    private double backupWide() {
        return in.backups() == 0 || in.backupThicknessMm() == null ? 0 : in.backupThicknessMm() * scale;
    }

    /** On the low-pressure side, which is drawn right; a second one left. */
    private void backups() {
        double wide = backupWide();
        double high = (result.depthMm() - 0.02) * scale;
        double top = down > 0 ? counterY() : counterY() - high;
        for (int i = 0; i < in.backups() && wide > 0; i++) {
            double x = i == 0 ? CLOSED_X + halfGroove() - wide : CLOSED_X - halfGroove();
            List<Point> outline = box(x, top, wide, high);
            svg.polygon(Ink.PLASTIC, outline).hatched(Ink.HATCH_CASE, outline, 4, 8, 5);
        }
    }

    /** At its true area: flat where it touches, round where it does not; at the wall away from the pressure. */
    private void ring() {
        if (in.gland() == Gland.BOSS) {
            corner(CLOSED_X - halfGroove(), counterY(), in.grooveWidthMm() * scale);
            return;
        }
        double h = result.depthMm() * scale;
        double section = result.sectionStretchedMm() * scale;
        boolean square = in.ringShape() == RingShape.SQUARE;
        double area = section * section * (square ? 1 : Math.PI / 4);
        double right = CLOSED_X + halfGroove() - (in.backups() > 0 ? backupWide() : 0);
        double room = 2 * halfGroove() - in.backups() * backupWide();
        boolean touches = section >= h;
        double wide = touches ? Math.min(room, square ? area / h : (area - Math.PI * h * h / 4) / h + h) : section;
        double high = touches ? h : section;
        double corner = square
                ? 2
                : Math.min(Math.min(wide, high) / 2, Math.sqrt(Math.max(0, (wide * high - area) / (4 - Math.PI))));
        double x = isPressed() ? right - wide : right - room / 2 - wide / 2;
        double top = down > 0 ? counterY() + h - high : counterY() - h;
        svg.raw("<rect" + Ink.RUBBER.attributes() + " x=\"" + Svg.n(x) + "\" y=\"" + Svg.n(top) + "\" width=\""
                + Svg.n(wide) + "\" height=\"" + Svg.n(high) + "\" rx=\"" + Svg.n(corner) + "\"/>");
    }

    /** The ring in a right-angled corner of equal legs, its own corners as round as its area leaves them. */
    private void corner(double x, double y, double leg) {
        double section = result.sectionStretchedMm() * scale;
        double area = Math.PI / 4 * section * section;
        double radius = Math.min(result.depthMm() * scale / 2, Math.sqrt(Math.max(0, (leg * leg / 2 - area) / CUT)));
        double sharp = radius / Math.tan(Math.PI / 8);
        double along = sharp * Math.sqrt(0.5);
        String round = "A" + Svg.n(radius) + " " + Svg.n(radius) + " 0 0 1 ";
        svg.path(
                Ink.RUBBER,
                "M" + Svg.n(x + radius) + " " + Svg.n(y) + "L" + Svg.n(x + leg - sharp) + " " + Svg.n(y) + round
                        + Svg.n(x + leg - along) + " " + Svg.n(y + along) + "L" + Svg.n(x + along) + " "
                        + Svg.n(y + leg - along) + round + Svg.n(x) + " " + Svg.n(y + leg - sharp) + "L" + Svg.n(x)
                        + " "
                        + Svg.n(y + radius) + round + Svg.n(x + radius) + " " + Svg.n(y) + "Z");
    }

    private boolean isPressed() {
        return in.pressureMpa() != null && in.pressureMpa() > 0;
    }

    /** From the left, where the ring is pushed from; and from the right too where it turns. */
    private void pressure() {
        if (!isPressed() || in.gland() == Gland.BOSS) {
            return;
        }
        double y = y(result.depthMm() / 2);
        arrow(CLOSED_X - HALF - 34, y, 1);
        if (Boolean.TRUE.equals(in.pressureTurns())) {
            arrow(CLOSED_X + HALF + 34, y, -1);
        }
        svg.number(Ink.NUMBER, CLOSED_X - HALF - 22, y - 12, TEXT - 1, "middle", Length.show(in.pressureMpa(), 1));
    }

    private void arrow(double x, double y, int way) {
        double tip = x + way * 26;
        svg.line(Ink.CHOSEN, x, y, tip, y)
                .path(
                        Ink.CHOSEN,
                        "M" + Svg.n(tip - way * 7) + " " + Svg.n(y - 6) + "L" + Svg.n(tip) + " " + Svg.n(y) + "L"
                                + Svg.n(tip - way * 7) + " " + Svg.n(y + 6));
    }

    /** The gap behind the ring, ten times as wide. */
    private void lens() {
        if (in.gapMm() == null || !in.gland().isRadial()) {
            return;
        }
        double gap = Math.min(LENS_MOST, gapMm() * scale * LENS);
        double top = LENS_Y;
        counter(box(LENS_X - 52, top - 34, 104, 34));
        solid(box(LENS_X - 40, top + gap, 92, 34));
        svg.raw("<rect" + Ink.RUBBER.attributes() + " x=\"" + Svg.n(LENS_X - 62) + "\" y=\"" + Svg.n(top)
                + "\" width=\"22\" height=\"" + Svg.n(gap + 34) + "\" rx=\"6\"/>");
        svg.words(Ink.NAME, LENS_X, top + gap + 54, TEXT, "middle", "gap, 10 times as wide");
        svg.number(Ink.NUMBER, LENS_X, top + gap + 72, TEXT, "middle", Mm.show(gapMm(), 3) + " a side");
    }

    private void rulers() {
        ruler(40, "squeeze, %", finding("squeeze"), result.squeezePercent(), sides(), 0, 40);
        ruler(295, "fill, %", finding("fill"), result.fillPercent(), null, 50, 110);
        Finding gap = finding("extrusion").orElse(null);
        if (gap != null && gap.value() != null && gap.upper() != null) {
            double most = Math.max(0.05, 1.5 * Math.max(gap.value(), gap.upper()));
            Band band = new Band(gap.value(), gap.value(), gap.value());
            ruler(550, "clearance, mm", Optional.of(gap), band, null, 0, most);
        }
    }

    private @Nullable Band sides() {
        return result.offCentrePercent() == null
                ? null
                : new Band(
                        result.squeezePercent().nominal(),
                        result.offCentrePercent().least(),
                        result.offCentrePercent().most());
    }

    private Optional<Finding> finding(String id) {
        return result.findings().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    /** One figure on its scale. @param off second whiskers, off centre */
    private void ruler(
            double x, String name, Optional<Finding> by, Band band, @Nullable Band off, double from, double to) {
        double lower = by.map(Finding::lower).orElse(from);
        double upper = by.map(Finding::upper).orElse(to);
        svg.rect(Ink.BAND, on(x, lower, from, to), RULERS_Y - 9, on(x, upper, from, to) - on(x, lower, from, to), 18);
        svg.line(Ink.TICK, x, RULERS_Y, x + RULER, RULERS_Y);
        whisker(x, RULERS_Y - 4, band, from, to);
        if (off != null) {
            whisker(x, RULERS_Y + 5, off, from, to);
        }
        double here = on(x, band.nominal(), from, to);
        svg.line(Ink.OUTLINE, here, RULERS_Y - 14, here, RULERS_Y + 14);
        svg.words(Ink.NAME, x, RULERS_Y - 22, TEXT, "start", name);
        int decimals = to < 5 ? 2 : 1;
        svg.number(Ink.NUMBER, x + RULER, RULERS_Y - 22, TEXT, "end", Length.show(band.nominal(), decimals));
        by.map(Finding::lower).ifPresent(end -> limit(on(x, end, from, to), "end", Length.show(end, decimals)));
        by.map(Finding::upper).ifPresent(end -> limit(on(x, end, from, to), "start", Length.show(end, decimals)));
    }

    private void limit(double x, String anchor, String figure) {
        svg.number(Ink.NUMBER, x, RULERS_Y + 30, TEXT - 2, anchor, figure);
    }

    private void whisker(double x, double y, Band band, double from, double to) {
        double left = on(x, band.min(), from, to);
        double right = on(x, band.max(), from, to);
        if (right - left < 1) {
            return;
        }
        svg.line(Ink.MARK, left, y, right, y)
                .line(Ink.MARK, left, y - 4, left, y + 4)
                .line(Ink.MARK, right, y - 4, right, y + 4);
    }

    private static double on(double x, double value, double from, double to) {
        return x + RULER * Math.max(0, Math.min(1, (value - from) / (to - from)));
    }
}
