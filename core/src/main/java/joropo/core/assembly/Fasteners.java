package joropo.core.assembly;

import java.util.Optional;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** How fasteners were tightened and locked, beside their torque plan (guide). */
public final class Fasteners {
    /** How a tab, plate, wire or pin came into line. */
    public enum Lining {
        AT_ONCE("at its torque"),
        TIGHTENED_ON("tightened on to it"),
        WASHER("washer turned over or changed"),
        BACKED_OFF("backed off to it");

        private final String words;

        Lining(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private Fasteners() {}

    /** @param lined absent: it is not noted, or nothing has to come into line */
    public static Optional<Finding> lining(@Nullable Lining lined) {
        return lined != Lining.BACKED_OFF
                ? Optional.empty()
                : Optional.of(Finding.of(
                        "lining",
                        Status.FAIL,
                        "lock in line",
                        "The fastener was backed off until its lock lined up: it is loose.",
                        "Tighten on to the next place, turn the washer over or change it.",
                        Source.GUIDE,
                        "torque"));
    }

    /** @param impact whether an impact tool was used, absent: nobody has noted it */
    public static Optional<Finding> impact(@Nullable Boolean impact) {
        return !Boolean.TRUE.equals(impact)
                ? Optional.empty()
                : Optional.of(Finding.of(
                        "impact",
                        Status.CAUTION,
                        "torque of the impact tool",
                        "An impact tool was used: no torque is verified by it.",
                        "Check each bolt with a wrench that is set.",
                        Source.GUIDE,
                        "torque"));
    }

    /** @param lockedBy what locks them, absent: nobody has noted it, @param ticked whether locking is ticked as done */
    public static Optional<Finding> locking(@Nullable String lockedBy, boolean ticked) {
        return lockedBy != null || !ticked
                ? Optional.empty()
                : Optional.of(Finding.missing(
                        "locking",
                        "locking of the fasteners",
                        "It is ticked as done, and how it was done is not noted.",
                        "Name what locks them, and which way a tab, wire or pin goes."));
    }
}
