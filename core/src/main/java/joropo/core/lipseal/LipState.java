package joropo.core.lipseal;

import org.jspecify.annotations.Nullable;

/** State of an old lip as it comes out, and the sign it is of why it leaked (guide). */
public enum LipState {
    SOUND("sound", null),
    HARD("hard, cracked, glazed", "LIP_HARD"),
    WORN("worn to a wide band", "LIP_WIDE"),
    ONE_SIDED("wide on one side", "LIP_ONE_SIDED"),
    CUT("cut or torn", "LIP_CUT"),
    TURNED("turned under", "LIP_TURNED_UNDER"),
    SPRING_OUT("spring missing or out", "SPRING_OUT"),
    SWOLLEN("swollen, soft", "LIP_SWOLLEN"),
    CASE_BENT("case dented or bent", "CASE_BENT");

    private final String words;
    private final @Nullable String sign;

    LipState(String words, @Nullable String sign) {
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
