package joropo.app.job;

import java.time.Instant;

/**
 * The frozen job.
 *
 * @param snapshot canonical JSON, @param sha256 its hash, @param whole whether it is still what was signed, by its hash
 *     and by its link, @param link of the chain of evidence, by which it is found again
 */
public record Signature(
        String snapshot, String sha256, String personName, Instant signedAt, boolean whole, String link) {}
