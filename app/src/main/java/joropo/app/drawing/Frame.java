package joropo.app.drawing;

import java.util.Comparator;
import java.util.List;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;

/**
 * From mm (x inward from the datum face, r from the axis) to units of the picture: lower half, outside left, equal
 * scale both ways. The shaft's middle is broken out, so that the seal stands large whatever the shaft measures.
 */
record Frame(Paper paper, double scale, double datumX, double shaftR) {
    private static final double LARGEST = 24;
    private static final double SMALLEST = 0.05;
    private static final double SLACK_MM = 0.005;
    /** Of a long part behind the seal so much is shown, as a share of what lies before it. */
    private static final double NEIGHBOUR = 0.75;
    /** Where the centre line and the break of the shaft lie over its surface. */
    private static final double CENTRE_OVER = 90;

    private static final double BREAK_OVER = 74;
    /**
     * What lies further out than this, over the length of the stack, is cut off by the edge (a slinger on a long
     * shaft).
     */
    private static final double PROUD_AT_MOST = 0.6;

    /** @param whole whether the whole entry is shown whatever the paper */
    static Frame of(Section section, double stopMm, Paper paper, boolean whole) {
        double h = (section.boreDiameterMm() - section.shaftDiameterMm()) / 2;
        double deepest = paper.isCutOff() && !whole
                ? focusMm(section, stopMm)
                : Math.max(
                        stopMm,
                        section.boreItems().stream()
                                .mapToDouble(BoreItem::toMm)
                                .max()
                                .orElse(0));
        double outermost =
                section.boreItems().stream().mapToDouble(BoreItem::fromMm).min().orElse(0);
        double proud = Math.max(
                -outermost,
                Math.min(
                        PROUD_AT_MOST * deepest,
                        -section.shaftItems().stream()
                                .filter(i -> i instanceof ShaftItem.Slinger || i instanceof ShaftItem.LocatingRing)
                                .mapToDouble(ShaftItem::fromMm)
                                .min()
                                .orElse(0)));
        double scale = Math.min(LARGEST, Math.min(paper.roomR / h, paper.roomX / Math.max(deepest, 1)));
        if (proud > 0) {
            scale = Math.min(scale, paper.roomProud / proud);
        }
        scale = Math.max(SMALLEST, scale);
        // a short stack stands in the middle of a wide paper
        double datumX =
                paper == Paper.WIDE ? Math.max(paper.datumX, (paper.width - deepest * scale) / 2 - 60) : paper.datumX;
        return new Frame(paper, scale, datumX, section.shaftDiameterMm() / 2);
    }

    /** To the end of the next part behind the innermost seal, or a little past the stop where there is none. */
    private static double focusMm(Section section, double stopMm) {
        double inner = section.boreItems().stream()
                .filter(BoreItem.Sealing.class::isInstance)
                .mapToDouble(BoreItem::toMm)
                .max()
                .orElse(stopMm);
        return section.boreItems().stream()
                .filter(i -> !(i instanceof BoreItem.Shoulder) && i.fromMm() >= inner - SLACK_MM)
                .min(Comparator.comparing(BoreItem::fromMm))
                .map(i -> Math.min(i.toMm(), i.fromMm() + NEIGHBOUR * (i.fromMm() + 1)))
                .map(next -> Math.max(next, stopMm))
                .orElse(Math.max(stopMm, inner));
    }

    double x(double mm) {
        return Math.max(-paper.width, Math.min(2 * paper.width, datumX + mm * scale));
    }

    double y(double r) {
        return paper.shaftY + (r - shaftR) * scale;
    }

    double width() {
        return paper.width;
    }

    double shaftY() {
        return paper.shaftY;
    }

    double bottomY() {
        return paper.bottomY;
    }

    double centreY() {
        return paper.shaftY - CENTRE_OVER - (paper.isOfASheet() ? 12 : 0);
    }

    double breakY() {
        return paper.shaftY - BREAK_OVER - (paper.isOfASheet() ? 12 : 0);
    }

    List<Point> toUnits(List<Point> mm) {
        return mm.stream().map(p -> new Point(x(p.x()), y(p.y()))).toList();
    }
}
