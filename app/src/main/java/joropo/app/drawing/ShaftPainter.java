package joropo.app.drawing;

import java.util.List;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.ShaftItem;

/** The shaft, its middle broken out, with the ground surface, an old track and the band of the new lip. */
final class ShaftPainter {
    private static final double GROOVE_DEEP = 8;
    private static final double LEAST_GROOVE = 6;
    private static final double BAND_TOP = 140;
    private static final double NOTCH_DEEP = 14;
    private static final double SLEEVE_HIGH = 7;
    private static final double LEAST_FEATURE = 3;

    private final Drawn drawn;
    private final Frame frame;
    private final Svg svg;

    ShaftPainter(Drawn drawn, Frame frame, Svg svg) {
        this.drawn = drawn;
        this.frame = frame;
        this.svg = svg;
    }

    void paint() {
        svg.rect(Ink.SHAFT, 0, Frame.CENTRE_Y, Frame.WIDTH, Frame.SHAFT_Y - Frame.CENTRE_Y);
        breakLine();
        svg.path(Ink.THIN, "M0 62H780", " stroke-dasharray=\"26 5 4 5\"");
        svg.line(Ink.OUTLINE, 0, Frame.SHAFT_Y, Frame.WIDTH, Frame.SHAFT_Y);
        drawn.section().shaftItems().forEach(this::feature);
        drawn.tracks().forEach(this::track);
    }

    private void feature(ShaftItem item) {
        double from = frame.x(item.fromMm());
        double to = Math.max(from + LEAST_FEATURE, frame.x(item.toMm()));
        if (item instanceof ShaftItem.RunningSurface) {
            svg.path(Ink.MARK, "M" + Svg.n(from) + " 164V172M" + Svg.n(to) + " 164V172M" + Svg.n(from) + " 168H" + Svg.n(to));
        } else if (item instanceof ShaftItem.WearGroove g) {
            groove(g);
        } else if (item instanceof ShaftItem.Sleeve) {
            steel(from, Frame.SHAFT_Y - SLEEVE_HIGH, to, Frame.SHAFT_Y);
        } else if (item instanceof ShaftItem.Slinger || item instanceof ShaftItem.LocatingRing) {
            steel(from, Frame.SHAFT_Y, to, Frame.SHAFT_Y + (frame.y(drawn.section().boreDiameterMm() / 2) - Frame.SHAFT_Y) / 2);
        } else {
            svg.rect(Ink.PAPER, from, Frame.SHAFT_Y - NOTCH_DEEP, to - from, NOTCH_DEEP + 1);
            svg.path(Ink.MARK, "M" + Svg.n(from) + " 176V" + Svg.n(Frame.SHAFT_Y - NOTCH_DEEP) + "H" + Svg.n(to) + "V176");
        }
    }

    private void steel(double left, double top, double right, double bottom) {
        List<Point> p = List.of(new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom));
        svg.polygon(Ink.STEEL, p);
        svg.hatched(Ink.HATCH_STEEL, p, 1, -1, 6);
        svg.polygon(Ink.EDGE_STEEL, p);
    }

    private void breakLine() {
        String upper = wavy(Frame.BREAK_Y);
        String lower = wavy(Frame.BREAK_Y + 7);
        svg.path(Ink.PAPER, upper + "V" + Svg.n(Frame.BREAK_Y + 7) + "H0Z");
        svg.path(Ink.HAIR, upper);
        svg.path(Ink.HAIR, lower);
    }

    private static String wavy(double y) {
        var d = new StringBuilder("M0 " + Svg.n(y));
        for (int i = 0; i < 30; i++) {
            d.append('Q').append(26 * i + 13).append(' ').append(Svg.n(y + (i % 2 == 0 ? 5 : -5))).append(' ').append(26 * i + 26).append(' ').append(Svg.n(y));
        }
        return d.toString();
    }

    private void groove(ShaftItem.WearGroove g) {
        double middle = frame.x((g.fromMm() + g.toMm()) / 2);
        double half = Math.max(LEAST_GROOVE, (g.toMm() - g.fromMm()) * frame.scale()) / 2;
        svg.path(Ink.WORN, "M" + Svg.n(middle - half) + " 176L" + Svg.n(middle - half + 2) + " " + Svg.n(Frame.SHAFT_Y - GROOVE_DEEP) + "H"
                + Svg.n(middle + half - 2) + "L" + Svg.n(middle + half) + " 176Z");
    }

    private void track(Band band) {
        double from = frame.x(band.fromMm());
        double to = frame.x(band.toMm());
        svg.rect(Ink.BAND, from, BAND_TOP, to - from, Frame.SHAFT_Y - BAND_TOP - 2);
        svg.path(Ink.HAIR, "M" + Svg.n(from) + " 140V174M" + Svg.n(to) + " 140V174");
        svg.line(Ink.TRACK, (from + to) / 2, BAND_TOP - 6, (from + to) / 2, Frame.SHAFT_Y);
    }
}
