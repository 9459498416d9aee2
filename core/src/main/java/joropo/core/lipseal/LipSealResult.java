package joropo.core.lipseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.section.CaseType;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Figures of the operating point, and every candidate kept or struck out. Interferences (mm) are those of the asked
 * case, else of the first candidate's, else of a bare metal one; absent where not known.
 */
@RecordBuilder
public record LipSealResult(
        double surfaceSpeedMPerS,
        double temperatureRiseK,
        double lipTemperatureC,
        double frictionLossW,
        @Nullable Double interferenceMinMm,
        @Nullable Double interferenceMaxMm,
        @Nullable Double hotInterferenceMinMm,
        double thrustN,
        List<Candidate> candidates,
        List<StruckOut> struckOut,
        List<Finding> findings) {
    /**
     * A seal that may be taken. @param rank from 1, the recommended one; @param reasons why it stands there, the doubts
     * first
     */
    public record Candidate(
            int rank, Layout layout, String material, CaseType caseType, Status verdict, List<String> reasons) {
        /** Layout, material and outside of the case in words. */
        public String words() {
            return layout.words() + ", " + material + ", " + caseType.words();
        }
    }

    /** A seal that may not be taken, and why. */
    public record StruckOut(Layout layout, String material, CaseType caseType, String reason) {}

    public LipSealResult {
        candidates = List.copyOf(candidates);
        struckOut = List.copyOf(struckOut);
    }
}
