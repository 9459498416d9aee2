package joropo.core.assembly;

import java.util.Map;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * Two parts that are each off by something, turned against each other: TIR² = A + B cos + C sin of the place's angle,
 * with no swing above A (computed).
 */
final class ClockingModel {
    private final double a;
    private final double b;
    private final double c;
    private final int places;

    /** @param measured mean whole reading by place, three or more */
    ClockingModel(int places, Map<Integer, Double> measured) {
        this.places = places;
        var design = new Array2DRowRealMatrix(measured.size(), 3);
        var squares = new ArrayRealVector(measured.size());
        int row = 0;
        for (Map.Entry<Integer, Double> m : measured.entrySet()) {
            double t = angle(m.getKey());
            design.setRow(row, new double[] {1, Math.cos(t), Math.sin(t)});
            squares.setEntry(row, m.getValue() * m.getValue());
            row++;
        }
        double[] x = new SingularValueDecomposition(design)
                .getSolver()
                .solve(squares)
                .toArray();
        a = Math.max(0, x[0]);
        double swing = Math.hypot(x[1], x[2]);
        double limited = swing > a && swing > 0 ? a / swing : 1;
        b = x[1] * limited;
        c = x[2] * limited;
    }

    private double angle(int place) {
        return 2 * Math.PI * place / places;
    }

    double tir(int place) {
        double t = angle(place);
        return Math.sqrt(Math.max(0, a + b * Math.cos(t) + c * Math.sin(t)));
    }

    /** Of what was measured, with three figures fitted (mm); of four trials or more. */
    double errorMm(Map<Integer, Double> measured) {
        double squares = measured.entrySet().stream()
                .mapToDouble(m -> m.getValue() - tir(m.getKey()))
                .map(d -> d * d)
                .sum();
        return Math.sqrt(squares / (measured.size() - 3));
    }
}
