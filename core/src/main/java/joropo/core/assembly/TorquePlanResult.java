package joropo.core.assembly;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * How a joint is tightened.
 *
 * @param sequence bolts in the order of one pass, numbered round the circle from 1
 * @param passesNm torque of each pass, a last full round included; none while there is no figure
 * @param wrenchNm what the wrench is set to for the last ones; absent where there is no figure, or an extension is in
 *     line and the wrench was not measured
 * @param inUnits the last torque in the units of wrenches, absent while there is no figure
 */
public record TorquePlanResult(
        List<Integer> sequence,
        List<Double> passesNm,
        @Nullable Double wrenchNm,
        @Nullable InUnits inUnits,
        List<Finding> findings) {
    /** One torque in every unit of a wrench. */
    public record InUnits(double nm, double lbfFt, double lbfIn, double kgfM) {}

    public TorquePlanResult {
        sequence = List.copyOf(sequence);
        passesNm = List.copyOf(passesNm);
        findings = List.copyOf(findings);
    }
}
