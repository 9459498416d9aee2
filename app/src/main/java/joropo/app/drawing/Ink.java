package joropo.app.drawing;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * One kind of line or fill. The attributes carry print and the light page; the page's style sheet recolours by the
 * class. Colours are six digits and nothing else, since the printer knows no other form.
 */
enum Ink {
    PAPER("paper", "#f5efe3", null, 0),
    CAST("castfill", "#ece3d1", null, 0),
    HATCH_CAST("hcast", null, "#42574e", 0.9),
    OUTLINE("out", null, "#17332c", 2.4),
    THIN("thin", null, "#17332c", 1.1),
    HAIR("hair", null, "#42574e", 0.8),
    SHAFT("shaft", "#e7e0cf", null, 0),
    WORN("worn", "#7c1546", null, 0),
    BAND("band", "#c9d6c4", null, 0),
    TRACK("track", null, "#17332c", 1.2),
    TICK("tick", null, "#17332c", 0.9),
    MARK("tick2", null, "#17332c", 1.6),
    STEEL("steel", "#d9d3c2", null, 0),
    HATCH_STEEL("hsteel", null, "#17332c", 0.8),
    EDGE_STEEL("steel-edge", null, "#17332c", 1.8),
    BALL("ball", "#f5efe3", "#17332c", 1.8),
    RUBBER("rubber", "#24423a", "#24423a", 0.8),
    PLASTIC("plastic", "#fbf7ee", "#17332c", 1.6),
    CHOSEN("chosen", null, "#9c2f2a", 2.4),
    CASE("case", "#fbf7ee", null, 0),
    HATCH_CASE("hcase", null, "#17332c", 0.8),
    EDGE_CASE("case-edge", null, "#17332c", 1.1),
    COIL("coil", "#f5efe3", "#17332c", 1.2),
    OIL_WASH("oilwash", "#e9d9b0", null, 0),
    OIL_DOT("oildot", "#8a5a10", null, 0),
    OIL_LEVEL("levelln", null, "#8a5a10", 2),
    OIL_MARK("level", "#8a5a10", null, 0),
    WATER_WASH("waterwash", "#d5e0df", null, 0),
    WATER_LINE("waterln", null, "#2a6482", 1.2),
    GREASE_WASH("greasewash", "#dde0c0", null, 0),
    GREASE_LINE("greaseln", null, "#5f6b2c", 1),
    PRODUCT_WASH("prodwash", "#e6d5d3", null, 0),
    PRODUCT_LINE("prodln", null, "#7d4a63", 1.2),
    DUST("dustp", "#74614a", null, 0),
    PLATE("plate", "#f5efe3", null, 0),
    WIRE("wire", null, "#17332c", 1.1),
    TAG("tag", "#f5efe3", "#17332c", 1.4),
    NUMBER("num", "#17332c", null, 0),
    STRONG("strong", "#17332c", null, 0),
    NAME("name", "#42574e", null, 0),
    INVERSE("inv", "#f5efe3", null, 0),
    HOLDS("holds", "#1f5a3a", null, 0),
    MIND("mind", "#744600", null, 0),
    UNREAD("unread", "#544f6b", null, 0),
    CANT("cant", "#1c4e74", null, 0),
    FAILS("fails", "#7c1546", null, 0),
    FAILS_LINE("failsln", null, "#7c1546", 2.4);

    private final String attributes;

    Ink(String css, @Nullable String fill, @Nullable String stroke, double width) {
        this.attributes = " class=\"" + css + "\" fill=\"" + (fill == null ? "none" : fill) + "\""
                + (stroke == null
                        ? ""
                        : " stroke=\"" + stroke + "\" stroke-width=\"" + String.format(Locale.ROOT, "%.1f", width)
                                + "\"");
    }

    String attributes() {
        return attributes;
    }
}
