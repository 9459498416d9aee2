package joropo.app.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Refused passwords, counted by who calls and the name that was tried: after {@link #MOST} in a row that caller waits
 * {@link #WAIT} with that name, whether or not there is such a person. Nobody else is kept out by it. Kept in memory: a
 * restart forgets it.
 */
@Component
class Tries {
    static final int MOST = 5;
    static final Duration WAIT = Duration.ofMinutes(15);
    private static final int REMEMBERED = 10_000;

    private final Clock clock;
    private final Map<String, Count> counts = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Count> eldest) {
            return size() > REMEMBERED;
        }
    };

    Tries(Clock clock) {
        this.clock = clock;
    }

    private record Count(int refused, Instant last) {}

    synchronized boolean mustWait(String caller, String name) {
        Count count = standing(key(caller, name));
        return count != null && count.refused() >= MOST;
    }

    /** @return whether this one was the last before the wait */
    synchronized boolean refused(String caller, String name) {
        String key = key(caller, name);
        Count before = standing(key);
        int refused = before == null ? 1 : before.refused() + 1;
        counts.remove(key);
        counts.put(key, new Count(refused, clock.instant()));
        return refused == MOST;
    }

    synchronized void admitted(String caller, String name) {
        counts.remove(key(caller, name));
    }

    private Count standing(String key) {
        Count count = counts.get(key);
        if (count != null && clock.instant().isAfter(count.last().plus(WAIT))) {
            counts.remove(key);
            return null;
        }
        return count;
    }

    private static String key(String caller, String name) {
        return caller + " " + name.toLowerCase(Locale.ROOT);
    }
}
