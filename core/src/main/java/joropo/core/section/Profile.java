package joropo.core.section;

/**
 * What the lip of a seal is like: rubber, rubber stiffened against pressure, a PTFE lip rolled onto the shaft, a closed
 * cassette that brings its own running surface.
 */
public enum Profile {
    STANDARD,
    PRESSURE,
    PTFE,
    CASSETTE
}
