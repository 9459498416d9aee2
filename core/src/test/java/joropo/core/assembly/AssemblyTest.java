package joropo.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import joropo.core.material.Medium;
import joropo.core.plan.HoldPoints;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AssemblyTest {
    /** As people write a pack, and what they are told of one that differs. */
    @ParameterizedTest(name = "{0} against 0.5 0.2 0.1: {1}, {2}")
    @CsvSource({
        "0.5 0.2 0.1, 0.8, ",
        "0.5 + 0.2 + 0.1, 0.8, ",
        "0.1; 0.2; 0.5, 0.8, ",
        "2x0.35 0.1, 0.8, ",
        "'0,5 0,2 0,1', 0.8, ",
        "0.5 0.2, 0.7, 'counts 2, and 3 came out'",
        "0.5 0.2 0.2, 0.9, 'adds up to 0.90 mm, and 0.80 mm came out'",
        "0.5 0.2 0.12, 0.82, ",
        "0.5 0.2 0.13, 0.83, 'adds up to 0.83 mm, and 0.80 mm came out'",
    })
    void shimsGoBackInNumberAndSum(String text, double sum, String unlike) {
        ShimPack pack = ShimPack.parse(text, LengthUnit.MM);
        assertThat(pack.sumMm()).isEqualTo(sum);
        assertThat(pack.unlike(ShimPack.parse("0.5 0.2 0.1", LengthUnit.MM)).orElse(null))
                .isEqualTo(unlike);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0", "50", "0.5 0", "x0.1", "0x0.1", "thin"})
    void whatIsNoPackIsRefused(String text) {
        assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> ShimPack.parse(text, LengthUnit.MM));
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
        assertThat(ProvingCheck.handTurn(hand).status()).isEqualTo(handStatus);
        assertThat(ProvingCheck.firstRun(run).status()).isEqualTo(runStatus);
    }

    /** What is a leak of a lip is the life of a packing, and dry burns it. */
    @ParameterizedTest(name = "{0}, counted {1}: {2}")
    @CsvSource({
        "DRIPPING, true, PASS",
        "DRIPPING, false, MISSING",
        "RUNNING, true, PASS",
        "SWEATING, false, MISSING",
        "DRY, true, FAIL",
        "DRY, false, FAIL",
        ", true, MISSING"
    })
    void aPackedBoxHasToDrip(FirstRun run, boolean counted, Status expected) {
        assertThat(ProvingCheck.firstRunOfBox(run, counted).status()).isEqualTo(expected);
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
        assertThat(HoldPoints.filled(Medium.OIL, true, false))
                .get()
                .extracting(Finding::status)
                .isEqualTo(Status.PASS);
        assertThat(HoldPoints.filled(Medium.OIL, false, true))
                .get()
                .extracting(Finding::status)
                .isEqualTo(Status.MISSING);
        assertThat(HoldPoints.filled(Medium.GREASE, true, false))
                .get()
                .extracting(Finding::status)
                .isEqualTo(Status.MISSING);
        assertThat(HoldPoints.filled(Medium.GREASE, false, true))
                .get()
                .extracting(Finding::status)
                .isEqualTo(Status.PASS);
        assertThat(HoldPoints.filled(Medium.AIR, false, false)).isEmpty();
    }
}
