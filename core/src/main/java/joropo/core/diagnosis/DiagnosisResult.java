package joropo.core.diagnosis;

import java.util.List;
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

    /** Those that stand first: more than one where nothing parts them yet. */
    public List<Ranked> first() {
        return causes.stream().filter(c -> c.score() == causes.get(0).score()).toList();
    }

    public DiagnosisResult {
        causes = List.copyOf(causes);
        findings = List.copyOf(findings);
    }
}
