package joropo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;
import joropo.app.drawing.LineDrawing.Layer;
import joropo.core.assembly.TurnedPart;
import joropo.core.assembly.TurnedPart.Cylinder;

/**
 * A turned part: cut along its axis with its first face left, seen on that face right, with every figure a lathe needs.
 */
public final class TurnedDrawing {
    private static final double HATCH_MM = 4;
    private static final double SAME_MM = 1e-6;

    private final TurnedPart part;
    private final LineDrawing out = new LineDrawing();
    private final double radius;
    private final double text;

    private TurnedDrawing(TurnedPart part) {
        this.part = part;
        this.radius = part.largestMm() / 2;
        this.text = Math.max(2.5, (part.largestMm() + part.lengthMm()) / 22);
    }

    /** @param words below it: what it is for, what it is made of */
    public static LineDrawing of(TurnedPart part, List<String> words) {
        var drawing = new TurnedDrawing(part);
        drawing.faceView();
        return drawing.cut(words);
    }

    /** Without the view on its face. @param words below it */
    public static LineDrawing cut(TurnedPart part, List<String> words) {
        return new TurnedDrawing(part).cut(words);
    }

    private LineDrawing cut(List<String> words) {
        section();
        diameters();
        lengths();
        words(words);
        return out;
    }

    private void section() {
        TreeSet<Double> steps = new TreeSet<>();
        part.outer().forEach(c -> steps.addAll(List.of(c.fromMm(), c.toMm())));
        part.inner().forEach(c -> steps.addAll(List.of(c.fromMm(), c.toMm())));
        List<Double> at = new ArrayList<>(steps);
        double outer = radiusAt(part.outer(), at.get(0));
        out.line(Layer.OUTLINE, 0, -outer, 0, outer);
        for (int i = 1; i < at.size(); i++) {
            double from = at.get(i - 1);
            double to = at.get(i);
            double ro = radiusAt(part.outer(), to - SAME_MM);
            double ri = radiusAt(part.inner(), to - SAME_MM);
            double first = radiusAt(part.outer(), from);
            double hollowFirst = radiusAt(part.inner(), from);
            mirrored(from, first, to, ro);
            if (ri > 0) {
                mirrored(from, hollowFirst, to, ri);
            }
            double nextOuter = radiusAt(part.outer(), to + SAME_MM);
            double nextInner = radiusAt(part.inner(), to + SAME_MM);
            if (Math.abs(nextOuter - ro) > SAME_MM) {
                mirrored(to, Math.min(ro, nextOuter), to, Math.max(ro, nextOuter));
            }
            double hollow = Math.max(ri, nextInner);
            if (hollow > 0 && Math.abs(nextInner - ri) > SAME_MM) {
                out.line(Layer.OUTLINE, to, -hollow, to, hollow);
            }
            hatch(from, to, Math.max(ri, hollowFirst), Math.min(ro, first));
        }
        out.line(
                Layer.OUTLINE,
                part.lengthMm(),
                -radiusAt(part.outer(), part.lengthMm() - SAME_MM),
                part.lengthMm(),
                radiusAt(part.outer(), part.lengthMm() - SAME_MM));
        out.centreLine(-text, 0, part.lengthMm() + text, 0);
    }

    private static double radiusAt(List<Cylinder> stretches, double x) {
        return stretches.stream()
                .filter(c -> x >= c.fromMm() - SAME_MM / 2 && x < c.toMm() - SAME_MM / 2)
                .mapToDouble(c -> c.atMm(x) / 2)
                .findFirst()
                .orElse(0);
    }

    private void mirrored(double x1, double y1, double x2, double y2) {
        out.line(Layer.OUTLINE, x1, y1, x2, y2).line(Layer.OUTLINE, x1, -y1, x2, -y2);
    }

    /**
     * Lines at 45° through the cut walls; one family for the whole part, so that they run through from stretch to
     * stretch.
     */
    private void hatch(double from, double to, double ri, double ro) {
        for (int side : new int[] {-1, 1}) {
            double low = side > 0 ? ri : -ro;
            double high = side > 0 ? ro : -ri;
            double first = Math.ceil((from - high) / HATCH_MM) * HATCH_MM;
            for (double k = first; k < to - low; k += HATCH_MM) {
                double x1 = Math.max(from, k + low);
                double x2 = Math.min(to, k + high);
                if (x2 - x1 > SAME_MM) {
                    out.line(Layer.HATCH, x1, x1 - k, x2, x2 - k);
                }
            }
        }
    }

    private double faceX() {
        return part.lengthMm() + radius + 6 * text + back().size() * 7 * text;
    }

    private void faceView() {
        double x = faceX();
        Stream.concat(part.outer().stream(), part.inner().stream())
                .flatMap(c -> Stream.of(c.diameterMm(), c.endMm()))
                .distinct()
                .forEach(d -> out.circle(Layer.OUTLINE, x, 0, d / 2));
        out.centreLine(x - radius - text, 0, x + radius + text, 0).centreLine(x, -radius - text, x, radius + text);
    }

    /** Diameters that begin at the pressing face stand left of it, the others right of the part. */
    private void diameters() {
        row(front(), -1, 0);
        row(back(), 1, part.lengthMm());
    }

    private List<Double> front() {
        return distinct(c -> c.fromMm() < SAME_MM ? Stream.of(c.diameterMm()) : Stream.of());
    }

    private List<Double> back() {
        return distinct(c -> c.fromMm() >= SAME_MM ? Stream.of(c.diameterMm(), c.endMm()) : Stream.of(c.endMm()))
                .stream()
                .filter(d -> front().stream().noneMatch(f -> Math.abs(f - d) < SAME_MM))
                .toList();
    }

    private List<Double> distinct(Function<Cylinder, Stream<Double>> diameters) {
        List<Cylinder> all = new ArrayList<>(part.outer());
        all.addAll(part.inner());
        return all.stream()
                .flatMap(diameters)
                .distinct()
                .sorted(Comparator.naturalOrder())
                .toList();
    }

    private void row(List<Double> diameters, int side, double edge) {
        for (int i = 0; i < diameters.size(); i++) {
            double d = diameters.get(i);
            double x = edge + side * (3 * text + 7 * text * i);
            out.line(Layer.DIMENSION, edge + side * text / 2, d / 2, x + side * text / 2, d / 2)
                    .line(Layer.DIMENSION, edge + side * text / 2, -d / 2, x + side * text / 2, -d / 2);
            out.line(Layer.DIMENSION, x, -d / 2, x, d / 2);
            tick(x, d / 2);
            tick(x, -d / 2);
            out.text(x, radius + text, text, true, "Ø " + Mm.show(d, 2))
                    .line(Layer.DIMENSION, x, d / 2, x, radius + text * 0.7);
        }
    }

    private void lengths() {
        TreeSet<Double> ends = new TreeSet<>();
        part.outer().forEach(c -> ends.add(c.toMm()));
        part.inner().forEach(c -> ends.add(c.toMm()));
        double y = -radius - 2.2 * text;
        for (double end : ends) {
            out.line(Layer.DIMENSION, 0, y, end, y)
                    .line(Layer.DIMENSION, 0, -radius - text / 2, 0, y - text / 2)
                    .line(Layer.DIMENSION, end, -radius - text / 2, end, y - text / 2);
            tick(0, y);
            tick(end, y);
            out.text(end + text, y - text / 3, text, false, Mm.show(end, 2));
            y -= 1.8 * text;
        }
    }

    private void tick(double x, double y) {
        double s = text / 4;
        out.line(Layer.DIMENSION, x - s, y - s, x + s, y + s);
    }

    private void words(List<String> lines) {
        double y = out.bottom() - 2.6 * text;
        double x = out.left();
        for (String line :
                Stream.concat(lines.stream(), Stream.of("all dimensions in mm")).toList()) {
            out.text(x, y, text, false, line);
            y -= 1.7 * text;
        }
    }
}
