package joropo.core.mechseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Where a unit is set now, from the chamber's face inward; mm.
 *
 * @param faceMm of the seat, @param settingMm back of the unit, less the move of the rotor that is to come
 * @param lowMm, @param highMm its band, @param compressionMm of the spring; absent without the free length
 */
@RecordBuilder
public record SealSettingResult(
        double faceMm,
        double settingMm,
        double lowMm,
        double highMm,
        @Nullable Double compressionMm,
        List<Finding> findings) {
    public SealSettingResult {
        findings = List.copyOf(findings);
    }
}
