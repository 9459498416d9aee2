package joropo.core.oring;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.material.Elastomer;
import joropo.core.material.Materials;
import joropo.core.material.ThermalExpansion;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A ring in its gland; lengths in mm, pressure above the surroundings in MPa, temperatures in °C.
 *
 * @param counterDiameterMm bore or rod; not of a face or a boss
 * @param grooveDiameterMm bottom of the groove; of a face the wall that the ring lies on, of a boss the large end of
 *     its chamfer
 * @param grooveWidthMm, of a boss the leg of its chamfer, @param grooveDepthMm of a face
 * @param ring listed size, in place of ringInsideMm, sectionMm and their tolerances
 * @param offsetMm how far the parts lie off centre, at most half the gap; absent: half the gap
 * @param gapMm largest diametral clearance, @param backups how many, @param backupThicknessMm each
 * @param pressureTurns whether the pressure comes from either side
 * @param passOverMm largest diameter that the ring has to pass, @param leadInMm length of the chamfer that it meets
 * @param gas whether a gas is sealed; absent: by the fluid
 */
@RecordBuilder
public record OringGlandInput(
        Gland gland,
        @Nullable Double counterDiameterMm,
        Double grooveDiameterMm,
        Double grooveWidthMm,
        @Nullable Double grooveDepthMm,
        @Nullable String ring,
        @Nullable Double ringInsideMm,
        @Nullable Double sectionMm,
        @Nullable Tolerances tolerances,
        @Nullable Double offsetMm,
        @Nullable Double pressureMpa,
        @Nullable Double hardnessShoreA,
        @Nullable Double gapMm,
        RingMotion motion,
        @Nullable Double speedRpm,
        @Nullable Double strokeMm,
        @Nullable Double speedMPerS,
        @Nullable String material,
        @Nullable String fluid,
        @Nullable Double coldestC,
        @Nullable Double hottestC,
        @Nullable String partMaterial,
        @Nullable String counterMaterial,
        @Nullable Integer backups,
        @Nullable Double backupThicknessMm,
        @Nullable Boolean pressureTurns,
        @Nullable Double passOverMm,
        @Nullable Double leadInMm,
        @Nullable Double leadInAngleDeg,
        @Nullable Boolean gas,
        @Nullable RingShape ringShape) {
    /** No ring is thicker (mm). */
    private static final double MOST_SECTION_MM = 100;
    /** Pressures that are believed (MPa): from a full vacuum. */
    private static final double LEAST_MPA = -0.11;

    private static final double MOST_MPA = 300;
    private static final double SOFTEST_SHORE = 30;
    private static final double COLDEST_C = -273;
    private static final double HOTTEST_C = 400;
    private static final double MOST_RPM = 100_000;
    private static final double MOST_M_PER_S = 200;
    private static final double SAME_MM = 0.011;

    public OringGlandInput {
        if (ring != null) {
            RingSize listed = RingSize.parse(ring, "ring");
            new Needs()
                    .that(
                            "ringInsideMm",
                            ringInsideMm == null || Math.abs(ringInsideMm - listed.insideMm()) <= SAME_MM,
                            "is not that of the listed ring, " + listed.designation())
                    .that(
                            "sectionMm",
                            sectionMm == null || Math.abs(sectionMm - listed.sectionMm()) <= SAME_MM,
                            "is not that of the listed ring, " + listed.designation())
                    .done();
            ringInsideMm = listed.insideMm();
            sectionMm = listed.sectionMm();
            tolerances = tolerances == null ? null : tolerances.orOf(listed);
        }
        new Needs()
                .given("gland", gland)
                .given("motion", motion)
                .size("grooveDiameterMm", grooveDiameterMm)
                .size("grooveWidthMm", grooveWidthMm)
                .size("ringInsideMm", ringInsideMm)
                .size("sectionMm", sectionMm)
                .optionalBetween("sectionMm", sectionMm, 0, MOST_SECTION_MM)
                .optionalSize("counterDiameterMm", counterDiameterMm)
                .optionalSize("grooveDepthMm", grooveDepthMm)
                .optionalNotNegative("offsetMm", offsetMm)
                .optionalBetween("pressureMpa", pressureMpa, LEAST_MPA, MOST_MPA)
                .optionalBetween("hardnessShoreA", hardnessShoreA, SOFTEST_SHORE, 100)
                .optionalNotNegative("gapMm", gapMm)
                .optionalBetween("speedRpm", speedRpm, 0, MOST_RPM)
                .optionalNotNegative("strokeMm", strokeMm)
                .optionalBetween("speedMPerS", speedMPerS, 0, MOST_M_PER_S)
                .optionalBetween("coldestC", coldestC, COLDEST_C, HOTTEST_C)
                .optionalBetween("hottestC", hottestC, COLDEST_C, HOTTEST_C)
                .that(
                        "coldestC",
                        coldestC == null || hottestC == null || coldestC <= hottestC,
                        "must not be above the hottest, got " + coldestC)
                .that("backups", backups == null || backups >= 0 && backups <= 2, "must be 0, 1 or 2, got " + backups)
                .optionalSize("backupThicknessMm", backupThicknessMm)
                .optionalSize("passOverMm", passOverMm)
                .optionalNotNegative("leadInMm", leadInMm)
                .optionalBetween("leadInAngleDeg", leadInAngleDeg, 1, 80)
                .that("partMaterial", isMetal(partMaterial), "is no material of the table")
                .that("counterMaterial", isMetal(counterMaterial), "is no material of the table")
                .done();
        if (material != null) {
            Elastomer.known(material, "material");
        }
        if (fluid != null) {
            Materials.LISTED.fluid(fluid, "fluid");
        }
        ringShape = ringShape == null ? RingShape.O : ringShape;
        backups = backups == null ? 0 : backups;
        new GlandGeometry(gland, counterDiameterMm, grooveDiameterMm, grooveWidthMm, grooveDepthMm)
                .refuse(motion, ringShape, backups * (backupThicknessMm == null ? 0 : backupThicknessMm));
        Sizes nominal =
                sizes(counterDiameterMm, grooveDiameterMm, grooveWidthMm, grooveDepthMm, ringInsideMm, sectionMm);
        new Needs()
                .that(
                        "offsetMm",
                        offsetMm == null || gapMm == null || offsetMm <= gapMm / 2 + 1e-9,
                        "cannot be more than half the gap, got " + offsetMm)
                .that(
                        "gapMm",
                        gapMm == null || !gland.isRadial() || gapMm < counterDiameterMm,
                        "must be below the diameter, got " + gapMm)
                .that(
                        "tolerances",
                        tolerances == null || leavesGroove(gland, motion, nominal, tolerances),
                        "leave no groove, or no ring")
                .done();
    }

    private static boolean isMetal(@Nullable String code) {
        return code == null
                || ThermalExpansion.all().stream().anyMatch(m -> m.code().equals(code));
    }

    private static double or0(@Nullable Double mm) {
        return mm == null ? 0 : mm;
    }

    /** Whether the ring's tolerances are its list's. */
    boolean takesToleranceOfList() {
        if (ring == null || tolerances == null) {
            return false;
        }
        RingSize listed = RingSize.parse(ring, "ring");
        return Double.valueOf(listed.insideToleranceMm()).equals(tolerances.ringInsideMm())
                || Double.valueOf(listed.sectionToleranceMm()).equals(tolerances.sectionMm());
    }

    GlandUse use() {
        return GlandUse.of(gland, motion, ringShape, sectionMm);
    }

    Sizes sizes() {
        return sizes(counterDiameterMm, grooveDiameterMm, grooveWidthMm, grooveDepthMm, ringInsideMm, sectionMm);
    }

    private static Sizes sizes(
            @Nullable Double counter,
            Double groove,
            Double width,
            @Nullable Double depth,
            Double inside,
            Double section) {
        return new Sizes(or0(counter), groove, width, or0(depth), inside, section);
    }

    private static boolean leavesGroove(Gland gland, RingMotion motion, Sizes nominal, Tolerances tolerances) {
        GlandUse use = GlandUse.of(gland, motion, RingShape.O, nominal.sectionMm());
        return Sizes.ends().stream().allMatch(e -> new Fit(use, nominal.moved(tolerances.each(), e), 0).isPossible());
    }

    /** Thickness of all back-ups (mm); 0 while it is not known. */
    double backupsMm() {
        return Length.snap(backups * or0(backupThicknessMm));
    }
}
