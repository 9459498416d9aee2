package joropo.core.oring;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.material.Elastomer;
import joropo.core.material.Materials;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What a ring is looked for by, in one of three ways: a measured gland; a found ring ({@code measured}); or shaft and
 * bore only ({@code otherDiameterMm} with {@code counterDiameterMm}). Lengths in mm.
 *
 * @param otherDiameterMm of the part that the groove is to be cut in, @param material, @param coldestC, @param hottestC
 *     for a groove that is to be made
 */
@RecordBuilder
public record OringSizeInput(
        @Nullable Gland gland,
        @Nullable Double counterDiameterMm,
        @Nullable Double grooveDiameterMm,
        @Nullable Double grooveWidthMm,
        @Nullable Double grooveDepthMm,
        @Nullable RingMotion motion,
        @Nullable Measured measured,
        @Nullable Double otherDiameterMm,
        @Nullable String material,
        @Nullable String fluid,
        @Nullable Double coldestC,
        @Nullable Double hottestC) {
    private static final double COLDEST_C = -273;
    private static final double HOTTEST_C = 400;
    /** A difference of bore and piston beyond this is no pair (mm). */
    private static final double MOST_GAP_MM = 5;

    /** A ring that was found. */
    public record Measured(Double insideMm, Double sectionMm) {
        public Measured {
            new Needs()
                    .size("measured.insideMm", insideMm)
                    .size("measured.sectionMm", sectionMm)
                    .done();
        }
    }

    public OringSizeInput {
        boolean found = measured != null;
        boolean pair = !found && otherDiameterMm != null;
        boolean radial = gland == Gland.PISTON || gland == Gland.ROD;
        new Needs()
                .that("gland", found || gland != null, "is needed")
                .that("motion", found || motion != null, "is needed")
                .optionalSize("counterDiameterMm", counterDiameterMm)
                .optionalSize("grooveDiameterMm", grooveDiameterMm)
                .optionalSize("grooveWidthMm", grooveWidthMm)
                .optionalSize("grooveDepthMm", grooveDepthMm)
                .optionalSize("otherDiameterMm", otherDiameterMm)
                .that("grooveDiameterMm", found || pair || grooveDiameterMm != null, "is needed")
                .that("grooveWidthMm", found || pair || grooveWidthMm != null, "is needed")
                .that("gland", !pair || radial || gland == null, "a groove is proposed for a piston or a rod")
                .that("counterDiameterMm", !pair || counterDiameterMm != null, "is needed")
                .that(
                        "otherDiameterMm",
                        !pair
                                || !radial
                                || counterDiameterMm == null
                                || gap(gland, counterDiameterMm, otherDiameterMm) >= 0
                                        && gap(gland, counterDiameterMm, otherDiameterMm) <= MOST_GAP_MM,
                        "does not go with the other: the gap must lie between 0 and 5 mm, got " + otherDiameterMm)
                .optionalBetween("coldestC", coldestC, COLDEST_C, HOTTEST_C)
                .optionalBetween("hottestC", hottestC, COLDEST_C, HOTTEST_C)
                .that(
                        "coldestC",
                        coldestC == null || hottestC == null || coldestC <= hottestC,
                        "must not be above the hottest, got " + coldestC)
                .done();
        if (material != null) {
            Elastomer.known(material, "material");
        }
        if (fluid != null) {
            Materials.LISTED.fluid(fluid, "fluid");
        }
        if (!found && !pair) {
            new GlandGeometry(gland, counterDiameterMm, grooveDiameterMm, grooveWidthMm, grooveDepthMm)
                    .refuse(motion, RingShape.O, 0);
        }
    }

    private static double gap(Gland gland, double counterMm, double otherMm) {
        return gland == Gland.PISTON ? counterMm - otherMm : otherMm - counterMm;
    }

    /** Diametral clearance between the two parts (mm), of a pair. */
    double gapMm() {
        return gap(gland, counterDiameterMm, otherDiameterMm);
    }

    boolean isPair() {
        return measured == null && otherDiameterMm != null;
    }
}
