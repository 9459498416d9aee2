package joropo.core.lipseal;

import joropo.core.section.BoreItem;
import joropo.core.shaft.Side;

/** On which side something stops the seal from moving. */
public enum HeldOn {
    OUT,
    IN,
    BOTH,
    NONE;

    /** A seal this near its stop stands on it (mm, guide). */
    private static final double TOUCHES_MM = 0.5;

    /** By the stop inward of it alone. */
    public static HeldOn byStop(BoreItem.Seal seal, double stopMm) {
        return stopMm - seal.toMm() <= TOUCHES_MM ? IN : NONE;
    }

    public boolean holds(Side side) {
        return this == BOTH || name().equals(side.name());
    }
}
