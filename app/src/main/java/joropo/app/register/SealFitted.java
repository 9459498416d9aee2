package joropo.app.register;

import java.time.Instant;

/** A seal went in at a position, and somebody signed for it. */
public record SealFitted(long positionId, String jobNumber, long personId, Instant at) {}
