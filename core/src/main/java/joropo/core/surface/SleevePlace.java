package joropo.core.surface;

import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The place of a removable running sleeve or spacer from its shoulder: the new one goes where the old one stood
 * (guide).
 */
public final class SleevePlace {
    /** The new place may differ from the old one by this much (mm, guide). */
    private static final double SAME_MM = 0.25;

    private SleevePlace() {}

    /**
     * @param oldMm read before pulling, @param newMm read after fitting, absent: MISSING, @param uncertaintyMm expanded
     *     uncertainty of one reading
     */
    public static Finding judge(@Nullable Double oldMm, @Nullable Double newMm, double uncertaintyMm) {
        String subject = "place of the running sleeve from its shoulder";
        if (oldMm == null || newMm == null) {
            return Finding.missing(
                    "sleeve-place",
                    subject,
                    oldMm == null
                            ? "The old sleeve's place was not read before it was pulled."
                            : "The new sleeve's place has not been read.",
                    oldMm == null
                            ? "Find it on the drawing or from the marks on the shaft."
                            : "Read it from the same shoulder.");
        }
        Limits limits = new Limits(Length.snap(oldMm - SAME_MM), Length.snap(oldMm + SAME_MM));
        Status status = limits.judge(newMm, uncertaintyMm);
        String message =
                switch (status) {
                    case PASS -> "The new sleeve stands where the old one stood.";
                    case REMEASURE -> "The gauge cannot tell whether the new sleeve stands where the old one stood.";
                    default ->
                        "The new sleeve does not stand where the old one stood: lip and sleeve do not meet as they "
                                + "should.";
                };
        return Finding.of(
                        "sleeve-place",
                        status,
                        subject,
                        message,
                        status == Status.PASS ? "" : "Move it to " + Length.show(oldMm, 2) + " mm.",
                        Source.GUIDE,
                        "running sleeves")
                .withValue(newMm, "mm")
                .withLimits(limits, uncertaintyMm);
    }
}
