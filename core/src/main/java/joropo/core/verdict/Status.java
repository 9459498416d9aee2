package joropo.core.verdict;

/** State of one finding, the worst first: {@link #compareTo} orders by urgency. */
public enum Status {
    /** Outside the limits, whatever the gauge's uncertainty. */
    FAIL,
    /** So near a limit that this gauge cannot tell. */
    REMEASURE,
    /** A rule needs a figure that was not given. */
    MISSING,
    /** Allowed, with a reason to think. */
    CAUTION,
    /** Holds. */
    PASS;

    /** The worse of two states. */
    public Status worse(Status other) {
        return compareTo(other) <= 0 ? this : other;
    }
}
