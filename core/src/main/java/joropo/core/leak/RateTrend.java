package joropo.core.leak;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A line through rates that no single wild one bends: Theil and Sen's, with Sen's interval by Kendall's variance
 * (computed).
 *
 * @param slope in a day, @param from @param to where it lies in eight of ten
 * @param day @param rate a point that all three lines run through, day since 1970
 */
record RateTrend(double slope, double from, double to, double day, double rate) {
    /** From so many rates there is a trend. */
    static final int LEAST = 4;
    /** The line looks at the last ones only: pairs grow with the square. */
    private static final int MOST = 400;

    private static final double EIGHT_OF_TEN = 1.2815515655446004;

    static @Nullable RateTrend of(List<double[]> dayAndRate) {
        List<double[]> points = dayAndRate.subList(Math.max(0, dayAndRate.size() - MOST), dayAndRate.size());
        int n = points.size();
        if (n < LEAST) {
            return null;
        }
        double[] slopes = new double[n * (n - 1) / 2];
        int pairs = 0;
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                double days = points.get(j)[0] - points.get(i)[0];
                if (days > 0) {
                    slopes[pairs++] = (points.get(j)[1] - points.get(i)[1]) / days;
                }
            }
        }
        slopes = Arrays.copyOf(slopes, pairs);
        Arrays.sort(slopes);
        double spread = EIGHT_OF_TEN * Math.sqrt(variance(points));
        return new RateTrend(
                middle(slopes),
                ranked(slopes, (pairs - spread) / 2),
                ranked(slopes, (pairs + spread) / 2 + 1),
                middle(points.stream().mapToDouble(p -> p[0]).sorted().toArray()),
                middle(points.stream().mapToDouble(p -> p[1]).sorted().toArray()));
    }

    /** Of Kendall's sum, rates that are alike taken off (computed). */
    private static double variance(List<double[]> points) {
        double[] rates = points.stream().mapToDouble(p -> p[1]).sorted().toArray();
        double sum = part(rates.length);
        int start = 0;
        for (int i = 1; i <= rates.length; i++) {
            if (i == rates.length || rates[i] != rates[start]) {
                sum -= part(i - start);
                start = i;
            }
        }
        return sum / 18;
    }

    private static double part(int count) {
        return (double) count * (count - 1) * (2 * count + 5);
    }

    private static double middle(double[] sorted) {
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }

    /** The value of that rank, counted from one; between two, between them. */
    private static double ranked(double[] sorted, double rank) {
        double place = Math.max(0, Math.min(sorted.length - 1, rank - 1));
        int low = (int) Math.floor(place);
        int high = Math.min(sorted.length - 1, low + 1);
        return sorted[low] + (place - low) * (sorted[high] - sorted[low]);
    }

    double at(double when) {
        return rate + slope * (when - day);
    }

    /** Day since 1970 at which a line of that slope passes the rate; absent: it does not climb. */
    @Nullable
    Double crosses(double wanted, double by) {
        return by > 0 ? Double.valueOf(day + (wanted - rate) / by) : null;
    }
}
