package joropo.core.section;

import joropo.core.material.Medium;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** Which way the old seal faced: somebody may have had a reason, so it is never silently put right (guide). */
public final class AsFound {
    private static final String SUBJECT = "way round of the old seal";

    private AsFound() {}

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
