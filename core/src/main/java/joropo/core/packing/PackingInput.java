package joropo.core.packing;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.material.Fluid;
import joropo.core.material.Materials;
import joropo.core.material.Medium;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A stuffing box with its packing; mm, MPa above atmosphere, °C.
 *
 * @param shaftMm shaft or sleeve, @param boxDepthMm from its face to its bottom, @param bottomBushMm length of a bush
 *     or spacer at the bottom, @param lanternWidthMm of the lantern ring, @param lanternSlotMm of its slot
 * @param portFromMm, @param portToMm of the flush port, from the box face inward
 * @param glandEntryMm how far the gland enters at first; absent: a third of the section, 3 mm at least
 * @param glandNoseMm length of its nose, @param sleeveHardnessHrc of what the packing runs on
 * @param medium what is kept, @param fluid key, @param ph of it, @param flushRiseK by how much the flush may warm
 * @param joints angle from joint to joint (°): 90, 120 or 180; absent: by the number of rings
 * @param style key, @param speedRpm 0: turned by hand only, @param speedMPerS of a plunger
 * @param throatClearanceMm radial, @param grooveDepthMm worn into shaft or sleeve, 0: looked at, none
 */
@RecordBuilder
public record PackingInput(
        Double shaftMm,
        Double boxBoreMm,
        Double boxDepthMm,
        @Nullable Double bottomBushMm,
        @Nullable Double lanternWidthMm,
        @Nullable Double lanternSlotMm,
        @Nullable Double portFromMm,
        @Nullable Double portToMm,
        @Nullable Double glandEntryMm,
        @Nullable Double glandNoseMm,
        @Nullable Medium medium,
        @Nullable String fluid,
        @Nullable Double ph,
        @Nullable Double sleeveHardnessHrc,
        @Nullable Double flushRiseK,
        @Nullable Integer joints,
        @Nullable String style,
        @Nullable Double speedRpm,
        @Nullable Double speedMPerS,
        @Nullable Double pressureMpa,
        @Nullable Double temperatureC,
        @Nullable Double runoutTirMm,
        @Nullable Double offsetMm,
        @Nullable Double throatClearanceMm,
        @Nullable Double grooveDepthMm,
        @Nullable Double raUm) {
    private static final double LARGEST_MM = 2000;
    private static final double LEAST_ENTRY_MM = 3;

    public PackingInput {
        boolean box = shaftMm == null || boxBoreMm == null || boxBoreMm > shaftMm;
        double room = boxDepthMm == null ? 0 : boxDepthMm - (bottomBushMm == null ? 0 : bottomBushMm);
        new Needs()
                .size("shaftMm", shaftMm)
                .size("boxBoreMm", boxBoreMm)
                .size("boxDepthMm", boxDepthMm)
                .that("boxBoreMm", box, "must be above the shaft of " + shaftMm + ", got " + boxBoreMm)
                .that("boxBoreMm", boxBoreMm == null || boxBoreMm <= LARGEST_MM, "is no stuffing box, got " + boxBoreMm)
                .optionalNotNegative("bottomBushMm", bottomBushMm)
                .that(
                        "bottomBushMm",
                        boxDepthMm == null || room > 0,
                        "must be shorter than the box of " + boxDepthMm + ", got " + bottomBushMm)
                .optionalSize("lanternWidthMm", lanternWidthMm)
                .that(
                        "lanternWidthMm",
                        lanternWidthMm == null || boxDepthMm == null || lanternWidthMm < room,
                        "must be shorter than the room for it, got " + lanternWidthMm)
                .optionalSize("lanternSlotMm", lanternSlotMm)
                .that(
                        "lanternSlotMm",
                        lanternSlotMm == null || lanternWidthMm != null && lanternSlotMm <= lanternWidthMm,
                        "is the slot of a lantern ring, and no wider than that, got " + lanternSlotMm)
                .optionalNotNegative("portFromMm", portFromMm)
                .optionalNotNegative("portToMm", portToMm)
                .that(
                        "portToMm",
                        (portFromMm == null) == (portToMm == null),
                        "and portFromMm are given together, from the box face inward")
                .that(
                        "portToMm",
                        portFromMm == null || portToMm == null || portToMm > portFromMm,
                        "must be further in than " + portFromMm + ", got " + portToMm)
                .that(
                        "portToMm",
                        portToMm == null || boxDepthMm == null || portToMm <= boxDepthMm,
                        "must be within the box of " + boxDepthMm + ", got " + portToMm)
                .optionalNotNegative("glandEntryMm", glandEntryMm)
                .optionalSize("glandNoseMm", glandNoseMm)
                .optionalBetween("ph", ph, 0, 14)
                .optionalBetween("sleeveHardnessHrc", sleeveHardnessHrc, 0, 80)
                .optionalBetween("flushRiseK", flushRiseK, 0.1, 200)
                .that(
                        "joints",
                        joints == null || joints == 90 || joints == 120 || joints == 180,
                        "must be 90, 120 or 180, got " + joints)
                .that("style", PackingStyle.isKnown(style), "'" + style + "' is no style of the table")
                .optionalBetween("speedRpm", speedRpm, 0, 30_000)
                .optionalBetween("speedMPerS", speedMPerS, 0, 200)
                .optionalBetween("pressureMpa", pressureMpa, -0.1, 200)
                .optionalBetween("temperatureC", temperatureC, -200, 700)
                .optionalNotNegative("runoutTirMm", runoutTirMm)
                .optionalNotNegative("offsetMm", offsetMm)
                .optionalNotNegative("throatClearanceMm", throatClearanceMm)
                .optionalNotNegative("grooveDepthMm", grooveDepthMm)
                .optionalNotNegative("raUm", raUm)
                .done();
        if (fluid != null) {
            Materials.LISTED.fluid(fluid, "fluid");
        }
    }

    double section() {
        return Length.snap((boxBoreMm - shaftMm) / 2);
    }

    double bush() {
        return bottomBushMm == null ? 0 : bottomBushMm;
    }

    double lantern() {
        return lanternWidthMm == null ? 0 : lanternWidthMm;
    }

    double entry() {
        return glandEntryMm == null ? Math.max(LEAST_ENTRY_MM, section() / 3) : glandEntryMm;
    }

    @Nullable
    PackingStyle packing() {
        return style == null ? null : PackingStyle.need(style, "style");
    }

    @Nullable
    Fluid sealed() {
        return fluid == null ? null : Materials.LISTED.fluid(fluid, "fluid");
    }

    /** Speed on the packing (m/s): of a plunger as given, else by the turning; absent: not known. */
    @Nullable
    Double surfaceMPerS() {
        return speedMPerS != null
                ? speedMPerS
                : speedRpm == null ? null : Double.valueOf(Math.PI * shaftMm * speedRpm / 60_000);
    }

    /** Whether it is turned by hand only, as a valve's stem; absent: not known. */
    @Nullable
    Boolean isStem() {
        return speedMPerS != null && speedMPerS > 0
                ? Boolean.FALSE
                : speedRpm == null ? null : Boolean.valueOf(speedRpm == 0);
    }
}
