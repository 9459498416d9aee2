package joropo.app.store;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** One movement of a lot. @param change how many more or fewer there are after it */
public record Movement(
        Kind kind, int change, @Nullable String jobNumber, String why, String personName, Instant movedAt) {
    /** What is done with a lot. */
    public enum Kind {
        RECEIVED("received"),
        ISSUED("issued"),
        RETURNED("brought back"),
        COUNTED("counted"),
        SCRAPPED("scrapped");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
