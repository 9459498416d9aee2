package joropo.core.plan;

import java.util.Optional;
import joropo.core.material.Medium;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What has to be looked at and ticked before work goes on (guide). What is not ticked is MISSING, never assumed. */
public final class HoldPoints {
    private HoldPoints() {}

    /** Level, breather and whatever lies above, looked at before anything is stripped: is it the seal at all? */
    public static Finding sealIsTheCause(boolean levelSeen, boolean breatherSeen, boolean aboveSeen) {
        return ticked(
                "innocent",
                "other sources ruled out",
                levelSeen && breatherSeen && aboveSeen,
                "Level, breather and everything above were looked at first.",
                "Level, breather, plugs and hoses above have not all been looked at.",
                "Look at them before anything is stripped.");
    }

    /**
     * Isolated, locked, pressure off. @param reason written where one of them cannot be had; it makes a CAUTION of it
     */
    public static Finding madeSafe(boolean isolated, boolean locked, boolean pressureOff, @Nullable String reason) {
        boolean all = isolated && locked && pressureOff;
        if (!all && reason != null) {
            return Finding.of(
                    "safe",
                    Status.CAUTION,
                    "made safe",
                    "Worked without all three: " + reason,
                    "The works' rules and local law come first.",
                    Source.GUIDE,
                    "isolation");
        }
        return ticked(
                "safe",
                "made safe",
                all,
                "Isolated, locked, pressure off.",
                "Isolation, lock and pressure are not all ticked: what follows waits for it.",
                "Lock it off, prove it dead, let the pressure go; then tick.");
    }

    /** Everything closed and locked, nothing left inside or on trial, guards back. */
    public static Finding closed(boolean tightened, boolean lockedUp, boolean countedOut, boolean guardsBack) {
        return ticked(
                "closed",
                "closed and locked",
                tightened && lockedUp && countedOut && guardsBack,
                "Fasteners, locking, counted things and guards are ticked.",
                "Fasteners, locking, counted things and guards are not all ticked.",
                "Go round once more, then tick.");
    }

    /**
     * A liquid filled to its level and free to breathe, or grease by its amount with the relief open.
     *
     * @param level both ticks of a liquid, @param grease both of grease, @return empty: nothing is filled into air
     */
    public static Optional<Finding> filled(Medium medium, boolean level, boolean grease) {
        if (medium == Medium.GREASE) {
            return Optional.of(ticked(
                    "greased",
                    "greased, relief open",
                    grease,
                    "Grease and relief are ticked.",
                    "Grease and relief are not both ticked.",
                    "Grease a third to half of the space, or until it shows; open the relief."));
        }
        return !medium.isLiquid()
                ? Optional.empty()
                : Optional.of(ticked(
                        "filled",
                        "filled and breathing",
                        level,
                        "Level and breather are ticked.",
                        "Level and breather are not both ticked.",
                        "Fill to level, prove the breather free."));
    }

    private static Finding ticked(String id, String subject, boolean all, String done, String open, String remedy) {
        return all
                ? Finding.of(id, Status.PASS, subject, done, "", Source.GUIDE, "")
                : Finding.missing(id, subject, open, remedy);
    }
}
