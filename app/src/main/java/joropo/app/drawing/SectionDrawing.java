package joropo.app.drawing;

import java.util.List;
import java.util.Locale;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;

/**
 * Draws a half section to scale. Painting order: media, housing, shaft, track, parts, dimensions, tags; media are laid
 * oversize and cut by what is painted over them.
 */
public final class SectionDrawing {
    private final SectionPicture drawn;
    private final DrawingStyle look;
    private final Svg svg;
    private final Frame frame;

    private SectionDrawing(SectionPicture drawn, String prefix) {
        this.drawn = drawn;
        this.look = drawn.look();
        this.svg = new Svg(prefix, look.view().mirrors() ? look.paper().width : 0);
        this.frame = Frame.of(drawn.section(), drawn.stopMm(), look.paper(), look.handles());
    }

    /** The picture as one svg element. @param prefix of ids, so that two drawings may share a page */
    public static String svg(SectionPicture drawn, String prefix) {
        return new SectionDrawing(drawn, prefix).draw();
    }

    private String draw() {
        Section section = drawn.section();
        double width = look.paper().width;
        double height = look.paper().height();
        boolean upright = look.view().isUpright();
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section is-"
                + look.paper().name().toLowerCase(Locale.ROOT) + "\" viewBox=\"0 0 "
                + (upright ? Svg.n(height) + " " + Svg.n(width) : Svg.n(width) + " " + Svg.n(height))
                + "\" role=\"" + (look.handles() ? "group" : "img") + "\" focusable=\"false\" color=\"#17332c\""
                + (look.handles()
                        ? " data-scale=\"" + frame.scale() + "\" data-x=\"" + look.view().inwardX + "\" data-y=\""
                                + look.view().inwardY + "\""
                        : "")
                + " aria-labelledby=\"" + svg.id("t") + " " + svg.id("d") + "\">");
        svg.raw("<title id=\"" + svg.id("t") + "\">Half section, " + Svg.escape(section.name()) + ", "
                + look.view().words() + "</title>");
        svg.raw("<desc id=\"" + svg.id("d") + "\">" + Svg.escape(inWords(section)) + "</desc>");
        Media.definitions(svg);
        if (upright) {
            svg.raw("<g transform=\"translate(0 " + Svg.n(width) + ") rotate(-90)\">");
        }
        if (look.view().mirrors()) {
            svg.raw("<g transform=\"translate(" + Svg.n(width) + " 0) scale(-1 1)\">");
        }
        paint();
        if (look.view().mirrors()) {
            svg.raw("</g>").layTexts();
        }
        return svg.raw((upright ? "</g>" : "") + "</svg>").toString();
    }

    private void paint() {
        svg.rect(Ink.PAPER, 0, 0, frame.width(), look.paper().height());
        var housing = new Housing(drawn, frame, svg);
        new Media(drawn, frame, svg, housing).paint();
        housing.paint();
        var parts = new PartPainter(drawn, frame, svg, housing);
        new ShaftPainter(drawn, frame, svg, parts).paint();
        parts.paint();
        new Tags(drawn, frame, svg, new Dimensions(drawn, frame, svg).paint()).paint();
    }

    private String inWords(Section section) {
        List<String> seals = section.boreItems().stream()
                .filter(BoreItem.Sealing.class::isInstance)
                .map(BoreItem.Sealing.class::cast)
                .map(SectionDrawing::inWords)
                .toList();
        return String.format(
                Locale.ROOT,
                "Outside %s, inside %s. %s.%s",
                section.outside().words(),
                section.inside().words(),
                String.join("; ", seals),
                drawn.notes().isEmpty() ? "" : " " + String.join(", ", drawn.notes()) + ".");
    }

    private static String inWords(BoreItem.Sealing part) {
        String dust = part instanceof BoreItem.Seal s && s.dustLip() != null
                ? ", dust lip facing " + s.dustLip().words()
                : "";
        return String.format(
                Locale.ROOT,
                "%s, its open side facing %s%s, outer face %.2f mm from the datum face",
                part instanceof BoreItem.Seal ? "One lip seal" : "A chevron set",
                part.open().words(),
                dust,
                part.fromMm());
    }
}
