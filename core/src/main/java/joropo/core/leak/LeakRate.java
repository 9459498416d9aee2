package joropo.core.leak;

import java.time.Duration;
import java.time.OffsetDateTime;
import org.jspecify.annotations.Nullable;

/**
 * How fast it leaked between two entries; of drops: at one.
 *
 * @param perDay in the kind's unit, below zero where something came in, @param lost over the whole interval
 * @param runIn begun within a day of fitting: it is shown, and judges nothing
 * @param bound absent: read, @param unlike its ends were read in different states: it is shown, and judges nothing
 */
record LeakRate(
        LeakEvent from,
        LeakEvent to,
        double perDay,
        double lost,
        boolean runIn,
        @Nullable Bound bound,
        boolean unlike) {
    private static final double DAY_S = 86_400;

    /** What a look that is no plain reading says of its rate. */
    enum Bound {
        AT_LEAST,
        AT_MOST
    }

    static double days(OffsetDateTime from, OffsetDateTime to) {
        return Duration.between(from, to).toSeconds() / DAY_S;
    }

    /** Middle of the interval, in days since 1970. */
    double middle() {
        return (from.time().toEpochSecond() + to.time().toEpochSecond()) / 2.0 / DAY_S;
    }

    double days() {
        return days(from.time(), to.time());
    }

    boolean isSettled() {
        return !runIn && !unlike;
    }

    LeakRate asUnlike() {
        return new LeakRate(from, to, perDay, lost, runIn, bound, true);
    }
}
