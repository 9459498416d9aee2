package joropo.app.drawing;

import java.util.List;
import joropo.core.packing.DropBand;
import joropo.core.packing.RunInInput;
import joropo.core.packing.RunInInput.Look;
import joropo.core.packing.RunInResult;
import joropo.core.units.Length;

/**
 * Packing that is run in: minutes along, drops as steps with their band as ground, the box's temperature in a strip
 * above, every turn of the nuts on the axis, the advice over the last look.
 */
public final class RunInDrawing {
    private static final double LEFT = 64;
    private static final double MARGIN = 40;
    /** On a sheet, and where one thumb works. */
    public static final double WIDE = 780;

    public static final double NARROW = 420;
    private static final double WARM_TOP = 26;
    private static final double WARM_BOTTOM = 96;
    private static final double TOP = 130;
    private static final double BOTTOM = 320;
    private static final double TEXT = 13;

    private final List<Look> looks;
    private final DropBand band;
    private final RunInResult result;
    private final Svg svg;
    private final double width;
    private final double right;
    private final double from;
    private final double minutes;
    private final double most;

    private RunInDrawing(RunInInput in, RunInResult result, double width, String prefix) {
        this.width = width;
        right = width - MARGIN;
        looks = in.points();
        band = in.band() == null ? DropBand.settled(in.shaftMm()) : in.band();
        this.result = result;
        svg = new Svg(prefix);
        from = looks.get(0).minute();
        minutes = Math.max(10, looks.get(looks.size() - 1).minute() - from);
        most = 1.15
                * Math.max(
                        band.to() * 2,
                        looks.stream().mapToDouble(Look::drops).max().orElse(0));
    }

    /** @param width {@link #WIDE} or {@link #NARROW}, @param prefix of ids, so that two drawings may share a page */
    public static String of(RunInInput in, RunInResult result, double width, String prefix) {
        return new RunInDrawing(in, result, width, prefix).draw();
    }

    private double x(Look look) {
        return LEFT + (right - LEFT) * (look.minute() - from) / minutes;
    }

    private double y(double drops) {
        return BOTTOM - (BOTTOM - TOP) * Math.min(1, drops / most);
    }

    private String draw() {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 " + Svg.n(width)
                        + " 372\" role=\"img\" " + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\""
                        + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">Drops and temperature while it runs in: "
                        + Svg.escape(result.advice().words()) + "</title>");
        svg.rect(Ink.PAPER, 0, 0, width, 372);
        svg.rect(Ink.BAND, LEFT, y(band.to()), right - LEFT, y(band.from()) - y(band.to()));
        warmth();
        svg.line(Ink.TICK, LEFT, TOP, LEFT, BOTTOM).line(Ink.TICK, LEFT, BOTTOM, right, BOTTOM);
        steps();
        for (double drops : List.of(band.from(), band.to())) {
            svg.number(Ink.NUMBER, LEFT - 6, y(drops) + 5, TEXT - 1, "end", Length.show(drops, 0));
        }
        svg.words(Ink.NAME, LEFT, TOP - 8, TEXT, "start", "drops in a minute");
        svg.words(Ink.NAME, right, BOTTOM + 44, TEXT, "end", "minutes; ticks: flats turned");
        Look last = looks.get(looks.size() - 1);
        svg.number(Ink.NUMBER, x(last), BOTTOM + 20, TEXT, "end", Length.show(last.minute(), 0));
        svg.number(Ink.NUMBER, LEFT, BOTTOM + 20, TEXT, "start", Length.show(from, 0));
        svg.words(
                Ink.STRONG,
                Math.max(LEFT + 60, Math.min(right - 60, x(last))),
                Math.max(TOP + 14, y(last.drops()) - 16),
                17,
                "middle",
                result.advice().words());
        return svg.raw("</svg>").toString();
    }

    private void steps() {
        StringBuilder d = new StringBuilder();
        double before = 0;
        for (Look look : looks) {
            d.append(
                            d.isEmpty()
                                    ? "M" + Svg.n(x(look)) + " "
                                    : "L" + Svg.n(x(look)) + " " + Svg.n(before) + "L" + Svg.n(x(look)) + " ")
                    .append(Svg.n(y(look.drops())));
            before = y(look.drops());
            svg.circle(Ink.BALL, x(look), before, 3.5);
            if (look.flats() != null && look.flats() != 0) {
                svg.line(Ink.CHOSEN, x(look), BOTTOM - 9, x(look), BOTTOM + 9)
                        .number(
                                Ink.NUMBER,
                                x(look),
                                BOTTOM + 36,
                                TEXT - 1,
                                "middle",
                                (look.flats() > 0 ? "+" : "") + Length.show(look.flats(), 0));
            }
        }
        svg.path(Ink.OUTLINE, d.toString());
    }

    private void warmth() {
        List<Look> read = looks.stream().filter(l -> l.boxC() != null).toList();
        svg.words(Ink.NAME, LEFT, WARM_TOP - 8, TEXT, "start", "box, °C")
                .line(Ink.HAIR, LEFT, WARM_BOTTOM, right, WARM_BOTTOM);
        if (read.isEmpty()) {
            svg.words(Ink.NAME, LEFT + 10, WARM_BOTTOM - 20, TEXT, "start", "not read");
            return;
        }
        double low = read.stream().mapToDouble(Look::boxC).min().orElseThrow() - 2;
        double high = read.stream().mapToDouble(Look::boxC).max().orElseThrow() + 2;
        StringBuilder d = new StringBuilder();
        for (Look look : read) {
            double y = WARM_BOTTOM - (WARM_BOTTOM - WARM_TOP) * (look.boxC() - low) / (high - low);
            d.append(d.isEmpty() ? 'M' : 'L').append(Svg.n(x(look))).append(' ').append(Svg.n(y));
            svg.circle(Ink.BALL, x(look), y, 3);
        }
        svg.path(Ink.MARK, d.toString(), " stroke-dasharray=\"7 4\"");
        Look last = read.get(read.size() - 1);
        svg.number(Ink.NUMBER, LEFT - 6, WARM_BOTTOM - 4, TEXT - 1, "end", Length.show(low + 2, 0))
                .number(Ink.NUMBER, LEFT - 6, WARM_TOP + 10, TEXT - 1, "end", Length.show(high - 2, 0))
                .number(
                        Ink.NUMBER,
                        Math.min(right, x(last) + 8),
                        WARM_TOP - 8,
                        TEXT,
                        "end",
                        Length.show(last.boxC(), 0));
    }
}
