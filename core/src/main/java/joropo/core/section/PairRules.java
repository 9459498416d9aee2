package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.Optional;
import joropo.core.material.Dirt;
import joropo.core.section.BoreItem.Seal;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/** The outer seal of a pair, where fitters differ (D10; guide). */
final class PairRules {
    private static final String SUBJECT = "outer seal of the pair";

    private final ArrangedParts parts;
    private final Section section;

    PairRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    Optional<Finding> judge() {
        return parts.sealing().size() == 2 && parts.seals().size() == 2 ? Optional.of(d10()) : Optional.empty();
    }

    /**
     * The outer seal of a pair as it stands and turned, judged by the same rules; outward is the usual one where
     * outside is not clean.
     */
    private Finding d10() {
        Seal outer = parts.seals().get(0);
        if (section.spaces().get(1).nobodySaid()) {
            return SectionFinding.direction(
                    "D10",
                    MISSING,
                    SUBJECT,
                    "Outward it keeps dirt out, inward it is a second stop for what is inside: which is right cannot "
                            + "be told before what lies between the two is known.",
                    "Say what lies there.",
                    outer.id());
        }
        Status asIs = Schools.worst(Schools.direction(section, parts.limits()));
        Status turned = Schools.worst(Schools.direction(section.replacing(outer, outer.turned()), parts.limits()));
        boolean clean = section.outside().dirt() == Dirt.CLEAN;
        Side usual = clean ? Side.IN : Side.OUT;
        Side better = asIs.compareTo(turned) > 0
                ? outer.mainLip()
                : turned.compareTo(asIs) > 0 ? outer.mainLip().other() : usual;
        boolean follows = outer.mainLip() == better;
        String words = "Outward it keeps dirt out, inward it is a second stop for what is inside. Judged as it stands: "
                + words(asIs) + "; turned: " + words(turned) + ".";
        return SectionFinding.direction(
                "D10",
                follows ? PASS : CAUTION,
                SUBJECT,
                words,
                follows ? "" : "The usual choice here is " + better.words() + ": write down why it is as it is.",
                outer.id());
    }

    private static String words(Status status) {
        return switch (status) {
            case PASS -> "right";
            case FAIL -> "wrong";
            default -> "right, take care";
        };
    }
}
