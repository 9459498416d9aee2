package joropo.core.diagnosis;

import java.util.List;
import java.util.Optional;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Causes that what was seen points to, most likely first; none is ever certain.
 *
 * @param causes those above nothing, @param nextCheck code of the sign that would tell most, absent when there is
 *     nothing left to look for
 */
public record DiagnosisResult(List<Ranked> causes, @Nullable String nextCheck, List<Finding> findings) {
    /**
     * One cause. @param score sum of its weights over signs seen less half the sum over signs looked for in
     * vain, @param why the signs that speak for and against it
     */
    public record Ranked(String cause, double score, List<String> why) {
        public Ranked {
            why = List.copyOf(why);
        }
    }

    /** A cause leads when its score is this much above the next (guide). */
    static final double LEADS = 1.5;

    /** The cause that leads all others clearly; absent while none does. */
    public Optional<Ranked> leading() {
        return causes.isEmpty()
                        || causes.size() > 1
                                && causes.get(0).score() - causes.get(1).score() < LEADS - 1e-9
                ? Optional.empty()
                : Optional.of(causes.get(0));
    }

    public DiagnosisResult {
        causes = List.copyOf(causes);
        findings = List.copyOf(findings);
    }
}
