package joropo.app.job;

import java.time.Instant;

/** A time of an open job that is up. */
public record TimeUp(String jobNumber, String place, String what, Instant endedAt) {}
