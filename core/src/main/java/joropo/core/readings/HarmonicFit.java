package joropo.core.readings;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;
import org.jspecify.annotations.Nullable;

/**
 * Least squares on a circle: r = c + a cos t + b sin t, from five readings on with the second harmonic too (computed).
 * Angles in degrees need not be even; lengths in mm.
 *
 * @param c mean, @param a cosine part, @param b sine part of the first harmonic
 * @param secondAmplitude amplitude of the second harmonic, 0 when it could not be fitted
 * @param residuals reading less fit, in the order given
 * @param rank number of coefficients that were fitted: 3 or 5
 */
public record HarmonicFit(double c, double a, double b, double secondAmplitude, List<Double> residuals, int rank) {
    /** Readings that all lie within this arc (degrees) cannot place a circle (guide). */
    private static final double LEAST_ARC_DEG = 60;
    /** Smallest over largest singular value below which the angles count as singular (guide). */
    private static final double SINGULAR = 1e-6;

    private static final int FIRST = 3;
    private static final int SECOND = 5;
    /** Below six readings one bad one cannot be told from the others (guide). */
    public static final int LEAST_FOR_SUSPICION = 6;

    /** One reading at one angle. */
    public record Point(double angleDeg, double valueMm) {}

    /**
     * @throws RefusedInput with fewer than three readings, or when the angles are too close together to place a circle
     */
    public static HarmonicFit of(List<Point> points) {
        new Needs()
                .that("readings", points.size() >= FIRST, "needs at least 3 readings, got " + points.size())
                .that(
                        "readings",
                        points.size() < FIRST || largestGapDeg(points) <= 360 - LEAST_ARC_DEG,
                        "all lie within 60 degrees: spread them round the circle")
                .done();
        if (points.size() >= SECOND) {
            HarmonicFit both = solve(points, SECOND);
            if (both != null) {
                return both;
            }
        }
        HarmonicFit first = solve(points, FIRST);
        if (first == null) {
            throw new RefusedInput("readings", "stand at too few different angles to place a circle");
        }
        return first;
    }

    /**
     * Expanded uncertainty of the first harmonic's amplitude (mm): from the covariance of the fit through these angles,
     * U² (X'X)^-1, in the direction in which it is known worst; U sqrt(2/n) where the angles are even (computed).
     */
    public double amplitudeUncertainty(List<Point> points, double uncertaintyMm) {
        double[][] x = new double[points.size()][];
        for (int i = 0; i < x.length; i++) {
            double t = Math.toRadians(points.get(i).angleDeg);
            double[] row = {1, Math.cos(t), Math.sin(t), Math.cos(2 * t), Math.sin(2 * t)};
            x[i] = Arrays.copyOf(row, rank);
        }
        var design = new Array2DRowRealMatrix(x);
        RealMatrix covariance = new SingularValueDecomposition(
                        design.transpose().multiply(design))
                .getSolver()
                .getInverse();
        double aa = covariance.getEntry(1, 1);
        double bb = covariance.getEntry(2, 2);
        double ab = covariance.getEntry(1, 2);
        double largest = (aa + bb) / 2 + Math.hypot((aa - bb) / 2, ab);
        return uncertaintyMm * Math.sqrt(largest);
    }

    /** Amplitude of the first harmonic. */
    public double amplitude() {
        return Math.hypot(a, b);
    }

    /** Direction of the largest value, 0 to 360 degrees; meaningless when the amplitude is zero. */
    public double directionDeg() {
        return normalize(Math.toDegrees(Math.atan2(b, a)));
    }

    public static double normalize(double deg) {
        double turned = deg % 360;
        return turned < 0 ? turned + 360 : turned;
    }

    /**
     * The one reading that does not go with the others: differs from the first-harmonic fit through the rest by more
     * than 4 U and more than 3 s, s from the remaining residuals and at least U/2 (guide). Empty below six readings: no
     * check is possible.
     */
    public static OptionalInt suspicious(List<Point> points, double uncertaintyMm) {
        int worst = -1;
        double worstOff = 0;
        for (int i = 0; points.size() >= LEAST_FOR_SUSPICION && i < points.size(); i++) {
            List<Point> others = new ArrayList<>(points);
            Point left = others.remove(i);
            HarmonicFit fit = largestGapDeg(others) > 360 - LEAST_ARC_DEG ? null : solve(others, FIRST);
            if (fit == null) {
                continue;
            }
            double squares = fit.residuals.stream().mapToDouble(r -> r * r).sum();
            double s = Math.max(Math.sqrt(squares / (points.size() - 4)), uncertaintyMm / 2);
            double off = Math.abs(left.valueMm - fit.at(left.angleDeg));
            if (off > 4 * uncertaintyMm + 1e-9 && off > 3 * s + 1e-9 && off > worstOff) {
                worst = i;
                worstOff = off;
            }
        }
        return worst < 0 ? OptionalInt.empty() : OptionalInt.of(worst);
    }

    private double at(double angleDeg) {
        double t = Math.toRadians(angleDeg);
        return c + a * Math.cos(t) + b * Math.sin(t);
    }

    /** The fit with this many terms, or null when the angles cannot carry them. */
    private static @Nullable HarmonicFit solve(List<Point> points, int terms) {
        var design = new Array2DRowRealMatrix(points.size(), terms);
        var values = new ArrayRealVector(points.size());
        for (int i = 0; i < points.size(); i++) {
            double t = Math.toRadians(points.get(i).angleDeg);
            double[] row = {1, Math.cos(t), Math.sin(t), Math.cos(2 * t), Math.sin(2 * t)};
            for (int k = 0; k < terms; k++) {
                design.setEntry(i, k, row[k]);
            }
            values.setEntry(i, points.get(i).valueMm);
        }
        var svd = new SingularValueDecomposition(design);
        double[] singular = svd.getSingularValues();
        if (singular.length < terms || singular[terms - 1] < SINGULAR * singular[0]) {
            return null;
        }
        DecompositionSolver solver = svd.getSolver();
        double[] x = solver.solve(values).toArray();
        double[] fitted = design.operate(x);
        List<Double> residuals = new ArrayList<>();
        for (int i = 0; i < fitted.length; i++) {
            residuals.add(points.get(i).valueMm - fitted[i]);
        }
        return new HarmonicFit(
                x[0], x[1], x[2], terms == SECOND ? Math.hypot(x[3], x[4]) : 0, List.copyOf(residuals), terms);
    }

    private static double largestGapDeg(List<Point> points) {
        double[] sorted =
                points.stream().mapToDouble(p -> normalize(p.angleDeg)).sorted().toArray();
        double largest = 360 - sorted[sorted.length - 1] + sorted[0];
        for (int i = 1; i < sorted.length; i++) {
            largest = Math.max(largest, sorted[i] - sorted[i - 1]);
        }
        return largest;
    }
}
