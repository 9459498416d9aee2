package joropo.app.job;

import java.time.Instant;
import joropo.app.family.Stage;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A job as a list shows it.
 *
 * @param stage the last stage that was kept, absent when none was, @param verdict the worst that was found on any kept
 *     sheet
 */
public record JobLine(
        String number,
        Job.State state,
        String machineName,
        String machinePlace,
        String positionName,
        Instant openedAt,
        String openedBy,
        @Nullable Stage stage,
        @Nullable Status verdict) {
    /** The stage that is to be worked on next. */
    public Stage standsAt() {
        return stage == null ? Stage.INTAKE : stage.next().orElse(Stage.SIGN);
    }
}
