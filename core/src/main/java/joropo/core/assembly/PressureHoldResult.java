package joropo.core.assembly;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What a closed space has lost.
 *
 * @param dropMpa start less end, @param correctedDropMpa the same brought to the end's temperature; both below zero
 *     where it rose
 * @param rateMpaPerHour lost, + also where a vacuum is lost, @param leakMlPerMin gas at atmospheric pressure; absent
 *     without the volume, and of a liquid
 */
public record PressureHoldResult(
        double dropMpa,
        double correctedDropMpa,
        double rateMpaPerHour,
        @Nullable Double leakMlPerMin,
        List<Finding> findings) {
    public PressureHoldResult {
        findings = List.copyOf(findings);
    }
}
