package joropo.core.assembly;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Which place of a coupling is best, by what was measured.
 *
 * @param bestPlace of those measured, @param feasible whether a measured place is inside the limit; absent while that
 *     is open
 * @param predictedTirMm by place, where four trials or more follow the model; a hint, absent else; of a place that does
 *     not fit: absent
 * @param fitErrorMm of the model, from four trials, @param nextTrial place to try next; absent: it is over
 */
@RecordBuilder
public record ClockingResult(
        int bestPlace,
        @Nullable Boolean feasible,
        @Nullable List<@Nullable Double> predictedTirMm,
        @Nullable Double fitErrorMm,
        @Nullable Integer nextTrial,
        List<Finding> findings) {
    public ClockingResult {
        findings = List.copyOf(findings);
    }
}
