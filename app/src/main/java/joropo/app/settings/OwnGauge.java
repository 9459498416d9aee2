package joropo.app.settings;

import java.time.LocalDate;
import joropo.core.readings.Gauge;
import org.jspecify.annotations.Nullable;

/**
 * A gauge of the workshop.
 *
 * @param uncertaintyMm expanded uncertainty (k = 2) of its certificate, @param certificate its number, @param dueOn
 *     when the next one is due
 */
public record OwnGauge(
        long id,
        String name,
        Gauge kind,
        double uncertaintyMm,
        String certificate,
        @Nullable LocalDate dueOn,
        @Nullable String withdrawnWhy) {
    /** As it stands in a sheet. */
    String code() {
        return "own-" + id;
    }
}
