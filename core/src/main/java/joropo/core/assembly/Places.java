package joropo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.function.Function;
import joropo.core.readings.HarmonicFit;
import joropo.core.readings.HarmonicFit.Point;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Readings round a circle, each place once: a place read again is its mean, and a reading at 360° only says whether the
 * first still holds (guide).
 */
final class Places {
    private static final double SAME_DEG = 1e-6;
    /** A difference of two readings is so much less sure than one of them. */
    static final double DIFFERENCE = 1.4;

    private static final int HOUR_DEG = 30;

    private final List<Point> points;
    private final @Nullable Double closedByMm;
    private final double uncertaintyMm;

    private Places(List<Point> points, @Nullable Double closedByMm, double uncertaintyMm) {
        this.points = points;
        this.closedByMm = closedByMm;
        this.uncertaintyMm = uncertaintyMm;
    }

    /**
     * @param read in degrees as typed, so that 360 is not 0
     * @throws RefusedInput where one angle was read twice and the two disagree
     */
    static Places of(List<Point> read, double uncertaintyMm) {
        List<Point> open = new ArrayList<>(read);
        Point last = open.stream()
                .filter(p -> Math.abs(p.angleDeg() - 360) < SAME_DEG)
                .reduce((a, b) -> b)
                .orElse(null);
        Point first = open.stream()
                .filter(p -> Math.abs(p.angleDeg()) < SAME_DEG)
                .findFirst()
                .orElse(null);
        boolean closes = last != null && first != null;
        if (closes) {
            open.remove(last);
        }
        List<Point> once = new ArrayList<>();
        for (Point p : open) {
            List<Point> same = open.stream().filter(q -> apart(p, q) < SAME_DEG).toList();
            double low = same.stream().mapToDouble(Point::valueMm).min().orElseThrow();
            double high = same.stream().mapToDouble(Point::valueMm).max().orElseThrow();
            if (high - low > DIFFERENCE * uncertaintyMm + 1e-9) {
                throw new RefusedInput(
                        "readings",
                        "say " + Length.show(low, 3) + " and " + Length.show(high, 3) + " of one place, at "
                                + Length.show(p.angleDeg(), 0) + "°: read it again");
            }
            if (once.stream().noneMatch(q -> apart(p, q) < SAME_DEG)) {
                double mean =
                        same.stream().mapToDouble(Point::valueMm).average().orElseThrow();
                once.add(new Point(HarmonicFit.normalize(p.angleDeg()), Length.snap(mean)));
            }
        }
        return new Places(
                List.copyOf(once),
                closes ? Double.valueOf(Length.snap(Math.abs(last.valueMm() - first.valueMm()))) : null,
                uncertaintyMm);
    }

    private static double apart(Point p, Point q) {
        double turned = HarmonicFit.normalize(p.angleDeg() - q.angleDeg());
        return Math.min(turned, 360 - turned);
    }

    List<Point> points() {
        return points;
    }

    HarmonicFit fit() {
        return HarmonicFit.of(points);
    }

    /** By how much the closing reading is off the first one (mm); absent: there was none. */
    @Nullable
    Double closedByMm() {
        return closedByMm;
    }

    boolean closes() {
        return closedByMm == null || closedByMm <= DIFFERENCE * uncertaintyMm + 1e-9;
    }

    double leastMm() {
        return points.stream().mapToDouble(Point::valueMm).min().orElseThrow();
    }

    /** Greatest less least reading. */
    double spreadMm() {
        return Length.snap(points.stream().mapToDouble(Point::valueMm).max().orElseThrow() - leastMm());
    }

    /**
     * The larger of the spread and twice the fit's amplitude, with its uncertainty: of a difference, or of the fit
     * where that is larger or knows much less.
     */
    Swing swing(HarmonicFit fit) {
        double twice = Length.snap(2 * fit.amplitude());
        double fitU = 2 * fit.amplitudeUncertainty(points, uncertaintyMm);
        double readU = DIFFERENCE * uncertaintyMm;
        boolean byFit = twice > spreadMm() + 1e-9 || fitU > 2 * readU;
        return new Swing(Math.max(twice, spreadMm()), byFit ? fitU : readU);
    }

    record Swing(double mm, double uncertaintyMm) {}

    /** Where the reading stands that does not go with the others (degrees). */
    @Nullable
    Double suspiciousDeg() {
        OptionalInt odd = HarmonicFit.suspicious(points, uncertaintyMm);
        return odd.isEmpty() ? null : Double.valueOf(points.get(odd.getAsInt()).angleDeg());
    }

    /** What is made of the readings one by one. @param at how words say a place */
    Finding suspicious(Function<Double, String> at) {
        Double odd = suspiciousDeg();
        return Say.suspicious(points.size() >= HarmonicFit.LEAST_FOR_SUSPICION, odd == null ? null : at.apply(odd));
    }

    static String degrees(double deg) {
        return Length.show(deg, 0) + "°";
    }

    static String clock(double deg) {
        double hours = Math.rint(HarmonicFit.normalize(deg) / 3) / 10;
        return Length.show(hours < 0.05 ? 12 : hours, 1) + " o'clock";
    }

    /** Degrees of an hour, of which 12 is the top. */
    static double degreesOf(@Nullable Double clock, @Nullable Double angleDeg) {
        return angleDeg != null ? angleDeg : Objects.requireNonNull(clock) * HOUR_DEG % 360;
    }
}
