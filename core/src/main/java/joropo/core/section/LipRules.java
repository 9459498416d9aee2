package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.MISSING;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.List;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem.Seal;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Status;

/** Which way each lip faces, and what presses on its back (D1, D2; guide). */
final class LipRules {
    private final ArrangedParts parts;
    private final Section section;

    LipRules(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    List<Finding> judge() {
        List<Finding> out = new ArrayList<>();
        for (Seal seal : parts.seals()) {
            out.add(d1(seal));
            out.add(d2(seal));
        }
        return out;
    }

    /** Whether this lip alone faces away from the only liquid side. */
    boolean facesAway(Seal seal) {
        return parts.space(seal, seal.mainLip().other()).holdsLiquid()
                && !parts.space(seal, seal.mainLip()).holdsLiquid();
    }

    private Finding d1(Seal seal) {
        Space kept = parts.space(seal, seal.mainLip());
        Space back = parts.space(seal, seal.mainLip().other());
        String subject = "lip against its medium";
        String faces = "The lip faces " + seal.mainLip().words() + ", ";
        if (facesAway(seal)) {
            return SectionFinding.direction(
                    "D1",
                    FAIL,
                    subject,
                    faces + "the " + back.stands().words() + " is at its back: it will leak at once."
                            + (seal.reversedOnPurpose() ? " That somebody turned it on purpose lifts nothing." : ""),
                    "Turn the seal: open side, with the spring, towards the "
                            + back.stands().words() + ".",
                    seal.id());
        }
        if (kept.nobodySaid() || back.nobodySaid() && !kept.holdsLiquid()) {
            return SectionFinding.direction(
                    "D1",
                    MISSING,
                    subject,
                    faces + "and what lies " + (kept.nobodySaid() ? "there" : "at its back") + " is not known.",
                    "Say what lies between the two seals.",
                    seal.id());
        }
        if (back.stands() == Medium.GREASE && !kept.holdsLiquid() && kept.stands() != Medium.GREASE) {
            if (back.isFed()) {
                return SectionFinding.direction(
                        "D1", PASS, subject, faces + "so that old grease can leave past it.", "", seal.id());
            }
            return SectionFinding.direction(
                    "D1",
                    CAUTION,
                    subject,
                    faces + "the grease is at its back: it keeps dirt out better than grease in.",
                    "Leave it so only if old grease is meant to leave there.",
                    seal.id());
        }
        boolean nothing = !kept.holdsLiquid() && kept.stands() != Medium.GREASE;
        return SectionFinding.direction(
                "D1",
                PASS,
                subject,
                faces
                        + (nothing
                                ? "and there is nothing to keep on either side."
                                : "towards the " + kept.stands().words() + " it has to keep.")
                        + (parts.number(seal) == 0 && section.outside().dirtIsAssumed()
                                ? " Outside is assumed to be clean."
                                : "")
                        + (back.feedIsAssumed() || kept.feedIsAssumed()
                                ? " That no grease is pumped in is assumed."
                                : ""),
                "",
                seal.id());
    }

    private Finding d2(Seal seal) {
        Space back = parts.space(seal, seal.mainLip().other());
        String subject = "pressure on the lip's back";
        if (back.isFed()) {
            return SectionFinding.direction(
                    "D2",
                    PASS,
                    subject,
                    "This lip is where the grease leaves: its pressure is meant to lift it.",
                    "",
                    seal.id());
        }
        if (parts.vacuumIsMissing(seal)) {
            return SectionFinding.direction(
                    "D2",
                    MISSING,
                    subject,
                    "How deep the vacuum is, is not known, so what presses on the lip's back is not known either.",
                    "Read its pressure.",
                    seal.id());
        }
        double overBack =
                Length.snap(back.mpa() - parts.space(seal, seal.mainLip()).mpa());
        Status status = Limits.twoStep(overBack, 0, 0, parts.limits().backPressureMpa());
        String message =
                switch (status) {
                    case PASS -> "No pressure lifts the lip from behind." + parts.pressureAssumed(seal);
                    case CAUTION -> "There is more pressure at the lip's back than at its open side.";
                    default -> "Pressure at the lip's back lifts it off the shaft.";
                };
        return SectionFinding.direction(
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
}
