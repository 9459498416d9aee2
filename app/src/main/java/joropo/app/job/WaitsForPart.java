package joropo.app.job;

/**
 * An open job with a part that cannot be had. @param part what it is, by its size where that is known, @param followUp
 * what is done meanwhile
 */
public record WaitsForPart(String jobNumber, String place, String part, String followUp) {}
