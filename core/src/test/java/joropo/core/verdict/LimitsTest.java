package joropo.core.verdict;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;
import static joropo.core.verdict.Status.REMEASURE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimitsTest {
    /** ISO 286-2:2010, shaft 25 g6: deviations -20 µm and -7 µm. */
    private static final Limits SHAFT_25_G6 = Limits.ofDeviations(25, -20, -7);

    @Test
    void limitsOfShaft25g6AreThosePublished() {
        assertThat(SHAFT_25_G6).isEqualTo(new Limits(24.980, 24.993));
    }

    @ParameterizedTest(name = "{0} mm with U = {1} mm is {2}")
    @CsvSource({
        "24.986, 0.004, PASS",
        "24.993, 0, PASS",
        "24.980, 0, PASS",
        "24.9931, 0, FAIL",
        "24.992, 0.004, REMEASURE",
        "24.984, 0.004, PASS",
        "24.9839, 0.004, REMEASURE",
        "24.976, 0.004, REMEASURE",
        "24.9759, 0.004, FAIL",
        "24.997, 0.004, REMEASURE",
        "24.9971, 0.004, FAIL",
        "NaN, 0.004, REMEASURE"
    })
    void judgesInsideAtNearAndOutside(double value, double u, Status expected) {
        assertThat(SHAFT_25_G6.judge(value, u)).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0} with U {1}, steps 0.15 and 0.30: {2}")
    @CsvSource({
        "0.15, 0, PASS",
        "0.14, 0.01, PASS",
        "0.145, 0.01, CAUTION",
        "0.30, 0, CAUTION",
        "0.295, 0.01, REMEASURE",
        "0.31, 0.01, REMEASURE",
        "0.3101, 0.01, FAIL"
    })
    void twoStepRuleHasCautionBetween(double value, double u, Status expected) {
        assertThat(Limits.twoStep(value, u, 0.15, 0.30)).isEqualTo(expected);
    }

    @Test
    void oneSidedLimitsLeaveTheOtherSideOpen() {
        assertThat(Limits.atLeast(2).judge(1e9, 0.1)).isEqualTo(PASS);
        assertThat(Limits.atMost(2).judge(-1e9, 0.1)).isEqualTo(PASS);
        assertThat(Limits.atMost(2).margin(2.5)).isEqualTo(-0.5);
        assertThat(Limits.atLeast(2).tooCoarse(100)).isFalse();
    }

    @Test
    void saysWhenAGaugeIsTooCoarseOrHopeless() {
        var limits = new Limits(10.0, 10.04);
        assertThat(limits.tooCoarse(0.010)).isFalse();
        assertThat(limits.tooCoarse(0.0101)).isTrue();
        assertThat(limits.cannotPass(0.020)).isFalse();
        assertThat(limits.cannotPass(0.0201)).isTrue();
        assertThat(limits.judge(10.02, 0.0201)).as("no reading at all can pass").isEqualTo(REMEASURE);
    }

    @Test
    void noiseOfFractionsFavoursTheMilderState() {
        assertThat(new Limits(0.0, 0.3).judge(0.1 + 0.2, 0)).isEqualTo(PASS);
        assertThat(Limits.twoStep(0.1 + 0.2, 0, 0.3, 0.6)).isEqualTo(PASS);
    }

    @Test
    void theWorstFindingIsTheVerdict() {
        assertThat(Finding.worst(List.of())).isEqualTo(MISSING);
        assertThat(List.of(PASS, CAUTION, MISSING, REMEASURE, FAIL)).isSortedAccordingTo((a, b) -> b.compareTo(a));
        assertThat(PASS.worse(CAUTION)).isEqualTo(CAUTION);
        assertThat(FAIL.worse(MISSING)).isEqualTo(FAIL);
    }

    @Test
    void refusalNamesTheValues() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Limits(25.0, Double.NaN))
                .withMessage("Need lower <= upper, got 25.0 and NaN");
    }
}
