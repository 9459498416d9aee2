package joropo.app.drawing;

import java.util.List;
import java.util.Objects;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import joropo.core.section.SectionResult.Band;
import org.jspecify.annotations.Nullable;

/**
 * Draws the running surface along the axis: what is ground, where the old lip ran and what it wore, where the new one
 * runs, how far it may move each way, and the sleeve. The groove's depth is drawn tenfold, the length to scale.
 */
public final class TrackDrawing {
    private static final double WIDTH = 480;
    private static final double SURFACE_Y = 118;
    private static final double TOP_Y = 46;
    private static final double LEFT = 46;
    private static final double RIGHT = 434;
    private static final double TENFOLD = 10;
    private static final double LEAST_NOTCH = 3;
    private static final double SLEEVE_HIGH = 9;
    private static final double LARGEST = 22;
    private static final double BELOW_SURFACE = 30;
    private static final double BELOW_TRACK = 64;
    private static final double NOTES_BELOW = 48;
    private static final double NUMBER = 13.5;
    private static final double NAME = 13;

    private final TrackPicture drawn;
    private final Svg svg;
    private final double from;
    private final double scale;
    private final double shiftY;
    private final double height;

    private TrackDrawing(TrackPicture drawn, String prefix) {
        this.drawn = drawn;
        this.svg = new Svg(prefix);
        double[] seen = DoubleStream.concat(DoubleStream.of(0), places()).toArray();
        double least = DoubleStream.of(seen).min().orElse(0);
        double most = DoubleStream.of(seen).max().orElse(10);
        this.scale = Math.min(LARGEST, (RIGHT - LEFT) / Math.max(most - least, 4));
        this.from = least - ((RIGHT - LEFT) / scale - (most - least)) / 2;
        this.shiftY = SURFACE_Y
                + (drawn.track() == null ? BELOW_SURFACE : BELOW_TRACK)
                + (drawn.sleeve() == null ? 0 : SLEEVE_HIGH);
        this.height = shiftY + NOTES_BELOW + 6;
    }

    private DoubleStream places() {
        DoubleStream bands = Stream.of(drawn.ground(), drawn.groove(), drawn.track(), drawn.sleeve())
                .filter(Objects::nonNull)
                .flatMapToDouble(b -> DoubleStream.of(b.fromMm(), b.toMm()));
        if (drawn.oldLipMm() == null) {
            return bands;
        }
        return DoubleStream.concat(
                bands,
                DoubleStream.of(
                        drawn.oldLipMm(),
                        drawn.oldLipMm() + zero(drawn.inwardMm()),
                        drawn.oldLipMm() - zero(drawn.outwardMm())));
    }

    private static double zero(@Nullable Double mm) {
        return mm == null ? 0 : mm;
    }

    /** The picture as one svg element. @param prefix of ids, so that two drawings may share a page */
    public static String svg(TrackPicture drawn, String prefix) {
        return new TrackDrawing(drawn, prefix).draw();
    }

    private String draw() {
        svg.raw("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"section\" viewBox=\"0 0 480 " + Svg.n(height)
                + "\" role=\"img\" focusable=\"false\" color=\"#17332c\" aria-labelledby=\""
                + svg.id("t") + "\">");
        svg.raw("<title id=\"" + svg.id("t") + "\">Running surface along the shaft, outside left</title>");
        svg.rect(Ink.PAPER, 0, 0, WIDTH, height);
        svg.rect(Ink.SHAFT, 0, TOP_Y, WIDTH, SURFACE_Y - TOP_Y);
        if (drawn.ground() != null) {
            ground(drawn.ground());
        }
        svg.line(Ink.OUTLINE, 0, SURFACE_Y, WIDTH, SURFACE_Y);
        if (drawn.groove() != null) {
            groove(drawn.groove());
        }
        if (drawn.sleeve() != null) {
            sleeve(drawn.sleeve());
        }
        if (drawn.oldLipMm() != null) {
            shifts(drawn.oldLipMm());
        }
        if (drawn.track() != null) {
            track(drawn.track());
        }
        if (drawn.datum()) {
            datum();
        }
        svg.words(
                Ink.NAME,
                14,
                20,
                NAME,
                "start",
                "shaft Ø " + Mm.show(drawn.shaftMm(), 2) + ", outside left"
                        + (drawn.groove() == null ? "" : "; groove drawn ten times as deep"));
        List<String> notes = Stream.concat(
                        drawn.requiredMm() == null
                                ? Stream.empty()
                                : Stream.of("the lip is clear when moved by " + mm(drawn.requiredMm())),
                        drawn.notes().stream())
                .toList();
        svg.words(Ink.NAME, 14, shiftY + NOTES_BELOW, NAME, "start", String.join("; ", notes));
        return svg.raw("</svg>").toString();
    }

    private double x(double mm) {
        return LEFT + (mm - from) * scale;
    }

    private void ground(Band band) {
        svg.hatched(
                Ink.HAIR,
                List.of(
                        new Point(x(band.fromMm()), SURFACE_Y - 7),
                        new Point(x(band.toMm()), SURFACE_Y - 7),
                        new Point(x(band.toMm()), SURFACE_Y),
                        new Point(x(band.fromMm()), SURFACE_Y)),
                1,
                1,
                5);
        svg.path(
                Ink.MARK,
                "M" + Svg.n(x(band.fromMm())) + " 60v-8M" + Svg.n(x(band.toMm())) + " 60v-8M" + Svg.n(x(band.fromMm()))
                        + " 56H" + Svg.n(x(band.toMm())));
        label((band.fromMm() + band.toMm()) / 2, 76, "ground " + mm(band.fromMm()) + " to " + mm(band.toMm()));
    }

    private void groove(Band band) {
        double half = Math.max(LEAST_NOTCH, (band.toMm() - band.fromMm()) * scale / 2);
        double middle = x((band.fromMm() + band.toMm()) / 2);
        double deep =
                Math.min(SURFACE_Y - TOP_Y - 34, Math.max(LEAST_NOTCH, zero(drawn.grooveDepthMm()) * scale * TENFOLD));
        svg.path(
                Ink.WORN,
                "M" + Svg.n(middle - half) + " " + Svg.n(SURFACE_Y + 1) + "L" + Svg.n(middle - half * 0.6) + " "
                        + Svg.n(SURFACE_Y - deep) + "H" + Svg.n(middle + half * 0.6) + "L" + Svg.n(middle + half) + " "
                        + Svg.n(SURFACE_Y + 1) + "Z");
        label(
                (band.fromMm() + band.toMm()) / 2,
                SURFACE_Y - deep - 6,
                drawn.grooveDepthMm() == null
                        ? "groove, depth not read"
                        : "groove " + mm(drawn.grooveDepthMm()) + " deep");
    }

    private void sleeve(Band band) {
        List<Point> shell = List.of(
                new Point(x(band.fromMm()), SURFACE_Y),
                new Point(x(band.toMm()), SURFACE_Y),
                new Point(x(band.toMm()), SURFACE_Y + SLEEVE_HIGH),
                new Point(x(band.fromMm()), SURFACE_Y + SLEEVE_HIGH));
        svg.polygon(Ink.CASE, shell);
        svg.hatched(Ink.HATCH_CASE, shell, 1, 1, 4);
        svg.polygon(Ink.EDGE_CASE, shell);
        svg.words(
                Ink.NAME,
                x(band.toMm()) + 8,
                SURFACE_Y + 14,
                NAME,
                "start",
                "sleeve Ø " + mm(zero(drawn.sleeveOutsideMm())));
    }

    private void track(Band band) {
        double y = SURFACE_Y + (drawn.sleeve() == null ? 2 : SLEEVE_HIGH + 2);
        svg.rect(Ink.BAND, x(band.fromMm()), y, Math.max(2, (band.toMm() - band.fromMm()) * scale), 18);
        double middle = x((band.fromMm() + band.toMm()) / 2);
        svg.path(Ink.TRACK, "M" + Svg.n(middle) + " " + Svg.n(y + 2) + "V" + Svg.n(y + 24));
        plated(middle, y + 38, "new lip " + mm((band.fromMm() + band.toMm()) / 2));
    }

    /** Arrows from where the old lip ran to as far as the new one may go. */
    private void shifts(double old) {
        svg.path(Ink.HAIR, "M" + Svg.n(x(old)) + " " + Svg.n(SURFACE_Y) + "V" + Svg.n(shiftY + 8));
        plated(x(old), shiftY + 24, drawn.datum() ? "old lip " + mm(old) : "old lip");
        arrow(old, 1, drawn.inwardMm(), "inward");
        arrow(old, -1, drawn.outwardMm(), "outward");
    }

    private void arrow(double old, int side, @Nullable Double possible, String word) {
        if (possible == null) {
            return;
        }
        double end = x(old + side * possible);
        if (possible > 0) {
            svg.path(
                    Ink.MARK,
                    "M" + Svg.n(x(old)) + " " + Svg.n(shiftY) + "H" + Svg.n(end) + "m" + (-side * 7) + " -5l" + side * 7
                            + " 5l" + (-side * 7) + " 5");
        }
        boolean tooLittle = drawn.requiredMm() != null && possible < drawn.requiredMm() - 1e-9;
        String words = mm(possible) + " " + word + (tooLittle ? ": not enough" : "");
        double width = Svg.width(words, NAME, Svg.CHARACTER_CONDENSED);
        double at = side > 0 ? Math.min(end + 8, WIDTH - width - 4) : Math.max(end - 8, width + 4);
        svg.words(Ink.NAME, at, shiftY + 5, NAME, side > 0 ? "start" : "end", words);
    }

    private void datum() {
        svg.path(Ink.HAIR, "M" + Svg.n(x(0)) + " 34V" + Svg.n(SURFACE_Y + 22), " stroke-dasharray=\"6 4\"");
        svg.words(Ink.NAME, x(0) + 5, 40, NAME, "start", "datum face");
    }

    private void label(double mm, double y, String words) {
        svg.words(Ink.NAME, x(mm), y, NAME, "middle", words);
    }

    private void plated(double middle, double y, String words) {
        double width = Svg.width(words, NUMBER, Svg.CHARACTER_MONO) + 8;
        double at = Math.max(width / 2 + 4, Math.min(WIDTH - width / 2 - 4, middle));
        svg.rect(Ink.PLATE, at - width / 2, y - 13, width, 18);
        svg.number(Ink.NUMBER, at, y, NUMBER, "middle", words);
    }

    private static String mm(double mm) {
        return Mm.show(mm, 2);
    }
}
