package joropo.core.fits;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.readings.DiameterReadings;
import joropo.core.verdict.Finding;

/** Figures of a measured diameter at 20 °C (mm), where the temperature was given, and what they mean. */
@RecordBuilder
public record DiameterResult(
        double meanMm,
        double minMm,
        double maxMm,
        double ovalityMm,
        double taperMm,
        List<Double> planeMeansMm,
        DiameterReadings at20,
        double uncertaintyMm,
        List<Finding> findings) {}
