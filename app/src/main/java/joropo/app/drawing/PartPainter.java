package joropo.app.drawing;

import java.util.List;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.PartsOfSection;
import joropo.core.section.BoreItem;
import joropo.core.section.Joint;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.shaft.Side;
import joropo.core.units.Length;

/** Paints every part where its figures say, each as one thing that a page can take hold of. */
final class PartPainter {
    private static final double LEAST = 3;
    /** A seal that stands this near to the old one's place covers its outline (mm). */
    private static final double FOUND_MM = 0.05;
    /** A part is taken hold of within this, however thin it is. */
    private static final double GRIP = 26;

    private static final double ARROW_LONG = 34;
    private static final double ARROW_OFF = 7;

    private final SectionPicture drawn;
    private final Section section;
    private final Frame frame;
    private final Svg svg;
    private final Housing housing;
    private final PartShapes shapes;

    PartPainter(SectionPicture drawn, Frame frame, Svg svg, Housing housing) {
        this.drawn = drawn;
        this.section = drawn.section();
        this.frame = frame;
        this.svg = svg;
        this.housing = housing;
        this.shapes = new PartShapes(section, LEAST / frame.scale());
    }

    void paint() {
        foundPlaces();
        List<BoreItem> items = section.boreItems();
        for (int i = 0; i < items.size(); i++) {
            BoreItem item = items.get(i);
            open(
                    "b" + i,
                    item.words() + (item.id() == null ? "" : " " + item.id()) + ", from "
                            + Length.show(item.fromMm(), 2) + " mm"
                            + (item instanceof BoreItem.Sealing s
                                    ? ", open side faces " + s.open().words()
                                    : ""));
            String kind = drawn.look().handles()
                    ? ""
                    : PartsOfSection.kind(item).map(PartKind::name).orElse("");
            boolean touched = !kind.isEmpty();
            if (touched) {
                svg.raw("<g data-kind=\"" + kind + "\""
                        + (item instanceof BoreItem.Seal ? " data-seal=\"" + Svg.escape(item.id()) + "\"" : "") + ">");
            }
            if (item instanceof BoreItem.Port p) {
                port(p);
            } else if (item instanceof BoreItem.Bearing b) {
                bearing(b);
            } else {
                shapes.of(item).forEach(this::shape);
            }
            if (item instanceof BoreItem.Seal s) {
                spring(new LipProfile(s, section.shaftDiameterMm() / 2, section.boreDiameterMm() / 2));
            }
            double[] reach = item.accept(new Reach());
            if (touched) {
                grip("", frame.x(item.fromMm()), frame.x(item.toMm()), reach[0], reach[1]);
                svg.raw("</g>");
            }
            close(
                    frame.x(item.fromMm()),
                    frame.x(item.toMm()),
                    reach[0],
                    reach[1],
                    Integer.valueOf(i).equals(drawn.look().chosen()));
        }
        pressures();
        joints();
    }

    /** Of a feature of the shaft: what it looks like, as one thing that a page can take hold of. */
    void feature(int index, ShaftItem item, Runnable more) {
        open(
                "s" + index,
                item.words() + ", from " + Length.show(item.fromMm(), 2) + " to " + Length.show(item.toMm(), 2)
                        + " mm");
        shapes.of(item).forEach(this::shape);
        more.run();
        boolean outside = item instanceof ShaftItem.Slinger || item instanceof ShaftItem.LocatingRing;
        close(
                frame.x(item.fromMm()),
                frame.x(item.toMm()),
                frame.shaftY() - 16,
                outside ? frame.shaftY() + 40 : frame.shaftY() - 2,
                false);
    }

    private void open(String key, String words) {
        if (drawn.look().handles()) {
            svg.raw("<g class=\"part\" data-part=\"" + key + "\" tabindex=\"0\" role=\"button\" aria-label=\""
                    + Svg.escape(words) + "\">");
        }
    }

    private void close(double left, double right, double top, double bottom, boolean chosen) {
        if (chosen) {
            svg.raw("<rect" + Ink.CHOSEN.attributes() + " stroke-dasharray=\"9 4\" x=\"" + Svg.n(left - 4) + "\" y=\""
                    + Svg.n(top - 4) + "\" width=\"" + Svg.n(Math.max(LEAST, right - left) + 8) + "\" height=\""
                    + Svg.n(bottom - top + 8) + "\"/>");
        }
        if (drawn.look().handles()) {
            grip(" class=\"grip\"", left, right, top, bottom);
            svg.raw("</g>");
        }
    }

    /** What a finger meets. */
    private void grip(String marks, double left, double right, double top, double bottom) {
        double wide = Math.max(GRIP, right - left);
        svg.raw("<rect" + marks + " fill=\"none\" pointer-events=\"all\" x=\"" + Svg.n((left + right - wide) / 2)
                + "\" y=\"" + Svg.n(top) + "\" width=\"" + Svg.n(wide) + "\" height=\"" + Svg.n(bottom - top)
                + "\"/>");
    }

    /** Between which heights a part of the bore lies (units). */
    private final class Reach implements BoreItem.Visitor<double[]> {
        private final double high = housing.boreY() - frame.shaftY();

        @Override
        public double[] seal(BoreItem.Seal seal) {
            return new double[] {frame.shaftY(), housing.boreY()};
        }

        @Override
        public double[] chevron(BoreItem.Chevron set) {
            return new double[] {frame.shaftY(), housing.boreY()};
        }

        @Override
        public double[] spacer(BoreItem.Spacer spacer) {
            return new double[] {frame.shaftY(), housing.boreY()};
        }

        @Override
        public double[] ring(BoreItem.Ring ring) {
            return new double[] {housing.boreY() - 0.3 * high, housing.boreY() + 0.16 * high};
        }

        @Override
        public double[] step(BoreItem.Step step) {
            return new double[] {housing.boreY() - 0.3 * high, housing.boreY() + 0.16 * high};
        }

        @Override
        public double[] leadIn(BoreItem.LeadIn leadIn) {
            return new double[] {housing.boreY() - 0.3 * high, housing.boreY() + 0.16 * high};
        }

        @Override
        public double[] shoulder(BoreItem.Shoulder shoulder) {
            return new double[] {housing.stopTop(shoulder), housing.boreY() + 12};
        }

        @Override
        public double[] port(BoreItem.Port port) {
            return new double[] {housing.boreY(), frame.bottomY()};
        }

        @Override
        public double[] cover(BoreItem.Cover cover) {
            return new double[] {housing.boreY() - high * 0.7, frame.bottomY()};
        }

        @Override
        public double[] bearing(BoreItem.Bearing bearing) {
            return new double[] {frame.shaftY(), housing.floorY(bearing.fromMm())};
        }
    }

    private void shape(Shape shape) {
        // a cover goes on beyond the paper
        List<Point> p = frame.toUnits(shape.outline()).stream()
                .map(q -> new Point(q.x(), Math.min(q.y(), frame.bottomY() - LEAST)))
                .toList();
        switch (shape.of()) {
            case STEEL -> {
                svg.polygon(Ink.STEEL, p);
                svg.hatched(Ink.HATCH_STEEL, p, 1, -1, 4.5);
                svg.polygon(Ink.EDGE_STEEL, p);
            }
            case RUBBER -> svg.polygon(Ink.RUBBER, p);
            case CASE -> {
                svg.polygon(Ink.CASE, p);
                svg.hatched(Ink.HATCH_CASE, p, 1, 1, 4);
                svg.polygon(Ink.EDGE_CASE, p);
            }
            case PLASTIC -> svg.polygon(Ink.PLASTIC, p);
            case NOTHING -> {
                svg.polygon(Ink.PAPER, p);
                svg.polygon(Ink.MARK, p);
            }
        }
    }

    private void spring(LipProfile profile) {
        if (!profile.hasSpring()) {
            return;
        }
        Point centre = frame.toUnits(List.of(profile.springCentre())).get(0);
        double radius = profile.springRadius() * frame.scale();
        svg.circle(Ink.COIL, centre.x(), centre.y(), radius);
        double inner = radius * 0.56;
        var d = new StringBuilder();
        for (int i = 0; i < 9; i++) {
            double from = Math.toRadians(40 * i);
            double to = Math.toRadians(40 * i + 24);
            d.append("M")
                    .append(Svg.n(centre.x() + inner * Math.cos(from)))
                    .append(' ')
                    .append(Svg.n(centre.y() + inner * Math.sin(from)))
                    .append("L")
                    .append(Svg.n(centre.x() + radius * Math.cos(to)))
                    .append(' ')
                    .append(Svg.n(centre.y() + radius * Math.sin(to)));
        }
        svg.path(Ink.TICK, d.toString());
        svg.circle(Ink.TICK, centre.x(), centre.y(), inner);
    }

    /** A hole through the housing from its space to the outside; what closes it tells what it is for. */
    private void port(BoreItem.Port p) {
        double top = housing.floorY(p.fromMm());
        double left = frame.x(p.fromMm());
        double right = Math.max(left + LEAST, frame.x(p.toMm()));
        double end = frame.bottomY();
        svg.rect(Ink.PAPER, left, top - 1, right - left, end - top + 8);
        svg.path(
                Ink.MARK,
                "M" + Svg.n(left) + " " + Svg.n(top) + "V" + Svg.n(end) + "M" + Svg.n(right) + " " + Svg.n(top) + "V"
                        + Svg.n(end));
        String middle = Svg.n((left + right) / 2);
        switch (p.kind()) {
            case DRAIN -> svg.path(Ink.NUMBER, "M" + middle + " " + Svg.n(end - 1) + "l-5 -9h10Z"); // falls out
            case GREASE ->
                svg.path(Ink.NUMBER, "M" + middle + " " + Svg.n(end - 14) + "l5 9h-3v5h-4v-5h-3Z"); // pressed in
            case BREATHER -> svg.path(Ink.MARK, "M" + middle + " " + Svg.n(end - 13) + "q-5 3 0 6t0 6"); // both ways
            case RELIEF -> svg.circle(Ink.BALL, (left + right) / 2, end - 7, 4); // a ball on its seat
        }
    }

    /** Only the foremost faces of a bearing are to scale; it stands on the floor of the room it is in. */
    private void bearing(BoreItem.Bearing b) {
        double next = section.boreItems().stream()
                .filter(i -> i != b && i.fromMm() > b.fromMm())
                .mapToDouble(BoreItem::fromMm)
                .min()
                .orElse(Double.MAX_VALUE);
        double outsideR = section.shaftDiameterMm() / 2 + (housing.floorY(b.fromMm()) - frame.shaftY()) / frame.scale();
        List<Shape> rings = shapes.bearing(b, outsideR, next);
        rings.forEach(this::shape);
        List<Point> still = frame.toUnits(rings.get(0).outline());
        List<Point> turning = frame.toUnits(rings.get(1).outline());
        double cx =
                (Math.max(still.get(0).x(), turning.get(0).x()) + still.get(1).x()) / 2;
        double cy = (still.get(0).y() + turning.get(2).y()) / 2;
        double radius = Math.max(
                3,
                Math.min(
                        (still.get(0).y() - turning.get(2).y()) / 2 + 8,
                        (still.get(1).x() - turning.get(0).x()) / 2 - 2));
        svg.circle(Ink.BALL, cx, cy, radius);
        svg.path(
                Ink.HAIR,
                "M" + Svg.n(cx - radius * 0.8) + " " + Svg.n(cy) + "H" + Svg.n(cx + radius * 0.8) + "M" + Svg.n(cx)
                        + " " + Svg.n(cy - radius * 0.8) + "V" + Svg.n(cy + radius * 0.8));
        if (Boolean.TRUE.equals(b.sealed())) {
            svg.line(
                    Ink.OUTLINE,
                    cx - radius - 3,
                    still.get(0).y() + 2,
                    cx - radius - 3,
                    turning.get(2).y() - 2);
        }
    }

    /** Where the old seals stood, as far as that was read, in broken lines behind the new ones. */
    private void foundPlaces() {
        if (section.asFound() == null) {
            return;
        }
        for (BoreItem.Seal old : section.asFound().seals()) {
            boolean moved = !Boolean.TRUE.equals(old.placeAssumed())
                    && section.seals().stream()
                            .noneMatch(s ->
                                    Math.abs(s.fromMm() - old.fromMm()) < FOUND_MM && s.mainLip() == old.mainLip());
            if (moved) {
                double top = frame.y(old.outsideDiameterMm() / 2);
                svg.path(
                        Ink.THIN,
                        "M" + Svg.n(frame.x(old.fromMm())) + " " + Svg.n(frame.shaftY()) + "V" + Svg.n(top) + "H"
                                + Svg.n(frame.x(old.toMm())) + "V" + Svg.n(frame.shaftY()),
                        " stroke-dasharray=\"6 4\"");
            }
        }
    }

    /** Three arrows from the side of more pressure against each part that seals. */
    private void pressures() {
        List<BoreItem.Sealing> sealing = section.boreItems().stream()
                .filter(BoreItem.Sealing.class::isInstance)
                .map(BoreItem.Sealing.class::cast)
                .toList();
        for (int i = 0; i < sealing.size(); i++) {
            double inward =
                    section.spaces().get(i).mpa() - section.spaces().get(i + 1).mpa();
            if (Math.abs(inward) < 1e-9) {
                continue;
            }
            Side from = inward > 0 ? Side.OUT : Side.IN;
            double face = from == Side.OUT
                    ? frame.x(sealing.get(i).fromMm()) - ARROW_OFF
                    : frame.x(sealing.get(i).toMm()) + ARROW_OFF;
            int way = from == Side.OUT ? -1 : 1;
            double next = from == Side.OUT
                    ? i == 0 ? face - 99 : frame.x(sealing.get(i - 1).toMm())
                    : i == sealing.size() - 1
                            ? face + 99
                            : frame.x(sealing.get(i + 1).fromMm());
            double length = Math.max(10, Math.min(ARROW_LONG, Math.abs(next - face) - ARROW_OFF));
            for (int n = 1; n <= 3; n++) {
                double y = frame.shaftY() + (housing.boreY() - frame.shaftY()) * (0.02 + 0.12 * n);
                svg.line(Ink.OUTLINE, face + way * length, y, face + way * 6, y);
                svg.path(Ink.NUMBER, "M" + Svg.n(face) + " " + Svg.n(y) + "l" + Svg.n(way * 8.0) + " -4v8Z");
            }
        }
    }

    /** A joint beside the lip is a lozenge across its seam: full when it is closed, open when it is not. */
    private void joints() {
        int onShaft = 0;
        int onHousing = 0;
        for (Joint joint : section.joints()) {
            boolean housingJoint = isOfHousing(joint);
            Point at = jointAt(frame, housingJoint, housingJoint ? onHousing++ : onShaft++);
            svg.rect(Ink.PLATE, at.x() - 12, at.y() - 9, 24, 18);
            svg.path(Ink.MARK, "M" + Svg.n(at.x() - 16) + " " + Svg.n(at.y()) + "h8m16 0h8");
            svg.path(
                    joint.sealedBy() == Joint.Closure.NONE ? Ink.TAG : Ink.NUMBER,
                    "M" + Svg.n(at.x() - 8) + " " + Svg.n(at.y()) + "l8 -7l8 7l-8 7Z");
        }
    }

    static boolean isOfHousing(Joint joint) {
        return switch (joint.kind()) {
            case GASKET, PLUG, BELLOWS, BOOT -> true;
            default -> false;
        };
    }

    /**
     * Joints of the shaft lie in it, outside; those of the housing in the housing. @param number among those of its
     * kind
     */
    static Point jointAt(Frame frame, boolean ofHousing, int number) {
        return ofHousing
                ? new Point(frame.x(0) + 30 + 40 * number, frame.bottomY() - 18)
                : new Point(26 + 40 * number, frame.shaftY() - 20);
    }
}
