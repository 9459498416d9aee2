package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;

/** Dirt and water outside against what keeps it out (D6; guide). */
final class DirtRules {
    private final ArrangedParts parts;
    private final Section section;
    private final LipRules lips;

    DirtRules(ArrangedParts parts, LipRules lips) {
        this.parts = parts;
        this.section = parts.section();
        this.lips = lips;
    }

    List<Finding> judge() {
        Dirt dirt = section.outside().dirt();
        String subject = "dirt outside against what keeps it out";
        List<Finding> out = new ArrayList<>();
        for (Seal seal : parts.seals()) {
            boolean towardsGrease =
                    parts.spaceNumber(seal, Side.IN) < section.spaces().size() - 1
                            && parts.space(seal, Side.IN).stands() == Medium.GREASE
                            && !parts.space(seal, Side.IN).nobodySaid();
            if (seal.dustLip() == Side.IN && !towardsGrease) {
                out.add(SectionFinding.direction(
                        "D6",
                        FAIL,
                        subject,
                        "The dust lip faces inside: it keeps nothing out and drags dry.",
                        "Turn the seal or take another layout.",
                        seal.id()));
            }
        }
        if (!out.isEmpty()) {
            return out;
        }
        if (dirt == Dirt.IMMERSED && !mainLipOut()) {
            return List.of(SectionFinding.direction(
                    "D6",
                    FAIL,
                    subject,
                    "The entry stands under water and no main lip faces outside; a dust lip keeps out dust and "
                            + "splashes only.",
                    "Two lips back to back, with a drained or greased space between them.",
                    null));
        }
        if ((dirt == Dirt.DUST || dirt == Dirt.MUD) && !hasExcluder()) {
            return List.of(SectionFinding.direction(
                    "D6",
                    CAUTION,
                    subject,
                    dirt.words().substring(0, 1).toUpperCase(Locale.ROOT)
                            + dirt.words().substring(1)
                            + " outside and nothing keeps it from the lip: shaft and lip wear early.",
                    "Take a seal with a dust lip, or add an excluder.",
                    null));
        }
        return List.of(SectionFinding.direction(
                "D6",
                PASS,
                subject,
                dirt == Dirt.CLEAN
                        ? section.outside().dirtIsAssumed() ? "Outside is assumed to be clean." : "Outside is clean."
                        : "Something keeps the " + dirt.words() + " out.",
                "",
                null));
    }

    /** Whether the outermost that seals faces outside, and does not let out what it has to keep. */
    private boolean mainLipOut() {
        Sealing outermost = parts.sealing().get(0);
        return outermost.open() == Side.OUT && !(outermost instanceof Seal seal && lips.facesAway(seal));
    }

    /** Whether anything but the lip itself keeps dirt out: it counts where it stands outermost only. */
    boolean hasExcluder() {
        Sealing outermost = parts.sealing().get(0);
        return mainLipOut()
                || outermost instanceof Seal s && s.dustLip() == Side.OUT
                || parts.shaft(ShaftItem.Slinger.class).anyMatch(s -> s.fromMm() < outermost.fromMm())
                || parts.items(BoreItem.Cover.class).anyMatch(c -> c.fromMm() < outermost.fromMm());
    }
}
