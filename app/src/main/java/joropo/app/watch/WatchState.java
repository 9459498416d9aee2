package joropo.app.watch;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.time.LocalDate;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** How a watch stands, for lists; what each means stands at {@link WatchLine}. */
@RecordBuilder
record WatchState(
        String area,
        int walk,
        boolean live,
        Status verdict,
        String word,
        @Nullable Instant lastAt,
        @Nullable String lastBy,
        String lastText,
        LocalDate dueOn,
        @Nullable LocalDate crossesOn,
        @Nullable LocalDate fullOn,
        String rates) {}
