package joropo.app.check;

import java.util.List;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/**
 * What every check answers.
 *
 * @param verdict the worst of the findings, MISSING when there is none, @param results figures of the kind
 */
public record CheckAnswer<T>(String kind, Status verdict, T results, List<Finding> findings) {
    public static <T> CheckAnswer<T> of(String kind, T results, List<Finding> findings) {
        return new CheckAnswer<>(kind, Finding.worst(findings), results, findings);
    }
}
