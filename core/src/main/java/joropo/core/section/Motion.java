package joropo.core.section;

/** How the shaft moves. */
public enum Motion {
    TURNING,
    SWINGING
}
