package joropo.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class QuantityTest {
    @ParameterizedTest(name = "{0} meant in {1} is {2}")
    @CsvSource({
        "1 psi, MPA, 0.006894757",
        "2.5 bar, MPA, 0.25",
        "0.3, BAR, 0.03",
        "-0.1, MPA, -0.1",
        "100 lbf·ft, NM, 135.5818",
        "100 ft-lb, NM, 135.5818",
        "10 lbf in, NM, 1.129848",
        "2 kgf·m, NM, 19.6133",
        "68 °F, CELSIUS, 20",
        "'20,5', CELSIUS, 20.5",
        "1 lb, KG, 0.45359237",
        "16 oz, KG, 0.45359237",
        "1 fl oz, ML, 29.5735295625",
        "2 L, ML, 2000",
        "40, DROPS_WATER, 2",
        "60 drops, DROPS_OIL, 2",
        "1450 rpm, RPM, 1450",
        "300 ft/min, M_PER_S, 1.524",
        "90 min, HOUR, 1.5"
    })
    void readsTheUnitsOfTheBench(String text, Unit sheet, double base) {
        assertThat(Quantity.parse(text, sheet).base())
                .as("exact factors or seven figures")
                .isCloseTo(base, within(1e-9 * Math.max(1, Math.abs(base))));
    }

    @ParameterizedTest
    @CsvSource({"abc, MPA", "3 bar, NM", "20 °C, MPA", "1e3, RPM", "60 drops, ML", "'', RPM"})
    void refusesWhatIsNoSuchQuantity(String text, Unit sheet) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Quantity.parse(text, sheet))
                .withMessageContaining("is not understood as a");
    }

    @ParameterizedTest
    @CsvSource({"-0.2 MPa, MPA, -0.1", "-2, RPM, 0.0", "-300, CELSIUS, -273.1", "-20 psi, BAR, -1.0"})
    void refusesLessThanThereIs(String text, Unit sheet, String least) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Quantity.parse(text, sheet))
                .withMessageContaining("is below " + least.replace("-273.1", "-273"));
    }

    @ParameterizedTest
    @EnumSource(Unit.class)
    void goesToTheBaseUnitAndBack(Unit unit) {
        for (double value : new double[] {0, 1, 37.25, 1450}) {
            assertThat(unit.fromBase(unit.toBase(value)))
                    .as("rounding of doubles only")
                    .isCloseTo(value, within(1e-9));
        }
    }

    @Test
    void theTypedTextStaysBesideTheValue() {
        assertThat(Quantity.parse(" 2,5 bar ", Unit.MPA)).isEqualTo(new Quantity(0.25, Unit.BAR, "2,5 bar"));
    }
}
