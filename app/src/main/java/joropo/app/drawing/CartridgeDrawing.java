package joropo.app.drawing;

import java.util.List;
import joropo.core.arrangement.PartKind;

/**
 * A cartridge on its shaft as half section, outside left: gland and sleeve with the faces that its maker has set
 * between them, the collar that drives it, and its setting clips until they are counted out.
 */
public final class CartridgeDrawing {
    private static final double WIDTH = 780;
    private static final double SHAFT_Y = 290;
    private static final double CHAMBER_X = 380;
    private static final double HIGH = 96;
    private static final double WALL = 40;
    private static final double SLEEVE = 20;

    private final Svg svg;

    private CartridgeDrawing(String prefix) {
        svg = new Svg(prefix);
    }

    /** @param clips whether they still hold it, @param prefix of ids, so that two drawings may share a page */
    public static String of(double shaftMm, double boreMm, boolean clips, String prefix) {
        return new CartridgeDrawing(prefix).draw(shaftMm, boreMm, clips);
    }

    private static List<Point> box(double x, double y, double width, double height) {
        return List.of(
                new Point(x, y), new Point(x + width, y), new Point(x + width, y + height), new Point(x, y + height));
    }

    private void steel(double x, double y, double width, double height) {
        List<Point> outline = box(x, y, width, height);
        svg.polygon(Ink.STEEL, outline)
                .hatched(Ink.HATCH_STEEL, outline, 8, 8, 9)
                .path(Ink.EDGE_STEEL, Svg.closed(outline));
    }

    private void cartridge(double top) {
        steel(150, SHAFT_Y - SLEEVE, 470, SLEEVE - 2);
        svg.circle(Ink.RUBBER, 600, SHAFT_Y - 7, 5);
        steel(150, SHAFT_Y - SLEEVE - 44, 70, 44);
        svg.line(Ink.MARK, 185, SHAFT_Y - SLEEVE - 44, 185, SHAFT_Y);
        steel(278, top - WALL - 16, 90, WALL + 70);
        svg.rect(Ink.RUBBER, 368, top - WALL + 6, 12, 24);
        List<Point> seat = box(322, top + 36, 66, 36);
        svg.polygon(Ink.CASE, seat)
                .hatched(Ink.HATCH_CASE, seat, 5, -5, 6)
                .path(Ink.EDGE_STEEL, Svg.closed(seat))
                .polygon(Ink.RUBBER, box(388, top + 40, 52, 32));
        for (int i = 0; i < 5; i++) {
            svg.line(Ink.MARK, 440 + i * 18, top + 70, 458 + i * 18, top + 44)
                    .line(Ink.MARK, 458 + i * 18, top + 44, 458 + i * 18, top + 70);
        }
        steel(530, top + 34, 60, 40);
    }

    private String draw(double shaftMm, double boreMm, boolean clips) {
        double top = SHAFT_Y - HIGH;
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 400\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">The cartridge, its clips " + (clips ? "in" : "out")
                        + "</title>");
        svg.rect(Ink.PAPER, 0, 0, WIDTH, 400).rect(Ink.PRODUCT_WASH, CHAMBER_X, top, WIDTH - CHAMBER_X - 20, HIGH);
        List<Point> wall = box(CHAMBER_X, top - WALL, WIDTH - CHAMBER_X - 20, WALL);
        svg.polygon(Ink.CAST, wall).hatched(Ink.HATCH_CAST, wall, 9, -9, 10).path(Ink.EDGE_STEEL, Svg.closed(wall));
        svg.polygon(Ink.SHAFT, box(10, SHAFT_Y, WIDTH - 20, 60)).line(Ink.OUTLINE, 10, SHAFT_Y, WIDTH - 10, SHAFT_Y);
        svg.part(PartKind.MECHANICAL_SEAL, () -> cartridge(top));
        if (clips) {
            svg.path(Ink.CHOSEN, "M185 206V160H278")
                    .words(Ink.STRONG, 20, 116, 15, "start", "setting clips in: out before anything turns");
        }
        svg.words(Ink.NAME, 185, SHAFT_Y - SLEEVE - 52, 14, "middle", "drive collar")
                .words(Ink.NAME, 323, top - WALL - 24, 14, "middle", "gland")
                .number(Ink.NUMBER, 20, SHAFT_Y + 26, 14, "start", "Ø " + Mm.show(shaftMm, 2))
                .number(Ink.NUMBER, WIDTH - 30, top - WALL - 8, 14, "end", "Ø " + Mm.show(boreMm, 2))
                .words(Ink.NAME, WIDTH - 30, 386, 14, "end", "not to scale: its maker has set what lies inside");
        return svg.raw("</svg>").toString();
    }
}
