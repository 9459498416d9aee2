package joropo.core.diagnosis;

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

    /** Code of the table of signs; absent where it is none. */
    public @Nullable String sign() {
        return sign;
    }
}
