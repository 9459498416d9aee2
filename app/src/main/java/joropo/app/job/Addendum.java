package joropo.app.job;

import java.time.Instant;

/** Something that was added to a signed job. */
public record Addendum(String text, String personName, Instant writtenAt) {}
