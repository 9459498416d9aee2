package joropo.app.drawing;

import java.util.List;
import joropo.core.arrangement.PartKind;
import joropo.core.mechseal.SealSettingInput;
import joropo.core.mechseal.SealSettingResult;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * A component seal on its shaft as half section, outside left: gland with its seat, the unit with spring and back, the
 * scribe line at the chamber face, from where the figure is measured, and the band in which the back may stand.
 */
public final class SealDrawing {
    private static final double WIDTH = 780;
    private static final double HEIGHT = 420;
    private static final double SHAFT_Y = 300;
    private static final double CHAMBER_X = 210;
    private static final double MOST_LONG = 420;
    private static final double HIGH = 92;
    private static final double WALL = 36;
    private static final double GLAND = 66;
    private static final double RULER = 44;
    private static final double FACE_PART = 0.24;
    private static final double HEAD_PART = 0.2;
    private static final int COILS = 5;
    private static final String DASHED = " stroke-dasharray=\"6 4\"";

    private final SealSettingInput in;
    private final SealSettingResult result;
    private final @Nullable Double shaftMm;
    private final @Nullable Double boreMm;
    private final Svg svg;
    private final double scale;

    private SealDrawing(
            SealSettingInput in,
            SealSettingResult result,
            @Nullable Double shaftMm,
            @Nullable Double boreMm,
            String prefix) {
        this.in = in;
        this.result = result;
        this.shaftMm = shaftMm;
        this.boreMm = boreMm;
        svg = new Svg(prefix);
        double far = Math.max(result.highMm(), Math.max(result.settingMm(), 10));
        scale = Math.min(MOST_LONG / far, 9);
    }

    /** @param shaftMm, @param boreMm absent: not shown, @param prefix of ids, so that two may share a page */
    public static String of(
            SealSettingInput in,
            SealSettingResult result,
            @Nullable Double shaftMm,
            @Nullable Double boreMm,
            String prefix) {
        return new SealDrawing(in, result, shaftMm, boreMm, prefix).draw();
    }

    private double x(double mm) {
        return CHAMBER_X + mm * scale;
    }

    private double top() {
        return SHAFT_Y - HIGH;
    }

    private String draw() {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 420\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">Setting of the seal: back of the unit at "
                        + Length.show(result.settingMm(), 2) + " mm from the chamber face</title>");
        svg.rect(Ink.PAPER, 0, 0, WIDTH, HEIGHT);
        svg.rect(Ink.PRODUCT_WASH, CHAMBER_X, top(), WIDTH - CHAMBER_X - 20, HIGH);
        chamber();
        svg.polygon(Ink.SHAFT, box(10, SHAFT_Y, WIDTH - 20, 62)).line(Ink.OUTLINE, 10, SHAFT_Y, WIDTH - 10, SHAFT_Y);
        if (shaftMm != null && boreMm != null) {
            svg.number(Ink.NUMBER, 20, SHAFT_Y + 26, 14, "start", "Ø " + Mm.show(shaftMm, 2))
                    .number(Ink.NUMBER, WIDTH - 30, top() - WALL - 8, 14, "end", "Ø " + Mm.show(boreMm, 2));
        }
        svg.part(PartKind.MECHANICAL_SEAL, () -> {
            seat();
            unit();
        });
        band();
        scribe();
        reading(in.measuredMm());
        return svg.raw("</svg>").toString();
    }

    private static List<Point> box(double x, double y, double width, double height) {
        return List.of(
                new Point(x, y), new Point(x + width, y), new Point(x + width, y + height), new Point(x, y + height));
    }

    private void cast(List<Point> outline) {
        svg.polygon(Ink.CAST, outline)
                .hatched(Ink.HATCH_CAST, outline, 9, -9, 10)
                .path(Ink.EDGE_STEEL, Svg.closed(outline));
    }

    private void steel(List<Point> outline) {
        svg.polygon(Ink.STEEL, outline)
                .hatched(Ink.HATCH_STEEL, outline, 8, 8, 9)
                .path(Ink.EDGE_STEEL, Svg.closed(outline));
    }

    /** Its wall inward of the chamber face, the gland before it. */
    private void chamber() {
        cast(box(CHAMBER_X, top() - WALL, WIDTH - CHAMBER_X - 20, WALL));
        double gasket = Math.max(2, in.gasketMm() == null ? 0 : in.gasketMm() * scale);
        steel(box(CHAMBER_X - gasket - GLAND, top() - WALL - 18, GLAND, WALL + HIGH * 0.55 + 18));
        svg.rect(Ink.RUBBER, CHAMBER_X - gasket, top() - WALL, gasket, WALL);
    }

    /** From the gland to the face. */
    private void seat() {
        double face = x(result.faceMm());
        double from = Math.min(face - 16, CHAMBER_X - 34);
        List<Point> outline = box(from, top() + HIGH * 0.3, face - from, HIGH * 0.62);
        svg.polygon(Ink.CASE, outline)
                .hatched(Ink.HATCH_CASE, outline, 5, -5, 6)
                .path(Ink.EDGE_STEEL, Svg.closed(outline));
        svg.circle(Ink.RUBBER, from + 10, top() + HIGH * 0.3 - 5, 6);
    }

    private void unit() {
        double face = x(result.faceMm());
        double back = x(result.faceMm() + in.workingLengthMm() - or0(in.rotorMoveMm()));
        double length = back - face;
        List<Point> ring = box(face, top() + HIGH * 0.36, length * FACE_PART, HIGH * 0.56);
        svg.polygon(Ink.RUBBER, ring);
        List<Point> head = box(back - length * HEAD_PART, top() + HIGH * 0.22, length * HEAD_PART, HIGH * 0.76);
        steel(head);
        double from = face + length * FACE_PART;
        double step = (back - length * HEAD_PART - from) / COILS;
        for (int i = 0; i < COILS; i++) {
            svg.line(Ink.MARK, from + i * step, top() + HIGH * 0.88, from + (i + 1) * step, top() + HIGH * 0.4)
                    .line(
                            Ink.MARK,
                            from + (i + 1) * step,
                            top() + HIGH * 0.4,
                            from + (i + 1) * step,
                            top() + HIGH * 0.88);
        }
        dimension(face, back, top() - WALL - 40, "working length " + Mm.show(in.workingLengthMm(), 2));
        svg.line(Ink.HAIR, face, top() - WALL - 52, face, top() + HIGH * 0.3)
                .line(Ink.HAIR, back, top() - WALL - 52, back, top() + HIGH * 0.2);
    }

    private static double or0(@Nullable Double value) {
        return value == null ? 0 : value;
    }

    /** Where the back may stand, as a strip on the shaft. */
    private void band() {
        double from = x(result.lowMm());
        double to = x(result.highMm());
        if (to > from) {
            svg.rect(Ink.BAND, from, SHAFT_Y + 4, to - from, 16);
        }
        svg.number(Ink.NUMBER, from - 6, SHAFT_Y + 18, 13, "end", Mm.show(result.lowMm(), 2))
                .number(Ink.NUMBER, to + 6, SHAFT_Y + 18, 13, "start", Mm.show(result.highMm(), 2));
    }

    private void scribe() {
        svg.path(
                Ink.CHOSEN, "M" + Svg.n(CHAMBER_X) + " " + Svg.n(top() - WALL - 6) + "V" + Svg.n(SHAFT_Y + 74), DASHED);
        svg.words(Ink.NAME, CHAMBER_X - 8, SHAFT_Y + 76, 14, "end", "scribe at the chamber face");
        double back = x(result.settingMm());
        dimension(CHAMBER_X, back, SHAFT_Y + RULER + 46, "set at " + Mm.show(result.settingMm(), 2));
        svg.line(Ink.HAIR, back, SHAFT_Y, back, SHAFT_Y + RULER + 52);
        double move = or0(in.rotorMoveMm());
        if (move != 0) {
            double then = x(result.settingMm() + move);
            svg.path(Ink.CHOSEN, "M" + Svg.n(then) + " " + Svg.n(SHAFT_Y - 6) + "V" + Svg.n(SHAFT_Y + 24), DASHED)
                    .words(Ink.NAME, then + 6, SHAFT_Y - 8, 13, "start", "after the rotor's move " + Mm.show(move, 2));
        }
    }

    private void reading(@Nullable Double measuredMm) {
        if (measuredMm != null) {
            double at = x(measuredMm);
            svg.polygon(
                            Ink.OIL_MARK,
                            List.of(
                                    new Point(at, SHAFT_Y + 4),
                                    new Point(at - 7, SHAFT_Y + 18),
                                    new Point(at + 7, SHAFT_Y + 18)))
                    .words(Ink.STRONG, at, SHAFT_Y + 38, 15, "middle", Mm.show(measuredMm, 2));
        }
    }

    private void dimension(double from, double to, double y, String words) {
        svg.line(Ink.TICK, from, y, to, y)
                .line(Ink.TICK, from, y - 6, from, y + 6)
                .line(Ink.TICK, to, y - 6, to, y + 6)
                .words(Ink.STRONG, (from + to) / 2, y - 8, 15, "middle", words);
    }
}
