package joropo.app.job;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** What the owner of a machine was advised. @param answer absent: none yet, @param answeredOn absent likewise */
public record RecommendationLine(
        long id,
        String jobNumber,
        String text,
        @Nullable String answer,
        @Nullable LocalDate answeredOn) {}
