package joropo.app.ui;

import java.util.Set;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/** What is judged, and the words that each state has for it. */
public enum Judged {
    FIGURE("in limits", "in limits, take care", "not measured", "too close for this gauge", "out of limits"),
    ARRANGEMENT("right", "right, take care", "not known yet", "too close for this gauge", "wrong"),
    TICK("done", "done, take care", "not done", "not done", "wrong");

    /** Rules that somebody ticks off. */
    private static final Set<String> TICKS = Set.of("innocent", "safe", "closed", "filled");

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
        return TICKS.contains(f.rule()) ? TICK : f.lower() != null || f.upper() != null ? FIGURE : ARRANGEMENT;
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
