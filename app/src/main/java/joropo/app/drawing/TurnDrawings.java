package joropo.app.drawing;

import java.util.stream.IntStream;
import joropo.core.assembly.CentringInput;
import joropo.core.assembly.CentringResult;
import joropo.core.assembly.ClockingInput;
import joropo.core.assembly.ClockingResult;
import joropo.core.assembly.RunoutInput;
import joropo.core.assembly.RunoutResult;
import joropo.core.assembly.ShimsInput;
import joropo.core.assembly.ShimsResult;
import joropo.core.units.Length;

/**
 * What is read round a turn, each as its plot: run-out, gaps about a shaft, clearances of vanes, places of a coupling.
 */
public final class TurnDrawings {
    private static final double HOUR_DEG = 30;

    private TurnDrawings() {}

    /** Readings with the circle that fits them and the high spot. @param prefix of ids */
    public static String runout(RunoutInput in, RunoutResult r, String prefix) {
        double a = r.eccentricityMm();
        double high = r.highAngleDeg() == null ? 0 : r.highAngleDeg();
        double low = in.readings().stream()
                .mapToDouble(RunoutInput.Reading::valueMm)
                .min()
                .orElseThrow();
        double most = in.readings().stream()
                .mapToDouble(RunoutInput.Reading::valueMm)
                .max()
                .orElseThrow();
        PolarPlot plot = new PolarPlot(
                "Run-out: whole reading " + Length.show(r.tirMm(), 3) + " mm",
                Math.min(low, r.meanMm() - a),
                Math.max(most, r.meanMm() + a),
                prefix);
        plot.dashedRing(Ink.THIN, r.meanMm())
                .curve(Ink.MARK, deg -> r.meanMm() + a * Math.cos(Math.toRadians(deg - high)), false);
        for (RunoutInput.Reading p : in.readings()) {
            boolean odd = p.angleDeg().equals(r.suspiciousAngleDeg());
            plot.reading(p.angleDeg(), p.valueMm(), odd, "");
        }
        if (r.highAngleDeg() != null) {
            plot.arrow(high, r.meanMm() + a);
        }
        return plot.saying(
                r.highAngleDeg() == null
                        ? "true"
                        : "high spot at " + Length.show(high, 0) + "°, off its centre by " + Length.show(a, 3) + " mm");
    }

    /** Gaps, the way the ring is moved, and each screw. */
    public static String centring(CentringInput in, CentringResult r, String prefix) {
        double low = in.readings().stream()
                .mapToDouble(CentringInput.Reading::gapMm)
                .min()
                .orElseThrow();
        double high = in.readings().stream()
                .mapToDouble(CentringInput.Reading::gapMm)
                .max()
                .orElseThrow();
        PolarPlot plot = new PolarPlot(
                "Gaps about the shaft, mean " + Length.show(r.meanMm(), 3) + " mm",
                Math.min(low, r.meanMm() - r.offsetMm()),
                Math.max(high, r.meanMm() + r.offsetMm()),
                prefix);
        double towards = r.offsetAngleDeg() == null ? 0 : r.offsetAngleDeg();
        plot.dashedRing(Ink.THIN, r.meanMm())
                .curve(Ink.MARK, deg -> r.meanMm() + r.offsetMm() * Math.cos(Math.toRadians(deg - towards)), false);
        for (CentringInput.Reading p : in.readings()) {
            double deg = p.angleDeg() != null ? p.angleDeg() : p.clock() * HOUR_DEG;
            plot.reading(deg, p.gapMm(), false, Mm.show(p.gapMm(), 2));
        }
        if (r.moveAngleDeg() != null) {
            plot.arrow(r.moveAngleDeg(), r.meanMm());
        }
        r.screwMoves()
                .forEach(m ->
                        plot.mark(m.angleDeg(), (m.moveMm() < 0 ? "out " : "in ") + Mm.show(Math.abs(m.moveMm()), 3)));
        return plot.saying(
                r.moveAngleDeg() == null
                        ? "in the middle"
                        : "the ring moves as the arrow shows, " + Length.show(r.offsetMm(), 3) + " mm");
    }

    /** Clearances with their target, now and with the shims that were chosen. */
    public static String vanes(ShimsInput in, ShimsResult r, String prefix) {
        double from = in.targetMm() - in.toleranceMm();
        double to = in.targetMm() + in.toleranceMm();
        double low = in.readingsMm().stream().mapToDouble(v -> v).min().orElseThrow();
        double high = in.readingsMm().stream().mapToDouble(v -> v).max().orElseThrow();
        double by = r.predictedMm() == null ? 0 : r.predictedMm() - r.meanMm();
        PolarPlot plot = new PolarPlot(
                "Clearances, mean " + Length.show(r.meanMm(), 3) + " mm",
                Math.min(from, Math.min(low, low + by)),
                Math.max(to, Math.max(high, high + by)),
                prefix);
        plot.dashedRing(Ink.THIN, from).dashedRing(Ink.THIN, to).ring(Ink.MARK, in.targetMm());
        int n = in.readingsMm().size();
        for (int i = 0; i < n; i++) {
            double value = in.readingsMm().get(i);
            plot.reading(360.0 * i / n, value, value < from || value > to, Mm.show(value, 2));
            if (by != 0) {
                plot.hint(360.0 * i / n, value + by);
            }
        }
        return plot.saying(
                by == 0 ? "target with its ends" : "small rings: with the shims, mean " + Mm.show(r.predictedMm(), 2));
    }

    /** Places that were tried, what the model sees of the others, and the one to try next. */
    public static String places(ClockingInput in, ClockingResult r, String prefix) {
        double high = IntStream.range(0, in.places())
                .mapToDouble(
                        p -> r.predictedTirMm() == null || r.predictedTirMm().get(p) == null
                                ? 0
                                : r.predictedTirMm().get(p))
                .max()
                .orElse(0);
        double most = in.trials().stream()
                .mapToDouble(ClockingInput.Trial::tirMm)
                .max()
                .orElseThrow();
        PolarPlot plot = new PolarPlot("Places of the coupling that were tried", 0, Math.max(high, most), prefix);
        if (in.limitMm() != null) {
            plot.dashedRing(Ink.FAILS_LINE, Math.min(in.limitMm(), Math.max(high, most)));
        }
        double step = 360.0 / in.places();
        for (int p = 0; p < in.places() && r.predictedTirMm() != null; p++) {
            if (r.predictedTirMm().get(p) != null) {
                plot.hint(step * p, r.predictedTirMm().get(p));
            }
        }
        in.trials()
                .forEach(t ->
                        plot.reading(step * t.place(), t.tirMm(), false, t.place() + ": " + Mm.show(t.tirMm(), 3)));
        if (r.nextTrial() != null) {
            plot.mark(step * r.nextTrial(), "try " + r.nextTrial());
        }
        return plot.saying("dots: measured; small rings: a hint; broken: the limit");
    }
}
