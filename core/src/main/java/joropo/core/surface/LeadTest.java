package joropo.core.surface;

import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * The thread test: an oiled thread with a small weight over the turning shaft walks along where the surface has a lead
 * (guide).
 */
public final class LeadTest {
    private static final String SUBJECT = "lead of the track (thread test)";

    private LeadTest() {}

    /** Lead angle (degrees): atan(advance / turns / (pi d)); advance and diameter in mm, turns above zero. */
    public static double angleDeg(double advanceMm, double turns, double shaftMm) {
        return Math.toDegrees(Math.atan(advanceMm / turns / (Math.PI * shaftMm)));
    }

    /**
     * @param advanceMm how far the thread walked over the turns, any sign; absent, or no turns: MISSING
     * @param reverses whether the walk turned round with the rotation; where it did not, the set-up walks, not the
     *     shaft
     * @param mostDeg limit either way
     */
    static Finding judge(
            @Nullable Double advanceMm,
            @Nullable Double turns,
            @Nullable Boolean reverses,
            double shaftMm,
            double mostDeg) {
        if (advanceMm == null || turns == null) {
            return Finding.missing(
                    "lead",
                    SUBJECT,
                    advanceMm == null && turns == null
                            ? "The thread test has not been made."
                            : "The thread test lacks its advance or its turns.",
                    "Oiled thread, about 30 g, two thirds of a turn of wrap, slow turning both ways.");
        }
        double angle = Length.snap(angleDeg(advanceMm, turns, shaftMm));
        if (advanceMm != 0 && !Boolean.TRUE.equals(reverses)) {
            return Finding.missing(
                            "lead",
                            SUBJECT,
                            reverses == null
                                    ? "Whether the walk turned round with the rotation is not known."
                                    : "The thread walked the same way in both rotations: the set-up walks, not the "
                                            + "shaft.",
                            "Level the shaft and turn it both ways.")
                    .withValue(angle, "°");
        }
        Limits limits = new Limits(-mostDeg, mostDeg);
        Status status = limits.judge(angle, 0);
        return Finding.of(
                        "lead",
                        status,
                        SUBJECT,
                        status == Status.PASS
                                ? "The surface does not pump."
                                : "The surface pumps the medium along the shaft; towards the air side is the worse.",
                        status == Status.PASS ? "" : "Plunge grind without feed, then test again.",
                        Source.GUIDE,
                        "running surface of lip seals")
                .withValue(angle, "°")
                .withLimits(limits, 0);
    }
}
