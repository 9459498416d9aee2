package joropo.app.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A step of the plan that was done, or skipped with a reason. */
public record StepDone(String step, String personName, Instant doneAt, @Nullable String skippedWhy) { }
