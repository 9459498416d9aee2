package joropo.app.job;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;

/** A time that has to pass, such as the cure of a sealant. @param stoppedWhy absent: it runs or has run out */
public record JobTimer(
        long id,
        String what,
        int minutes,
        String personName,
        Instant startedAt,
        @Nullable String stoppedWhy) {
    public Instant endsAt() {
        return startedAt.plus(minutes, ChronoUnit.MINUTES);
    }

    boolean runs(Instant now) {
        return stoppedWhy == null && now.isBefore(endsAt());
    }
}
