package joropo.core.leak;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * Small rises added up until they count: a one-sided cumulative sum about the first settled rates (guide: k one sigma,
 * h five).
 *
 * @param mean of the reference, @param sigma of it, at least a part of the mean and one step of the reading
 * @param sum now, in the rate's unit; it rings above {@code rings()}, and falls silent when it is used up
 */
record RiseAlarm(double mean, double sigma, double sum) {
    /** So many settled rates are the reference; they ring nothing themselves. */
    static final int REFERENCE = 4;

    private static final double LEAST_SIGMA = 0.15;
    private static final double ALLOWED_SIGMAS = 1;
    private static final double RINGS_SIGMAS = 5;
    private static final double SLACK = 1e-9;

    /** @param step of a reading as a rate over so many days */
    static RiseAlarm of(List<LeakRate> settled, List<Double> rates, DoubleUnaryOperator step) {
        List<Double> first = rates.subList(0, REFERENCE);
        double mean = first.stream().mapToDouble(r -> r).average().orElseThrow();
        double spread = Math.sqrt(
                first.stream().mapToDouble(r -> (r - mean) * (r - mean)).sum() / (REFERENCE - 1));
        double days = settled.subList(0, REFERENCE).stream()
                .mapToDouble(LeakRate::days)
                .average()
                .orElseThrow();
        double sigma = Math.max(spread, Math.max(LEAST_SIGMA * Math.abs(mean), step.applyAsDouble(days)));
        double sum = 0;
        for (double rate : rates.subList(REFERENCE, rates.size())) {
            sum = Math.max(0, sum + rate - mean - ALLOWED_SIGMAS * sigma);
        }
        return new RiseAlarm(mean, sigma, sum);
    }

    double rings() {
        return RINGS_SIGMAS * sigma;
    }

    boolean isRinging() {
        return sum > rings() + SLACK;
    }
}
