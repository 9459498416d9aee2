package joropo.core.oring;

import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Tolerances of a gland and its ring, each either way (± mm, 0 or more).
 *
 * @param counterMm of the bore or rod, @param depthMm of a face's groove
 */
public record Tolerances(
        @Nullable Double counterMm,
        @Nullable Double grooveMm,
        @Nullable Double widthMm,
        @Nullable Double depthMm,
        @Nullable Double ringInsideMm,
        @Nullable Double sectionMm) {
    static final Tolerances NONE = new Tolerances(null, null, null, null, null, null);
    /** No tolerance is wider than this (mm). */
    private static final double MOST_MM = 20;

    public Tolerances {
        new Needs()
                .optionalBetween("counterMm", counterMm, 0, MOST_MM)
                .optionalBetween("grooveMm", grooveMm, 0, MOST_MM)
                .optionalBetween("widthMm", widthMm, 0, MOST_MM)
                .optionalBetween("depthMm", depthMm, 0, MOST_MM)
                .optionalBetween("ringInsideMm", ringInsideMm, 0, MOST_MM)
                .optionalBetween("sectionMm", sectionMm, 0, MOST_MM)
                .done();
    }

    /** In the order of {@link Sizes}; what is not given counts as none. */
    double[] each() {
        return new double[] {
            or0(counterMm), or0(grooveMm), or0(widthMm), or0(depthMm), or0(ringInsideMm), or0(sectionMm)
        };
    }

    /** Whether every one that matters in such a gland is given. */
    boolean isWhole(Gland gland) {
        return grooveMm != null
                && widthMm != null
                && ringInsideMm != null
                && sectionMm != null
                && (!gland.isRadial() || counterMm != null)
                && (!gland.isFace() || depthMm != null);
    }

    /** With those of a listed ring, where its own are not given. */
    Tolerances orOf(RingSize ring) {
        return new Tolerances(
                counterMm,
                grooveMm,
                widthMm,
                depthMm,
                ringInsideMm == null ? Double.valueOf(ring.insideToleranceMm()) : ringInsideMm,
                sectionMm == null ? Double.valueOf(ring.sectionToleranceMm()) : sectionMm);
    }

    private static double or0(@Nullable Double mm) {
        return mm == null ? 0 : mm;
    }
}
