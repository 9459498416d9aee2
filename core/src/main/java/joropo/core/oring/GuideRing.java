package joropo.core.oring;

import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A guide ring in its groove: it carries the part, so that no metal touches metal, and its clearance says how far off
 * centre the part may come (guide).
 *
 * @param counterMm bore or rod that it runs on, @param grooveMm diameter of its groove, @param thickMm of its strip,
 * @param metalGapMm largest diametral clearance of the metal beside it; each absent while not known
 */
public record GuideRing(
        Gland gland,
        @Nullable Double counterMm,
        @Nullable Double grooveMm,
        @Nullable Double thickMm,
        @Nullable Double metalGapMm) {
    /** What its maker leaves open at the cut (mm, guide). */
    private static final double OPEN_LEAST_MM = 3;

    private static final double OPEN_MOST_MM = 5;

    private boolean isMeasured() {
        return counterMm != null && grooveMm != null && thickMm != null;
    }

    /** Diametral clearance on what it runs on (mm); absent before it is measured. */
    @Nullable
    public Double clearanceMm() {
        return isMeasured()
                ? Double.valueOf(Length.snap(
                        gland == Gland.ROD ? grooveMm - 2 * thickMm - counterMm : counterMm - grooveMm - 2 * thickMm))
                : null;
    }

    /**
     * The gap at one side of a ring on the guided part, as wide as it can come: half of its own clearance, and half of
     * the guide's (mm, computed). Never more than all of its own.
     *
     * @param gapMm its own diametral clearance, absent: not known
     */
    @Nullable
    public Double guidedGapMm(@Nullable Double gapMm) {
        Double clearance = clearanceMm();
        return gapMm == null || clearance == null || clearance < 0
                ? gapMm
                : Double.valueOf(Length.snap(Math.min(gapMm, (gapMm + clearance) / 2)));
    }

    /** How long its strip is cut, in words; empty before its groove is measured. */
    public String cutWords() {
        if (grooveMm == null || thickMm == null) {
            return "";
        }
        double round = Math.PI * (gland == Gland.ROD ? grooveMm - thickMm : grooveMm + thickMm);
        return Length.show(round - OPEN_MOST_MM, 0) + " to " + Length.show(round - OPEN_LEAST_MM, 0) + " mm";
    }

    /** Whether it carries. */
    public Finding finding() {
        String subject = "clearance of the guide ring";
        Double clearance = clearanceMm();
        if (clearance == null) {
            return Finding.missing(
                    "guide",
                    subject,
                    "What the guide ring leaves is not known.",
                    "Measure its groove, its thickness, and what it runs on.");
        }
        if (clearance < 0) {
            return Say.guide(
                            "guide", Status.FAIL, subject, "It is too thick for its groove and jams.", "A thinner one.")
                    .withValue(clearance, "mm");
        }
        if (metalGapMm == null) {
            return Finding.missing(
                            "guide",
                            subject,
                            "The clearance of the metal beside it is not known: it may touch before the guide carries.",
                            "Measure the lands.")
                    .withValue(clearance, "mm");
        }
        boolean carries = clearance < metalGapMm - 1e-9;
        return Say.guide(
                        "guide",
                        carries ? Status.PASS : Status.FAIL,
                        subject,
                        carries
                                ? "It carries before metal touches metal; its clearance sets the gap of the seals."
                                : "Metal touches metal before the guide ring carries.",
                        carries ? "" : "A thicker guide ring, or renew the worn one.")
                .withValue(clearance, "mm");
    }
}
