package joropo.core.sizes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SealSizeTest {
    @ParameterizedTest(name = "{0} on a sheet in {1}: {2}")
    @CsvSource({
        "45x62x8, MM, 45x62x8",
        "45 X 62 × 8, MM, 45x62x8",
        "45-62-8, MM, 45x62x8",
        "45x62x8 mm, INCH, 45x62x8",
        "45.01x62x8, MM, 45x62x8",
        "44x63x9, MM, 44x63x9",
        "1.5x2.25x0.375, INCH, 1.5000x2.250x0.3750 in",
        "'1-1/2x2 1/4x3/8\"', MM, 1.5000x2.250x0.3750 in"
    })
    void isReadAsPeopleWriteIt(String text, LengthUnit unit, String expected) {
        assertThat(SealSize.parse(text, unit).words()).isEqualTo(expected);
    }

    @Test
    void everyListedSizeComesBackFromItsWords() {
        for (SealSize size : SealSize.all()) {
            SealSize again = SealSize.parse(size.words(), LengthUnit.MM);
            assertThat(again.known()).as(size.words()).isTrue();
            assertThat(again.words()).isEqualTo(size.words());
        }
        assertThat(SealSize.parse("44x63x9", LengthUnit.MM).known()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "45x62, is not understood as a seal size",
        "62x45x8, must be larger than its shaft",
        "45x2000x8, is beyond the tables",
        "axbxc, is not understood"
    })
    void refusesWhatIsNoSize(String text, String message) {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> SealSize.parse(text, LengthUnit.MM))
                .withMessageContaining(message);
    }
}
