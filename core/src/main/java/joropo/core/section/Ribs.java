package joropo.core.section;

/** Ribs behind a lip that pump back what passes; named as the shaft turns, seen from the seal's own back. */
public enum Ribs {
    NONE,
    CW,
    CCW,
    BOTH
}
