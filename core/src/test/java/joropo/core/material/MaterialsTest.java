package joropo.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.Map;
import java.util.Set;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MaterialsTest {
    @Test
    void everyFluidRatesEveryMaterialAndEveryMaterialHasItsLimits() {
        assertThat(Elastomer.all())
                .extracting(Elastomer::code)
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrder(
                        "NBR", "HNBR", "FKM", "EPDM", "VMQ", "FVMQ", "CR", "ACM", "AU", "FFKM", "PTFE", "IIR", "NR");
        for (Fluid fluid : Fluid.all()) {
            assertThat(Elastomer.all()).as(fluid.key()).allMatch(e -> fluid.rating(e)
                    .isPresent());
            assertThat(fluid.name()).isNotBlank();
        }
        assertThat(Fluid.all())
                .extracting(Fluid::key)
                .doesNotHaveDuplicates()
                .contains(
                        "HLP_OIL",
                        "EP_GEAR_OIL",
                        "MINERAL_GREASE",
                        "WATER_COLD",
                        "WATER_HOT",
                        "DIESEL",
                        "PETROL",
                        "STEAM_150");
        assertThat(Elastomer.all())
                .allMatch(e -> e.minC() < 0 && e.maxC() > 60 && !e.cautions().isBlank());
    }

    @ParameterizedTest(name = "{0} in {1}: {2} °C, doubt {3}")
    @CsvSource({
        "NBR, EP_GEAR, 80, false",
        "HNBR, HYDRAULIC, 120, false",
        "FKM, WATER, 100, false",
        "ACM, WATER, 150, true",
        "NBR, AIR, 100, false",
        "NBR, OTHER, 80, true",
        "VMQ, EP_GEAR, 200, true",
        "NR, ENGINE, 70, true"
    })
    void theHottestUseByClassOfFluid(String code, FluidClass fluidClass, double hottest, boolean doubt) {
        FluidClass.Hottest found = fluidClass.hottest(Elastomer.of(code));
        assertThat(found.hottestC()).isEqualTo(hottest);
        assertThat(found.doubt() != null).isEqualTo(doubt);
    }

    @Test
    void noClassOfFluidIsMilderThanAirButSteamForItsOwnRubber() {
        for (Elastomer e : Elastomer.all()) {
            for (FluidClass c : FluidClass.values()) {
                boolean own = e.code().equals("EPDM") && c == FluidClass.STEAM;
                assertThat(c.hottest(e).hottestC() > FluidClass.AIR.hottest(e).hottestC())
                        .as(e.code() + " in " + c)
                        .isEqualTo(own);
                assertThat(c.words()).isNotBlank();
            }
        }
    }

    @ParameterizedTest(name = "{0} at {1} °C: {2}")
    @CsvSource({
        "OIL, 60, 'HLP_OIL,EP_GEAR_OIL'",
        "GREASE, 60, MINERAL_GREASE",
        "WATER, 40, WATER_COLD",
        "WATER, 40.1, WATER_HOT",
        "FUEL, 20, 'DIESEL,PETROL'",
        "STEAM, 150, STEAM_150",
        "AIR, 20, ''",
        "PRODUCT, 20, ''"
    })
    void aBareMediumMayBeSeveralFluids(Medium medium, double lipC, String keys) {
        Contact contact = Contact.of(medium, null, "insideFluid", lipC, Materials.LISTED);
        assertThat(String.join(",", contact.fluids().stream().map(Fluid::key).toList()))
                .isEqualTo(keys);
        assertThat(contact.assumed()).isEqualTo(!keys.isEmpty());
        assertThat(contact.unknown()).isEqualTo(medium == Medium.PRODUCT);
    }

    @Test
    void ownOnesGoFirstAndRestOnListedOnes() {
        var own = new Elastomer("NBR", "NBR", "cold-proof", -55.0, 100.0, null);
        Materials materials = Materials.with(List.of(own), null);
        assertThat(materials.material("NBR", "material").minC()).isEqualTo(-55);
        assertThat(materials.materials()).hasSameSizeAs(Elastomer.all());
        assertThat(Fluid.of("HLP_OIL").rating(new Elastomer("X", "EPDM", "x", -40.0, 120.0, null)))
                .hasValue(4);
        assertThat(Set.copyOf(Materials.LISTED.materials())).isEqualTo(Set.copyOf(Elastomer.all()));
    }

    @Test
    void refusals() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new Elastomer("X", null, "x", 10.0, 5.0, null))
                .withMessage("maxC: must be above minC, got 5.0");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new Fluid("X", "x", FluidClass.OTHER, Map.of("NBR", 5), null))
                .withMessage("ratings: must each be 1, 2, 3 or 4");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> Materials.LISTED.fluid("SOUP", "insideFluid"))
                .withMessageStartingWith("insideFluid: 'SOUP'");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> Elastomer.of("WOOD"))
                .withMessageContaining("known are NBR");
    }
}
