package joropo.app.drawing;

import joropo.core.assembly.AlignmentInput;
import joropo.core.assembly.AlignmentResult;
import org.jspecify.annotations.Nullable;

/**
 * The machine that is moved, from the side and from above, its coupling left: how its axis stands off the one that
 * stays, many times enlarged, and what each pair of feet does.
 */
public final class AlignmentDrawing {
    private static final double LEFT = 150;
    private static final double RIGHT = 720;
    private static final double MOST_OFF = 46;

    private final AlignmentInput in;
    private final Svg svg;
    private final double scale;

    private AlignmentDrawing(AlignmentInput in, double mostMm, String prefix) {
        this.in = in;
        svg = new Svg(prefix);
        scale = MOST_OFF / Math.max(mostMm, 0.02);
    }

    /** @param prefix of ids, so that two drawings may share a page */
    public static String of(AlignmentInput in, AlignmentResult r, String prefix) {
        double most = Math.max(Math.abs(r.moveFrontMm()), Math.abs(r.moveBackMm()));
        most = Math.max(most, Math.abs(r.offsetHorizontalMm()));
        if (r.offsetVerticalMm() != null) {
            most = Math.max(most, Math.abs(r.offsetVerticalMm()));
            most = Math.max(most, Math.max(Math.abs(r.shimFrontMm()), Math.abs(r.shimBackMm())));
        }
        return new AlignmentDrawing(in, most, prefix).draw(r);
    }

    private double x(double mm) {
        return LEFT + (RIGHT - LEFT - 60) * mm / in.backFeetMm();
    }

    private String draw(AlignmentResult r) {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 780 420\" role=\"img\" "
                        + "focusable=\"false\" color=\"#17332c\" aria-labelledby=\"" + svg.id("t") + "\">")
                .raw("<title id=\"" + svg.id("t") + "\">How the machine stands, from the side and from above</title>")
                .rect(Ink.PAPER, 0, 0, 780, 420);
        view(104, "from the side", r.offsetVerticalMm(), r.shimFrontMm(), r.shimBackMm(), "put in ", "take out ", 1);
        view(310, "from above", r.offsetHorizontalMm(), r.moveFrontMm(), r.moveBackMm(), "right ", "left ", -1);
        return svg.raw("</svg>").toString();
    }

    /** @param up whether + is drawn upward: 1, or downward: -1 */
    private void view(
            double y,
            String name,
            @Nullable Double offset,
            @Nullable Double front,
            @Nullable Double back,
            String more,
            String less,
            int up) {
        svg.words(Ink.NAME, 16, y - 64, 20, "start", name)
                .line(Ink.OUTLINE, 16, y, LEFT - 8, y)
                .path(
                        Ink.HAIR,
                        "M" + Svg.n(LEFT) + " " + Svg.n(y) + "H" + Svg.n(RIGHT),
                        " stroke-dasharray=\"10 4 2 4\"");
        if (offset == null || front == null || back == null) {
            svg.words(Ink.STRONG, 400, y - 20, 20, "middle", "not known without the sag of the bracket");
            return;
        }
        double atBack = y + up * back * scale;
        double start = y - up * offset * scale;
        svg.line(
                        Ink.OUTLINE,
                        LEFT,
                        start,
                        x(in.backFeetMm()) + 40,
                        start + (atBack - start) * (x(in.backFeetMm()) + 40 - LEFT) / (x(in.backFeetMm()) - LEFT))
                .line(Ink.MARK, LEFT, start - 26, LEFT, start + 26);
        svg.words(Ink.STRONG, LEFT + 8, y - 34, 20, "start", "off " + Mm.show(offset, 3));
        foot(in.frontFeetMm(), y, front, more, less);
        foot(in.backFeetMm(), y, back, more, less);
    }

    private void foot(double at, double y, double mm, String more, String less) {
        svg.line(Ink.CHOSEN, x(at), y + 48, x(at), y + 62)
                .line(Ink.MARK, x(at) - 18, y + 62, x(at) + 18, y + 62)
                .words(
                        Ink.STRONG,
                        x(at),
                        y + 84,
                        20,
                        "middle",
                        Math.abs(mm) < 0.005 ? "stays" : (mm < 0 ? less : more) + Mm.show(Math.abs(mm), 2));
    }
}
