package joropo.core.section;

import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.List;
import java.util.Optional;
import joropo.core.section.BoreItem.Seal;
import joropo.core.shaft.Motion;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;

/** Ribs behind a lip against the way the shaft turns (D7; guide). */
final class RibRules {
    private final ArrangedParts parts;
    private final Section section;

    RibRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    List<Finding> judge() {
        return parts.seals().stream().map(this::d7).flatMap(Optional::stream).toList();
    }

    /** Ribs are named as the shaft turns, seen from the seal's back: from outside for a lip that faces in. */
    private Optional<Finding> d7(Seal seal) {
        if (seal.ribs() == Ribs.NONE) {
            return Optional.empty();
        }
        String subject = "ribs against the turning direction";
        if (seal.ribs() == Ribs.BOTH) {
            return Optional.of(SectionFinding.direction(
                    "D7", PASS, subject, "The ribs pump back whichever way the shaft turns.", "", seal.id()));
        }
        if (section.motion() == Motion.SWINGING || section.rotation() == Rotation.BOTH) {
            return Optional.of(SectionFinding.direction(
                    "D7",
                    FAIL,
                    subject,
                    "The shaft runs both ways and the ribs pump back one way only: the other way they pump out.",
                    "A plain lip, or ribs for both ways.",
                    seal.id()));
        }
        if (section.rotation() == null) {
            return Optional.of(SectionFinding.direction(
                    "D7",
                    MISSING,
                    subject,
                    "The turning direction is not known.",
                    "Turn by hand or look at the motor, seen from outside.",
                    seal.id()));
        }
        boolean seenFromOutside = seal.mainLip() == Side.IN;
        boolean clockwise = section.rotation() == Rotation.CW == seenFromOutside;
        boolean suits = (seal.ribs() == Ribs.CW) == clockwise;
        return Optional.of(SectionFinding.direction(
                "D7",
                suits ? PASS : FAIL,
                subject,
                suits
                        ? "The ribs pump back what passes the lip."
                        : "The ribs pump the medium out at this turning direction.",
                suits ? "" : "Take the seal with ribs for the other way.",
                seal.id()));
    }
}
