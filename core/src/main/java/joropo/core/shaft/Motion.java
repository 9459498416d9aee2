package joropo.core.shaft;

/** How the shaft moves. */
public enum Motion {
    TURNING,
    SWINGING
}
