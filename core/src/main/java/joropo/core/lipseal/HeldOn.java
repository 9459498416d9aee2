package joropo.core.lipseal;

import joropo.core.shaft.Side;

/** On which side something stops the seal from moving. */
public enum HeldOn {
    OUT,
    IN,
    BOTH,
    NONE;

    public boolean holds(Side side) {
        return this == BOTH || name().equals(side.name());
    }
}
