package joropo.app.watch;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What the owner was advised because of a watch. @param answer absent: none yet, @param answeredOn likewise */
public record WatchAdvice(
        long id,
        String text,
        String personName,
        Instant writtenAt,
        @Nullable String answer,
        @Nullable LocalDate answeredOn) {}
