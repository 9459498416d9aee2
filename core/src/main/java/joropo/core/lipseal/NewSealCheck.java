package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The new seal in the hand, measured against the size that was decided, before it is driven in (guide; allowances of
 * the outside by ISO 6194-1).
 */
public final class NewSealCheck {
    private static final String GUIDE = "the seal in the hand against its size";

    private NewSealCheck() {}

    /**
     * @param outside limits of the outside (mm), absent: nobody knows them, @param outsideMm as measured, absent: not
     *     measured
     * @param widthMm nominal width, @param toleranceMm of it, either way, @param measuredWidthMm absent: not measured
     * @param uncertaintyMm of the gauge, k = 2
     */
    public static List<Finding> check(
            @Nullable Limits outside,
            @Nullable Double outsideMm,
            double widthMm,
            double toleranceMm,
            @Nullable Double measuredWidthMm,
            double uncertaintyMm) {
        List<Finding> out = new ArrayList<>();
        if (outsideMm != null) {
            out.add(
                    outside == null
                            ? Finding.missing(
                                    "new-outside",
                                    "outside of the new seal",
                                    "The limits of its outside are not known.",
                                    "Ask its maker, or try it against the bore.")
                            : judge("new-outside", "outside of the new seal", outsideMm, outside, uncertaintyMm));
        }
        if (measuredWidthMm != null) {
            out.add(judge(
                    "new-width",
                    "width of the new seal",
                    measuredWidthMm,
                    new Limits(Length.snap(widthMm - toleranceMm), Length.snap(widthMm + toleranceMm)),
                    uncertaintyMm));
        }
        return out;
    }

    private static Finding judge(String id, String subject, double mm, Limits limits, double uncertaintyMm) {
        Status status = limits.judge(mm, uncertaintyMm);
        String message =
                switch (status) {
                    case PASS -> "It is the size that was decided.";
                    case REMEASURE -> "The gauge cannot tell whether it is the size that was decided.";
                    default -> "It is not the size that was decided: a wrong part in the right bag, or the wrong bag.";
                };
        return Finding.of(
                        id,
                        status,
                        subject,
                        message,
                        status == Status.PASS ? "" : "Read it again; lay out another one, or decide anew.",
                        Source.GUIDE,
                        GUIDE)
                .withValue(mm, "mm")
                .withLimits(limits, uncertaintyMm);
    }
}
