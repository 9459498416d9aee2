package joropo.app.job;

import java.time.LocalDate;

/** A defect that was accepted for a time at a position. @param nextLook day on which somebody looks again */
public record ConcessionLine(
        long positionId,
        String jobNumber,
        String place,
        String defect,
        String why,
        String expected,
        String fallback,
        LocalDate nextLook,
        String agreedBy) {}
