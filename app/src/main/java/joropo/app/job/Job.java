package joropo.app.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * One job on one seal position.
 *
 * @param number as people say it: year and running number, such as 26-0147
 */
public record Job(
        long id,
        String number,
        long positionId,
        String openedBy,
        Instant openedAt,
        State state,
        @Nullable String withdrawnWhy) {
    /** Whether work goes on. */
    public enum State {
        OPEN,
        SIGNED,
        WITHDRAWN
    }
}
