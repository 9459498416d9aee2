package joropo.app.drawing;

import java.util.List;
import joropo.core.oring.OringSizeCheck;
import joropo.core.oring.OringSizeInput;
import joropo.core.oring.OringSizeResult;
import joropo.core.oring.RingSize;

/**
 * A found ring among the listed ones: the inside along, the section up; what it may have been as a rectangle, the
 * listed sizes as dots, those within it by name.
 */
public final class FoundRingField {
    private static final double LEFT = 76;
    private static final double RIGHT = 760;
    private static final double TOP = 24;
    private static final double BOTTOM = 300;
    private static final double TEXT = 13;
    /** Room round the rectangle, in shares of it. */
    private static final double AROUND = 0.45;
    /** Names that have room. */
    private static final int MOST_NAMED = 8;

    private final OringSizeInput.Measured ring;
    private final OringSizeResult result;
    private final OringSizeCheck.Window window;
    private final double insideFrom;
    private final double insideTo;
    private final double sectionFrom;
    private final double sectionTo;
    private final Svg svg;

    private FoundRingField(OringSizeInput.Measured ring, OringSizeResult result, String prefix) {
        this.ring = ring;
        this.result = result;
        window = OringSizeCheck.window(ring);
        double wide = AROUND * (window.insideTo() - window.insideFrom());
        double high = AROUND * (window.sectionTo() - window.sectionFrom());
        insideFrom = window.insideFrom() - wide;
        insideTo = window.insideTo() + wide;
        sectionFrom = window.sectionFrom() - high;
        sectionTo = window.sectionTo() + high;
        svg = new Svg(prefix);
    }

    /** @param prefix of ids, so that two drawings may share a page */
    public static String of(OringSizeInput.Measured ring, OringSizeResult result, String prefix) {
        return new FoundRingField(ring, result, prefix).draw();
    }

    private String draw() {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 350\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">Listed rings near the found one</title>");
        svg.rect(Ink.PAPER, 0, 0, 780, 350);
        svg.rect(
                Ink.BAND,
                x(window.insideFrom()),
                y(window.sectionTo()),
                x(window.insideTo()) - x(window.insideFrom()),
                y(window.sectionFrom()) - y(window.sectionTo()));
        axes();
        RingSize.all().stream()
                .filter(r -> r.insideMm() >= insideFrom
                        && r.insideMm() <= insideTo
                        && r.sectionMm() >= sectionFrom
                        && r.sectionMm() <= sectionTo)
                .forEach(r -> svg.circle(Ink.BALL, x(r.insideMm()), y(r.sectionMm()), 3));
        List<OringSizeResult.Entry> near = result.sizes();
        for (int i = 0; i < Math.min(MOST_NAMED, near.size()); i++) {
            named(near.get(i), i);
        }
        double x = x(ring.insideMm());
        double y = y(ring.sectionMm());
        svg.line(Ink.CHOSEN, x - 10, y, x + 10, y).line(Ink.CHOSEN, x, y - 10, x, y + 10);
        return svg.raw("</svg>").toString();
    }

    private void named(OringSizeResult.Entry entry, int place) {
        double x = x(entry.ringInsideMm());
        double y = y(entry.sectionMm());
        svg.circle(Ink.RUBBER, x, y, 5);
        boolean above = place % 2 == 0;
        svg.words(
                Ink.STRONG,
                x,
                above ? y - 12 - 14 * (place / 2 % 3) : y + 22 + 14 * (place / 2 % 3),
                TEXT,
                "middle",
                entry.designation().replaceAll(" = .*", ""));
    }

    private void axes() {
        svg.line(Ink.TICK, LEFT, BOTTOM, RIGHT, BOTTOM).line(Ink.TICK, LEFT, TOP, LEFT, BOTTOM);
        for (double mm : List.of(window.insideFrom(), ring.insideMm(), window.insideTo())) {
            svg.line(Ink.TICK, x(mm), BOTTOM, x(mm), BOTTOM + 5)
                    .number(Ink.NUMBER, x(mm), BOTTOM + 20, TEXT, "middle", Mm.show(mm, 2));
        }
        for (double mm : List.of(window.sectionFrom(), ring.sectionMm(), window.sectionTo())) {
            svg.line(Ink.TICK, LEFT - 5, y(mm), LEFT, y(mm))
                    .number(Ink.NUMBER, LEFT - 9, y(mm) + 5, TEXT, "end", Mm.show(mm, 2));
        }
        svg.words(Ink.NAME, RIGHT, BOTTOM + 40, TEXT, "end", "inside, mm")
                .words(Ink.NAME, 8, TOP - 6, TEXT, "start", "section, mm")
                .words(
                        Ink.NAME,
                        LEFT,
                        BOTTOM + 40,
                        TEXT,
                        "start",
                        "cross: as it was found; ground: what it may have been");
    }

    private double x(double insideMm) {
        return LEFT + (RIGHT - LEFT) * (insideMm - insideFrom) / (insideTo - insideFrom);
    }

    private double y(double sectionMm) {
        return BOTTOM - (BOTTOM - TOP) * (sectionMm - sectionFrom) / (sectionTo - sectionFrom);
    }
}
