package joropo.core.tables;

import java.util.List;
import java.util.OptionalDouble;
import joropo.core.units.Length;

/**
 * A curve given by points: a straight line between two, the first value held below the first point, nothing said beyond
 * the last.
 */
public final class Points {
    /** One point; x in the unit of the table. */
    public record Point(double x, double y) {}

    private final List<Point> points;

    /** @throws IllegalStateException when there is no point, or x does not rise */
    public Points(String name, List<Point> points) {
        this.points = List.copyOf(points);
        if (points.isEmpty()) {
            throw new IllegalStateException("Table " + name + " has no point");
        }
        for (int i = 1; i < points.size(); i++) {
            if (!(points.get(i - 1).x < points.get(i).x)) {
                throw new IllegalStateException("Table " + name + ": x must rise at " + points.get(i).x);
            }
        }
    }

    public List<Point> points() {
        return points;
    }

    /** The value at x; empty beyond the last point. */
    public OptionalDouble at(double x) {
        if (x <= points.get(0).x) {
            return OptionalDouble.of(points.get(0).y);
        }
        for (int i = 1; i < points.size(); i++) {
            Point a = points.get(i - 1);
            Point b = points.get(i);
            if (x <= b.x) {
                return OptionalDouble.of(Length.snap(a.y + (b.y - a.y) * (x - a.x) / (b.x - a.x)));
            }
        }
        return OptionalDouble.empty();
    }
}
