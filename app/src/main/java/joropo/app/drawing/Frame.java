package joropo.app.drawing;

import java.util.List;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;

/**
 * From mm (x inward from the datum face, r from the axis) to units of the picture: lower half, outside left, equal scale both ways.
 * The shaft's middle is broken out, so that the seal stands large whatever the shaft measures.
 */
record Frame(double scale, double datumX, double shaftR) {
    static final double WIDTH = 780;
    static final double HEIGHT = 520;
    static final double CENTRE_Y = 62;
    static final double BREAK_Y = 80;
    static final double SHAFT_Y = 176;
    static final double BOTTOM_Y = 378;
    private static final double DATUM_X = 155;
    private static final double LARGEST = 14;
    private static final double SMALLEST = 0.05;
    /** Room for the radial height of the seal and for the length from the datum to what lies behind it. */
    private static final double ROOM_R = 100;
    private static final double ROOM_X = 330;
    private static final double ROOM_PROUD = 70;

    static Frame of(Section section, double stopMm) {
        double h = (section.boreDiameterMm() - section.shaftDiameterMm()) / 2;
        double deepest = Math.max(stopMm, section.boreItems().stream().mapToDouble(BoreItem::toMm).max().orElse(0));
        double outermost = section.boreItems().stream().mapToDouble(BoreItem::fromMm).min().orElse(0);
        double scale = Math.min(LARGEST, Math.min(ROOM_R / h, ROOM_X / Math.max(deepest, 1)));
        if (outermost < 0) {
            scale = Math.min(scale, ROOM_PROUD / -outermost);
        }
        return new Frame(Math.max(SMALLEST, scale), DATUM_X, section.shaftDiameterMm() / 2);
    }

    double x(double mm) {
        return Math.max(-WIDTH, Math.min(2 * WIDTH, datumX + mm * scale));
    }

    double y(double r) {
        return SHAFT_Y + (r - shaftR) * scale;
    }

    List<Point> toUnits(List<Point> mm) {
        return mm.stream().map(p -> new Point(x(p.x()), y(p.y()))).toList();
    }
}
