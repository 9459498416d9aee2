package joropo.core.assembly;

import java.util.Optional;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Findings of this room that several checks say alike. */
final class Say {
    private static final String GUIDE = "assembly figures";

    private Say() {}

    static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
    }

    /** A caution where the gauge is not named. @param assumed by which it is judged then */
    static Optional<Finding> gauge(@Nullable Double uncertainty, String assumed) {
        return uncertainty != null
                ? Optional.empty()
                : Optional.of(guide(
                        "gauge",
                        Status.CAUTION,
                        "gauge",
                        "The gauge is not named: judged as if by " + assumed + ".",
                        "Name the gauge."));
    }

    /**
     * What was made of the readings one by one. @param possible whether there were enough, @param at where it stands
     */
    static Finding suspicious(boolean possible, @Nullable String at) {
        return guide(
                "suspicious",
                at == null ? Status.PASS : Status.CAUTION,
                "one reading against the others",
                at != null
                        ? "The reading at " + at + " does not go with the others: dirt, burr or a slip."
                        : possible
                                ? "No reading stands out."
                                : "With fewer than six readings a slip cannot be told; no check was made.",
                at == null ? "" : "Read that place again.");
    }
}
