package joropo.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import joropo.core.plan.Step;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChevronSetTest {
    private static ChevronSetBuilder set() {
        return ChevronSetBuilder.builder()
                .rings(5)
                .open(Side.IN)
                .pressure(Side.IN)
                .bothSides(false)
                .pressureMpa(16.0)
                .pitchMm(8.0)
                .headersMm(20.0)
                .takeUpMm(2.0)
                .split(true)
                .jointsOffset(true)
                .rimSeen(true);
    }

    private static Status status(ChevronSet set, String id) {
        return set.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .status();
    }

    @Test
    void aSetThatIsRightIsInLimits() {
        assertThat(Finding.worst(set().build().findings())).isEqualTo(Status.PASS);
        assertThat(set().build().stackByRingsMm()).isEqualTo(60);
    }

    @ParameterizedTest
    @CsvSource({
        "3, 3.5, PASS",
        "3, 3.6, CAUTION",
        "3, 7, CAUTION",
        "3, 7.1, FAIL",
        "4, 10, PASS",
        "4, 20, CAUTION",
        "4, 20.1, FAIL",
        "5, 20, PASS",
        "5, 35, CAUTION",
        "6, 35, PASS",
        "9, 35.1, MISSING",
        "2, 1, FAIL",
        "5, , MISSING",
        ", 10, MISSING"
    })
    void ringsGoByThePressure(@Nullable Integer rings, @Nullable Double mpa, Status expected) {
        assertThat(status(set().rings(rings).pressureMpa(mpa).build(), "rings")).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "IN, IN, false, false, PASS",
        "OUT, IN, false, false, FAIL",
        "OUT, OUT, , false, MISSING",
        "OUT, IN, , false, FAIL",
        "IN, , false, false, MISSING",
        ", IN, false, false, MISSING",
        "IN, IN, true, false, FAIL",
        "IN, IN, true, true, PASS"
    })
    void theOpenSideLooksToThePressure(
            @Nullable Side open, @Nullable Side pressure, @Nullable Boolean both, boolean paired, Status expected) {
        assertThat(status(
                        set().open(open)
                                .pressure(pressure)
                                .bothSides(both)
                                .paired(paired)
                                .build(),
                        "way-round"))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"3, PASS", "3.01, FAIL", "0, PASS", ", MISSING"})
    void theGlandTakesUpFivePercent(@Nullable Double mm, Status expected) {
        assertThat(status(set().takeUpMm(mm).build(), "take-up")).isEqualTo(expected);
    }

    @Test
    void aNickLeaksAndJointsStandApart() {
        assertThat(status(set().rimSeen(false).build(), "rim")).isEqualTo(Status.FAIL);
        assertThat(status(set().rimSeen(null).build(), "rim")).isEqualTo(Status.MISSING);
        assertThat(status(set().jointsOffset(false).build(), "joints")).isEqualTo(Status.FAIL);
        assertThat(status(set().split(null).build(), "joints")).isEqualTo(Status.MISSING);
        assertThat(set().split(false).build().findings())
                .extracting(Finding::id)
                .doesNotContain("joints");
        assertThat(set().build().steps())
                .extracting(Step::id)
                .containsSubsequence("parts", "way-round", "enter", "gland");
    }
}
