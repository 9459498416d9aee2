package joropo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;

/** The housing with its bore, the stop and a bearing behind it; a stop that was not read is left out. */
final class Housing {
    private static final double LEAD_IN = 14;
    private static final double LEAD_IN_RISE = 5;
    private static final double STOP_THICK = 30;
    private static final double CAVITY_DROP = 38;
    private static final double BEARING_LONG = 120;
    private static final double RING_HIGH = 34;
    private static final double WAVE = 22;
    /** How far a stop reaches from the bore towards the shaft, over the height of the seal, when its diameter is not known. */
    private static final double STOP_REACH = 0.5;

    private final Drawn drawn;
    private final Frame frame;
    private final Svg svg;
    private final double boreY;

    Housing(Drawn drawn, Frame frame, Svg svg) {
        this.drawn = drawn;
        this.frame = frame;
        this.svg = svg;
        this.boreY = frame.y(drawn.section().boreDiameterMm() / 2);
    }

    double boreY() {
        return boreY;
    }

    /** Floor of the space behind the stop. */
    double cavityY() {
        return Math.min(boreY + CAVITY_DROP, Frame.BOTTOM_Y - 36);
    }

    /** Where the space behind the stop begins. */
    double cavityX() {
        return frame.x(drawn.stopMm()) + (drawn.stopRead() ? STOP_THICK : 0);
    }

    void paint() {
        List<Point> face = outline();
        List<Point> solid = new ArrayList<>(face);
        solid.add(new Point(Frame.WIDTH, Frame.BOTTOM_Y));
        solid.add(new Point(frame.x(0), Frame.BOTTOM_Y));
        svg.polygon(Ink.CAST, solid);
        svg.hatched(Ink.HATCH_CAST, solid, 1, 1, 12);
        svg.polyline(Ink.OUTLINE, face);
        wave(Frame.BOTTOM_Y);
    }

    /** From the outer face along the bore and the stop to the right end of the picture. */
    private List<Point> outline() {
        double x0 = frame.x(0);
        double stop = frame.x(drawn.stopMm());
        double leadIn = Math.min(LEAD_IN, Math.max(2, (stop - x0) / 4));
        List<Point> p = new ArrayList<>();
        p.add(new Point(x0, Frame.BOTTOM_Y));
        p.add(new Point(x0, boreY + LEAD_IN_RISE));
        p.add(new Point(x0 + leadIn, boreY));
        p.add(new Point(stop, boreY));
        if (drawn.stopRead()) {
            double top = stopTop();
            p.add(new Point(stop, top + 4));
            p.add(new Point(stop + 3, top));
            p.add(new Point(stop + STOP_THICK - 4, top));
            p.add(new Point(stop + STOP_THICK, top + 4));
        }
        p.add(new Point(cavityX(), cavityY() - 4));
        p.add(new Point(cavityX() + 4, cavityY()));
        p.add(new Point(Frame.WIDTH, cavityY()));
        return p;
    }

    private double stopTop() {
        Section section = drawn.section();
        return section.boreItem(BoreItem.Shoulder.class).map(BoreItem.Shoulder::insideDiameterMm).map(d -> frame.y(d / 2))
                .orElse(boreY - STOP_REACH * (boreY - Frame.SHAFT_Y));
    }

    private void wave(double y) {
        var d = new StringBuilder("M" + Svg.n(frame.x(0)) + " " + Svg.n(y));
        int n = 0;
        for (double x = frame.x(0); x < Frame.WIDTH; x += WAVE) {
            double end = Math.min(x + WAVE, Frame.WIDTH);
            d.append('Q').append(Svg.n((x + end) / 2)).append(' ').append(Svg.n(y + (n++ % 2 == 0 ? 6 : -6))).append(' ').append(Svg.n(end)).append(' ').append(Svg.n(y));
        }
        svg.path(Ink.PAPER, d + "V" + Svg.n(y + 14) + "H" + Svg.n(frame.x(0)) + "Z");
        svg.path(Ink.THIN, d.toString());
    }

    /** A bearing stands for whatever turns behind the seal; only its foremost face is to scale. */
    void paintBearing() {
        drawn.section().boreItem(BoreItem.Bearing.class).ifPresent(b -> {
            double x = Math.max(frame.x(b.turningFromMm() == null ? b.fromMm() : b.turningFromMm()), Math.min(cavityX(), Frame.WIDTH - 60));
            double right = Math.min(x + BEARING_LONG, Frame.WIDTH - 4);
            double top = Frame.SHAFT_Y;
            double bottom = cavityY();
            double high = Math.min(RING_HIGH, (bottom - top) / 3);
            ring(x, top, right, top + high);
            ring(x, bottom - high, right, bottom);
            double cx = (x + right) / 2;
            double cy = (top + bottom) / 2;
            double radius = Math.min((bottom - top) / 2 - high + 9, (right - x) / 2 - 4);
            svg.circle(Ink.BALL, cx, cy, Math.max(4, radius));
            svg.path(Ink.HAIR, "M" + Svg.n(cx - radius * 0.8) + " " + Svg.n(cy) + "H" + Svg.n(cx + radius * 0.8) + "M" + Svg.n(cx) + " "
                    + Svg.n(cy - radius * 0.8) + "V" + Svg.n(cy + radius * 0.8));
        });
    }

    private void ring(double left, double top, double right, double bottom) {
        List<Point> p = List.of(new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom));
        svg.polygon(Ink.STEEL, p);
        svg.hatched(Ink.HATCH_STEEL, p, 1, -1, 8);
        svg.polygon(Ink.EDGE_STEEL, p);
    }
}
