package joropo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import joropo.core.lipseal.Side;
import joropo.core.section.BoreItem;

/** Small parts of the bore: rings in their grooves, washers, ports, covers, chevron sets. */
final class PartPainter {
    /** How far a ring stands out of its groove and into it, over the height of the seal. */
    private static final double RING_OUT = 0.24;
    private static final double RING_IN = 0.12;
    /** Opening of a washer over the shaft while it is not known, over the height of the seal. */
    private static final double WASHER_FROM = 0.3;
    private static final double LEAST = 3;
    private static final int USUAL_RINGS = 4;

    private final Drawn drawn;
    private final Frame frame;
    private final Svg svg;
    private final Housing housing;
    private final double high;

    PartPainter(Drawn drawn, Frame frame, Svg svg, Housing housing) {
        this.drawn = drawn;
        this.frame = frame;
        this.svg = svg;
        this.housing = housing;
        this.high = housing.boreY() - Frame.SHAFT_Y;
    }

    void paint() {
        for (BoreItem item : drawn.section().boreItems()) {
            if (item instanceof BoreItem.Port p) {
                port(p);
            } else if (item instanceof BoreItem.Cover c) {
                steel(frame.x(c.fromMm()), Frame.SHAFT_Y + WASHER_FROM * high, frame.x(c.toMm()), Frame.BOTTOM_Y - LEAST);
            } else if (item instanceof BoreItem.Spacer w) {
                double top = w.insideDiameterMm() == null ? Frame.SHAFT_Y + WASHER_FROM * high : frame.y(w.insideDiameterMm() / 2);
                double bottom = w.outsideDiameterMm() == null ? housing.boreY() : Math.min(housing.boreY(), frame.y(w.outsideDiameterMm() / 2));
                steel(frame.x(w.fromMm()), Math.min(top, bottom - LEAST), frame.x(w.toMm()), bottom);
            } else if (item instanceof BoreItem.Ring r) {
                ring(r);
            }
        }
    }

    private void ring(BoreItem.Ring r) {
        double bottom = housing.boreY() + RING_IN * high;
        svg.rect(Ink.PAPER, frame.x(r.fromMm()), housing.boreY() - 1, frame.x(r.toMm()) - frame.x(r.fromMm()), bottom - housing.boreY() + 1);
        svg.path(Ink.MARK, "M" + Svg.n(frame.x(r.fromMm())) + " " + Svg.n(housing.boreY()) + "V" + Svg.n(bottom) + "H" + Svg.n(frame.x(r.toMm())) + "V" + Svg.n(housing.boreY()));
        steel(frame.x(r.fromMm()), housing.boreY() - RING_OUT * high, frame.x(r.fromMm() + r.thicknessMm()), bottom - 1);
    }

    /** A hole through the housing from its space to the outside. */
    private void port(BoreItem.Port p) {
        double top = frame.x(p.fromMm()) >= housing.cavityX() ? housing.cavityY() : housing.boreY();
        double left = frame.x(p.fromMm());
        double right = Math.max(left + LEAST, frame.x(p.toMm()));
        svg.rect(Ink.PAPER, left, top - 1, right - left, Frame.BOTTOM_Y - top + 8);
        svg.path(Ink.MARK, "M" + Svg.n(left) + " " + Svg.n(top) + "V" + Svg.n(Frame.BOTTOM_Y) + "M" + Svg.n(right) + " " + Svg.n(top) + "V" + Svg.n(Frame.BOTTOM_Y));
    }

    /** Rings of a V, their open side as it faces. */
    void chevron(BoreItem.Chevron set) {
        int rings = set.rings() == null ? USUAL_RINGS : Math.min(set.rings(), 12);
        double step = set.widthMm() / rings;
        double middle = (Frame.SHAFT_Y + housing.boreY()) / 2;
        for (int i = 0; i < rings; i++) {
            List<Point> v = new ArrayList<>();
            double from = set.fromMm() + i * step;
            double[][] shape = {{1, 0}, {0.55, 0}, {0, 1}, {0.55, 2}, {1, 2}, {0.5, 1}};
            for (double[] at : shape) {
                double along = set.lips() == Side.IN ? at[0] : 1 - at[0];
                v.add(new Point(frame.x(from + along * step), at[1] == 0 ? Frame.SHAFT_Y : at[1] == 1 ? middle : housing.boreY()));
            }
            svg.polygon(Ink.RUBBER, v);
        }
    }

    private void steel(double left, double top, double right, double bottom) {
        double end = Math.max(left + LEAST, right);
        List<Point> p = List.of(new Point(left, top), new Point(end, top), new Point(end, bottom), new Point(left, bottom));
        svg.polygon(Ink.STEEL, p);
        svg.hatched(Ink.HATCH_STEEL, p, 1, -1, 4.5);
        svg.polygon(Ink.EDGE_STEEL, p);
    }
}
