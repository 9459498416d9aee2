package joropo.core.toy;

import java.util.List;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** A family of core that stands in the tests alone: one rule about a flat gasket. */
public final class GasketRule {
    private static final double LEAST_MM = 0.5;

    /** @param thicknessMm absent: nobody has measured it */
    public record GasketInput(@Nullable Double thicknessMm) {
        public GasketInput {
            new Needs().optionalSize("thicknessMm", thicknessMm).done();
        }
    }

    /** @param squeezedMm to what it is squeezed; absent with its thickness */
    public record GasketResult(@Nullable Double squeezedMm, List<Finding> findings) {}

    private GasketRule() {}

    public static GasketResult check(GasketInput in) {
        Double mm = in.thicknessMm();
        if (mm == null) {
            return new GasketResult(
                    null,
                    List.of(Finding.missing(
                            "gasket", "thickness of the gasket", "Nobody has measured it.", "Measure.")));
        }
        Status status = mm < LEAST_MM ? Status.FAIL : Status.PASS;
        return new GasketResult(
                Length.snap(mm * 0.8),
                List.of(Finding.of(
                        "gasket", status, "thickness of the gasket", "As measured.", "", Source.GUIDE, "gaskets")));
    }
}
