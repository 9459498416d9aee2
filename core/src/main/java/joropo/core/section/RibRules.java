package joropo.core.section;

import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import joropo.core.section.BoreItem.Seal;
import joropo.core.shaft.Hand;
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
        return Stream.concat(
                        parts.seals().stream().map(this::d7).flatMap(Optional::stream),
                        parts.shaft(ShaftItem.Thread.class)
                                .filter(t -> Boolean.TRUE.equals(t.returns()))
                                .map(this::helix))
                .toList();
    }

    /**
     * A helix on the shaft that carries back what creeps out: what it carries does not turn with it, so a right-hand
     * one drives inward when the shaft turns anticlockwise seen from outside (computed).
     */
    private Finding helix(ShaftItem.Thread thread) {
        String subject = "return helix against the turning direction";
        if (section.motion() == Motion.SWINGING || section.rotation() == Rotation.BOTH) {
            return SectionFinding.direction(
                    "D7",
                    FAIL,
                    subject,
                    "The shaft runs both ways: one way the helix carries the medium out.",
                    "A plain shaft under the lip, or a seal with ribs for both ways.",
                    "THREAD");
        }
        if (section.rotation() == null || thread.hand() == null) {
            return SectionFinding.direction(
                    "D7",
                    MISSING,
                    subject,
                    "The hand of the helix or the turning direction is not known.",
                    "Look at the helix, and turn by hand, seen from outside.",
                    "THREAD");
        }
        boolean suits = (thread.hand() == Hand.LEFT) == (section.rotation() == Rotation.CW);
        return SectionFinding.direction(
                "D7",
                suits ? PASS : FAIL,
                subject,
                suits
                        ? "The helix carries back what creeps out." + turning()
                        : "The helix carries the medium out at this turning direction.",
                suits ? "" : "A helix of the other hand.",
                "THREAD");
    }

    private String turning() {
        return section.motion() == null ? " That the shaft turns one way is assumed." : "";
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
                        ? "The ribs pump back what passes the lip." + turning()
                        : "The ribs pump the medium out at this turning direction.",
                suits ? "" : "Take the seal with ribs for the other way.",
                seal.id()));
    }
}
