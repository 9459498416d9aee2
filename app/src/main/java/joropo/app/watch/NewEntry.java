package joropo.app.watch;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import joropo.core.leak.LeakEvent;
import org.jspecify.annotations.Nullable;

/**
 * An entry as it is written; what each means stands at {@link WatchEntry}.
 *
 * @param kept whether it waited in a page until the network came back: others may have written meanwhile
 */
@RecordBuilder
record NewEntry(
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
        boolean kept) {}
