package joropo.app.drawing;

import java.util.List;
import java.util.Locale;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;

/**
 * Draws a half section to scale. Painting order: media, housing, shaft, track, parts, dimensions, tags;
 * media are laid oversize and cut by what is painted over them.
 */
public final class SectionDrawing {
    private final Drawn drawn;
    private final Svg svg;
    private final Frame frame;

    private SectionDrawing(Drawn drawn, String prefix) {
        this.drawn = drawn;
        this.svg = new Svg(prefix);
        this.frame = Frame.of(drawn.section(), drawn.stopMm());
    }

    /** The picture as one svg element. @param prefix of ids, so that two drawings may share a page */
    public static String svg(Drawn drawn, String prefix) {
        return new SectionDrawing(drawn, prefix).draw();
    }

    private String draw() {
        Section section = drawn.section();
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 520\" role=\"img\" focusable=\"false\" color=\"#17332c\""
                + " aria-labelledby=\"" + svg.id("t") + " " + svg.id("d") + "\">");
        svg.raw("<title id=\"" + svg.id("t") + "\">Half section, " + Svg.escape(section.name()) + ", lower half</title>");
        svg.raw("<desc id=\"" + svg.id("d") + "\">" + Svg.escape(inWords(section)) + "</desc>");
        Media.definitions(svg);
        svg.rect(Ink.PAPER, 0, 0, Frame.WIDTH, Frame.HEIGHT);
        List<BoreItem.Sealing> sealing = section.boreItems().stream().filter(BoreItem.Sealing.class::isInstance).map(BoreItem.Sealing.class::cast).toList();
        List<LipProfile> profiles = sealing.stream().map(s -> new LipProfile(asSeal(s, section), section.shaftDiameterMm() / 2)).toList();
        var housing = new Housing(drawn, frame, svg);
        new Media(drawn, frame, svg, profiles, housing).paint();
        housing.paint();
        new ShaftPainter(drawn, frame, svg).paint();
        var parts = new PartPainter(drawn, frame, svg, housing);
        parts.paint();
        for (int i = 0; i < sealing.size(); i++) {
            if (sealing.get(i) instanceof BoreItem.Chevron c) {
                parts.chevron(c);
            } else {
                seal(profiles.get(i));
            }
        }
        housing.paintBearing();
        new Dimensions(drawn, frame, svg).paint();
        new Tags(drawn, frame, svg).paint();
        return svg.raw("</svg>").toString();
    }

    /** A chevron set parts its spaces where a seal of its width would. */
    private static BoreItem.Seal asSeal(BoreItem.Sealing part, Section section) {
        return part instanceof BoreItem.Seal s ? s : new BoreItem.Seal("set", part.fromMm(), part.widthMm(), section.boreDiameterMm(), null, part.open(), null, false, null);
    }

    private void seal(LipProfile profile) {
        List<Point> ring = frame.toUnits(profile.stiffRing());
        svg.raw("<g>");
        svg.polygon(Ink.RUBBER, frame.toUnits(profile.rubber()));
        svg.polygon(Ink.CASE, ring);
        svg.hatched(Ink.HATCH_CASE, ring, 1, 1, 4);
        svg.polygon(Ink.EDGE_CASE, ring);
        if (profile.hasSpring()) {
            spring(frame.toUnits(List.of(profile.springCentre())).get(0), profile.springRadius() * frame.scale());
        }
        svg.raw("</g>");
    }

    private void spring(Point centre, double radius) {
        svg.circle(Ink.COIL, centre.x(), centre.y(), radius);
        double inner = radius * 0.56;
        var d = new StringBuilder();
        for (int i = 0; i < 9; i++) {
            double from = Math.toRadians(40 * i);
            double to = Math.toRadians(40 * i + 24);
            d.append("M").append(Svg.n(centre.x() + inner * Math.cos(from))).append(' ').append(Svg.n(centre.y() + inner * Math.sin(from)))
                    .append("L").append(Svg.n(centre.x() + radius * Math.cos(to))).append(' ').append(Svg.n(centre.y() + radius * Math.sin(to)));
        }
        svg.path(Ink.TICK, d.toString());
        svg.circle(Ink.TICK, centre.x(), centre.y(), inner);
    }

    private String inWords(Section section) {
        List<String> seals = section.boreItems().stream().filter(BoreItem.Sealing.class::isInstance).map(BoreItem.Sealing.class::cast).map(SectionDrawing::inWords).toList();
        return String.format(Locale.ROOT, "Outside %s, inside %s. %s.%s", section.outside().words(), section.inside().words(), String.join("; ", seals),
                drawn.notes().isEmpty() ? "" : " " + String.join(", ", drawn.notes()) + ".");
    }

    private static String inWords(BoreItem.Sealing part) {
        String dust = part instanceof BoreItem.Seal s && s.dustLip() != null ? ", dust lip facing " + s.dustLip().words() : "";
        return String.format(Locale.ROOT, "%s, its open side facing %s%s, outer face %.2f mm from the datum face", part instanceof BoreItem.Seal ? "One lip seal" : "A chevron set", part.open().words(), dust, part.fromMm());
    }
}
