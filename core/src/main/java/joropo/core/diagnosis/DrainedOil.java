package joropo.core.diagnosis;

import java.util.Optional;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What drains out, and the sign it is (guide). */
public enum DrainedOil {
    CLEAR("clear", null),
    DARK("dark", null),
    MILKY("milky: water is in", "OIL_MILKY"),
    GLITTER("glitter: metal", null);

    private final String words;
    private final @Nullable String sign;

    DrainedOil(String words, @Nullable String sign) {
        this.words = words;
        this.sign = sign;
    }

    public String words() {
        return words;
    }

    /** What it says before anybody thinks of the seal; empty where nothing. */
    public Optional<Finding> finding() {
        return switch (this) {
            case MILKY ->
                Optional.of(said(
                        "What drained is milky: water has come in, past a lip, by the cooler or by the breather.",
                        "Find the way in before a new seal goes in; bearings that stood in it are looked at."));
            case GLITTER ->
                Optional.of(said(
                        "What drained glitters: metal wears inside, and the seal may only be what suffers from it.",
                        "Look at bearings and gears before a new seal goes in."));
            default -> Optional.empty();
        };
    }

    private static Finding said(String message, String remedy) {
        return Finding.of("drained", Status.CAUTION, "what drained", message, remedy, Source.GUIDE, "failure signs");
    }

    /** Code of the table of signs; absent where it is none. */
    public @Nullable String sign() {
        return sign;
    }
}
