package joropo.core.fits;

import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A press fit that is to be joined with heat or cold.
 *
 * @param sizeMm nominal diameter, @param interferenceMm greatest interference at 20 °C, negative: clearance
 * @param clearanceMm wanted while joining, absent: 0.001 of the size + 0.02 mm
 * @param material of the outer part, @param innerMaterial absent: the same; codes of the expansion table
 * @param shaftTemperatureC of the inner part while the outer one is heated, absent: 20
 * @param limitC hottest (outer) or coldest (inner) that is allowed; absent: the guide for the material
 * @param part which of the two is heated or cooled
 */
public record ThermalFitInput(
        Double sizeMm,
        Double interferenceMm,
        @Nullable Double clearanceMm,
        String material,
        @Nullable String innerMaterial,
        @Nullable Double shaftTemperatureC,
        @Nullable Double limitC,
        Part part) {
    /** The part that is treated. */
    public enum Part {
        OUTER,
        INNER
    }

    private static final double COLDEST_C = -200;
    private static final double HOTTEST_C = 1000;

    public ThermalFitInput {
        new Needs()
                .size("sizeMm", sizeMm)
                .place("interferenceMm", interferenceMm)
                .that(
                        "interferenceMm",
                        interferenceMm == null || sizeMm == null || Math.abs(interferenceMm) < sizeMm / 10,
                        "is more than a tenth of the size, got " + interferenceMm)
                .optionalNotNegative("clearanceMm", clearanceMm)
                .given("material", material)
                .optionalBetween("shaftTemperatureC", shaftTemperatureC, COLDEST_C, HOTTEST_C)
                .optionalBetween("limitC", limitC, COLDEST_C, HOTTEST_C)
                .given("part", part)
                .done();
        shaftTemperatureC = shaftTemperatureC == null ? 20 : shaftTemperatureC;
        innerMaterial = innerMaterial == null ? material : innerMaterial;
    }
}
