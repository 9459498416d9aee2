package joropo.core.mechseal;

import java.util.List;
import joropo.core.verdict.Finding;

/** What a seal asks of its machine (mm), and whether it gets it. */
public record ChamberResult(
        double runoutLimitMm,
        double radialPlayLimitMm,
        double axialPlayLimitMm,
        double squarenessLimitMm,
        double concentricityLimitMm,
        List<Finding> findings) {
    public ChamberResult {
        findings = List.copyOf(findings);
    }
}
