package joropo.core.oring;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.material.Elastomer;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A stiff slide ring over an elastic loader, in one groove; mm.
 *
 * @param grooveDepthMm from the bore or rod to the bottom of the groove, @param slideThicknessMm radial
 * @param sectionMm, @param ringInsideMm of the loader, @param gland PISTON or ROD
 * @param passOverMm largest diameter that the slide ring has to pass; absent: the bore, of a piston
 * @param slideMaterial code; absent: PTFE is assumed
 */
@RecordBuilder
public record LoadedRingInput(
        Double grooveDepthMm,
        Double grooveWidthMm,
        Double slideThicknessMm,
        Double slideWidthMm,
        Double sectionMm,
        Double ringInsideMm,
        Double counterDiameterMm,
        Gland gland,
        @Nullable Tolerances tolerances,
        @Nullable Double passOverMm,
        @Nullable String slideMaterial) {
    /** Tolerances of the parts, each either way (± mm, 0 or more). */
    public record Tolerances(
            @Nullable Double grooveMm,
            @Nullable Double widthMm,
            @Nullable Double slideThicknessMm,
            @Nullable Double slideWidthMm,
            @Nullable Double ringInsideMm,
            @Nullable Double sectionMm,
            @Nullable Double counterMm) {
        private static final double MOST_MM = 20;

        public Tolerances {
            new Needs()
                    .optionalBetween("grooveMm", grooveMm, 0, MOST_MM)
                    .optionalBetween("widthMm", widthMm, 0, MOST_MM)
                    .optionalBetween("slideThicknessMm", slideThicknessMm, 0, MOST_MM)
                    .optionalBetween("slideWidthMm", slideWidthMm, 0, MOST_MM)
                    .optionalBetween("ringInsideMm", ringInsideMm, 0, MOST_MM)
                    .optionalBetween("sectionMm", sectionMm, 0, MOST_MM)
                    .optionalBetween("counterMm", counterMm, 0, MOST_MM)
                    .done();
        }

        boolean isWhole() {
            return grooveMm != null
                    && widthMm != null
                    && slideThicknessMm != null
                    && slideWidthMm != null
                    && ringInsideMm != null
                    && sectionMm != null
                    && counterMm != null;
        }

        /** In the order groove, width, slide thickness and width, inside, section, counter. */
        double[] each() {
            return new double[] {
                or0(grooveMm),
                or0(widthMm),
                or0(slideThicknessMm),
                or0(slideWidthMm),
                or0(ringInsideMm),
                or0(sectionMm),
                or0(counterMm)
            };
        }

        private static double or0(@Nullable Double mm) {
            return mm == null ? 0 : mm;
        }
    }

    public LoadedRingInput {
        new Needs()
                .size("grooveDepthMm", grooveDepthMm)
                .size("grooveWidthMm", grooveWidthMm)
                .size("slideThicknessMm", slideThicknessMm)
                .size("slideWidthMm", slideWidthMm)
                .size("sectionMm", sectionMm)
                .size("ringInsideMm", ringInsideMm)
                .size("counterDiameterMm", counterDiameterMm)
                .given("gland", gland)
                .that("gland", gland == null || gland.isRadial(), "must be PISTON or ROD")
                .that(
                        "slideThicknessMm",
                        slideThicknessMm == null || grooveDepthMm == null || slideThicknessMm < grooveDepthMm,
                        "must be below the depth of the groove, got " + slideThicknessMm)
                .that(
                        "grooveDepthMm",
                        gland != Gland.PISTON
                                || grooveDepthMm == null
                                || counterDiameterMm == null
                                || 2 * grooveDepthMm < counterDiameterMm,
                        "is deeper than the part, got " + grooveDepthMm)
                .optionalSize("passOverMm", passOverMm)
                .done();
        if (slideMaterial != null) {
            Elastomer.known(slideMaterial, "slideMaterial");
        }
    }
}
