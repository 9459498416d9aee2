package joropo.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import joropo.core.material.Medium;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Which way the old seal faced: somebody may have had a reason, so it is never silently put right (guide). */
public final class AsFound {
    /** A depth that differs by more than this is another place (mm, guide). */
    public static final double ELSEWHERE_MM = 0.3;

    private static final String SUBJECT = "way round of the old seal";

    private AsFound() {}

    /** What was noted of a part that came off cannot be so beside what else is known. @param name of the part */
    public static Finding cannotBe(String name) {
        return Finding.of(
                "cannot-be",
                Status.REMEASURE,
                "place and length of the " + name + " that came off",
                "They cannot be so beside what else is known, and count as not read.",
                "See in the list of what came off which figure was read wrong.",
                Source.COMPUTED,
                "");
    }

    /**
     * A part came off after another that stands inward of it. @param later the outer one, @param inner, by their names
     */
    public static Finding outOfOrder(String later, String inner) {
        return Finding.of(
                "out-of-order",
                Status.CAUTION,
                "place of the " + later + " that came off",
                "It came off after the " + inner + " and is noted outward of it: the places count.",
                "See which is right: the place, or the order in the list of what came off.",
                Source.COMPUTED,
                "");
    }

    /**
     * What was found is not what the last job that was signed here left: empty where it is (computed).
     *
     * @param left as it was fitted, @param placeMm, @param faced as it was found, each absent: not read
     */
    public static List<Finding> changedSince(BoreItem.Seal left, @Nullable Double placeMm, @Nullable Side faced) {
        List<Finding> out = new ArrayList<>();
        double apart = ELSEWHERE_MM + Objects.requireNonNullElse(left.uncertaintyMm(), 0.0);
        if (placeMm != null && Math.abs(placeMm - left.fromMm()) > apart) {
            out.add(changed(
                    "changed-place",
                    "place of the old seal since last time",
                    "It was left at " + Length.show(left.fromMm(), 2) + " mm and stood at " + Length.show(placeMm, 2)
                            + " mm."));
        }
        if (faced != null && faced != left.mainLip()) {
            out.add(changed(
                    "changed-way-round",
                    "way round of the old seal since last time",
                    "It was left facing " + left.mainLip().words() + " and was found facing " + faced.words() + "."));
        }
        return out;
    }

    private static Finding changed(String id, String subject, String message) {
        return Finding.of(
                id,
                Status.CAUTION,
                subject,
                message,
                "See whether it was pushed out, or whether somebody fitted another since; read it again if neither.",
                Source.COMPUTED,
                "");
    }

    /**
     * A section that an older bench kept beside the sheets had a figure otherwise than it is typed.
     *
     * @param figure in words, @param kept what it said of it, in words
     */
    public static Finding keptOtherwise(String figure, String kept) {
        return Finding.of(
                "kept-otherwise",
                Status.REMEASURE,
                figure,
                "The section on the bench said: " + kept + " as typed. Which?",
                "Type it as the section had it, or arrange it on the bench anew.",
                Source.COMPUTED,
                "");
    }

    /** More seals came off than will go in. @param off how many came off and were not left out, @param planned go in */
    public static Optional<Finding> count(long off, int planned) {
        return off <= planned
                ? Optional.empty()
                : Optional.of(Finding.missing(
                        "found-count",
                        "seals of the entry",
                        off + " seals came off and " + planned + (planned == 1 ? " goes" : " go") + " in.",
                        "Plan it as it was found, or leave one out with its reason."));
    }

    /** @param faced side to which its open side faced, @param room inward of it */
    public static Finding judge(Side faced, Space room) {
        if (faced == Side.OUT && room.nobodySaid()) {
            return Finding.missing(
                    "found",
                    SUBJECT,
                    "The old seal faced outside, and what lies at its back is not known.",
                    "Say what lies between it and the next seal.");
        }
        Medium inside = room.medium();
        if (faced == Side.IN || !inside.isLiquid()) {
            return Finding.of(
                    "found",
                    Status.PASS,
                    SUBJECT,
                    "It faced " + faced.words()
                            + (faced == Side.OUT || room.nobodySaid() ? "." : ", towards the " + inside.words() + "."),
                    "",
                    Source.GUIDE,
                    "");
        }
        return Finding.of(
                "found",
                Status.CAUTION,
                SUBJECT,
                "The old seal faced outside, with the " + inside.words()
                        + " at its back: that may be the whole leak, or somebody had a reason.",
                "Look for a fed grease space behind it before you turn the new one.",
                Source.GUIDE,
                "direction of seals");
    }
}
