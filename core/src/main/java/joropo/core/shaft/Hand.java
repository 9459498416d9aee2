package joropo.core.shaft;

/** Hand of a helix: a right-hand one climbs away from you clockwise, as on a usual screw. */
public enum Hand {
    LEFT,
    RIGHT
}
