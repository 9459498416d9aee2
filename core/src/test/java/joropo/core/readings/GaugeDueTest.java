package joropo.core.readings;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GaugeDueTest {
    private static final LocalDate DUE = LocalDate.of(2026, 9, 30);

    @ParameterizedTest(name = "read on {0}: {1}")
    @CsvSource({"2026-09-29, PASS", "2026-09-30, PASS", "2026-10-01, CAUTION", "2027-09-30, CAUTION"})
    void aCertificateSpeaksToItsLastDay(LocalDate today, Status expected) {
        Finding f = GaugeDue.judge("Bore gauge 60 to 75", DUE, today);
        assertThat(f.status()).isEqualTo(expected);
        assertThat(f.message())
                .isEqualTo("Bore gauge 60 to 75" + (expected == Status.PASS ? " is good to " : " was due on ")
                        + "30 Sep 2026.");
        assertThat(f.remedy().isEmpty()).isEqualTo(expected == Status.PASS);
    }
}
