package joropo.core.section;

/** How full a space stands of its medium. */
public enum Level {
    FULL,
    SPLASH,
    PARTIAL,
    DRY
}
