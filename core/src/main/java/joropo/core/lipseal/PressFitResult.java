package joropo.core.lipseal;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Diametral interference of the case in its bore (mm); absent when the seal's outside is not known.
 *
 * @param hotInterferenceMinMm least interference in work; absent also where the housing's material or temperature is
 *     not known
 */
public record PressFitResult(
        @Nullable Double interferenceMinMm,
        @Nullable Double interferenceMaxMm,
        @Nullable Double hotInterferenceMinMm,
        List<Finding> findings) {}
