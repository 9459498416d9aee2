package joropo.app.drawing;

import java.util.Comparator;
import java.util.List;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.verdict.Status;

/** Findings tied to their places by a wire: number on ink, mark of the state beside it; the same number as in the list. */
final class Tags {
    private static final double WIDE = 52;
    private static final double APART = 8;
    private static final int MOST_IN_LANE = 4;
    private static final double SHAFT_LANE_Y = 8;
    private static final double LANE_LEFT = 244;
    private static final double BEND_Y = 140;

    private final Drawn drawn;
    private final Frame frame;
    private final Svg svg;

    Tags(Drawn drawn, Frame frame, Svg svg) {
        this.drawn = drawn;
        this.frame = frame;
        this.svg = svg;
    }

    void paint() {
        double boreY = frame.y(drawn.section().boreDiameterMm() / 2);
        // to the right of the lip, so that no wire runs through the figure of its track
        double left = Math.min(Math.max(LANE_LEFT, drawn.section().boreItem(BoreItem.Seal.class).map(s -> frame.x(s.lipMm()) - 4).orElse(LANE_LEFT)), Frame.WIDTH - 10 - MOST_IN_LANE * (WIDE + APART));
        lane(true, SHAFT_LANE_Y, left, Frame.WIDTH - 10);
        lane(false, Math.min(boreY + 44, Frame.BOTTOM_Y - 36), frame.x(0) + 10, Frame.WIDTH - 10);
    }

    private void lane(boolean onShaft, double y, double left, double right) {
        List<Pin> pins = drawn.pins().stream().filter(p -> p.spot().onShaft() == onShaft)
                .sorted(Comparator.comparing(Pin::status).thenComparing(Pin::number)).limit(MOST_IN_LANE)
                .sorted(Comparator.comparingDouble((Pin p) -> target(p).x()).thenComparing(Pin::number)).toList();
        List<Double> middles = RowLayout.place(pins.stream().map(p -> new RowLayout.Wish(target(p).x() + WIDE / 2, WIDE)).toList(), APART, left, right);
        for (int i = 0; i < pins.size(); i++) {
            tag(pins.get(i), middles.get(i) - WIDE / 2, y, onShaft);
        }
    }

    private void tag(Pin pin, double x, double y, boolean onShaft) {
        Point target = target(pin);
        double from = onShaft ? y + 28 : y;
        double bend = onShaft ? Math.max(from, BEND_Y) : from;
        double at = x + 8;
        svg.path(Ink.WIRE, "M" + Svg.n(at) + " " + Svg.n(from) + "V" + Svg.n(bend) + "L" + Svg.n(target.x()) + " " + Svg.n(target.y()));
        svg.circle(Ink.NUMBER, target.x(), target.y(), 3.2);
        svg.raw("<g class=\"pin\">");
        double split = x + (pin.number() > 9 ? 29 : 23);
        svg.path(Ink.TAG, "M" + Svg.n(split) + " " + Svg.n(y + 0.7) + "H" + Svg.n(split + 25) + "V" + Svg.n(y + 27.3) + "H" + Svg.n(split) + "Z");
        svg.path(Ink.NUMBER, "M" + Svg.n(x + 3) + " " + Svg.n(y) + "H" + Svg.n(split) + "V" + Svg.n(y + 28) + "H" + Svg.n(x + 3) + "L" + Svg.n(x - 4) + " "
                + Svg.n(y + 21) + "V" + Svg.n(y + 7) + "Z");
        svg.number(Ink.INVERSE, (x + split) / 2, y + 20, 17, "middle", String.valueOf(pin.number()));
        svg.raw("<g transform=\"translate(" + Svg.n(split + 4.5) + " " + Svg.n(y + 6) + ")\">");
        mark(pin.status());
        svg.raw("</g></g>");
    }

    /** The mark of a state on a field of 16 by 16. */
    private void mark(Status status) {
        switch (status) {
            case PASS -> svg.circle(Ink.HOLDS, 8, 8, 7);
            case CAUTION -> svg.path(Ink.MIND, "M10.2 1.35A7 7 0 1 1 5.8 1.35V7H10.2Z");
            case MISSING -> {
                for (int i = 0; i < 8; i++) {
                    svg.circle(Ink.UNREAD, 8 + 5.9 * Math.cos(Math.PI / 4 * i), 8 + 5.9 * Math.sin(Math.PI / 4 * i), 1.5);
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
        var seal = section.seal();
        return switch (pin.spot()) {
            case TRACK, LIP -> new Point(frame.x(seal.lipMm()) + (pin.spot() == Pin.Spot.LIP ? 3 : -3), Frame.SHAFT_Y);
            case SHAFT_END -> new Point(Math.max(90, frame.x(0) - 40), Frame.SHAFT_Y);
            case SEAT -> new Point(frame.x((seal.fromMm() + seal.toMm()) / 2), frame.y(boreR));
            case BACK -> new Point(frame.x(seal.fromMm()), frame.y(boreR) - 8);
            case STOP -> new Point(frame.x(drawn.stopMm()), frame.y(boreR) - 3);
            case OUTSIDE -> new Point(frame.x(0) - 24, frame.y(middleR) + 20);
            case INSIDE -> new Point(frame.x(drawn.stopMm()) + 60, frame.y(middleR));
        };
    }
}
