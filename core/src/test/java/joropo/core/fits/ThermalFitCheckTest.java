package joropo.core.fits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import joropo.core.fits.ThermalFitInput.Part;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ThermalFitCheckTest {
    private static ThermalFitResult bearing(
            @Nullable Double clearance, @Nullable Double shaftC, @Nullable Double limit, Part part) {
        return ThermalFitCheck.check(
                new ThermalFitInput(50.0, 0.032, clearance, "BEARING_STEEL", "STEEL", shaftC, limit, part));
    }

    /** Worked: bearing 50, interference 0.032, 12.0e-6: clearance 0.07 gives 190 °C, 0.02 gives 106.7 °C. */
    @Test
    void theWorkedBearing() {
        ThermalFitResult usual = bearing(null, null, null, Part.OUTER);
        assertThat(usual.heatToC()).isCloseTo(190, within(1e-6));
        assertThat(usual.changeMm()).isCloseTo(0.102, within(1e-6));
        assertThat(usual.coolToC()).isNull();
        assertThat(usual.findings()).extracting("status").containsExactly(Status.FAIL);
        assertThat(usual.findings().get(0).remedy())
                .startsWith("Heat to 110 °C and press, or join with 0.022 mm clearance");
        ThermalFitResult close = bearing(0.02, null, null, Part.OUTER);
        assertThat(close.heatToC()).isCloseTo(106.667, within(5e-4));
        assertThat(close.findings()).extracting("status").containsExactly(Status.PASS);
    }

    /** Shaft at -18: 11.5/12 x (-38) = -36.4 K less. Inner part of steel: 20 - 0.052 / (11.5e-6 x 50) = -70.4 °C. */
    @Test
    void aColdShaftHelpsAndTheInnerPartCanBeCooled() {
        assertThat(bearing(0.02, -18.0, null, Part.OUTER).heatToC()).isCloseTo(106.667 - 36.417, within(5e-4));
        ThermalFitResult cold = bearing(0.02, null, null, Part.INNER);
        assertThat(cold.coolToC()).isCloseTo(-70.435, within(5e-4));
        assertThat(cold.changeMm()).isCloseTo(-0.052, within(1e-6));
        assertThat(cold.findings().get(0).message())
                .contains("Dry ice", "A freezer takes 0.022 of the 0.052 mm, dry ice 0.056.");
        assertThat(cold.findings()).extracting("status").containsExactly(Status.PASS);
        assertThat(bearing(0.05, null, null, Part.INNER).findings())
                .extracting("status")
                .containsExactly(Status.FAIL);
    }

    @ParameterizedTest(name = "{0}, limit {1}: {2}")
    @CsvSource({"ALUMINIUM, , PASS", "BRONZE, , CAUTION", "BEARING_STEEL, 80, FAIL", "BEARING_STEEL, 200, PASS"})
    void limitsByMaterialOrAsTyped(String material, Double limit, Status expected) {
        assertThat(ThermalFitCheck.check(
                                new ThermalFitInput(50.0, 0.032, 0.02, material, "STEEL", null, limit, Part.OUTER))
                        .findings())
                .extracting("status")
                .containsExactly(expected);
    }

    /**
     * The fit is open by just the clearance at the temperature that is answered, and more interference never wants less
     * heat.
     */
    @Test
    void theAnswerOpensTheFit() {
        double last = 0;
        for (double interference = 0; interference < 0.1; interference += 0.01) {
            ThermalFitResult r = ThermalFitCheck.check(
                    new ThermalFitInput(80.0, interference, 0.05, "STEEL", null, null, 500.0, Part.OUTER));
            assertThat(r.changeMm() - interference).isCloseTo(0.05, within(2e-6));
            assertThat(r.heatToC()).isGreaterThan(last);
            last = r.heatToC();
        }
        assertThat(ThermalFitCheck.check(new ThermalFitInput(80.0, -0.2, 0.05, "STEEL", null, null, null, Part.OUTER))
                        .heatToC())
                .as("loose already")
                .isEqualTo(20);
    }

    @Test
    void refusals() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new ThermalFitInput(50.0, 6.0, null, null, null, null, null, null))
                .satisfies(e -> assertThat(e.errors())
                        .extracting("field")
                        .containsExactly("interferenceMm", "material", "part"));
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> ThermalFitCheck.check(
                        new ThermalFitInput(50.0, 0.03, null, "STEEL", "WOOD", null, null, Part.OUTER)))
                .withMessageStartingWith("innerMaterial: ");
    }
}
