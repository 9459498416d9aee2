package joropo.core.lipseal;

import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The edge that passes under the lip (standard, DIN 3760 class; guide for the rounded edge). A lip points to its open side:
 * a shaft that enters from there meets the lip's edge and can fold it back; entering from the back goes with the lip.
 */
public final class ShaftEntry {
    private ShaftEntry() { }

    /**
     * @param mainLip side to which the open side faces, @param entersFrom side from which the shaft comes; absent: MISSING
     * @param end as seen; absent: MISSING
     */
    public static Finding judge(double shaftMm, Side mainLip, boolean dustLip, @Nullable Side entersFrom, @Nullable ShaftEnd end) {
        String subject = "edge that passes under the lip";
        Place.Shaft wanted = Place.shaft(shaftMm);
        String chamfer = "chamfer " + Length.show(wanted.chamferMinDeg(), 0) + "° to " + Length.show(wanted.chamferMaxDeg(), 0)
                + "°, taking " + Length.show(wanted.chamferReductionMm(), 1) + " mm off the diameter";
        if (end == null || entersFrom == null) {
            return Finding.missing("edge", subject, end == null ? "The shaft's end has not been looked at."
                    : "It is not said from which side the shaft enters.", "Look at the end and say how the shaft goes in.");
        }
        boolean against = entersFrom == mainLip;
        if (end == ShaftEnd.FULL_CHAMFER) {
            return finding(Status.PASS, subject, "A full chamfer guides the lip" + (against ? ", which it meets at the open side." : "."), "");
        }
        if (end == ShaftEnd.ROUNDED && !against) {
            return finding(Status.PASS, subject, "The shaft enters with the lip: a rounded edge of "
                    + (dustLip ? "1.0 mm will do (the dust lip is met against its own edge)." : "0.6 mm will do."), "");
        }
        String harm = against ? "The shaft meets the open side first: it can fold the lip back and throw the spring."
                : "The edge cuts the lip on its way in.";
        String cure = end == ShaftEnd.KEYWAY_OR_THREAD ? "Cover it with an assembly sleeve or tape, lubricated."
                : against ? "Make the " + chamfer + ", or use a cone." : "Round and smooth the edge, or use an assembly sleeve.";
        return finding(Status.FAIL, subject, harm, cure);
    }

    private static Finding finding(Status status, String subject, String message, String remedy) {
        return Finding.of("edge", status, subject, message, remedy, Source.STANDARD, "DIN 3760 class");
    }
}
