package joropo.core.mechseal;

import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** Flatness of a lapped face from its light bands under helium light (guide). */
public final class FlatnessCheck {
    private static final double UM_PER_BAND = 0.29;
    private static final double GOOD = 2;
    private static final double DOUBTFUL = 3;

    private FlatnessCheck() {}

    public static FlatnessResult check(FlatnessInput in) {
        Status status =
                in.bands() <= GOOD + 1e-9 ? Status.PASS : in.bands() <= DOUBTFUL + 1e-9 ? Status.CAUTION : Status.FAIL;
        Finding finding = Say.guide(
                        "flatness",
                        status,
                        "flatness of the face",
                        switch (status) {
                            case PASS -> "Flat enough to seal.";
                            case CAUTION -> "Flat enough for easy duty only.";
                            default -> "It leaks along the valley.";
                        },
                        status == Status.PASS ? "" : "Have both faces lapped again, together.")
                .withValue(in.bands(), "bands")
                .withLimits(Limits.atMost(GOOD), 0);
        return new FlatnessResult(Length.snap(in.bands() * UM_PER_BAND), List.of(finding));
    }
}
