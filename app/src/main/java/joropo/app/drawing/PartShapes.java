package joropo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.shaft.Side;

/** Outlines of every part in mm, the same for picture and file. What a part's figures do not say is drawn as usual. */
final class PartShapes {
    /** How far a ring stands out of its groove and into it, over the height of the seal. */
    private static final double RING_OUT = 0.24;

    private static final double RING_IN = 0.12;
    /** Opening of a washer over the shaft while it is not known, over the height of the seal. */
    private static final double WASHER_FROM = 0.3;

    private static final double COVER_TO = 1.5;
    private static final double SLEEVE_HIGH = 0.07;
    private static final double DEEP = 0.15;
    private static final double SHALLOW = 0.07;
    private static final double HOLE = 0.35;
    private static final double BEARING_RING = 0.3;
    /** Length of a bearing over the height of the seal: only its foremost faces are known. */
    private static final double BEARING_LONG = 1.2;

    private static final int USUAL_RINGS = 4;
    private static final int MOST_RINGS = 12;
    private static final int TEETH = 5;

    private final double shaftR;
    private final double boreR;
    private final double h;
    private final double leastMm;

    /** @param leastMm nothing is drawn thinner than this */
    PartShapes(Section section, double leastMm) {
        this.shaftR = section.shaftDiameterMm() / 2;
        this.boreR = section.boreDiameterMm() / 2;
        this.h = boreR - shaftR;
        this.leastMm = leastMm;
    }

    List<Shape> of(BoreItem item) {
        return item.accept(new OfBore());
    }

    private final class OfBore implements BoreItem.Visitor<List<Shape>> {
        @Override
        public List<Shape> seal(BoreItem.Seal s) {
            var profile = new LipProfile(s, shaftR, boreR);
            List<Shape> out = new ArrayList<>();
            out.add(new Shape(profile.isPtfe() ? Shape.Of.PLASTIC : Shape.Of.RUBBER, profile.rubber()));
            out.add(new Shape(Shape.Of.CASE, profile.stiffRing()));
            profile.more().forEach(out::add);
            return out;
        }

        /** Rings of a V, their open side as it faces. */
        @Override
        public List<Shape> chevron(BoreItem.Chevron set) {
            int rings = set.rings() == null ? USUAL_RINGS : Math.min(set.rings(), MOST_RINGS);
            double step = set.widthMm() / rings;
            double[][] v = {{1, 0}, {0.55, 0}, {0, 0.5}, {0.55, 1}, {1, 1}, {0.5, 0.5}};
            List<Shape> out = new ArrayList<>();
            for (int i = 0; i < rings; i++) {
                List<Point> p = new ArrayList<>();
                for (double[] at : v) {
                    double along = set.lips() == Side.IN ? at[0] : 1 - at[0];
                    p.add(new Point(set.fromMm() + (i + along) * step, shaftR + at[1] * h));
                }
                out.add(new Shape(Shape.Of.RUBBER, p));
            }
            return out;
        }

        @Override
        public List<Shape> ring(BoreItem.Ring r) {
            return List.of(
                    Shape.box(Shape.Of.NOTHING, r.fromMm(), boreR, r.toMm(), boreR + RING_IN * h),
                    Shape.box(
                            Shape.Of.STEEL,
                            r.fromMm(),
                            boreR - RING_OUT * h,
                            to(r.fromMm(), r.fromMm() + r.thicknessMm()),
                            boreR + RING_IN * h * 0.9));
        }

        @Override
        public List<Shape> spacer(BoreItem.Spacer w) {
            double outside = w.outsideDiameterMm() == null ? boreR : Math.min(boreR, w.outsideDiameterMm() / 2);
            double inside = w.insideDiameterMm() == null ? shaftR + WASHER_FROM * h : w.insideDiameterMm() / 2;
            return List.of(Shape.box(
                    Shape.Of.STEEL,
                    w.fromMm(),
                    Math.min(inside, outside - leastMm),
                    to(w.fromMm(), w.toMm()),
                    outside));
        }

        @Override
        public List<Shape> cover(BoreItem.Cover c) {
            return List.of(Shape.box(
                    Shape.Of.STEEL,
                    c.fromMm(),
                    shaftR + WASHER_FROM * h,
                    to(c.fromMm(), c.toMm()),
                    boreR + COVER_TO * h));
        }

        /** Part of the housing's own outline. */
        @Override
        public List<Shape> shoulder(BoreItem.Shoulder shoulder) {
            return List.of();
        }

        /** Two lines into the housing, see who draws it. */
        @Override
        public List<Shape> port(BoreItem.Port port) {
            return List.of();
        }

        /** See {@link #bearing(BoreItem.Bearing, double, double)}: it wants to know what comes next. */
        @Override
        public List<Shape> bearing(BoreItem.Bearing bearing) {
            return List.of();
        }

        /** Part of the housing's own outline. */
        @Override
        public List<Shape> step(BoreItem.Step step) {
            return List.of();
        }

        /** Part of the housing's own outline. */
        @Override
        public List<Shape> leadIn(BoreItem.LeadIn leadIn) {
            return List.of();
        }
    }

    /**
     * Still ring and turning ring of a bearing that reaches from the shaft to this radius. @param atMostMm where what
     * comes next begins
     */
    List<Shape> bearing(BoreItem.Bearing b, double outsideR, double atMostMm) {
        double turning = b.turningFromMm() == null ? b.fromMm() : b.turningFromMm();
        double end = Math.max(turning + leastMm, Math.min(atMostMm, Math.max(b.fromMm(), turning) + BEARING_LONG * h));
        double ring = BEARING_RING * (outsideR - shaftR);
        boolean fits = b.ringInsideDiameterMm() != null
                && b.ringInsideDiameterMm() / 2 < outsideR - ring / 2
                && b.ringInsideDiameterMm() / 2 > shaftR + ring + leastMm;
        double inside = fits ? b.ringInsideDiameterMm() / 2 : outsideR - ring;
        return List.of(
                Shape.box(Shape.Of.STEEL, b.fromMm(), inside, end, outsideR),
                Shape.box(Shape.Of.STEEL, turning, shaftR, end, shaftR + ring));
    }

    List<Shape> of(ShaftItem item) {
        return item.accept(new OfShaft());
    }

    private final class OfShaft implements ShaftItem.Visitor<List<Shape>> {
        /** A line beside the shaft, see who draws it. */
        @Override
        public List<Shape> runningSurface(ShaftItem.RunningSurface item) {
            return List.of();
        }

        /** A line beside the shaft, see who draws it. */
        @Override
        public List<Shape> wearGroove(ShaftItem.WearGroove item) {
            return List.of();
        }

        @Override
        public List<Shape> sleeve(ShaftItem.Sleeve item) {
            return List.of(Shape.box(Shape.Of.STEEL, item.fromMm(), shaftR - SLEEVE_HIGH * h, end(item), shaftR));
        }

        @Override
        public List<Shape> keyway(ShaftItem.Keyway item) {
            return cut(item, DEEP);
        }

        @Override
        public List<Shape> ringGroove(ShaftItem.RingGroove item) {
            return cut(item, DEEP);
        }

        @Override
        public List<Shape> step(ShaftItem.Step item) {
            return cut(item, SHALLOW);
        }

        @Override
        public List<Shape> crossHole(ShaftItem.CrossHole item) {
            return cut(item, HOLE);
        }

        @Override
        public List<Shape> spline(ShaftItem.Spline item) {
            return List.of(teeth(item.fromMm(), end(item), false));
        }

        @Override
        public List<Shape> thread(ShaftItem.Thread item) {
            return List.of(teeth(item.fromMm(), end(item), true));
        }

        @Override
        public List<Shape> chamfer(ShaftItem.Chamfer item) {
            return List.of(new Shape(
                    Shape.Of.NOTHING,
                    List.of(
                            new Point(item.fromMm(), shaftR),
                            new Point(end(item), shaftR),
                            new Point(item.fromMm(), shaftR - DEEP * h))));
        }

        @Override
        public List<Shape> slinger(ShaftItem.Slinger item) {
            return List.of(Shape.box(
                    Shape.Of.STEEL,
                    item.fromMm(),
                    shaftR,
                    end(item),
                    item.diameterMm() == null ? shaftR + 0.6 * h : Math.max(shaftR + leastMm, item.diameterMm() / 2)));
        }

        @Override
        public List<Shape> locatingRing(ShaftItem.LocatingRing item) {
            return List.of(
                    Shape.box(Shape.Of.STEEL, item.fromMm(), shaftR - SHALLOW * h, end(item), shaftR + RING_OUT * h));
        }

        private List<Shape> cut(ShaftItem item, double deep) {
            return List.of(Shape.box(Shape.Of.NOTHING, item.fromMm(), shaftR - deep * h, end(item), shaftR));
        }

        private double end(ShaftItem item) {
            return to(item.fromMm(), item.toMm());
        }
    }

    /** A thread is pointed, splines are square. */
    private Shape teeth(double from, double to, boolean pointed) {
        List<Point> p = new ArrayList<>(List.of(new Point(from, shaftR)));
        double step = (to - from) / TEETH;
        for (int i = 0; i < TEETH; i++) {
            double at = from + i * step;
            if (pointed) {
                p.add(new Point(at + step / 2, shaftR - DEEP * h));
            } else {
                p.add(new Point(at + step * 0.2, shaftR));
                p.add(new Point(at + step * 0.2, shaftR - DEEP * h));
                p.add(new Point(at + step * 0.8, shaftR - DEEP * h));
                p.add(new Point(at + step * 0.8, shaftR));
            }
            p.add(new Point(at + step, shaftR));
        }
        return new Shape(Shape.Of.NOTHING, p);
    }

    private double to(double from, double to) {
        return Math.max(from + leastMm, to);
    }
}
