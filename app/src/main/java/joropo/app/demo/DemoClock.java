package joropo.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Primary;
import org.springframework.stereotype.Component;

/**
 * Lets the demo's data be made in the past, each act a little later than the one before; afterwards it is the system's
 * clock.
 */
@Component
@Primary
@ConditionalOnProperty("joropo.demo")
class DemoClock extends Clock {
    private static final Duration STEP = Duration.ofSeconds(20);

    private final Clock real = Clock.systemUTC();
    private volatile @Nullable Instant past;

    /** From now on it is this moment. */
    void turnTo(Instant moment) {
        past = moment;
    }

    /** From now on it is the time that it is. */
    void letRun() {
        past = null;
    }

    @Override
    public Instant instant() {
        Instant moment = past;
        if (moment == null) {
            return real.instant();
        }
        past = moment.plus(STEP);
        return moment;
    }

    @Override
    public ZoneId getZone() {
        return real.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return real.withZone(zone);
    }
}
