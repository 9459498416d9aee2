package joropo.app.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What a lead said of a job. @param remark empty: none */
public record Review(Kind kind, String remark, String personName, Instant writtenAt) {
    /** What a lead can say. */
    public enum Kind {
        SENT_BACK,
        COUNTERSIGNED
    }

    /** Whom a job waits for. */
    public enum Waits {
        /** A lead, to countersign it. */
        COUNTERSIGN,
        /** Whoever works on it, to answer what a lead said. */
        ANSWER
    }

    /** Whom a job waits for once this was said, absent: nobody. */
    static @Nullable Waits after(Kind said) {
        return said == Kind.SENT_BACK ? Waits.ANSWER : null;
    }
}
