package joropo.core.fits;

import java.util.List;
import joropo.core.readings.DiameterReadings;
import joropo.core.readings.Gauge;
import org.jspecify.annotations.Nullable;

/** Measured diameters for tests. */
public final class Diameters {
    private Diameters() {}

    /** A shaft or bore judged by class, its temperature not taken. */
    public static DiameterInput ofClass(
            DiameterInput.Part part,
            double nominalMm,
            String toleranceClass,
            @Nullable Gauge gauge,
            @Nullable Double uncertaintyMm,
            List<DiameterReadings.Plane> planes) {
        return DiameterInputBuilder.builder()
                .part(part)
                .nominalMm(nominalMm)
                .toleranceClass(toleranceClass)
                .gauge(gauge)
                .uncertaintyMm(uncertaintyMm)
                .planes(planes)
                .build();
    }
}
