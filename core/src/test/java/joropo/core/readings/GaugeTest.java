package joropo.core.readings;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class GaugeTest {
    @ParameterizedTest(name = "{0} at {1} mm: U = {2} mm")
    @CsvSource({
        "OUTSIDE_MICROMETER, 25, 0.004",
        "OUTSIDE_MICROMETER, 25.1, 0.005",
        "OUTSIDE_MICROMETER, 50, 0.005",
        "OUTSIDE_MICROMETER, 100, 0.006",
        "OUTSIDE_MICROMETER, 150, 0.008",
        "OUTSIDE_MICROMETER, 300, 0.012",
        "OUTSIDE_MICROMETER, 600, 0.024",
        "BORE_GAUGE_3, 62, 0.005",
        "BORE_GAUGE_2, 62, 0.006",
        "INSIDE_MICROMETER, 62, 0.010",
        "TELESCOPIC, 62, 0.015",
        "CALIPER, 62, 0.030",
        "DEPTH_MICROMETER, 10, 0.008",
        "CALIPER_DEPTH, 10, 0.040",
        "DIAL_INDICATOR, 1, 0.008",
        "FEELER, 1, 0.010",
        "RULE, 100, 0.30"
    })
    void hasTheUncertaintyOfTheTable(Gauge gauge, double size, double u) {
        assertThat(gauge.uncertaintyMm(size)).isEqualTo(u);
    }

    @ParameterizedTest
    @EnumSource(Gauge.class)
    void neverGetsFinerOnALargerSize(Gauge gauge) {
        double last = 0;
        for (double size = 1; size < 1200; size += 7) {
            assertThat(gauge.uncertaintyMm(size)).isGreaterThanOrEqualTo(last);
            last = gauge.uncertaintyMm(size);
        }
    }

    @Test
    void namesTheFinestGaugeOrNone() {
        assertThat(Gauge.finest(Gauge.Use.BORE, 62, u -> u <= 0.0115)).hasValue(Gauge.BORE_GAUGE_3);
        assertThat(Gauge.finest(Gauge.Use.BORE, 62, u -> u < 0.001)).isEmpty();
    }
}
