package joropo.core.section;

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
    private static final String SUBJECT = "way round of the old seal";

    /** Two readings of one place that differ by more were not of the same thing (mm, guide). */
    private static final double SAME_MM = 0.3;

    private AsFound() {}

    /** The place of the old seal was read twice. @param typed on the sheet, @param logged when it came off */
    public static Optional<Finding> places(@Nullable Double typed, @Nullable Double logged) {
        return typed == null || logged == null || Math.abs(typed - logged) <= SAME_MM + 1e-9
                ? Optional.empty()
                : Optional.of(Finding.of(
                        "found-place",
                        Status.REMEASURE,
                        "place of the old seal",
                        "The sheet has it at " + Length.show(typed, 2) + " mm, the list of what came off at "
                                + Length.show(logged, 2) + " mm.",
                        "See which of the two is right; the plan goes by the sheet.",
                        Source.GUIDE,
                        ""));
    }

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

    /** @param faced side to which its open side faced, @param inside what it had to keep */
    public static Finding judge(Side faced, Medium inside) {
        if (faced == Side.IN || !inside.isLiquid()) {
            return Finding.of(
                    "found",
                    Status.PASS,
                    SUBJECT,
                    "It faced " + faced.words() + (faced == Side.IN ? ", towards the " + inside.words() + "." : "."),
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
