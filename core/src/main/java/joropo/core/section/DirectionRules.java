package joropo.core.section;

import java.util.List;
import java.util.Locale;
import joropo.core.lipseal.Side;
import joropo.core.lipseal.Thrust;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;


/** Which way the seal faces, what keeps dirt out, and what holds it against pressure (guide). */
final class DirectionRules {
    /** A spring lip stands this much pressure on its back (MPa, guide), with caution. */
    private static final double BACK_PRESSURE_MPA = 0.02;
    /** A part this near touches the seal (mm, guide). */
    private static final double TOUCH_MM = 0.5;
    private static final String GUIDE = "direction of seals";

    private DirectionRules() { }

    static List<Finding> judge(Section section) {
        return List.of(d1(section), d2(section), d6(section), d9(section));
    }

    private static Finding d1(Section section) {
        BoreItem.Seal seal = section.seal();
        Space kept = section.space(seal.mainLip());
        Space back = section.space(seal.mainLip().other());
        String subject = "lip against its medium";
        String faces = "The lip faces " + seal.mainLip().words() + ", ";
        if (back.medium().isLiquid() && !kept.medium().isLiquid()) {
            return finding("D1", FAIL, subject, faces + "the " + back.medium().words() + " is at its back: it will leak at once.",
                    "Turn the seal: open side, with the spring, towards the " + back.medium().words() + ".");
        }
        if (back.medium() == Medium.GREASE && !kept.medium().isLiquid() && kept.medium() != Medium.GREASE) {
            return finding("D1", CAUTION, subject, faces + "the grease is at its back: it keeps dirt out better than grease in.",
                    "Leave it so only if old grease is meant to leave there.");
        }
        boolean nothing = !kept.holdsLiquid() && kept.medium() != Medium.GREASE;
        return finding("D1", PASS, subject, faces + (nothing ? "and there is nothing to keep on either side."
                : "towards the " + kept.medium().words() + " it has to keep."), "");
    }

    private static Finding d2(Section section) {
        BoreItem.Seal seal = section.seal();
        double overBack = Length.snap(section.space(seal.mainLip().other()).pressureMpa() - section.space(seal.mainLip()).pressureMpa());
        Status status = Limits.twoStep(overBack, 0, 0, BACK_PRESSURE_MPA);
        String message = switch (status) {
            case PASS -> "No pressure lifts the lip from behind.";
            case CAUTION -> "There is more pressure at the lip's back than at its open side.";
            default -> "Pressure at the lip's back lifts it off the shaft.";
        };
        return finding("D2", status, "pressure on the lip's back", message, status == PASS ? ""
                : "Free the breather or vent the space; else turn the seal or take one for both directions.")
                .withValue(overBack, "MPa").withLimits(Limits.atMost(0), 0);
    }

    private static Finding d6(Section section) {
        BoreItem.Seal seal = section.seal();
        Dirt dirt = section.outside().dirt();
        String subject = "dirt outside against what keeps it out";
        boolean mainOut = seal.secondLip() == Side.OUT || seal.mainLip() == Side.OUT && !section.inside().medium().isLiquid();
        if (seal.dustLip() == Side.IN) {
            return finding("D6", FAIL, subject, "The dust lip faces inside: it keeps nothing out and drags dry.", "Turn the seal or take another layout.");
        }
        if (dirt == Dirt.IMMERSED && !mainOut) {
            return finding("D6", FAIL, subject, "The entry stands under water and no main lip faces outside; a dust lip keeps out dust and splashes only.",
                    "Two lips back to back, with a drained or greased space between them.");
        }
        boolean excluder = mainOut || seal.dustLip() == Side.OUT;
        if ((dirt == Dirt.DUST || dirt == Dirt.MUD) && !excluder) {
            return finding("D6", CAUTION, subject, dirt.words().substring(0, 1).toUpperCase(Locale.ROOT) + dirt.words().substring(1)
                    + " outside and nothing keeps it from the lip: shaft and lip wear early.", "Take a seal with a dust lip, or add an excluder.");
        }
        return finding("D6", PASS, subject, dirt == Dirt.CLEAN ? "Outside is clean." : "A lip faces the " + dirt.words() + ".", "");
    }

    private static Finding d9(Section section) {
        double dp = Length.snap(section.inside().pressureMpa() - section.outside().pressureMpa());
        double thrust = Thrust.newton(dp, section.shaftDiameterMm(), section.boreDiameterMm());
        String subject = "held against pressure";
        if (!Thrust.mustBeHeld(dp, section.shaftDiameterMm(), section.boreDiameterMm())) {
            return finding("D9", PASS, subject, "The press fit holds it; pressure pushes with " + Length.show(thrust, 0) + " N.", "")
                    .withValue(Length.snap(thrust), "N");
        }
        Side low = dp > 0 ? Side.OUT : Side.IN;
        boolean held = low == Side.IN && heldInside(section);
        return finding("D9", held ? PASS : FAIL, subject, held ? "A stop on the low-pressure side takes the " + Length.show(thrust, 0) + " N."
                : "Pressure pushes the seal " + low.words() + " with " + Length.show(thrust, 0) + " N and nothing stops it there.",
                held ? "" : "A retaining ring or a cover on the " + low.words() + " of the seal.").withValue(Length.snap(thrust), "N");
    }

    private static boolean heldInside(Section section) {
        BoreItem.Seal seal = section.seal();
        return section.boreItem(BoreItem.Shoulder.class).map(s -> Math.abs(s.fromMm() - seal.toMm()) <= TOUCH_MM + 1e-9).orElse(false)
                || section.boreItem(BoreItem.Bearing.class).map(b -> Math.abs(b.fromMm() - seal.toMm()) <= TOUCH_MM + 1e-9).orElse(false);
    }

    private static Finding finding(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE).withPart("s1");
    }
}
