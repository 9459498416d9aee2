package joropo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Whether a closed space holds its pressure, heat and cold taken off (computed; limit of the maker). */
public final class PressureHoldCheck {
    private static final double ATMOSPHERE_MPA = 0.1013;
    private static final double KELVIN = 273.15;
    private static final double LIQUID_K = 0.5;
    private static final double MIN_IN_H = 60;
    private static final double ML_IN_L = 1000;

    private final PressureHoldInput in;
    private final double corrected;

    private PressureHoldCheck(PressureHoldInput in) {
        this.in = in;
        corrected = Length.snap(expected() - in.endMpa());
    }

    public static PressureHoldResult check(PressureHoldInput in) {
        return new PressureHoldCheck(in).result();
    }

    /** While only some of it is read. */
    public static Finding unread() {
        return Finding.missing(
                "drop",
                "pressure lost, at one temperature",
                "Still wanted: both pressures, both temperatures, the time, and what fills it.",
                "Type that too.");
    }

    private boolean isGas() {
        return in.medium() == PressureHoldInput.Held.GAS;
    }

    /** What it would have at the end if nothing were lost: p/T stays (computed). */
    private double expected() {
        return isGas()
                ? (in.startMpa() + ATMOSPHERE_MPA) * (in.endC() + KELVIN) / (in.startC() + KELVIN) - ATMOSPHERE_MPA
                : in.startMpa();
    }

    /** A vacuum loses by rising. */
    private double lost() {
        return in.startMpa() < 0 ? Length.snap(-corrected) : corrected;
    }

    private PressureHoldResult result() {
        List<Finding> findings = new ArrayList<>(List.of(drop()));
        Say.gauge(in.uncertaintyMpa(), "a gauge of one in a hundred").ifPresent(findings::add);
        return new PressureHoldResult(
                Length.snap(in.startMpa() - in.endMpa()),
                corrected,
                lost() / in.minutes() * MIN_IN_H,
                leak(),
                findings);
    }

    private @Nullable Double leak() {
        return in.volumeL() == null || !isGas()
                ? null
                : Double.valueOf(in.volumeL() * ML_IN_L * lost() / ATMOSPHERE_MPA / in.minutes());
    }

    private Finding drop() {
        String subject = "pressure lost, at one temperature";
        boolean warm = !isGas() && Math.abs(in.endC() - in.startC()) > LIQUID_K + 1e-9;
        boolean gains = lost() < -in.dropU() - 1e-9;
        if (warm || gains) {
            return Say.guide(
                            "drop",
                            Status.REMEASURE,
                            subject,
                            warm
                                    ? "A liquid that warms or cools by more than half a degree says nothing of leaks."
                                    : "It gained: the supply passes, or heat was not read.",
                            warm ? "Wait until it is even, and hold again." : "Blank the supply off, and hold again.")
                    .withValue(lost(), "MPa");
        }
        if (in.limitMpa() == null) {
            return Finding.missing("drop", subject, "How much it may lose is not known.", "Take the maker's limit.")
                    .withValue(lost(), "MPa");
        }
        Limits limits = Limits.atMost(in.limitMpa());
        Status status = limits.judge(lost(), in.dropU());
        return Finding.of(
                        "drop",
                        status,
                        subject,
                        switch (status) {
                            case PASS -> "It holds.";
                            case REMEASURE -> "The gauge cannot tell whether it holds: hold it longer.";
                            default -> "It leaks.";
                        },
                        switch (status) {
                            case PASS -> "";
                            case REMEASURE -> "A longer time, or a finer gauge.";
                            default -> "Pressure off, then find it: soapy water at joints, seat and face.";
                        },
                        Source.MAKER,
                        "limit as typed")
                .withValue(lost(), "MPa")
                .withLimits(limits, in.dropU());
    }
}
