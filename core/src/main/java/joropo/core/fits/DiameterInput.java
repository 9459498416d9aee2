package joropo.core.fits;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.readings.DiameterReadings;
import joropo.core.readings.Gauge;
import joropo.core.units.Needs;
import joropo.core.verdict.Limits;
import org.jspecify.annotations.Nullable;

/**
 * One measured diameter and what it has to meet: a class, or absolute limits.
 *
 * @param toleranceClass class about the nominal, such as h11; or else
 * @param lowerMm, @param upperMm absolute limits, both
 * @param gauge one that reads such a part; absent with the uncertainty: judged as by a vernier caliper, with caution
 * @param uncertaintyMm expanded uncertainty, k = 2; it beats the gauge's guide value
 * @param partTemperatureC temperature of the part while it was read, @param gaugeTemperatureC of the gauge (absent: as
 *     the part)
 * @param partMaterial code of the expansion table, absent: STEEL
 */
@RecordBuilder
public record DiameterInput(
        Part part,
        Double nominalMm,
        @Nullable String toleranceClass,
        @Nullable Double lowerMm,
        @Nullable Double upperMm,
        @Nullable Gauge gauge,
        @Nullable Double uncertaintyMm,
        @Nullable Double partTemperatureC,
        @Nullable Double gaugeTemperatureC,
        @Nullable String partMaterial,
        List<DiameterReadings.Plane> planes) {
    private static final double COLDEST_C = -100;
    private static final double HOTTEST_C = 400;

    /** Which of the two is measured. */
    public enum Part {
        SHAFT,
        BORE;

        /** What a gauge is put to that reads it. */
        Gauge.Use use() {
            return this == SHAFT ? Gauge.Use.SHAFT : Gauge.Use.BORE;
        }
    }

    public DiameterInput {
        boolean absolute = lowerMm != null && upperMm != null;
        new Needs()
                .given("part", part)
                .size("nominalMm", nominalMm)
                .optionalSize("lowerMm", lowerMm)
                .optionalSize("upperMm", upperMm)
                .that(
                        "toleranceClass",
                        toleranceClass != null ^ absolute,
                        "or both lowerMm and upperMm are needed, not both kinds")
                .that(
                        "lowerMm",
                        toleranceClass == null || lowerMm == null && upperMm == null,
                        "is not wanted beside toleranceClass")
                .that(
                        "upperMm",
                        !absolute || lowerMm <= upperMm,
                        "must not be below lowerMm, got " + upperMm + " and " + lowerMm)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .that(
                        "gauge",
                        gauge == null || part == null || gauge.serves(part.use()),
                        "does not read a " + (part == Part.BORE ? "bore" : "shaft"))
                .optionalBetween("partTemperatureC", partTemperatureC, COLDEST_C, HOTTEST_C)
                .optionalBetween("gaugeTemperatureC", gaugeTemperatureC, COLDEST_C, HOTTEST_C)
                .that(
                        "gaugeTemperatureC",
                        gaugeTemperatureC == null || partTemperatureC != null,
                        "is of no use without partTemperatureC")
                .given("planes", planes)
                .done();
        new DiameterReadings(planes);
        planes = List.copyOf(planes);
    }

    /** Expanded uncertainty of one reading (mm): as given, else the gauge's, else a vernier caliper's. */
    public double effectiveUncertaintyMm() {
        return uncertaintyMm != null ? uncertaintyMm : (gauge != null ? gauge : Gauge.CALIPER).uncertaintyMm(nominalMm);
    }

    /** Whether nobody said what it was read with. */
    boolean gaugeIsUnnamed() {
        return gauge == null && uncertaintyMm == null;
    }

    Limits limits() {
        return toleranceClass == null
                ? new Limits(lowerMm, upperMm)
                : ToleranceClass.parse(toleranceClass).at(nominalMm).limits();
    }
}
