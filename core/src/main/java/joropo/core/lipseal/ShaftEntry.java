package joropo.core.lipseal;

import java.util.Locale;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The edge that passes under the lip (standard, DIN 3760 class; guide for the rounded edge). A lip points to its open
 * side: a shaft that enters from there meets the lip's edge and can fold it back; entering from the back goes with the
 * lip.
 */
public final class ShaftEntry {
    private static final String SUBJECT = "edge that passes under the lip";

    private ShaftEntry() {}

    /**
     * @param mainLip side to which the open side faces, @param entersFrom side from which the shaft comes; absent:
     *     MISSING
     * @param ptfe whether the lip is of PTFE, which wants a cone whenever it is met at its edge
     * @param end as seen; absent: MISSING, @param cover what covers the edge; absent: nothing
     */
    public static Finding judge(
            double shaftMm,
            Side mainLip,
            boolean dustLip,
            boolean ptfe,
            @Nullable Side entersFrom,
            @Nullable ShaftEnd end,
            @Nullable EdgeCover cover) {
        LipSealSeatLimits.Shaft wanted = LipSealSeatLimits.shaft(shaftMm);
        String chamfer =
                "chamfer " + Length.show(wanted.chamferMinDeg(), 0) + "° to " + Length.show(wanted.chamferMaxDeg(), 0)
                        + "°, taking " + Length.show(wanted.chamferReductionMm(), 1) + " mm off the diameter";
        if (end == null || entersFrom == null) {
            return Finding.missing(
                    "edge",
                    SUBJECT,
                    end == null
                            ? "The shaft's end has not been looked at."
                            : "From which side the shaft goes in is not known.",
                    "Look at the end and say how the shaft goes in.");
        }
        boolean against = entersFrom == mainLip;
        if (cover != null) {
            return finding(
                    Status.CAUTION,
                    end.words().substring(0, 1).toUpperCase(Locale.ROOT)
                            + end.words().substring(1) + "; covered: " + cover.words() + ".",
                    cover == EdgeCover.SLEEVE
                            ? sleeve(shaftMm)
                            : cover.isTemporary()
                                    ? "Count it in and out."
                                    : "Prove it with a cloth or a nail before the lip comes near.");
        }
        if (against && ptfe) {
            return finding(
                    Status.FAIL,
                    "A PTFE lip that is met at its open side turns over.",
                    "Put a cone over the shaft's end.");
        }
        if (end == ShaftEnd.FULL_CHAMFER) {
            return finding(
                    Status.PASS,
                    "A full chamfer guides the lip" + (against ? ", which it meets at the open side." : "."),
                    "");
        }
        if (end == ShaftEnd.ROUNDED && !against) {
            return finding(
                    Status.PASS,
                    "The shaft enters with the lip: a rounded edge of "
                            + (dustLip
                                    ? "1.0 mm will do (the dust lip is met against its own edge)."
                                    : "0.6 mm will do."),
                    "");
        }
        String harm = against
                ? "The shaft meets the open side first: it can fold the lip back and throw the spring."
                : "The edge cuts the lip on its way in.";
        String cure = end.liesOnTheWay()
                ? "Cover it: " + sleeve(shaftMm)
                : against
                        ? "Make the " + chamfer + ", or use a cone."
                        : "Round and smooth the edge, or use an assembly sleeve.";
        return finding(Status.FAIL, harm, cure);
    }

    private static String sleeve(double shaftMm) {
        return "assembly sleeve to Ø " + Length.show(EdgeCover.mostOutsideMm(shaftMm), 2)
                + " outside, wall 0.2 to 0.5 mm, lubricated; count it in and out.";
    }

    private static Finding finding(Status status, String message, String remedy) {
        return Finding.of("edge", status, SUBJECT, message, remedy, Source.STANDARD, "DIN 3760 class");
    }
}
