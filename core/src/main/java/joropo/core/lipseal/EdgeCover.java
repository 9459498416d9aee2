package joropo.core.lipseal;

import joropo.core.units.Length;

/** What covers an edge while it passes under the lip; counted in and out (guide). */
public enum EdgeCover {
    SLEEVE("assembly sleeve"),
    TAPE("tape, smooth and lubricated"),
    CONE("cone over the shaft's end"),
    DEBURRED("deburred and rounded"),
    OTHER_ORDER("built in the other order");

    /** An assembly sleeve stretches the lip by this at most: the larger of a share of the shaft and a width (mm). */
    private static final double STRETCH_SHARE = 0.01;

    private static final double STRETCH_MM = 1.0;

    private final String words;

    EdgeCover(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether it has to come off again. */
    public boolean isTemporary() {
        return this == SLEEVE || this == TAPE || this == CONE;
    }

    /**
     * Greatest outside diameter of an assembly sleeve over a shaft (mm): d + the larger of 1 % and 1.0 mm; wall 0.2 to
     * 0.5 mm.
     */
    public static double mostOutsideMm(double shaftMm) {
        return Length.snap(shaftMm + Math.max(STRETCH_SHARE * shaftMm, STRETCH_MM));
    }
}
