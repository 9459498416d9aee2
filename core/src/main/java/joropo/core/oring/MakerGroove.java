package joropo.core.oring;

import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The groove of a ring that is its maker's, as its sheet gives it (mm).
 *
 * @param compared whether somebody held groove and sheet against each other; absent: not yet
 * @param diameterMm by its maker, @param widthMm by its maker, @param toleranceMm either way; each absent while it is
 *     not typed
 */
public record MakerGroove(
        @Nullable Boolean compared,
        @Nullable Double diameterMm,
        @Nullable Double widthMm,
        @Nullable Double toleranceMm) {
    private static final double SLACK = 1e-9;

    /** @param grooveMm its diameter as measured, @param measuredWidthMm its width */
    Finding finding(RingSort sort, @Nullable Double grooveMm, @Nullable Double measuredWidthMm) {
        String subject = "groove of the " + sort.words();
        if (Boolean.FALSE.equals(compared)) {
            return of(Status.FAIL, subject, "The groove is not as its maker wants it.");
        }
        if (diameterMm == null && widthMm == null) {
            return compared == null
                    ? Finding.missing(
                            "maker",
                            subject,
                            "Its groove is not compared with its maker's figures.",
                            "Measure it against them.")
                    : of(Status.PASS, subject, "Compared with its maker's figures, and right.");
        }
        if (diameterMm != null && grooveMm == null || widthMm != null && measuredWidthMm == null) {
            return Finding.missing(
                    "maker", subject, "Its maker's figures are there; the groove is not measured.", "Measure it.");
        }
        double off = Math.max(off(diameterMm, grooveMm), off(widthMm, measuredWidthMm));
        if (toleranceMm == null) {
            return Finding.missing(
                    "maker",
                    subject,
                    "The groove is " + Length.show(off, 2) + " mm off its maker's figures; how far it may be is not "
                            + "typed.",
                    "Read it from the maker's sheet.");
        }
        boolean right = off <= toleranceMm + SLACK;
        return of(
                right ? Status.PASS : Status.FAIL,
                subject,
                right
                        ? "Measured, and as its maker wants it."
                        : "The groove is " + Length.show(off, 2) + " mm off its maker's figures.");
    }

    private static double off(@Nullable Double maker, @Nullable Double measured) {
        return maker == null || measured == null ? 0 : Length.snap(Math.abs(measured - maker));
    }

    private static Finding of(Status status, String subject, String message) {
        return Finding.of(
                "maker",
                status,
                subject,
                message,
                status == Status.FAIL ? "Another ring, or the groove made right." : "",
                Source.MAKER,
                "figures of its maker");
    }
}
