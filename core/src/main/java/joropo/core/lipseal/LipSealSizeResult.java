package joropo.core.lipseal;

import java.util.List;
import joropo.core.sizes.SealSize;
import joropo.core.verdict.Finding;

/** Listed sizes that fit the place, best first, and what kept others out. */
public record LipSealSizeResult(List<SealSize> sizes, List<Rejected> rejected, List<Finding> findings) {
    /** Which of shaft, bore or depth does not match, and what would. */
    public record Rejected(String what, String reason) {}
}
