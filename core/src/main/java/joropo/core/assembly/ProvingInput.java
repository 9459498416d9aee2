package joropo.core.assembly;

import org.jspecify.annotations.Nullable;

/** What the proving showed; whatever is absent has not been done yet. */
public record ProvingInput(
        @Nullable HandTurn handTurn, @Nullable FirstRun firstRun) {
    /** One full turn by hand. */
    public enum HandTurn {
        EVEN("even drag, no scrape"),
        TIGHT_PLACE("tight in one place"),
        SCRAPE("scrapes"),
        CLICK("clicks");

        private final String words;

        HandTurn(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The seal after the first run, warm. */
    public enum FirstRun {
        DRY("dry"),
        SWEATING("sweating: a film, no drop"),
        SEEPING("seeping: a drop within 10 min"),
        DRIPPING("dripping"),
        RUNNING("running");

        private final String words;

        FirstRun(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
