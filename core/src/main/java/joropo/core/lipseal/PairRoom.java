package joropo.core.lipseal;

import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Room for two seals behind each other in one bore (computed). */
public final class PairRoom {
    /** Room for grease, or a washer, between the two (mm, guide). */
    static final double GREASE_MM = 2;

    private PairRoom() {}

    /** @param depthMm of the seat, absent: MISSING, @param uncertaintyMm its uncertainty */
    public static Finding judge(double widthMm, @Nullable Double depthMm, double uncertaintyMm) {
        String subject = "room for two seals";
        double wanted = Length.snap(2 * widthMm + GREASE_MM + LipSealSeatLimits.DEPTH_ROOM_MM);
        if (depthMm == null) {
            return Finding.missing(
                    "pair",
                    subject,
                    "Two seals want " + Length.show(wanted, 2)
                            + " mm with the room for grease between them; the depth has not been read.",
                    "Read the depth of the seat.");
        }
        Limits limits = Limits.atLeast(wanted);
        Status status = limits.judge(depthMm, uncertaintyMm);
        return Finding.of(
                        "pair",
                        status,
                        subject,
                        status == Status.PASS
                                ? "Both seals find room; what is left goes between them for grease."
                                : "Two seals of this width do not go in.",
                        status == Status.PASS
                                ? ""
                                : "Two narrower seals, a carrier on the outside, or one seal made for both.",
                        Source.COMPUTED,
                        "")
                .withValue(depthMm, "mm")
                .withLimits(limits, uncertaintyMm);
    }
}
