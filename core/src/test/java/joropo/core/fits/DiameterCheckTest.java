package joropo.core.fits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import joropo.core.fits.DiameterInput.Part;
import joropo.core.readings.DiameterReadings.Plane;
import joropo.core.readings.Gauge;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DiameterCheckTest {
    private static Plane plane(double... readings) {
        return new Plane(null, Arrays.stream(readings).boxed().toList());
    }

    private static DiameterInput shaft45(Gauge gauge, Plane... planes) {
        return Diameters.ofClass(Part.SHAFT, 45, "h11", gauge, null, List.of(planes));
    }

    private static Finding finding(DiameterResult result, String id) {
        return result.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void figuresOfTwoPlanes() {
        DiameterResult r =
                DiameterCheck.check(shaft45(Gauge.OUTSIDE_MICROMETER, plane(44.962, 44.952), plane(44.971, 44.966)));
        assertThat(r.meanMm()).isEqualTo(44.96275);
        assertThat(r.minMm()).isEqualTo(44.952);
        assertThat(r.maxMm()).isEqualTo(44.971);
        assertThat(r.ovalityMm()).isEqualTo(0.010);
        assertThat(r.taperMm()).isEqualTo(0.0115);
        assertThat(r.planeMeansMm()).containsExactly(44.957, 44.9685);
    }

    /** 45 h11 runs from 44.840 to 45.000; an outside micrometer has U = 0.005 there. */
    @ParameterizedTest(name = "worst reading {0}: {1}")
    @CsvSource({
        "44.9, PASS",
        "44.845, PASS",
        "44.843, REMEASURE",
        "44.836, REMEASURE",
        "44.834, FAIL",
        "44.995, PASS",
        "44.997, REMEASURE",
        "45.006, FAIL"
    })
    void everyReadingHasToLieInItsLimits(double worst, Status expected) {
        Finding f = finding(
                DiameterCheck.check(shaft45(Gauge.OUTSIDE_MICROMETER, plane(44.95, 44.95), plane(44.95, worst))),
                "size");
        assertThat(f.status()).isEqualTo(expected);
        assertThat(f.lower()).isEqualTo(44.840);
        assertThat(f.upper()).isEqualTo(45.000);
        assertThat(f.source()).isEqualTo(Source.STANDARD);
    }

    @Test
    void coarseGaugeIsSaidAndABetterOneNamed() {
        DiameterInput in =
                Diameters.ofClass(Part.BORE, 62, "H8", Gauge.TELESCOPIC, null, List.of(plane(62.041, 62.038)));
        DiameterResult r = DiameterCheck.check(in);
        assertThat(finding(r, "size").status()).isEqualTo(Status.REMEASURE);
        assertThat(finding(r, "gauge").status()).isEqualTo(Status.CAUTION);
        assertThat(finding(r, "gauge").remedy()).isEqualTo("Use a finer gauge: three-point bore gauge, U 0.005 mm.");
        Finding caliper = finding(
                DiameterCheck.check(
                        Diameters.ofClass(Part.BORE, 62, "H8", Gauge.CALIPER, null, List.of(plane(62.02, 62.02)))),
                "gauge");
        assertThat(caliper.message()).startsWith("With this gauge no reading at all can pass");
    }

    @Test
    void ownUncertaintyBeatsTheGaugeAndNoneIsACaution() {
        assertThat(Diameters.ofClass(Part.SHAFT, 45, "h11", Gauge.CALIPER, 0.002, List.of(plane(44.9, 44.9)))
                        .effectiveUncertaintyMm())
                .isEqualTo(0.002);
        DiameterInput none = Diameters.ofClass(Part.SHAFT, 45, "h11", null, null, List.of(plane(45.0, 44.9)));
        assertThat(none.effectiveUncertaintyMm()).as("as by a vernier caliper").isEqualTo(0.03);
        assertThat(finding(DiameterCheck.check(none), "gauge").status()).isEqualTo(Status.CAUTION);
        assertThat(finding(DiameterCheck.check(none), "size").status())
                .as("exactly at the limit")
                .isEqualTo(Status.REMEASURE);
    }

    /** d20 = 45 x (1 + 11.5e-6 x 5) / (1 + 23.5e-6 x 40) by hand: 44.960326. */
    @Test
    void warmAluminiumIsBroughtTo20() {
        var in = DiameterInputBuilder.builder()
                .part(Part.BORE)
                .nominalMm(45.0)
                .toleranceClass("H8")
                .uncertaintyMm(0.005)
                .partTemperatureC(60.0)
                .gaugeTemperatureC(25.0)
                .partMaterial("ALUMINIUM")
                .planes(List.of(plane(45, 45)))
                .build();
        assertThat(DiameterCheck.check(in).meanMm()).as("six decimals by hand").isCloseTo(44.960326, within(2e-6));
        assertThat(finding(DiameterCheck.check(in), "temperature").status()).isEqualTo(Status.PASS);
    }

    @ParameterizedTest(name = "part {0}, gauge {1}, tolerance {2}: {3}")
    @CsvSource({
        "30, , h11, PASS",
        "30.1, , h11, CAUTION",
        "9.9, , h11, CAUTION",
        "60, 22, h11, PASS",
        ", , h11, PASS",
        ", , h8, CAUTION"
    })
    void temperatureIsACautionWhereItMatters(Double partC, Double gaugeC, String tolerance, Status expected) {
        var in = DiameterInputBuilder.builder()
                .part(Part.SHAFT)
                .nominalMm(45.0)
                .toleranceClass(tolerance)
                .gauge(Gauge.OUTSIDE_MICROMETER)
                .partTemperatureC(partC)
                .gaugeTemperatureC(gaugeC)
                .planes(List.of(plane(44.98, 44.98)))
                .build();
        assertThat(finding(DiameterCheck.check(in), "temperature").status()).isEqualTo(expected);
    }

    @Test
    void shiftingReadingsAndLimitsTogetherChangesNoState() {
        for (double d = 0; d < 0.2; d += 0.0037) {
            var low = DiameterInputBuilder.builder()
                    .part(Part.SHAFT)
                    .nominalMm(45.0)
                    .lowerMm(44.84)
                    .upperMm(45.0)
                    .uncertaintyMm(0.005)
                    .planes(List.of(plane(44.83 + d, 44.9)))
                    .build();
            var high = DiameterInputBuilder.builder()
                    .part(Part.SHAFT)
                    .nominalMm(95.0)
                    .lowerMm(94.84)
                    .upperMm(95.0)
                    .uncertaintyMm(0.005)
                    .planes(List.of(plane(94.83 + d, 94.9)))
                    .build();
            assertThat(finding(DiameterCheck.check(high), "size").status())
                    .isEqualTo(finding(DiameterCheck.check(low), "size").status());
        }
    }

    @Test
    void refusesWhatCannotBeJudgedFieldByField() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new Plane(null, List.of(45.0)))
                .withMessageContaining("two to 12 directions, got 1");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new Plane(null, List.of(45.0, Double.NaN)))
                .withMessageContaining("must be above 0");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> DiameterInputBuilder.builder()
                        .nominalMm(-1.0)
                        .toleranceClass("h11")
                        .lowerMm(44.0)
                        .upperMm(45.0)
                        .uncertaintyMm(-0.1)
                        .gaugeTemperatureC(20.0)
                        .build())
                .satisfies(e -> assertThat(e.errors())
                        .extracting("field")
                        .containsExactly(
                                "part",
                                "nominalMm",
                                "toleranceClass",
                                "lowerMm",
                                "uncertaintyMm",
                                "gaugeTemperatureC",
                                "planes"));
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> DiameterCheck.check(
                        Diameters.ofClass(Part.SHAFT, 45, "H8", null, null, List.of(plane(45, 45)))))
                .withMessage(
                        "toleranceClass: 'H8' is of the other kind: bores have capital letters, shafts small ones");
    }
}
