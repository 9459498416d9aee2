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
        var profile = new LipProfile(section.seal(), section.shaftDiameterMm() / 2);
        var housing = new Housing(drawn, frame, svg);
        new Media(drawn, frame, svg, profile, housing).paint();
        housing.paint();
        new ShaftPainter(drawn, frame, svg).paint();
        seal(profile);
        housing.paintBearing();
        new Dimensions(drawn, frame, svg).paint();
        new Tags(drawn, frame, svg).paint();
        return svg.raw("</svg>").toString();
    }

    private void seal(LipProfile profile) {
        BoreItem.Seal seal = drawn.section().seal();
        List<Point> ring = frame.toUnits(profile.stiffRing());
        svg.raw("<g>");
        svg.polygon(Ink.RUBBER, frame.toUnits(profile.rubber()));
        svg.polygon(Ink.CASE, ring);
        svg.hatched(Ink.HATCH_CASE, ring, 1, 1, 4);
        svg.polygon(Ink.EDGE_CASE, ring);
        if (seal.spring()) {
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
        BoreItem.Seal seal = section.seal();
        return String.format(Locale.ROOT, "Outside %s, inside %s. One lip seal, its open side facing %s%s, outer face %.2f mm from the datum face.%s",
                section.outside().words(), section.inside().words(), seal.mainLip().words(),
                seal.dustLip() == null ? "" : ", dust lip facing " + seal.dustLip().words(), seal.fromMm(),
                drawn.notes().isEmpty() ? "" : " " + String.join(", ", drawn.notes()) + ".");
    }
}
