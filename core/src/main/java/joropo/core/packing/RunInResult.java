package joropo.core.packing;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What to do next at a packing that is run in.
 *
 * @param nextLookMin when to look again, in minutes from the last look; absent: nothing to wait for
 * @param travelLeftFlats of the gland; absent: its travel is not known, @param travelLeftMm its mean gap at the last
 *     look that read it, @param repackInDays from the last look until that is used, at the rate at which it closed
 *     after its first day; absent: not read a week apart, or it does not close
 */
public record RunInResult(
        Advice advice,
        String reason,
        @Nullable Double nextLookMin,
        @Nullable Double travelLeftFlats,
        @Nullable Double travelLeftMm,
        @Nullable Double repackInDays,
        List<Finding> findings) {
    /** The next act. */
    public enum Advice {
        WAIT("wait"),
        ONE_FLAT("one flat on each nut"),
        LET_OFF("stop, let off"),
        DONE("run in"),
        REPACK("pack anew");

        private final String words;

        Advice(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public RunInResult {
        findings = List.copyOf(findings);
    }
}
