package joropo.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;

import joropo.core.assembly.ProvingInput.FirstRun;
import joropo.core.assembly.ProvingInput.HandTurn;
import joropo.core.plan.HoldPoints;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AssemblyTest {
    @ParameterizedTest(name = "play {0} in {1} to {2}: {3}")
    @CsvSource({
        "0.10, 0.05, 0.20, PASS",
        "0.195, 0.05, 0.20, REMEASURE",
        "0.30, 0.05, 0.20, FAIL",
        "0.10, , , CAUTION",
        ", 0.05, 0.20, MISSING",
        "0.10, , 0.20, PASS"
    })
    void axialPlayAgainstTheBuildersLimits(Double play, Double low, Double high, Status expected) {
        Limits limits = low == null && high == null ? null : new Limits(low, high);
        assertThat(AxialPlay.judge(play, limits, 0.008).status()).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0} by hand, {1} after the run: {2}, {3}")
    @CsvSource({
        "EVEN, DRY, PASS, PASS",
        "TIGHT_PLACE, SWEATING, CAUTION, CAUTION",
        "SCRAPE, SEEPING, FAIL, CAUTION",
        "CLICK, DRIPPING, FAIL, FAIL",
        "EVEN, RUNNING, PASS, FAIL",
        ", , MISSING, MISSING"
    })
    void provingIsJudgedByWhatIsSeen(HandTurn hand, FirstRun run, Status handStatus, Status runStatus) {
        assertThat(ProvingCheck.check(new ProvingInput(hand, run)))
                .extracting("status")
                .containsExactly(handStatus, runStatus);
    }

    @ParameterizedTest(name = "isolated {0}, locked {1}, pressure off {2}, reason {3}: {4}")
    @CsvSource({
        "true, true, true, , PASS",
        "true, false, true, , MISSING",
        "true, false, true, fuses drawn, CAUTION",
        "false, false, false, , MISSING"
    })
    void safetyIsTickedNeverAssumed(
            boolean isolated, boolean locked, boolean pressureOff, String reason, Status expected) {
        assertThat(HoldPoints.madeSafe(isolated, locked, pressureOff, reason).status())
                .isEqualTo(expected);
    }

    @Test
    void oneTickMissingKeepsAHoldPointOpen() {
        assertThat(HoldPoints.sealIsTheCause(true, true, true).status()).isEqualTo(Status.PASS);
        assertThat(HoldPoints.sealIsTheCause(true, false, true).status()).isEqualTo(Status.MISSING);
        assertThat(HoldPoints.closed(true, true, true, true).status()).isEqualTo(Status.PASS);
        assertThat(HoldPoints.closed(true, true, true, false).status()).isEqualTo(Status.MISSING);
        assertThat(HoldPoints.filled(true, true).status()).isEqualTo(Status.PASS);
        assertThat(HoldPoints.filled(false, true).status()).isEqualTo(Status.MISSING);
    }
}
