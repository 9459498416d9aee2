package joropo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import joropo.core.assembly.FirstRun;
import org.jspecify.annotations.Nullable;

/** A signed job that is to be looked at again. @param seen what was seen then, absent: nobody has looked yet */
public record Look(
        long id,
        String jobNumber,
        long positionId,
        String place,
        LocalDate dueOn,
        @Nullable FirstRun seen,
        @Nullable String seenNote,
        @Nullable String seenBy,
        @Nullable Instant seenAt) {
    /** What may be seen, from the best. */
    public List<FirstRun> words() {
        return List.of(FirstRun.values());
    }
}
