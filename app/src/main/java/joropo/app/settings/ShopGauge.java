package joropo.app.settings;

import java.time.LocalDate;
import joropo.core.readings.Gauge;
import org.jspecify.annotations.Nullable;

/**
 * A gauge as a reading names it: one of the guide list, or one of the workshop's own.
 *
 * @param certificateMm uncertainty of its certificate (mm, k = 2), absent: the guide's by size, @param dueOn absent: no
 *     date
 */
public record ShopGauge(
        String words,
        Gauge kind,
        @Nullable Double certificateMm,
        @Nullable LocalDate dueOn) {
    /** Expanded uncertainty (mm) when a size (mm) is read with it. */
    public double uncertaintyMm(double sizeMm) {
        return certificateMm != null ? certificateMm : kind.uncertaintyMm(sizeMm);
    }
}
