package joropo.core.oring;

import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A cylinder held at both ends after it was moved without load (guide): drift tells of the piston's ring, a wet rod of
 * the rod's.
 *
 * @param rodWet after ten strokes, @param driftMm in the worse of two holds, @param minutes that it was held, @param
 *     mostMmPerMin that its maker allows; each absent: not looked, not known
 */
public record CylinderHold(
        @Nullable Boolean rodWet,
        @Nullable Double driftMm,
        @Nullable Double minutes,
        @Nullable Double mostMmPerMin) {
    private static final double SLACK = 1e-9;

    /** Of the ring that seals the rod. */
    public Finding rod() {
        String subject = "rod after ten strokes";
        return rodWet == null
                ? Finding.missing(
                        "rod-wet", subject, "Nobody has looked whether the rod comes out wet.", "Wipe it, ten strokes.")
                : Say.guide(
                        "rod-wet",
                        rodWet ? Status.FAIL : Status.PASS,
                        subject,
                        rodWet
                                ? "A film that drips is this ring's: cut, the wrong way round, or the rod is marked."
                                : "It comes out dry.",
                        rodWet ? "Let the pressure off, and take this ring out first." : "");
    }

    /** Of the ring that parts the two ends of the cylinder. */
    public Finding piston() {
        String subject = "drift in a hold";
        if (driftMm == null || minutes == null) {
            return Finding.missing(
                    "drift",
                    subject,
                    driftMm == null ? "The cylinder was not held at both ends." : "How long it was held is not typed.",
                    "Hold it under load at both ends and read the drift.");
        }
        double rate = driftMm / minutes;
        if (mostMmPerMin == null) {
            return driftMm <= SLACK
                    ? Say.guide("drift", Status.PASS, subject, "It stands still.", "")
                    : Finding.missing(
                            "drift",
                            subject,
                            "It drifts " + Length.show(rate, 2)
                                    + " mm in a minute; what its maker allows is not typed.",
                            "Ask for that figure; a valve that leaks drifts too.");
        }
        boolean good = rate <= mostMmPerMin + SLACK;
        return Finding.of(
                        "drift",
                        good ? Status.PASS : Status.FAIL,
                        subject,
                        good
                                ? "No more than its maker allows."
                                : "It drifts past this ring, or through a valve: block the lines at the cylinder to "
                                        + "tell.",
                        good ? "" : "If it drifts with its lines blocked, this ring comes out.",
                        Source.MAKER,
                        "figure of its maker")
                .withValue(Math.rint(rate * 1000) / 1000, "mm/min")
                .withLimits(Limits.atMost(mostMmPerMin), 0);
    }
}
