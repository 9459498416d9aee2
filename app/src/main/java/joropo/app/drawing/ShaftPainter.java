package joropo.app.drawing;

import java.util.List;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.ShaftItem;

/** The shaft, its middle broken out, with the ground surface, an old track and the band of the new lip. */
final class ShaftPainter {
    private static final double GROOVE_DEEP = 8;
    private static final double LEAST_GROOVE = 6;
    private static final double BAND_OVER = 36;
    private static final double SURFACE_OVER = 8;

    private final SectionPicture drawn;
    private final Frame frame;
    private final Svg svg;
    private final PartPainter parts;

    ShaftPainter(SectionPicture drawn, Frame frame, Svg svg, PartPainter parts) {
        this.drawn = drawn;
        this.frame = frame;
        this.svg = svg;
        this.parts = parts;
    }

    void paint() {
        double y = frame.shaftY();
        svg.raw("<g data-wet=\"WET_AT_HUB\">");
        svg.rect(Ink.SHAFT, 0, frame.centreY(), frame.width(), y - frame.centreY());
        svg.raw("</g>");
        breakLine();
        svg.path(
                Ink.THIN,
                "M0 " + Svg.n(frame.centreY()) + "H" + Svg.n(frame.width()),
                " stroke-dasharray=\"26 5 4 5\"");
        svg.line(Ink.OUTLINE, 0, y, frame.width(), y);
        List<ShaftItem> items = drawn.section().shaftItems();
        for (int i = 0; i < items.size(); i++) {
            ShaftItem item = items.get(i);
            parts.feature(i, item, () -> line(item));
        }
        drawn.tracks().forEach(this::track);
    }

    /** What has no height of its own: the ground surface, and a track worn into it. */
    private void line(ShaftItem item) {
        double from = frame.x(item.fromMm());
        double to = frame.x(item.toMm());
        if (item instanceof ShaftItem.RunningSurface r) {
            double y = r.on() == ShaftItem.On.HOUSING
                    ? frame.y(drawn.section().boreDiameterMm() / 2) + SURFACE_OVER
                    : frame.shaftY() - SURFACE_OVER;
            svg.path(
                    Ink.MARK,
                    "M" + Svg.n(from) + " " + Svg.n(y - 4) + "v8M" + Svg.n(to) + " " + Svg.n(y - 4) + "v8M"
                            + Svg.n(from) + " " + Svg.n(y) + "H" + Svg.n(to));
        } else if (item instanceof ShaftItem.WearGroove g) {
            groove(g);
        }
    }

    private void breakLine() {
        String upper = wavy(frame.breakY());
        String lower = wavy(frame.breakY() + 7);
        svg.path(Ink.PAPER, upper + "V" + Svg.n(frame.breakY() + 7) + "H0Z");
        svg.path(Ink.HAIR, upper);
        svg.path(Ink.HAIR, lower);
    }

    private String wavy(double y) {
        var d = new StringBuilder("M0 " + Svg.n(y));
        for (int i = 0; 26 * i < frame.width(); i++) {
            d.append('Q')
                    .append(26 * i + 13)
                    .append(' ')
                    .append(Svg.n(y + (i % 2 == 0 ? 5 : -5)))
                    .append(' ')
                    .append(26 * i + 26)
                    .append(' ')
                    .append(Svg.n(y));
        }
        return d.toString();
    }

    /** Ten times as deep as it is, and said so beside the figure of the lip. */
    private void groove(ShaftItem.WearGroove g) {
        boolean inHousing = g.on() == ShaftItem.On.HOUSING;
        double y = inHousing ? frame.y(drawn.section().boreDiameterMm() / 2) : frame.shaftY();
        double deep = inHousing ? y + GROOVE_DEEP : y - GROOVE_DEEP;
        double middle = frame.x((g.fromMm() + g.toMm()) / 2);
        double half = Math.max(LEAST_GROOVE, (g.toMm() - g.fromMm()) * frame.scale()) / 2;
        svg.path(
                Ink.WORN,
                "M" + Svg.n(middle - half) + " " + Svg.n(y) + "L" + Svg.n(middle - half + 2) + " " + Svg.n(deep) + "H"
                        + Svg.n(middle + half - 2) + "L" + Svg.n(middle + half) + " " + Svg.n(y) + "Z");
    }

    private void track(Band band) {
        double from = frame.x(band.fromMm());
        double to = frame.x(band.toMm());
        double y = frame.shaftY();
        double top = y - BAND_OVER;
        svg.rect(Ink.BAND, from, top, to - from, BAND_OVER - 2);
        svg.path(
                Ink.HAIR,
                "M" + Svg.n(from) + " " + Svg.n(top) + "V" + Svg.n(y - 2) + "M" + Svg.n(to) + " " + Svg.n(top) + "V"
                        + Svg.n(y - 2));
        svg.line(Ink.TRACK, (from + to) / 2, top - 6, (from + to) / 2, y);
    }
}
