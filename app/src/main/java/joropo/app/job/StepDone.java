package joropo.app.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A step of the plan that was done, or skipped with a reason. @param act what it said then, empty where that was not
 * written down
 */
public record StepDone(
        String step,
        String act,
        String personName,
        Instant doneAt,
        @Nullable String skippedWhy) {}
