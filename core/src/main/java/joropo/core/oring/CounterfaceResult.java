package joropo.core.oring;

import java.util.List;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What is to be done about a face that a ring seals on; no remedies where nothing wants one. */
public record CounterfaceResult(List<Offer> remedies, List<Finding> findings) {
    /** In the order offered. */
    public enum Remedy {
        DRESS("dress it"),
        HONE_NEXT_SIZE("hone to the next ring size"),
        SLEEVE("sleeve it"),
        PLATE_AND_GRIND("plate and grind"),
        RENEW("renew it");

        private final String words;

        Remedy(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** One remedy. @param sizes rings with their grooves that it leads to; absent where the ring stays */
    public record Offer(
            Remedy remedy,
            Status verdict,
            String reason,
            @Nullable List<String> sizes) {}

    public CounterfaceResult {
        remedies = List.copyOf(remedies);
        findings = List.copyOf(findings);
    }
}
