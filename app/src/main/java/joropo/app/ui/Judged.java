package joropo.app.ui;

import java.util.Set;
import joropo.core.arrangement.Clash;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/** What is judged, and the words that each state has for it. */
public enum Judged {
    FIGURE("in limits", "in limits, take care", "not measured", "too close for this gauge", "out of limits"),
    /** A figure beyond the limit that is written beside it, and before the one at which it fails. */
    SECOND_LIMIT("in limits", "past the limit, take care", "not measured", "too close for this gauge", "out of limits"),
    /** A whole sheet: what is past a first limit may be among it. */
    SHEET("in limits", "take care", "not measured", "too close for this gauge", "out of limits"),
    /** A whole job that was signed, as its owner reads it. */
    SIGNED(
            "all in limits",
            "in limits, take care",
            "not all was read",
            "not all could be told by the gauge",
            "not all in limits, accepted by a concession"),
    ARRANGEMENT("right", "right, take care", "not known yet", "too close for this gauge", "wrong"),
    /** Two words for one thing. */
    TWO_WORDS("right", "right, take care", "not known yet", "noted twice: which?", "wrong"),
    TICK("done", "done, take care", "not done", "not done", "wrong");

    /** Rules that somebody ticks off. */
    private static final Set<String> TICKS = Set.of("innocent", "safe", "closed", "filled", "greased");

    private final String pass;
    private final String caution;
    private final String missing;
    private final String remeasure;
    private final String fail;

    Judged(String pass, String caution, String missing, String remeasure, String fail) {
        this.pass = pass;
        this.caution = caution;
        this.missing = missing;
        this.remeasure = remeasure;
        this.fail = fail;
    }

    /** A finding with limits is a figure, one that is ticked off a tick, any other an arrangement, choice or order. */
    static Judged of(Finding f) {
        if (TICKS.contains(f.rule())) {
            return TICK;
        }
        if (Clash.isSaidBy(f)) {
            return TWO_WORDS;
        }
        if (f.lower() == null && f.upper() == null) {
            return ARRANGEMENT;
        }
        return isBeyond(f) ? SECOND_LIMIT : FIGURE;
    }

    private static boolean isBeyond(Finding f) {
        return f.value() != null
                && (f.lower() != null && f.value() < f.lower() || f.upper() != null && f.value() > f.upper());
    }

    String word(Status status) {
        return switch (status) {
            case PASS -> pass;
            case CAUTION -> caution;
            case MISSING -> missing;
            case REMEASURE -> remeasure;
            case FAIL -> fail;
        };
    }
}
