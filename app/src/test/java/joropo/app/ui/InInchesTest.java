package joropo.app.ui;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InInchesTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Drive it to 12.70 mm from the face. | Drive it to 0.5000 in from the face.",
                "It may stand from 0.00 to 25.40 mm. | It may stand from 0.0000 to 1.0000 in.",
                "44.840 to 45.000 mm, gauge ±0.005 | 1.7654 to 1.7717 in, gauge ±0.00020",
                "driver Ø 25.4, recess 6.35 mm deep | driver Ø 1.000 in, recess 0.2500 in deep",
                "45x62x8, NBR, 145 rpm at 12 o'clock | 45x62x8, NBR, 145 rpm at 12 o'clock",
                "Ra 0.3 µm, 20 N/mm², batch 12 | Ra 0.3 µm, 20 N/mm², batch 12",
                "moved by -1.27 mm | moved by -0.0500 in"
            })
    void aSentenceSaysItsLengthsInInches(String mm, String in) {
        assertThat(InInches.words(mm)).isEqualTo(in);
    }

    @Test
    void aPageIsChangedWhereItSaysALengthAndNowhereElse() {
        assertThat(InInches.page("<p class=\"x\" aria-label=\"set at 25.40 mm\">at <b class=\"n\">44.450</b> "
                        + "<span class=\"u\">mm</span></p><input value=\"4 mm\" placeholder=\"such as 25.4 mm\">"
                        + "<textarea>2 mm</textarea><span class=\"as-is\">25.400 mm</span><path d=\"M1 2 mm\"/>"
                        + "<text x=\"1\" data-mm=\"\" y=\"2\">Ø 50.<tspan dx=\"-3\">80</tspan></text><text>12</text>"))
                .isEqualTo("<p class=\"x\" aria-label=\"set at 1.0000 in\">at <b class=\"n\">1.7500</b> "
                        + "<span class=\"u\">in</span></p><input value=\"4 mm\" placeholder=\"such as 1.000 in\">"
                        + "<textarea>2 mm</textarea><span class=\"as-is\">25.400 mm</span><path d=\"M1 2 mm\"/>"
                        + "<text x=\"1\" y=\"2\">Ø 2.<tspan dx=\"-3\">0000</tspan></text><text>12</text>");
    }
}
