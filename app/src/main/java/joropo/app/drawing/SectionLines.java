package joropo.app.drawing;

import java.util.Comparator;
import java.util.List;
import joropo.app.drawing.LineDrawing.Layer;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;

/**
 * A section as lines in mm, for a workshop's own program: outlines of all parts, the bore, the shaft, lip tracks and
 * the running sizes; y is minus the radius.
 */
public final class SectionLines {
    private static final double SHOULDER_MM = 3;
    private static final double STOP_REACH = 0.5;

    private final SectionPicture drawn;
    private final Section section;
    private final LineDrawing out = new LineDrawing();
    private final double shaftR;
    private final double boreR;
    private final double left;
    private final double right;
    private final double text;

    private SectionLines(SectionPicture drawn) {
        this.drawn = drawn;
        this.section = drawn.section();
        this.shaftR = section.shaftDiameterMm() / 2;
        this.boreR = section.boreDiameterMm() / 2;
        double outermost = Math.min(
                0,
                section.boreItems().stream().mapToDouble(BoreItem::fromMm).min().orElse(0));
        double deepest = Math.max(
                drawn.stopMm(),
                section.boreItems().stream().mapToDouble(BoreItem::toMm).max().orElse(0));
        double edge = Math.max(boreR - shaftR, (deepest - outermost) / 4);
        this.left = outermost - edge;
        this.right = deepest + edge;
        this.text = (right - left) / 50;
    }

    public static LineDrawing of(SectionPicture drawn) {
        var lines = new SectionLines(drawn);
        lines.bodies();
        lines.parts();
        lines.sizes();
        return lines.out;
    }

    private void bodies() {
        out.centreLine(left, 0, right, 0);
        out.line(Layer.OUTLINE, left, -shaftR, right, -shaftR);
        double r = boreR;
        double x = section.boreFromMm();
        out.line(Layer.OUTLINE, x, -boreR, x, -boreR - (right - left) / 6);
        for (BoreItem item : section.boreItems().stream()
                .sorted(Comparator.comparing(BoreItem::fromMm))
                .toList()) {
            if (item instanceof BoreItem.Step step) {
                out.line(Layer.OUTLINE, x, -r, item.fromMm(), -r)
                        .line(Layer.OUTLINE, item.fromMm(), -r, item.fromMm(), -step.diameterMm() / 2);
                r = step.diameterMm() / 2;
                x = item.fromMm();
            } else if (item instanceof BoreItem.Shoulder s) {
                double top =
                        s.insideDiameterMm() == null ? r - STOP_REACH * (boreR - shaftR) : s.insideDiameterMm() / 2;
                out.line(Layer.OUTLINE, x, -r, s.fromMm(), -r);
                outline(List.of(
                        new Point(s.fromMm(), r),
                        new Point(s.fromMm(), top),
                        new Point(s.fromMm() + SHOULDER_MM, top),
                        new Point(s.fromMm() + SHOULDER_MM, r)));
                x = s.fromMm() + SHOULDER_MM;
            }
        }
        out.line(Layer.OUTLINE, x, -r, right, -r);
    }

    private void parts() {
        var shapes = new PartShapes(section, 0);
        for (BoreItem item : section.boreItems()) {
            if (item instanceof BoreItem.Bearing b) {
                shapes.bearing(b, boreR, right).forEach(s -> outline(s.outline()));
            } else if (item instanceof BoreItem.Port p) {
                double end = -boreR - (right - left) / 8;
                out.line(Layer.OUTLINE, p.fromMm(), -boreR, p.fromMm(), end)
                        .line(Layer.OUTLINE, p.toMm(), -boreR, p.toMm(), end);
            }
            shapes.of(item).forEach(s -> outline(s.outline()));
            if (item instanceof BoreItem.Seal s) {
                var profile = new LipProfile(s, shaftR, boreR);
                if (profile.hasSpring()) {
                    out.circle(
                            Layer.OUTLINE,
                            profile.springCentre().x(),
                            -profile.springCentre().y(),
                            profile.springRadius());
                }
            }
        }
        for (ShaftItem item : section.shaftItems()) {
            shapes.of(item).forEach(s -> outline(s.outline()));
            if (item instanceof ShaftItem.RunningSurface || item instanceof ShaftItem.WearGroove) {
                double y = -shaftR + text / 2;
                out.line(Layer.DIMENSION, item.fromMm(), y, item.toMm(), y)
                        .text((item.fromMm() + item.toMm()) / 2, y + text / 2, text * 0.7, true, item.words());
            }
        }
        drawn.tracks()
                .forEach(t -> out.line(
                        Layer.DIMENSION,
                        (t.fromMm() + t.toMm()) / 2,
                        -shaftR,
                        (t.fromMm() + t.toMm()) / 2,
                        -shaftR + 2 * text));
    }

    private void outline(List<Point> p) {
        for (int i = 0; i < p.size(); i++) {
            Point a = p.get(i);
            Point b = p.get((i + 1) % p.size());
            out.line(Layer.OUTLINE, a.x(), -a.y(), b.x(), -b.y());
        }
    }

    /** Each part's name and its outer face from the datum, line by line under the housing. */
    private void sizes() {
        double y = -boreR - (right - left) / 4;
        out.text(left, -shaftR + text / 2, text, false, "Ø " + Mm.show(section.shaftDiameterMm(), 2))
                .text(left, -boreR - 1.5 * text, text, false, "Ø " + Mm.show(section.boreDiameterMm(), 2));
        int line = 0;
        for (BoreItem item : section.boreItems()) {
            String to = item.toMm() > item.fromMm() ? " to " + Mm.show(item.toMm(), 2) : "";
            out.text(
                    left,
                    y - 1.6 * text * line++,
                    text,
                    false,
                    (item.id() == null ? "" : item.id() + " ") + item.words() + " " + Mm.show(item.fromMm(), 2) + to);
        }
    }
}
