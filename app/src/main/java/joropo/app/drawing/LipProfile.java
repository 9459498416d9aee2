package joropo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import joropo.core.section.BoreItem;
import joropo.core.section.CaseType;
import joropo.core.section.Mount;
import joropo.core.section.Profile;
import joropo.core.section.Ribs;
import joropo.core.shaft.Side;

/**
 * The outline of a lip seal for any size, in mm: s runs from the back (0) to the open side (width), v from the shaft
 * outward. W points scale with the width (web, case, dust lip), H points keep the head's shape about the lip.
 */
final class LipProfile {
    private static final int CURVE_STEPS = 7;
    private static final double SPRING_S = -0.025;
    private static final double SPRING_Y = 0.405;
    private static final double SPRING_SEAT = 0.095;

    /** A lip that is this far off the shaft is drawn so (mm). */
    private static final double LOOSE_MM = 0.5;

    private final BoreItem.Seal seal;
    private final double shaftR;
    private final double boreR;
    private final double h;
    private final double k;
    private final List<Point> outline = new ArrayList<>();

    /** A seal on the shaft has its lip on the housing: what is said of the bore then holds of the shaft. */
    LipProfile(BoreItem.Seal seal, double shaftR, double boreR) {
        this.seal = seal;
        boolean ownHole = seal.mount() == Mount.BORE
                && seal.insideDiameterMm() != null
                && Math.abs(seal.insideDiameterMm() / 2 - shaftR) > LOOSE_MM;
        this.shaftR = ownHole ? seal.insideDiameterMm() / 2 : shaftR;
        this.boreR = boreR;
        this.h = seal.mount() == Mount.SHAFT ? boreR - shaftR : seal.outsideDiameterMm() / 2 - this.shaftR;
        this.k = Math.min(seal.widthMm(), h);
    }

    /** The rubber, dark in every picture. */
    List<Point> rubber() {
        outline.clear();
        if (isPtfe()) {
            return rolledLip();
        }
        boolean metal = isMetal();
        if (metal) {
            to(w(0.10, 0.62));
            to(w(0.18, 0.62));
            curve(w(0.275, 0.61), w(0.275, 0.545));
        } else {
            to(w(0, 0.90));
            to(w(0.09, 1));
            to(w(0.93, 1));
            to(w(1, 0.92));
            to(w(1, 0.745));
            to(w(0.36, 0.745));
            curve(w(0.275, 0.745), w(0.275, 0.66));
            to(w(0.275, 0.545));
        }
        head();
        if (seal.dustLip() != null) {
            dustLip();
        } else {
            to(w(0.06, 0.325));
            curve(w(0, 0.325), w(0, 0.39));
        }
        if (metal) {
            to(w(0, 0.47));
            to(w(0.10, 0.47));
        }
        return List.copyOf(outline);
    }

    /** A thin disc of PTFE, rolled onto the shaft towards its open side. */
    private List<Point> rolledLip() {
        double at = seal.widthMm() - seal.lipOffsetMm();
        double thick = 0.07 * k;
        double bend = Math.min(0.3 * k, at - 0.2 * seal.widthMm());
        to(at(0.2 * seal.widthMm(), 0.8 * h));
        to(at(0.2 * seal.widthMm() + thick, 0.8 * h));
        to(at(0.2 * seal.widthMm() + thick, bend + thick));
        curve(at(0.2 * seal.widthMm() + thick, thick), at(0.2 * seal.widthMm() + bend + thick, thick));
        to(at(at + 0.15 * k, thick));
        to(at(at + 0.15 * k, 0));
        to(at(0.2 * seal.widthMm() + bend, 0));
        curve(at(0.2 * seal.widthMm(), 0), at(0.2 * seal.widthMm(), bend));
        return List.copyOf(outline);
    }

    private void head() {
        curve(w(0.275, 0.44), head(-0.255, 0.38));
        curve(head(-0.205, 0.335), head(-0.17, 0.365));
        to(head(-0.148, 0.455));
        curve(head(-0.132, 0.495), head(-0.108, 0.455));
        if (seal.spring()) {
            for (int deg = 150; deg <= 375; deg += 15) {
                double t = Math.toRadians(deg);
                to(head(SPRING_S + SPRING_SEAT * Math.cos(t), SPRING_Y + SPRING_SEAT * Math.sin(t)));
            }
        }
        curve(head(0.085, 0.475), head(0.112, 0.43));
        to(head(0.145, 0.20));
        to(head(0.015, 0));
        to(head(-0.015, 0));
        to(head(-0.17, 0.092));
        curve(head(-0.205, 0.112), head(-0.225, 0.19));
        curve(head(-0.255, 0.315), w(0.235, 0.325));
    }

    private void dustLip() {
        curve(w(0.165, 0.335), w(0.145, 0.27));
        to(w(0.075, 0.015));
        curve(w(0.06, -0.01), w(0.035, 0.01));
        to(w(0.015, 0.05));
        to(w(0.055, 0.27));
        curve(w(0.06, 0.33), w(0.03, 0.37));
        to(w(0, 0.41));
    }

    /** The stiff ring: bare on the outside, or inside the rubber. */
    List<Point> stiffRing() {
        outline.clear();
        if (isMetal()) {
            to(w(0.02, 1));
            to(w(0.96, 1));
            to(w(1, 0.97));
            to(w(1, 0.90));
            to(w(0.13, 0.90));
            curve(w(0.10, 0.90), w(0.10, 0.86));
            to(w(0.10, 0.47));
            to(w(0, 0.47));
            to(w(0, 0.97));
        } else {
            // against pressure the stiff ring reaches down behind the lip
            double foot = seal.profile() == Profile.PRESSURE ? 0.2 : 0.44;
            to(w(0.95, 0.93));
            to(w(0.13, 0.93));
            curve(w(0.065, 0.93), w(0.065, 0.865));
            to(w(0.065, foot));
            to(w(0.155, foot));
            to(w(0.155, 0.80));
            curve(w(0.155, 0.835), w(0.19, 0.835));
            to(w(0.95, 0.835));
        }
        return List.copyOf(outline);
    }

    /** Flange, running ring of a cassette, ribs on the lip's back: whatever this seal has besides lip and case. */
    List<Shape> more() {
        List<Shape> out = new ArrayList<>();
        if (seal.flangeDiameterMm() != null) {
            out.add(Shape.box(
                    Shape.Of.CASE,
                    seal.fromMm(),
                    boreR,
                    seal.fromMm() + seal.flangeThicknessMm(),
                    seal.flangeDiameterMm() / 2));
        }
        if (seal.profile() == Profile.CASSETTE) {
            double thick = 0.05 * k;
            out.add(new Shape(
                    Shape.Of.STEEL,
                    List.of(
                            at(-0.02 * seal.widthMm(), 0.5 * h),
                            at(-0.02 * seal.widthMm(), 0),
                            at(seal.widthMm(), 0),
                            at(seal.widthMm(), thick),
                            at(0.03 * seal.widthMm(), thick),
                            at(0.03 * seal.widthMm(), 0.5 * h))));
        }
        if (seal.ribs() != Ribs.NONE && !isPtfe()) {
            for (int i = 0; i < 3; i++) {
                double a = -0.06 - 0.045 * i;
                double lean = seal.ribs() == Ribs.BOTH ? 0 : seal.ribs() == Ribs.CW ? -0.03 : 0.03;
                double foot = 0.03 + 0.027 * i;
                out.add(new Shape(
                        Shape.Of.CASE,
                        List.of(
                                head(a, foot),
                                head(a - 0.018, foot + 0.011),
                                head(a - 0.018 + lean, foot + 0.12),
                                head(a + lean, foot + 0.11))));
            }
        }
        return out;
    }

    boolean hasDustLip() {
        return seal.dustLip() != null && !isPtfe();
    }

    boolean hasSpring() {
        return seal.spring() && !isPtfe();
    }

    boolean isPtfe() {
        return seal.profile() == Profile.PTFE;
    }

    Point springCentre() {
        return head(SPRING_S, SPRING_Y);
    }

    double springRadius() {
        return 0.082 * k;
    }

    /** From the lip's contact over the membrane to the bore: the line between the two media. */
    List<Point> divide() {
        return List.of(head(0, 0), head(-0.17, 0.30), w(0.26, 0.42), w(0.26, 1));
    }

    /** The room between dust lip and main lip. */
    List<Point> betweenLips() {
        return List.of(w(0.05, 0), head(0, 0), head(-0.17, 0.10), head(-0.225, 0.25), w(0.2, 0.34), w(0.12, 0.3));
    }

    private boolean isMetal() {
        return seal.caseType() == CaseType.METAL || seal.caseType() == CaseType.STAINLESS || isPtfe();
    }

    private Point w(double u, double v) {
        return at(u * seal.widthMm(), v < 0.6 ? v * k : h - (1 - v) * k);
    }

    private Point head(double a, double v) {
        return at(seal.widthMm() - seal.lipOffsetMm() + a * k, v * k);
    }

    private Point at(double s, double y) {
        double fromOutside = seal.mainLip() == Side.IN ? s : seal.widthMm() - s;
        return new Point(seal.fromMm() + fromOutside, seal.mount() == Mount.SHAFT ? boreR - y : shaftR + y);
    }

    private void to(Point p) {
        outline.add(p);
    }

    private void curve(Point control, Point end) {
        Point start = outline.get(outline.size() - 1);
        for (int i = 1; i <= CURVE_STEPS; i++) {
            double t = (double) i / CURVE_STEPS;
            double a = (1 - t) * (1 - t);
            double b = 2 * t * (1 - t);
            outline.add(new Point(
                    a * start.x() + b * control.x() + t * t * end.x(),
                    a * start.y() + b * control.y() + t * t * end.y()));
        }
    }
}
