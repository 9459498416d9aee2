package joropo.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTest {
    /** Snapped to 1e-6 mm on reading. */
    private static final double SNAP = 1e-6;

    @ParameterizedTest(name = "{0} on a {1} sheet is {2} mm")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "40 | MM | 40",
                "40.02 | MM | 40.02",
                "40,02 | MM | 40.02",
                "1,575 | MM | 1.575",
                "40.02 mm | INCH | 40.02",
                "40.02mm | MM | 40.02",
                "1.575\" | MM | 40.005",
                "1.575 in | MM | 40.005",
                "1.575 | INCH | 40.005",
                "1 9/16\" | MM | 39.6875",
                "1-9/16 in | MM | 39.6875",
                "1 9/16 | INCH | 39.6875",
                "63/64\" | MM | 25.003125",
                "63/64 | INCH | 25.003125",
                "12 thou | MM | 0.3048",
                "0.5 mil | MM | 0.0127",
                "25 µm | INCH | 0.025",
                "25 um | MM | 0.025",
                ".5\" | MM | 12.7",
                "5000 | MM | 5000",
                " 40.02  mm | MM | 40.02"
            })
    void readsWhatPeopleWrite(String text, LengthUnit sheet, double mm) {
        assertThat(Length.parseSize(text, sheet).mm()).isCloseTo(mm, within(SNAP));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "abc",
                "4O",
                "1e3",
                "NaN",
                "Infinity",
                "45 m",
                "12 cm",
                "1.2.3",
                "1,234.5",
                "40 mm mm",
                "--4",
                "9/0\"",
                "1 17/16\"",
                "1 9/16 mm",
                "five",
                "40;",
                "١٢"
            })
    void refusesAnythingElseInOneSentence(String text) {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> Length.parseSize(text, LengthUnit.MM))
                .withMessageContaining("not understood")
                .withMessageNotContaining("\n");
    }

    @Test
    void refusalSaysWhatWouldHaveBeenUnderstood() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Length.parseSize("fourty", LengthUnit.MM))
                .withMessage(
                        "'fourty' is not understood as a length: write 40, 40.02 mm, 1.575\", 1 9/16\", 12 thou or "
                                + "25 µm");
    }

    @Test
    void refusesAFractionWithoutAnInchMarkOnAMmSheet() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Length.parseSize("1 9/16", LengthUnit.MM))
                .withMessage("'1 9/16' is a fraction without an inch mark on a mm sheet: write it with \" or in");
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "-3", "0.0 mm", "-1/8\""})
    void sizesAreAboveZero(String text) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Length.parseSize(text, LengthUnit.MM))
                .withMessageContaining("not above zero");
    }

    @ParameterizedTest
    @CsvSource({"45000, 45.0 m", "5000.1, 5.0 m", "200 in, 5.1 m", "-9000, -9.0 m"})
    void nothingIsLongerThanFiveMetres(String text, String metres) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Length.parsePlace(text, LengthUnit.MM))
                .withMessageContaining(metres + ", more than 5 m");
    }

    @Test
    void placesMayBeNegativeOrZero() {
        assertThat(Length.parsePlace("-1/8\"", LengthUnit.MM).mm()).isEqualTo(-3.175);
        assertThat(Length.parsePlace("−0,5", LengthUnit.MM).mm())
                .as("typographic minus")
                .isEqualTo(-0.5);
        assertThat(Length.parsePlace("-0", LengthUnit.MM).mm()).isEqualTo(0);
    }

    @Test
    void aVeryLongTextIsQuotedShort() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Length.parseSize("9".repeat(10_000), LengthUnit.MM))
                .satisfies(e -> assertThat(e.getMessage())
                        .contains("(10000 characters)")
                        .hasSizeLessThan(200));
    }

    @Test
    void mmAndInchComeBackToTheSamePlace() {
        var random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            double mm = Length.snap(0.001 + 900 * random.nextDouble());
            String inch = String.format(Locale.ROOT, "%.10f in", mm / Length.MM_PER_INCH);
            assertThat(Length.parseSize(inch, LengthUnit.MM).mm())
                    .isEqualTo(Length.parseSize(mm + " mm", LengthUnit.INCH).mm());
        }
    }

    @Test
    void differencesAreSnappedBeforeTheyMeetALimit() {
        assertThat(24.993 - 24.986).isNotEqualTo(0.007);
        assertThat(Length.snap(24.993 - 24.986)).isEqualTo(0.007);
    }

    /** What is written by hand is what exact decimal arithmetic writes, for every figure of a measurement. */
    @Test
    void showsAsExactDecimalsDo() {
        var random = new Random(1963);
        for (int n = 0; n < 20_000; n++) {
            double value = Length.snap((random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(8)));
            int decimals = random.nextInt(5);
            String exact = BigDecimal.valueOf(value)
                    .setScale(decimals, RoundingMode.HALF_UP)
                    .toPlainString();
            assertThat(Length.show(value, decimals))
                    .as(value + " to " + decimals)
                    .isEqualTo(exact);
        }
        assertThat(Length.show(1.005, 2)).isEqualTo("1.01");
        assertThat(Length.show(-0.004, 2)).isEqualTo("0.00");
        assertThat(Length.show(0.5, 0)).isEqualTo("1");
        assertThat(Length.show(1e15, 1)).isEqualTo("1000000000000000.0");
        assertThat(Length.show(Double.NaN, 2)).isEqualTo("NaN");
    }
}
