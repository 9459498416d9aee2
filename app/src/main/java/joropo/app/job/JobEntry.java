package joropo.app.job;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One entry about a thing that is put in for a time, or about fasteners. The last entry of a thing says how it stands.
 */
public record JobEntry(Kind kind, String what, State state, String personName, Instant enteredAt) {
    /** What is entered. */
    public enum Kind {
        TEMPORARY(State.IN, State.OUT),
        FASTENER(State.TRIAL, State.FINAL);

        private final State open;
        private final State closed;

        Kind(State open, State closed) {
            this.open = open;
            this.closed = closed;
        }

        State open() {
            return open;
        }

        State closed() {
            return closed;
        }
    }

    /** How it stands. */
    public enum State {
        IN,
        OUT,
        TRIAL,
        FINAL
    }

    /** Whether it still keeps the job from being signed. */
    public boolean isOpen() {
        return state == kind.open();
    }

    /** How everything stands now, in the order in which it was first entered. */
    static List<JobEntry> now(List<JobEntry> all) {
        Map<String, JobEntry> out = new LinkedHashMap<>();
        all.forEach(e -> out.put(e.kind + " " + e.what, e));
        return List.copyOf(out.values());
    }

    /** What keeps the job from being signed, in words. */
    String openWords() {
        return kind == Kind.TEMPORARY
                ? what + ": put in for a time and not counted out."
                : what + ": still tightened on trial.";
    }
}
