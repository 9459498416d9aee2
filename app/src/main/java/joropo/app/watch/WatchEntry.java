package joropo.app.watch;

import java.time.Instant;
import joropo.core.leak.LeakEvent;
import org.jspecify.annotations.Nullable;

/**
 * What somebody wrote at a watch.
 *
 * @param figure in the kind's unit, @param massG of a regulated medium, put in or taken out
 * @param struckWhy absent: it counts, @param sent as the page that sent it knows it
 */
public record WatchEntry(
        long id,
        Instant happenedAt,
        LeakEvent.Type type,
        @Nullable Double figure,
        @Nullable Double temperatureC,
        @Nullable Double runningHours,
        LeakEvent.Seen seen,
        @Nullable Boolean running,
        @Nullable Boolean hot,
        @Nullable Double massG,
        String note,
        String sent,
        long personId,
        String personName,
        Instant enteredAt,
        @Nullable String struckWhy) {}
