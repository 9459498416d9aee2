package joropo.core.assembly;

import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Axial play of the shaft after assembly against the builder's limits (maker). */
public final class AxialPlay {
    private static final String SUBJECT = "axial play of the shaft";

    private AxialPlay() {}

    /**
     * @param measuredMm whole play, absent: MISSING, @param limits the builder's, absent: nothing to judge by
     * @param uncertaintyMm expanded uncertainty (mm)
     */
    public static Finding judge(@Nullable Double measuredMm, @Nullable Limits limits, double uncertaintyMm) {
        if (measuredMm == null) {
            return Finding.missing(
                    "play",
                    SUBJECT,
                    "The play has not been read since the shaft went back.",
                    "Push and pull the shaft against an indicator.");
        }
        if (limits == null) {
            return Finding.of(
                            "play",
                            Status.CAUTION,
                            SUBJECT,
                            "The builder's limits are not known, so the play is only recorded; lip track and depth "
                                    + "were judged with it.",
                            "Find the limits in the machine's book.",
                            Source.COMPUTED,
                            "")
                    .withValue(measuredMm, "mm");
        }
        Status status = limits.judge(measuredMm, uncertaintyMm);
        String message =
                switch (status) {
                    case PASS -> "The play lies in the builder's limits.";
                    case REMEASURE -> "The gauge cannot tell whether the play lies in its limits.";
                    default ->
                        "The play lies outside the builder's limits: bearings or shims, not the seal, want work first.";
                };
        return Finding.of(
                        "play",
                        status,
                        SUBJECT,
                        message,
                        status == Status.PASS ? "" : "Read again; then bearings and shim pack.",
                        Source.MAKER,
                        "limits as typed")
                .withValue(measuredMm, "mm")
                .withLimits(limits, uncertaintyMm);
    }
}
