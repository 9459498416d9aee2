package joropo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Axial play against the maker's limits, and what its shim pack has to do with it (guide, limits of the maker). A
 * thinner pack is never the cure for old bearings.
 */
public final class EndPlayCheck {
    private static final String PLAY = "axial play of the shaft";
    private static final String PACK = "shim pack";
    private static final String BEARINGS = "bearings behind the play";
    private static final String GUIDE = "end play and shim packs";

    private final EndPlayInput in;
    private final Status play;

    private EndPlayCheck(EndPlayInput in) {
        this.in = in;
        play = limits().judge(in.measuredMm(), in.playU());
    }

    public static EndPlayResult check(EndPlayInput in) {
        return new EndPlayCheck(in).result();
    }

    /** Nobody has read it. @param when that would have been the moment, such as "with the seal out" */
    public static Finding unread(String when) {
        return Finding.missing(
                "play",
                PLAY,
                "The play has not been read " + when + ".",
                "Push and pull the shaft against an indicator.");
    }

    /** It was read, and nobody knows the maker's limits. */
    public static Finding withoutLimits(double measuredMm) {
        return Finding.of(
                        "play",
                        Status.CAUTION,
                        PLAY,
                        "The maker's limits are not known, so the play is only recorded; lip track and depth were "
                                + "judged with it.",
                        "Find the limits in the machine's book.",
                        Source.COMPUTED,
                        "")
                .withValue(measuredMm, "mm");
    }

    private Limits limits() {
        return new Limits(in.lowMm(), in.highMm());
    }

    private EndPlayResult result() {
        List<Finding> findings = new ArrayList<>(List.of(play(), bearings()));
        Double change = change();
        Double pack = in.packMm() == null ? null : Double.valueOf(ShimPack.sumMm(in.packMm()));
        Double newPack = change == null || pack == null ? null : Double.valueOf(Length.snap(pack + change));
        findings.add(1, pack(change, newPack));
        return new EndPlayResult(change, newPack == null || newPack <= 0 ? null : newPack, findings);
    }

    /** Old bearings out of their limits are not cured by shims; inside them nothing is changed. */
    private @Nullable Double change() {
        if (play == Status.PASS) {
            return 0.0;
        }
        if (play != Status.FAIL || !in.bearingsRenewed() || in.shimOpens() == null) {
            return null;
        }
        double more = Length.snap((in.lowMm() + in.highMm()) / 2 - in.measuredMm());
        return Length.snap(in.shimOpens() ? more : -more);
    }

    private boolean isTight() {
        return in.measuredMm() < in.lowMm();
    }

    private Finding play() {
        boolean countAgain = play == Status.FAIL && isTight() && !in.bearingsRenewed();
        Status status = countAgain
                ? Status.REMEASURE
                : play == Status.PASS && in.uncertaintyMm() == null ? Status.CAUTION : play;
        String message =
                switch (status) {
                    case PASS -> "The play lies in the maker's limits.";
                    case CAUTION ->
                        "The play lies in the maker's limits, as far as a dial indicator tells: the gauge is not "
                                + "named.";
                    case REMEASURE ->
                        countAgain
                                ? "The play is below its limits, and old bearings do not grow tight: the pack, dirt "
                                        + "or the reading."
                                : "The gauge cannot tell whether the play lies in its limits.";
                    default ->
                        isTight()
                                ? "The play is below its limits: the bearings run hot."
                                : in.bearingsRenewed()
                                        ? "The play is above its limits: the shaft wanders under the lip."
                                        : "The play is above its limits with old bearings: they are worn.";
                };
        String remedy =
                switch (status) {
                    case PASS -> "";
                    case CAUTION -> "Name the gauge.";
                    case REMEASURE -> "Count the pack, clean its faces, read again.";
                    default ->
                        in.bearingsRenewed()
                                ? "Change the pack, then read again."
                                : "Bearings first; no cure by shims.";
                };
        return Finding.of("play", status, PLAY, message, remedy, Source.MAKER, "limits as typed")
                .withValue(in.measuredMm(), "mm")
                .withLimits(limits(), in.playU());
    }

    private Finding pack(@Nullable Double change, @Nullable Double newPack) {
        if (play == Status.PASS) {
            return guide(
                    "pack",
                    Status.PASS,
                    PACK,
                    "No change: what came out goes back, in the same number and sum"
                            + (in.packMm() == null || in.packMm().isEmpty()
                                    ? "."
                                    : ", " + new ShimPack(in.packMm()).words() + "."),
                    "");
        }
        if (play == Status.REMEASURE || !in.bearingsRenewed()) {
            return guide(
                    "pack",
                    play == Status.REMEASURE || isTight() ? Status.REMEASURE : Status.FAIL,
                    PACK,
                    play == Status.REMEASURE || isTight()
                            ? "The pack stays as it was until the play is sure: count it."
                            : "Another pack is no cure for worn bearings.",
                    play == Status.REMEASURE || isTight()
                            ? "Count it against what came out."
                            : "Overhaul the bearings.");
        }
        if (in.shimOpens() == null || in.packMm() == null) {
            return Finding.missing(
                    "pack",
                    PACK,
                    in.shimOpens() == null
                            ? "Whether a thicker pack gives more play or less is not known."
                            : "What the pack is made of is not known.",
                    in.shimOpens() == null ? "Look how it is built." : "Measure each shim of it.");
        }
        if (newPack <= 0) {
            return guide(
                    "pack",
                    Status.FAIL,
                    PACK,
                    "The pack would have to be " + Length.show(-change, 2) + " mm thinner and is only "
                            + Length.show(newPack - change, 2) + " mm.",
                    "Something else is wrong: look for what is not home.");
        }
        return guide(
                "pack",
                Status.CAUTION,
                PACK,
                "Make it " + Length.show(Math.abs(change), 2) + " mm " + (change > 0 ? "thicker" : "thinner") + ": "
                        + Length.show(newPack, 2) + " mm in all, for the middle of the limits.",
                "Read the play again with it, and after the first run.");
    }

    private Finding bearings() {
        if (in.bearingsRenewed()) {
            return guide(
                    "bearings",
                    Status.PASS,
                    BEARINGS,
                    "They are new: the pack sets the play. A race may still settle in the first run.",
                    "");
        }
        return switch (play) {
            case PASS -> guide("bearings", Status.PASS, BEARINGS, "The old bearings still hold the play.", "");
            case FAIL ->
                isTight()
                        ? guide(
                                "bearings",
                                Status.REMEASURE,
                                BEARINGS,
                                "Below the limit is not wear.",
                                "Count the pack, clean, read again.")
                        : guide(
                                "bearings",
                                Status.FAIL,
                                BEARINGS,
                                "Out of limit with old bearings: overhaul.",
                                "New bearings before the seal goes in; a thinner pack is no cure.");
            default ->
                guide(
                        "bearings",
                        Status.REMEASURE,
                        BEARINGS,
                        "Whether the old bearings still hold the play is too close for this gauge.",
                        "Read again with a finer one.");
        };
    }

    private static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
    }
}
