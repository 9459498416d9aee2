package joropo.core.leak;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.function.LongPredicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bottles read every week for a year or until the leak has doubled, over a thousand seeds each. */
class LeakSeasonsTest {
    private static final int SEEDS = 1000;
    private static final int WEEK = 7;
    private static final int YEAR_WEEKS = 52;
    private static final double MEAN = 10;
    private static final LocalDate FIRST = LocalDate.of(2026, 1, 5);

    /** What gathered, each week's amount scattered by itself. @param rate in mL a day at a day */
    private static List<LeakEvent> season(long seed, int weeks, double scatter, DoubleUnaryOperator rate) {
        Random random = new Random(seed);
        List<LeakEvent> out = new ArrayList<>();
        double ml = 0;
        for (int i = 0; i <= weeks; i++) {
            out.add(LeakEventBuilder.builder()
                    .at(FIRST.plusDays((long) WEEK * i).toString())
                    .type(LeakEvent.Type.READING)
                    .amountMl(ml)
                    .build());
            double week = WEEK * rate.applyAsDouble(WEEK * (i + 0.5));
            ml += Math.max(0, week * (1 + scatter * random.nextGaussian()));
        }
        return out;
    }

    private static LeakTrendResult judged(List<LeakEvent> events) {
        return LeakTrendCheck.check(LeakTrendInputBuilder.builder()
                .kind(LeakKind.BOTTLE)
                .events(events)
                .allowanceMlPerDay(2 * MEAN)
                .build());
    }

    /** Whether it rang at any reading up to the last one. */
    private static boolean rang(List<LeakEvent> events) {
        LeakTrendInput in = LeakTrendInputBuilder.builder()
                .kind(LeakKind.BOTTLE)
                .events(events)
                .build();
        List<LeakRate> rates = new Series(in).rates();
        List<Double> perDay = rates.stream().map(LeakRate::perDay).toList();
        return IntStream.rangeClosed(RiseAlarm.REFERENCE + 1, rates.size())
                .anyMatch(n -> RiseAlarm.of(rates.subList(0, n), perDay.subList(0, n), in::resolutionPerDay)
                        .isRinging());
    }

    private static double share(LongPredicate seen) {
        return IntStream.range(0, SEEDS).parallel().filter(seen::test).count() / (double) SEEDS;
    }

    @ParameterizedTest(name = "doubled over {0} days at a scatter of {1}: seen in {2} of them")
    @CsvSource({"100, 0.10, 0.90", "200, 0.10, 0.95", "400, 0.10, 0.95", "200, 0.05, 0.95", "200, 0.20, 0.80"})
    void aDoublingIsSeenBeforeTheAllowance(int days, double scatter, double least) {
        double seen = share(seed -> rang(season(seed, days / WEEK, scatter, day -> MEAN * (1 + day / days))));
        assertThat(seen).as("share in which it was seen").isGreaterThanOrEqualTo(least);
    }

    @ParameterizedTest(name = "steady at a scatter of {0}: at most {1} ring in a year")
    @CsvSource({"0.10, 0.02", "0.05, 0.02", "0.20, 0.12"})
    void aSteadyLeakRingsNoAlarm(double scatter, double most) {
        double rang = share(seed -> rang(season(seed, YEAR_WEEKS, scatter, day -> MEAN)));
        assertThat(rang).as("share that rang").isLessThan(most);
    }

    @Test
    void theRangeOfTheTrendHoldsTheTruthInEightOfTen() {
        double slope = MEAN / 200;
        double held = share(seed -> {
            LeakTrendResult r = judged(season(seed, 20, 0.1, day -> MEAN + slope * day));
            return r.slopeFrom() <= slope && slope <= r.slopeTo();
        });
        assertThat(held).isBetween(0.75, 0.92);
    }

    @Test
    void aStepIsSeenWithinFiveWeeks() {
        double seen = share(seed -> rang(season(seed, 25, 0.1, day -> day < 140 ? MEAN : 1.5 * MEAN)));
        assertThat(seen).isGreaterThan(0.95);
    }
}
