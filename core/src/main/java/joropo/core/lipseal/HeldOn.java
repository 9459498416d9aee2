package joropo.core.lipseal;

import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.shaft.Side;

/** On which side something stops the seal from moving. */
public enum HeldOn {
    OUT,
    IN,
    BOTH,
    NONE;

    /** A seal this near its stop stands on it (mm, guide). */
    private static final double TOUCHES_MM = 0.5;

    /** By the stop inward of it, and a retaining ring outward of it or of what lies against it. */
    public static HeldOn of(Section section, BoreItem.Seal seal, double stopMm) {
        boolean in = stopMm - seal.toMm() <= TOUCHES_MM;
        boolean out = ringOutward(section, seal.fromMm());
        return in ? out ? BOTH : IN : out ? OUT : NONE;
    }

    /** Whether a ring lies against this face, or against spacers and seals that do. */
    private static boolean ringOutward(Section section, double faceMm) {
        return section.boreItems().stream().anyMatch(i -> {
            if (i instanceof BoreItem.Ring r) {
                return touches(faceMm - r.fromMm() - r.thicknessMm());
            }
            boolean stacked = i instanceof BoreItem.Spacer || i instanceof BoreItem.Seal;
            return stacked && i.fromMm() < faceMm && touches(faceMm - i.toMm()) && ringOutward(section, i.fromMm());
        });
    }

    private static boolean touches(double gapMm) {
        return Math.abs(gapMm) <= TOUCHES_MM;
    }

    public boolean holds(Side side) {
        return this == BOTH || name().equals(side.name());
    }
}
