package joropo.app.access;

/** Which variant of the look a person has fixed. */
public enum Theme {
    SYSTEM,
    LIGHT,
    DARK
}
