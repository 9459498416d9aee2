package joropo.app.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A step of the plan that was done, skipped with a reason, or taken back with one. @param act what it said then, empty
 * where that was not written down
 */
public record StepDone(
        String step,
        String act,
        String personName,
        Instant doneAt,
        @Nullable String skippedWhy,
        @Nullable String undoneWhy) {
    static StepDone done(String step, String act, String personName, Instant doneAt) {
        return new StepDone(step, act, personName, doneAt, null, null);
    }
}
