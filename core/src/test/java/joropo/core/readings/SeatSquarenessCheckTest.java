package joropo.core.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import joropo.core.readings.SeatSquarenessInput.Reading;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeatSquarenessCheckTest {
    /** The worked case has three figures. */
    private static final double WORKED = 0.0005;

    private static SeatSquarenessResult at12369(
            double od, double circle, double u, double d12, double d3, double d6, double d9) {
        return SeatSquarenessCheck.check(new SeatSquarenessInput(
                od, circle, List.of(clock(12, d12), clock(3, d3), clock(6, d6), clock(9, d9)), u));
    }

    private static Reading clock(double clock, double depth) {
        return new Reading(clock, null, depth);
    }

    /** Worked case: depths 2.10, 2.02, 1.98, 2.06 on a 62 mm circle, seal OD 72 mm. */
    @Test
    void workedCaseOfFourDepths() {
        SeatSquarenessResult r = at12369(72, 62, 0.008, 2.10, 2.02, 1.98, 2.06);
        assertThat(r.meanMm()).isCloseTo(2.040, within(WORKED));
        assertThat(r.amplitudeMm()).isCloseTo(0.0632, within(0.00005));
        assertThat(r.tiltMm()).isCloseTo(0.147, within(WORKED));
        assertThat(r.deepestAngleDeg()).isCloseTo(341.6, within(0.05));
        assertThat(r.proudAngleDeg()).isCloseTo(161.6, within(0.05));
        assertThat(r.tapAtClock()).isEqualTo(5.4);
        assertThat(r.findings().get(0).status()).isEqualTo(Status.PASS);
    }

    /** Hard faces break: whatever is read of a mechanical seal's seat, nobody is sent to tap on it. */
    @ParameterizedTest
    @CsvSource({"0.008, 0.2, FAIL", "0.04, 0.05, REMEASURE", "0.008, 0.01, PASS"})
    void aSeatIsNeverTapped(double u, double tilt, Status expected) {
        SeatSquarenessResult r = SeatSquarenessCheck.check(new SeatSquarenessInput(
                SeatSquarenessInput.What.SEAT,
                44.0,
                44.0,
                List.of(clock(12, 7.5 + tilt / 2), clock(3, 7.5), clock(6, 7.5 - tilt / 2), clock(9, 7.5)),
                u));
        assertThat(r.tapAtClock()).isNull();
        Finding f = r.findings().get(0);
        assertThat(f.status()).isEqualTo(expected);
        assertThat(f.remedy()).doesNotContain("Tap on").satisfies(x -> assertThat(x.isEmpty())
                .isEqualTo(expected == Status.PASS));
    }

    @ParameterizedTest(name = "OD {0}, tilt {1}: {2}")
    @CsvSource({
        "50, 0.14, PASS",
        "50, 0.16, CAUTION",
        "80, 0.19, PASS",
        "80, 0.21, CAUTION",
        "120, 0.24, PASS",
        "180, 0.29, PASS",
        "200, 0.39, PASS",
        "50, 0.32, FAIL",
        "200, 0.79, CAUTION",
        "200, 0.82, FAIL"
    })
    void limitGrowsWithTheOutsideDiameter(double od, double tilt, Status expected) {
        double half = tilt / 2;
        Finding f = at12369(od, od, 0, 2 + half, 2, 2 - half, 2).findings().get(0);
        assertThat(f.status()).isEqualTo(expected);
        assertThat(f.remedy())
                .isEqualTo(
                        expected == Status.PASS ? "" : "Tap on the case at 6.0 o'clock, then read all places again.");
    }

    @Test
    void aSealThatSitsTrueHasNoPlaceToTap() {
        SeatSquarenessResult r = at12369(72, 62, 0.008, 2, 2, 2, 2);
        assertThat(r.tiltMm()).isZero();
        assertThat(r.tapAtClock()).isNull();
    }

    @Test
    void gaugeNotNamedIsACautionAndFewReadingsSayThatNoSlipWasLookedFor() {
        SeatSquarenessResult r = SeatSquarenessCheck.check(new SeatSquarenessInput(
                72.0,
                62.0,
                List.of(new Reading(null, 0.0, 2.0), new Reading(null, 120.0, 2.0), new Reading(null, 240.0, 2.0)),
                null));
        assertThat(r.findings())
                .filteredOn(f -> f.id().equals("gauge"))
                .extracting(Finding::status)
                .containsExactly(Status.CAUTION);
        assertThat(r.findings())
                .filteredOn(f -> f.id().equals("suspicious"))
                .extracting(Finding::message)
                .containsExactly("With fewer than six readings a slip cannot be told from a tilt; no check was made.");
    }

    @Test
    void refusesBothWaysOfNamingAPlaceAtOnceAndNone() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new Reading(3.0, 90.0, 2.0))
                .withMessageContaining("one of the two");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new Reading(null, null, 2.0))
                .withMessageContaining("one of the two");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new Reading(13.0, null, Double.NaN))
                .satisfies(e -> assertThat(e.errors()).extracting("field").containsExactly("clock", "depthMm"));
    }

    @Test
    void clockIsTwelveAtTheTop() {
        assertThat(SeatSquarenessCheck.clock(0)).isEqualTo(12);
        assertThat(SeatSquarenessCheck.clock(359.9)).isEqualTo(12);
        assertThat(SeatSquarenessCheck.clock(90)).isEqualTo(3);
    }

    /** The seat of a mechanical seal has one limit whatever its size, and no second step above it. */
    @ParameterizedTest(name = "tilt {0}, U {1}: {2}")
    @CsvSource({"0.05, 0, PASS", "0.0502, 0, FAIL", "0.0358, 0.01, PASS", "0.0359, 0.01, REMEASURE"})
    void aSeatHasItsOwnLimit(double tilt, double u, Status expected) {
        double half = tilt / 2;
        SeatSquarenessResult r = SeatSquarenessCheck.check(new SeatSquarenessInput(
                SeatSquarenessInput.What.SEAT,
                60.0,
                60.0,
                List.of(clock(12, 2 + half), clock(3, 2), clock(6, 2 - half), clock(9, 2)),
                u));
        assertThat(r.findings().get(0).status()).isEqualTo(expected);
    }

    /** The same tilt read round the circle holds; read over a quarter of it the gauge cannot tell. */
    @Test
    void aShortArcCannotTell() {
        assertThat(tilted(0, 3, 6, 9)).isEqualTo(Status.PASS);
        assertThat(tilted(0, 1, 2, 3)).isEqualTo(Status.REMEASURE);
    }

    private static Status tilted(int... clocks) {
        List<Reading> readings = IntStream.of(clocks)
                .mapToObj(c -> clock(c, 2 + 0.05 * Math.cos(Math.toRadians(30 * c))))
                .toList();
        return SeatSquarenessCheck.check(new SeatSquarenessInput(72.0, 72.0, readings, 0.06))
                .findings()
                .get(0)
                .status();
    }
}
