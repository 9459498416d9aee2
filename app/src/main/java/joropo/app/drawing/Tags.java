package joropo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import joropo.core.section.BoreItem;
import joropo.core.section.Joint;
import joropo.core.section.Section;
import joropo.core.section.SectionResult.Band;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Findings tied to their places by a wire: number on ink, mark of the state beside it; the same number as in the list.
 */
final class Tags {
    private static final double WIDE = 52;
    private static final double COUNT = 16;
    /** Beside a sheet a button stands over the upper right corner. */
    private static final double BUTTON = 160;

    private static final double APART = 8;
    private static final double SHAFT_LANE_Y = 8;
    /** A wire keeps this far from what is written over the shaft. */
    private static final double CLEAR = 5;
    /** From the left edge of a tag to its wire. */
    private static final double WIRE_AT = 8;
    /** Over the shaft: a wire is bent below the figures of the lip tracks. */
    private static final double BEND_OVER = 36;

    private final SectionPicture drawn;
    private final Frame frame;
    private final Svg svg;
    private final List<Band> written;

    /** @param written stretches over the shaft that have figures on them */
    Tags(SectionPicture drawn, Frame frame, Svg svg, List<Band> written) {
        this.drawn = drawn;
        this.frame = frame;
        this.svg = svg;
        this.written = written;
    }

    void paint() {
        double boreY = frame.y(drawn.section().boreDiameterMm() / 2);
        lane(
                true,
                SHAFT_LANE_Y,
                frame.paper().tagsFrom,
                frame.width() - (frame.paper().isOfASheet() ? BUTTON : 10));
        lane(false, Math.min(boreY + 44, frame.bottomY() - 36), frame.x(0) + 10, frame.width() - 10);
    }

    private void lane(boolean onShaft, double y, double left, double right) {
        List<Pin> pins = drawn.pins().stream()
                .filter(p -> p.spot().onShaft() == onShaft)
                .sorted(Comparator.comparing(Pin::status).thenComparing(Pin::number))
                .limit(frame.paper().tags)
                .sorted(Comparator.comparingDouble((Pin p) -> target(p).x()).thenComparing(Pin::number))
                .toList();
        List<Double> placed = onShaft ? pastWhatIsWritten(pins, left, right) : List.of();
        List<Double> middles = !placed.isEmpty()
                ? placed
                : RowLayout.place(
                        pins.stream()
                                .map(p -> new RowLayout.Wish(target(p).x() + wide(p) / 2, wide(p)))
                                .toList(),
                        APART,
                        left,
                        right);
        for (int i = 0; i < pins.size(); i++) {
            tag(pins.get(i), middles.get(i) - wide(pins.get(i)) / 2, y, onShaft);
        }
    }

    /**
     * From left to right, each as near to its place as its neighbour and the figures over the shaft allow; empty where
     * that takes more room than there is.
     */
    private List<Double> pastWhatIsWritten(List<Pin> pins, double left, double right) {
        List<Double> out = new ArrayList<>();
        double edge = left;
        for (Pin pin : pins) {
            double wire = Math.max(target(pin).x(), edge) + WIRE_AT;
            boolean moved = true;
            while (moved) {
                double at = wire;
                wire = written.stream()
                        .filter(b -> at > b.fromMm() - CLEAR && at < b.toMm() + CLEAR)
                        .mapToDouble(b -> b.toMm() + CLEAR)
                        .findFirst()
                        .orElse(wire);
                moved = wire != at;
            }
            out.add(wire - WIRE_AT + wide(pin) / 2);
            edge = wire - WIRE_AT + wide(pin) + APART;
        }
        return edge - APART <= right ? out : List.of();
    }

    private static double wide(Pin pin) {
        return pin.more() > 0 ? WIDE + COUNT : WIDE;
    }

    private void tag(Pin pin, double x, double y, boolean onShaft) {
        Point target = target(pin);
        double from = onShaft ? y + 28 : y;
        double bend = onShaft ? Math.max(from, frame.shaftY() - BEND_OVER) : from;
        double at = x + WIRE_AT;
        svg.path(
                Ink.WIRE,
                "M" + Svg.n(at) + " " + Svg.n(from) + "V" + Svg.n(bend) + "L" + Svg.n(target.x()) + " "
                        + Svg.n(target.y()));
        svg.circle(Ink.NUMBER, target.x(), target.y(), 3.2);
        svg.raw("<g class=\"pin\" data-finding=\"" + pin.number() + "\">");
        double split = x + (pin.number() > 9 ? 29 : 23);
        svg.path(
                Ink.TAG,
                "M" + Svg.n(split) + " " + Svg.n(y + 0.7) + "H" + Svg.n(split + 25) + "V" + Svg.n(y + 27.3) + "H"
                        + Svg.n(split) + "Z");
        svg.path(
                Ink.NUMBER,
                "M" + Svg.n(x + 3) + " " + Svg.n(y) + "H" + Svg.n(split) + "V" + Svg.n(y + 28) + "H" + Svg.n(x + 3)
                        + "L" + Svg.n(x - 4) + " " + Svg.n(y + 21) + "V" + Svg.n(y + 7) + "Z");
        svg.number(Ink.INVERSE, (x + split) / 2, y + 20, 17, "middle", String.valueOf(pin.number()));
        svg.raw("<g transform=\"translate(" + Svg.n(split + 4.5) + " " + Svg.n(y + 6) + ")\">");
        mark(pin.status());
        svg.raw("</g>");
        if (pin.more() > 0) {
            svg.words(Ink.STRONG, split + 27, y + 11, 12, "start", "+" + pin.more());
        }
        svg.raw("</g>");
    }

    /** The mark of a state on a field of 16 by 16. */
    private void mark(Status status) {
        switch (status) {
            case PASS -> svg.circle(Ink.HOLDS, 8, 8, 7);
            case CAUTION -> svg.path(Ink.MIND, "M10.2 1.35A7 7 0 1 1 5.8 1.35V7H10.2Z");
            case MISSING -> {
                for (int i = 0; i < 8; i++) {
                    svg.circle(
                            Ink.UNREAD, 8 + 5.9 * Math.cos(Math.PI / 4 * i), 8 + 5.9 * Math.sin(Math.PI / 4 * i), 1.5);
                }
            }
            case REMEASURE -> svg.path(Ink.CANT, "M0.5 6.2A7.5 7.5 0 0 0 15.5 6.2Z");
            case FAIL -> {
                svg.circle(Ink.FAILS_LINE, 8, 8, 5.9);
                svg.path(Ink.FAILS_LINE, "M3 8H13");
            }
        }
    }

    private Point target(Pin pin) {
        Section section = drawn.section();
        double boreR = section.boreDiameterMm() / 2;
        double middleR = (section.shaftDiameterMm() / 2 + boreR) / 2;
        BoreItem part = section.boreItems().stream()
                .filter(i -> pin.part() != null && pin.part().equals(i.id()))
                .findFirst()
                .orElse(null);
        BoreItem.Sealing seal = part instanceof BoreItem.Sealing s ? s : innermost(section);
        double lipMm = seal instanceof BoreItem.Seal s ? s.lipMm() : (seal.fromMm() + seal.toMm()) / 2;
        return switch (pin.spot()) {
            case TRACK, LIP -> new Point(frame.x(lipMm) + (pin.spot() == Pin.Spot.LIP ? 3 : -3), frame.shaftY());
            case SHAFT_END -> new Point(Math.max(90, frame.x(0) - 40), frame.shaftY());
            case SEAT -> new Point(frame.x((seal.fromMm() + seal.toMm()) / 2), frame.y(boreR));
            case BACK -> new Point(frame.x(seal.fromMm()), frame.y(boreR) - 8);
            case STOP -> new Point(frame.x(drawn.stopMm()), frame.y(boreR) - 3);
            case OUTSIDE -> new Point(frame.x(0) - 24, frame.y(middleR) + 20);
            case SPACE -> space(section, Integer.parseInt(pin.part().replaceAll("\\D", "")), frame.y(middleR));
            case JOINT -> joint(section, pin.part());
            case PART ->
                part == null
                        ? new Point(frame.x(0) + 12, frame.y(boreR) + 4)
                        : new Point(frame.x((part.fromMm() + part.toMm()) / 2), frame.y(boreR) - 4);
            case INSIDE -> new Point(frame.x(drawn.stopMm()) + 60, frame.y(middleR));
        };
    }

    private static BoreItem.Sealing innermost(Section section) {
        return section.boreItems().stream()
                .filter(BoreItem.Sealing.class::isInstance)
                .map(BoreItem.Sealing.class::cast)
                .reduce((a, b) -> b)
                .orElseThrow();
    }

    /** Half way between the parts that part it from its neighbours. */
    private Point space(Section section, int number, double y) {
        List<BoreItem> sealing = section.boreItems().stream()
                .filter(BoreItem.Sealing.class::isInstance)
                .toList();
        double from = number == 0
                ? sealing.get(0).fromMm() - 4
                : sealing.get(number - 1).toMm();
        double to = number == sealing.size()
                ? from + 4
                : number == 0 ? from : sealing.get(number).fromMm();
        return new Point(frame.x((from + to) / 2), y);
    }

    private Point joint(Section section, @Nullable String kind) {
        int onShaft = 0;
        int onHousing = 0;
        for (Joint joint : section.joints()) {
            boolean ofHousing = PartPainter.isOfHousing(joint);
            Point at = PartPainter.jointAt(frame, ofHousing, ofHousing ? onHousing++ : onShaft++);
            if (joint.kind().name().equals(kind)) {
                return at;
            }
        }
        return new Point(30, frame.shaftY());
    }
}
