package joropo.app.job;

import java.time.Instant;

/** The frozen job: canonical JSON, its hash, who signed and when. */
public record Signature(String snapshot, String sha256, String personName, Instant signedAt) {}
