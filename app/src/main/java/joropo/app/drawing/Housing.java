package joropo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;

/**
 * The housing with its bore, steps and shoulders, and the room behind the last stop; a stop that was not read is left
 * out.
 */
final class Housing {
    private static final double LEAD_IN = 14;
    private static final double LEAD_IN_RISE = 5;
    private static final double STOP_THICK = 30;
    private static final double CAVITY_DROP = 38;
    private static final double WAVE = 22;
    private static final double SLACK = 0.005;
    /**
     * How far a stop reaches from the bore towards the shaft, over the height of the seal, when its diameter is not
     * known.
     */
    private static final double STOP_REACH = 0.5;

    private final SectionPicture drawn;
    private final Section section;
    private final Frame frame;
    private final Svg svg;
    private final double boreY;

    Housing(SectionPicture drawn, Frame frame, Svg svg) {
        this.drawn = drawn;
        this.section = drawn.section();
        this.frame = frame;
        this.svg = svg;
        this.boreY = frame.y(section.boreDiameterMm() / 2);
    }

    double boreY() {
        return boreY;
    }

    /** Floor of the space behind the stop. */
    double cavityY() {
        return Math.min(boreY + CAVITY_DROP, frame.bottomY() - 36);
    }

    /** Where the space behind the stop begins. */
    double cavityX() {
        return frame.x(drawn.stopMm()) + (drawn.stopRead() ? STOP_THICK : 0);
    }

    /** What a part stands on at this place: the bore, or the floor behind the stop. */
    double floorY(double mm) {
        return mm >= drawn.stopMm() - SLACK ? cavityY() : boreY;
    }

    void paint() {
        List<Point> face = outline();
        List<Point> solid = new ArrayList<>(face);
        solid.add(new Point(frame.width(), frame.bottomY()));
        solid.add(new Point(mouthX(), frame.bottomY()));
        svg.raw("<g data-wet=\"WET_BELOW\">");
        svg.polygon(Ink.CAST, solid);
        svg.hatched(Ink.HATCH_CAST, solid, 1, 1, 12);
        svg.raw("</g>");
        svg.polyline(Ink.OUTLINE, face);
        wave(frame.bottomY());
    }

    private double mouthX() {
        return frame.x(section.boreFromMm());
    }

    /** From the outer face along the bore, its steps and shoulders, to the right end of the picture. */
    private List<Point> outline() {
        double x0 = mouthX();
        double stop = frame.x(drawn.stopMm());
        double leadIn = Math.min(LEAD_IN, Math.max(2, (stop - x0) / 4));
        List<Point> p = new ArrayList<>();
        p.add(new Point(x0, frame.bottomY()));
        p.add(new Point(x0, boreY + LEAD_IN_RISE));
        p.add(new Point(x0 + leadIn, boreY));
        double y = boreY;
        for (BoreItem item : section.boreItems().stream()
                .sorted(Comparator.comparing(BoreItem::fromMm))
                .toList()) {
            double x = frame.x(item.fromMm());
            if (x <= x0 + leadIn || item.fromMm() > drawn.stopMm() - SLACK) {
                continue;
            }
            if (item instanceof BoreItem.Step step) {
                p.add(new Point(x, y));
                y = Math.min(frame.y(step.diameterMm() / 2), frame.bottomY() - 30);
                p.add(new Point(x, y));
            } else if (item instanceof BoreItem.Shoulder s) {
                collar(p, x, y, stopTop(s), Math.min(x + STOP_THICK, frame.x(nextAfter(s)) - 1));
            }
        }
        p.add(new Point(stop, y));
        if (drawn.stopRead()) {
            double top = section.boreItems().stream()
                    .filter(i -> i instanceof BoreItem.Shoulder && Math.abs(i.fromMm() - drawn.stopMm()) < SLACK)
                    .map(BoreItem.Shoulder.class::cast)
                    .findFirst()
                    .map(this::stopTop)
                    .orElse(boreY - STOP_REACH * (boreY - frame.shaftY()));
            p.add(new Point(stop, top + 4));
            p.add(new Point(stop + 3, top));
            p.add(new Point(stop + STOP_THICK - 4, top));
            p.add(new Point(stop + STOP_THICK, top + 4));
        }
        p.add(new Point(cavityX(), cavityY() - 4));
        p.add(new Point(cavityX() + 4, cavityY()));
        p.add(new Point(frame.width(), cavityY()));
        return p;
    }

    /** A shoulder with the bore going on behind it. */
    private static void collar(List<Point> p, double from, double y, double top, double to) {
        p.add(new Point(from, y));
        p.add(new Point(from, top));
        p.add(new Point(Math.max(from + 3, to), top));
        p.add(new Point(Math.max(from + 3, to), y));
    }

    private double nextAfter(BoreItem item) {
        return section.boreItems().stream()
                .filter(i -> i.fromMm() > item.fromMm() + SLACK)
                .mapToDouble(BoreItem::fromMm)
                .min()
                .orElse(drawn.stopMm());
    }

    double stopTop(BoreItem.Shoulder shoulder) {
        return shoulder.insideDiameterMm() == null
                ? boreY - STOP_REACH * (boreY - frame.shaftY())
                : Math.max(frame.shaftY(), frame.y(shoulder.insideDiameterMm() / 2));
    }

    private void wave(double y) {
        var d = new StringBuilder("M" + Svg.n(mouthX()) + " " + Svg.n(y));
        int n = 0;
        for (double x = mouthX(); x < frame.width(); x += WAVE) {
            double end = Math.min(x + WAVE, frame.width());
            d.append('Q')
                    .append(Svg.n((x + end) / 2))
                    .append(' ')
                    .append(Svg.n(y + (n++ % 2 == 0 ? 6 : -6)))
                    .append(' ')
                    .append(Svg.n(end))
                    .append(' ')
                    .append(Svg.n(y));
        }
        svg.path(Ink.PAPER, d + "V" + Svg.n(y + 14) + "H" + Svg.n(mouthX()) + "Z");
        svg.path(Ink.THIN, d.toString());
    }
}
