package joropo.app.job;

import java.time.Instant;

/** What one fitter leaves to the next one at a position. */
public record PositionNote(String jobNumber, String text, String personName, Instant writtenAt) {}
