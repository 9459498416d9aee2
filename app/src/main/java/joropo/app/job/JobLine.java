package joropo.app.job;

import java.time.Instant;
import joropo.app.family.Stage;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A job as a list shows it.
 *
 * @param standsAt the stage that is to be worked on next, @param verdict the worst that was found, absent: nothing is
 *     judged yet
 */
public record JobLine(
        String number,
        Job.State state,
        String machineName,
        String machinePlace,
        String positionName,
        Instant openedAt,
        String openedBy,
        Stage standsAt,
        @Nullable Status verdict) {}
