package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import joropo.core.lipseal.Rotation;
import joropo.core.lipseal.Side;
import joropo.core.lipseal.Thrust;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem.Chevron;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/**
 * Each part that seals on its own: which way it faces, what presses on its back, its ribs, what holds it (D1, D2, D7 to
 * D9; guide).
 */
final class DirectionRules {
    /** A spring lip stands this much pressure on its back (MPa, guide), with caution. */
    private static final double BACK_PRESSURE_MPA = 0.02;

    private static final String GUIDE = "direction of seals";

    private final Entry entry;
    private final Section section;

    DirectionRules(Entry entry) {
        this.entry = entry;
        this.section = entry.section();
    }

    List<Finding> judge() {
        List<Finding> out = new ArrayList<>();
        for (Seal seal : entry.seals()) {
            out.add(d1(seal));
            out.add(d2(seal));
            d7(seal).ifPresent(out::add);
        }
        List<Chevron> sets = entry.sealing().stream()
                .filter(Chevron.class::isInstance)
                .map(Chevron.class::cast)
                .toList();
        sets.forEach(c -> out.add(d8(c)));
        for (int i = 1; i < sets.size(); i++) {
            d8Pair(sets.get(i - 1), sets.get(i)).ifPresent(out::add);
        }
        entry.sealing().forEach(s -> out.add(d9(s)));
        return out;
    }

    /** Whether this lip alone faces away from the only liquid side. */
    boolean facesAway(Seal seal) {
        return entry.space(seal, seal.mainLip().other()).medium().isLiquid()
                && !entry.space(seal, seal.mainLip()).medium().isLiquid();
    }

    private Finding d1(Seal seal) {
        Space kept = entry.space(seal, seal.mainLip());
        Space back = entry.space(seal, seal.mainLip().other());
        String subject = "lip against its medium";
        String faces = "The lip faces " + seal.mainLip().words() + ", ";
        if (facesAway(seal)) {
            return finding(
                    "D1",
                    FAIL,
                    subject,
                    faces + "the " + back.medium().words() + " is at its back: it will leak at once."
                            + (seal.reversedOnPurpose() ? " That somebody turned it on purpose lifts nothing." : ""),
                    "Turn the seal: open side, with the spring, towards the "
                            + back.medium().words() + ".",
                    seal.id());
        }
        if (back.medium() == Medium.GREASE && !kept.medium().isLiquid() && kept.medium() != Medium.GREASE) {
            if (back.isFed()) {
                return finding(
                        "D1",
                        PASS,
                        subject,
                        faces + "turned so that old grease can leave: leave it so.",
                        "",
                        seal.id());
            }
            return finding(
                    "D1",
                    CAUTION,
                    subject,
                    faces + "the grease is at its back: it keeps dirt out better than grease in.",
                    "Leave it so only if old grease is meant to leave there.",
                    seal.id());
        }
        boolean nothing = !kept.holdsLiquid() && kept.medium() != Medium.GREASE;
        return finding(
                "D1",
                PASS,
                subject,
                faces
                        + (nothing
                                ? "and there is nothing to keep on either side."
                                : "towards the " + kept.medium().words() + " it has to keep."),
                "",
                seal.id());
    }

    private Finding d2(Seal seal) {
        Space back = entry.space(seal, seal.mainLip().other());
        String subject = "pressure on the lip's back";
        if (back.isFed()) {
            return finding(
                    "D2",
                    PASS,
                    subject,
                    "This lip is where the grease leaves: its pressure is meant to lift it.",
                    "",
                    seal.id());
        }
        double overBack = Length.snap(
                back.pressureMpa() - entry.space(seal, seal.mainLip()).pressureMpa());
        Status status = Limits.twoStep(overBack, 0, 0, BACK_PRESSURE_MPA);
        String message =
                switch (status) {
                    case PASS -> "No pressure lifts the lip from behind.";
                    case CAUTION -> "There is more pressure at the lip's back than at its open side.";
                    default -> "Pressure at the lip's back lifts it off the shaft.";
                };
        return finding(
                        "D2",
                        status,
                        subject,
                        message,
                        status == PASS
                                ? ""
                                : "Free the breather or vent the space; else turn the seal or take one for both "
                                        + "directions.",
                        seal.id())
                .withValue(overBack, "MPa")
                .withLimits(Limits.atMost(0), 0);
    }

    /** Ribs are named as the shaft turns, seen from the seal's back: from outside for a lip that faces in. */
    private Optional<Finding> d7(Seal seal) {
        if (seal.ribs() == Ribs.NONE) {
            return Optional.empty();
        }
        String subject = "ribs against the turning direction";
        if (seal.ribs() == Ribs.BOTH) {
            return Optional.of(
                    finding("D7", PASS, subject, "The ribs pump back whichever way the shaft turns.", "", seal.id()));
        }
        if (section.motion() == Motion.SWINGING || section.rotation() == Rotation.BOTH) {
            return Optional.of(finding(
                    "D7",
                    FAIL,
                    subject,
                    "The shaft runs both ways and the ribs pump back one way only: the other way they pump out.",
                    "A plain lip, or ribs for both ways.",
                    seal.id()));
        }
        if (section.rotation() == null) {
            return Optional.of(finding(
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
        return Optional.of(finding(
                "D7",
                suits ? PASS : FAIL,
                subject,
                suits
                        ? "The ribs pump back what passes the lip."
                        : "The ribs pump the medium out at this turning direction.",
                suits ? "" : "Take the seal with ribs for the other way.",
                seal.id()));
    }

    private Finding d8(Chevron set) {
        double inward = entry.pushInwardMpa(set);
        boolean against = inward > 0 && set.lips() == Side.IN || inward < 0 && set.lips() == Side.OUT;
        return finding(
                "D8",
                against ? FAIL : PASS,
                "chevron set against the pressure",
                against
                        ? "The set's open side faces away from the pressure: it does not spread and leaks."
                        : "The set's open side faces the pressure.",
                against ? "Turn the set." : "",
                set.id());
    }

    private static Optional<Finding> d8Pair(Chevron outer, Chevron inner) {
        boolean away = outer.lips() == Side.OUT && inner.lips() == Side.IN;
        boolean towards = outer.lips() == Side.IN && inner.lips() == Side.OUT;
        return !away && !towards
                ? Optional.empty()
                : Optional.of(finding(
                        "D8",
                        away ? PASS : FAIL,
                        "two chevron sets",
                        away
                                ? "The sets face away from each other: each takes the pressure of its side."
                                : "The sets face each other: pressure between them has no way out and neither holds "
                                        + "its own side.",
                        away ? "" : "Turn both sets.",
                        outer.id()));
    }

    private Finding d9(Sealing part) {
        String subject = "held against pressure";
        double inward = entry.pushInwardMpa(part);
        if (inward == 0) {
            return finding("D9", PASS, subject, "No pressure pushes it.", "", part.id())
                    .withValue(0, "N");
        }
        if (section.shaftDiameterMm() == null || section.boreDiameterMm() == null) {
            return finding(
                    "D9",
                    MISSING,
                    subject,
                    "Shaft and bore are not known, so nobody can say how hard the pressure pushes.",
                    "Type both diameters.",
                    part.id());
        }
        double thrust = Thrust.newton(inward, section.shaftDiameterMm(), section.boreDiameterMm());
        Side low = inward > 0 ? Side.IN : Side.OUT;
        BoreItem.Spacer washer = entry.washerAt(part, low).orElse(null);
        if (washer != null
                && washer.insideDiameterMm() != null
                && washer.insideDiameterMm() <= section.shaftDiameterMm()) {
            return finding(
                            "D9",
                            FAIL,
                            subject,
                            "The washer behind the seal rubs on the shaft: its opening is "
                                    + Length.show(washer.insideDiameterMm(), 2) + " mm.",
                            "A washer that clears shaft and dust lip.",
                            part.id())
                    .withValue(Length.snap(thrust), "N");
        }
        if (!Thrust.mustBeHeld(inward, section.shaftDiameterMm(), section.boreDiameterMm())) {
            return finding(
                            "D9",
                            PASS,
                            subject,
                            "The press fit holds it; pressure pushes with " + Length.show(thrust, 0) + " N.",
                            "",
                            part.id())
                    .withValue(Length.snap(thrust), "N");
        }
        boolean held = entry.isHeld(part, low);
        return finding(
                        "D9",
                        held ? PASS : FAIL,
                        subject,
                        held
                                ? "A stop on the low-pressure side takes the " + Length.show(thrust, 0) + " N."
                                : "Pressure pushes the seal " + low.words() + " with " + Length.show(thrust, 0)
                                        + " N and nothing stops it there.",
                        held ? "" : "A retaining ring or a cover on the " + low.words() + " of the seal.",
                        part.id())
                .withValue(Length.snap(thrust), "N");
    }

    private static Finding finding(
            String id, Status status, String subject, String message, String remedy, String part) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE)
                .withPart(part);
    }
}
