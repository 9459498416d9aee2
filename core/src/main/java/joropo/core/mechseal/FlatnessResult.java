package joropo.core.mechseal;

import java.util.List;
import joropo.core.verdict.Finding;

/** @param flatnessUm error of the face */
public record FlatnessResult(double flatnessUm, List<Finding> findings) {
    public FlatnessResult {
        findings = List.copyOf(findings);
    }
}
