package joropo.core.verdict;

/** Where the limit of a finding is written. */
public enum Source {
    /** A public standard, with its number. */
    STANDARD,
    /** A rule of thumb of the trade. */
    GUIDE,
    /** A value the user typed from the maker's document; it overrides a guide. */
    MAKER,
    /** Plain arithmetic from what was given. */
    COMPUTED
}
