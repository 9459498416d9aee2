package joropo.core.sizes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SeatSizeTest {
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "45x62x8, MM, 45, 62, 8, 45x62x8",
                "45 x 62, MM, 45, 62, -, 45x62",
                "45, MM, 45, -, -, 45",
                "45-62-8, MM, 45, 62, 8, 45x62x8",
                "1.75x2.502x0.375, INCH, 44.45, 63.5508, 9.525, 1.75x2.502x0.375",
                "1 3/4 x 2 1/2 in, MM, 44.45, 63.5, -, 1.75x2.5",
                "'44,5x62 mm', INCH, 44.5, 62, -, 44.5x62"
            })
    void whatIsTypedIsReadAndReadsTheSameAgain(
            String text, LengthUnit unit, Double shaft, Double bore, Double width, String again) {
        SeatSize size = SeatSize.parse(text, unit);
        assertThat(size).isEqualTo(new SeatSize(shaft, bore, width));
        LengthUnit own = text.endsWith("mm") ? LengthUnit.MM : text.endsWith("in") ? LengthUnit.INCH : unit;
        assertThat(size.text(own)).isEqualTo(again);
        assertThat(SeatSize.parse(size.text(own), own).text(own)).isEqualTo(again);
    }

    @ParameterizedTest
    @ValueSource(strings = {"62x45", "45x", "45x62x8x2", "large", "0x62", "45xx8"})
    void whatIsNoSizeIsRefused(String text) {
        assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> SeatSize.parse(text, LengthUnit.MM));
    }

    @Test
    void aWholeSizeIsASealAndAPartOfItIsNone() {
        assertThat(SeatSize.parse("45x62x8", LengthUnit.MM).seal()).isEqualTo(SealSize.parse("45x62x8", LengthUnit.MM));
        assertThat(SeatSize.parse("45x62", LengthUnit.MM).seal()).isNull();
        assertThat(SeatSize.UNKNOWN.words(LengthUnit.MM)).isEqualTo("–");
    }
}
