package joropo.app.drawing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Level;
import joropo.core.section.Section;
import joropo.core.section.Space;
import joropo.core.shaft.Attitude;

/** Fills the spaces: a pattern first, then a wash, so that they can be told apart in black and white. */
final class Media {
    private static final double LEVEL_ABOVE_FLOOR = 16;
    private static final double WASH_THIN = 0.55;

    private final SectionPicture drawn;
    private final Frame frame;
    private final Svg svg;
    private final List<LipProfile> profiles;
    private final Housing housing;

    Media(SectionPicture drawn, Frame frame, Svg svg, Housing housing) {
        this.drawn = drawn;
        this.frame = frame;
        this.svg = svg;
        this.profiles = drawn.section().boreItems().stream()
                .filter(BoreItem.Sealing.class::isInstance)
                .map(s -> new LipProfile(
                        asSeal((BoreItem.Sealing) s, drawn.section()),
                        drawn.section().shaftDiameterMm() / 2,
                        drawn.section().boreDiameterMm() / 2))
                .toList();
        this.housing = housing;
    }

    /** A chevron set parts its spaces where a seal of its width would. */
    private static BoreItem.Seal asSeal(BoreItem.Sealing part, Section section) {
        return part instanceof BoreItem.Seal s
                ? s
                : BoreItemSealBuilder.builder()
                        .id("set")
                        .fromMm(part.fromMm())
                        .widthMm(part.widthMm())
                        .outsideDiameterMm(section.boreDiameterMm())
                        .mainLip(part.open())
                        .spring(false)
                        .build();
    }

    static void definitions(Svg svg) {
        String dot = "<circle" + Ink.OIL_DOT.attributes();
        svg.raw("<defs>");
        svg.raw("<pattern id=\"" + svg.id("oil") + "\" width=\"12\" height=\"12\" patternUnits=\"userSpaceOnUse\">"
                + dot + " cx=\"3\" cy=\"3\" r=\"1.3\"/>" + dot + " cx=\"9\" cy=\"9\" r=\"1.3\"/></pattern>");
        svg.raw("<pattern id=\"" + svg.id("splash") + "\" width=\"24\" height=\"24\" patternUnits=\"userSpaceOnUse\">"
                + dot + " cx=\"6\" cy=\"6\" r=\"1.2\"/>" + dot + " cx=\"18\" cy=\"18\" r=\"1.2\"/></pattern>");
        svg.raw("<pattern id=\"" + svg.id("water")
                + "\" width=\"18\" height=\"10\" patternUnits=\"userSpaceOnUse\"><path" + Ink.WATER_LINE.attributes()
                + " d=\"M2 6q3.5 -5 7 0q3.5 5 7 0\"/></pattern>");
        var dust = new StringBuilder();
        int[][] grains = {
            {3, 4}, {11, 2}, {18, 7}, {27, 3}, {33, 10}, {7, 13}, {15, 18}, {24, 15}, {30, 22}, {4, 24}, {20, 28},
            {12, 32}, {27, 32}, {33, 30}
        };
        for (int[] g : grains) {
            dust.append("M").append(g[0]).append(' ').append(g[1]).append("l1.3 1.8l-2.4 0.6Z");
        }
        svg.raw("<pattern id=\"" + svg.id("dust")
                + "\" width=\"36\" height=\"36\" patternUnits=\"userSpaceOnUse\"><path" + Ink.DUST.attributes()
                + " d=\"" + dust + "\"/></pattern>");
        svg.raw("</defs>");
    }

    void paint() {
        List<List<Point>> divides =
                profiles.stream().map(p -> frame.toUnits(p.divide())).toList();
        Section section = drawn.section();
        double floor = housing.cavityY();
        fill(section.outside(), region(divides.get(0), 0, frame.bottomY()));
        for (int i = 1; i < divides.size(); i++) {
            List<Point> between = new ArrayList<>(divides.get(i - 1));
            List<Point> back = new ArrayList<>(divides.get(i));
            Collections.reverse(back);
            between.addAll(back);
            fill(section.spaces().get(i), between);
        }
        fill(section.inside(), region(divides.get(divides.size() - 1), frame.width(), floor));
        if (section.inside().level() == Level.SPLASH
                && section.inside().medium().isLiquid()
                && section.attitude() == Attitude.HORIZONTAL) {
            standing(floor);
        }
        profiles.stream()
                .filter(LipProfile::hasDustLip)
                .forEach(p -> fill(new Space(Medium.GREASE, null, null, null), frame.toUnits(p.betweenLips())));
    }

    /** From the line between the media to the far end of the picture. */
    private List<Point> region(List<Point> divide, double farX, double bottomY) {
        List<Point> p = new ArrayList<>(divide);
        p.add(new Point(divide.get(3).x(), bottomY));
        p.add(new Point(farX, bottomY));
        p.add(new Point(farX, frame.shaftY()));
        return p;
    }

    /** What nobody has said is left blank. */
    private void fill(Space space, List<Point> region) {
        if (space.nobodySaid()) {
            return;
        }
        switch (space.medium()) {
            case OIL -> {
                svg.path(Ink.OIL_WASH, Svg.closed(region), " fill-opacity=\"" + WASH_THIN + "\"");
                svg.patterned(
                        space.level() == Level.FULL || drawn.section().attitude() == Attitude.OUTSIDE_DOWN
                                ? "oil"
                                : "splash",
                        region);
            }
            case WATER, STEAM -> {
                svg.polygon(Ink.WATER_WASH, region);
                svg.patterned("water", region);
            }
            case GREASE -> {
                svg.polygon(Ink.GREASE_WASH, region);
                svg.hatched(Ink.GREASE_LINE, region, 1, 1, 11);
                svg.hatched(Ink.GREASE_LINE, region, 1, -1, 11);
            }
            case PRODUCT, FUEL, REFRIGERANT -> {
                svg.polygon(Ink.PRODUCT_WASH, region);
                svg.hatched(Ink.PRODUCT_LINE, region, 3, 1, 36);
            }
            default -> {}
        }
        if (space.dirt() == Dirt.IMMERSED) {
            svg.patterned("water", region);
        }
        if (space.dirt() == Dirt.DUST || space.dirt() == Dirt.MUD) {
            svg.patterned("dust", region);
        }
    }

    /** What stands at the bottom of the space behind the seal; where exactly is not read, so its mark has no figure. */
    private void standing(double floor) {
        double left = housing.cavityX();
        double top = floor - LEVEL_ABOVE_FLOOR;
        List<Point> sump = List.of(
                new Point(left, top),
                new Point(frame.width(), top),
                new Point(frame.width(), floor),
                new Point(left, floor));
        if (drawn.section().inside().medium() == Medium.OIL) {
            svg.polygon(Ink.OIL_WASH, sump);
            svg.patterned("oil", sump);
            svg.line(Ink.OIL_LEVEL, left, top, frame.width(), top);
            svg.path(Ink.OIL_MARK, "M" + Svg.n(frame.width() - 32) + " " + Svg.n(top - 13) + "h18l-9 12Z");
        }
    }
}
