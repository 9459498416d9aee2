package joropo.core.readings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import joropo.core.readings.Misreading.Slip;
import joropo.core.units.LengthUnit;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MisreadingTest {
    private static final double U = 0.005;

    @ParameterizedTest
    @CsvSource({
        "44.98, 44.98, 44.48, 44.97, 2, HALF_TURN, 0.50 mm less than its neighbours: half a turn of the thimble?",
        "45.48, 44.98, 44.98, 44.975, 0, HALF_TURN, 0.50 mm more than its neighbours: half a turn of the thimble?",
        "44.45, 44.45, 44.45, 43.815, 3, INCH_TURN, 0.64 mm less than its neighbours: a turn of an inch micrometer?",
        "44.98, 34.98, 44.98, 44.97, 1, TEN, 10.00 mm less than its neighbours: ten millimetres?",
        "44.98, 44.98, 44.98, 1.7709, 3, INCH, Its neighbours read 25.4 times as much: typed in inches?",
        "2.51, 2.49, 2.50, 12.5, 3, TEN, 10.00 mm more than its neighbours: ten millimetres?"
    })
    void oneThatIsOffByAStepIsSuspected(double a, double b, double c, double d, int index, Slip slip, String question) {
        assertThat(Misreading.among(List.of(a, b, c, d), U)).singleElement().satisfies(m -> {
            assertThat(m.index()).isEqualTo(index);
            assertThat(m.slip()).isEqualTo(slip);
            assertThat(m.question(LengthUnit.MM)).isEqualTo(question);
            assertThat(m.finding("shaft").status()).isEqualTo(Status.REMEASURE);
        });
    }

    /** A worn shaft, a tilt, two that agree against two, and too few readings are no misreadings. */
    @ParameterizedTest
    @CsvSource({
        "44.98, 44.98, 44.50, 44.49",
        "44.98, 44.98, 44.46, 44.97",
        "44.98, 44.98, 44.54, 44.97",
        "44.98, 44.80, 44.48, 44.97",
        "44.98, 44.98, 44.97, 44.96"
    })
    void whatIsNoStepIsNot(double a, double b, double c, double d) {
        assertThat(Misreading.among(List.of(a, b, c, d), U)).isEmpty();
        assertThat(Misreading.among(Arrays.asList(a, b, null, d), U)).isEmpty();
    }

    @Test
    void everySlipOfAGoodShaftIsFoundWhereverItStandsAndNoneWhereThereIsNone() {
        Random random = new Random(7);
        for (int run = 0; run < 2000; run++) {
            double size = 20 + random.nextInt(200);
            List<Double> readings = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                readings.add(size - random.nextDouble() * 0.015);
            }
            assertThat(Misreading.among(List.copyOf(readings), U)).isEmpty();
            int at = random.nextInt(4);
            double step = random.nextBoolean() ? 0.5 : random.nextBoolean() ? 10 : 0.635;
            readings.set(at, readings.get(at) + (random.nextBoolean() ? step : -step));
            assertThat(Misreading.among(List.copyOf(readings), 0.02))
                    .singleElement()
                    .satisfies(m -> assertThat(m.index()).isEqualTo(at));
        }
    }

    @Test
    void aMetricPlaceThatReadsAnInchSizeIsAsked() {
        assertThat(Misreading.inchSize(List.of(44.45, 44.44, 44.45), 45, true))
                .get()
                .satisfies(s -> assertThat(s.shaftMm()).isEqualTo(44.45));
        assertThat(Misreading.inchSize(List.of(44.98, 44.97), 45, true)).isEmpty();
        assertThat(Misreading.inchSize(List.of(44.45, 44.60), 45, true)).isEmpty();
    }
}
