package joropo.app.job;

import joropo.core.plan.Part;
import joropo.core.plan.PartState;
import org.jspecify.annotations.Nullable;

/**
 * One line of a job's parts list. @param beforeOpening whether the machine stays closed until it is settled, @param
 * entry the newest decision, absent: none
 */
public record PartLine(
        Part part, boolean beforeOpening, @Nullable PartEntry entry) {
    public PartState state() {
        return entry == null || isOvertaken() ? PartState.OPEN : entry.state();
    }

    /** Whether something was laid out, and another size or material was decided since. */
    public boolean isOvertaken() {
        return entry != null && entry.state().isSettled() && !entry.isFor(part);
    }

    public boolean isSettled() {
        return state().isSettled();
    }
}
