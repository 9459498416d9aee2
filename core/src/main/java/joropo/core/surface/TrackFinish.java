package joropo.core.surface;

import java.util.List;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * What the running surface under a lip must be, besides its diameter (guide); the rows come from the table of its kind
 * of seal.
 *
 * @param leadMostDeg lead either way (degrees)
 */
public record TrackFinish(Roughness roughness, Hardness hardness, double leadMostDeg) {
    private static final String GUIDE = "running surface of lip seals";
    private static final String REFINISH = "Plunge grind or polish without feed, then read roughness and lead again.";

    /**
     * Roughness of the track (µm).
     *
     * @param minUm below this it starves the lip, with caution; below {@code leastUm} it is out of limits
     * @param ptfe under a PTFE lip
     */
    public record Roughness(double leastUm, double minUm, double maxUm, Limits ptfe, Limits rz) {}

    /**
     * Hardness of the track (HRC). @param fast above {@code fastMPerS} or with dirt outside, @param depthMm of the
     * layer
     */
    public record Hardness(double least, double fast, double fastMPerS, double depthMm) {}

    /** Roughness Ra (µm) under an elastomer or a PTFE lip; absent: MISSING. */
    public Finding judgeRoughness(@Nullable Double raUm, @Nullable String lipMaterial) {
        boolean ptfeLip = "PTFE".equals(lipMaterial);
        String subject = "roughness Ra of the track";
        if (raUm == null) {
            return Finding.missing(
                    "roughness",
                    subject,
                    "The roughness of the track is not known.",
                    "Read Ra along the axis, or compare with a specimen.");
        }
        Limits limits = ptfeLip ? roughness.ptfe : new Limits(roughness.minUm, roughness.maxUm);
        Status status = limits.judge(raUm, 0);
        if (status == Status.FAIL
                && !ptfeLip
                && raUm < roughness.minUm
                && new Limits(roughness.leastUm, null).judge(raUm, 0) == Status.PASS) {
            status = Status.CAUTION;
        }
        String message = status == Status.PASS
                ? "The track holds a film and does not file the lip."
                        + (lipMaterial == null ? " A rubber lip is assumed." : "")
                : raUm < limits.lower()
                        ? "The track is so smooth that the lip runs dry on it."
                        : "The track is rough and wears the lip.";
        String remedy = status == Status.PASS
                ? ""
                : raUm < limits.lower()
                        ? "A light plunge polish opens the surface; leave it if the old lip ran long on it."
                        : REFINISH;
        return Finding.of("roughness", status, subject, message, remedy, Source.GUIDE, GUIDE)
                .withValue(raUm, "µm")
                .withLimits(limits, 0);
    }

    /** Roughness Rz (µm), where it was read. */
    public Finding judgeRz(double rzUm) {
        Limits rz = roughness.rz;
        Status status = rz.judge(rzUm, 0);
        return Finding.of(
                        "rz",
                        status,
                        "roughness Rz of the track",
                        status == Status.PASS
                                ? "Peaks and valleys lie in their limits."
                                : "Peaks or valleys lie outside their limits.",
                        status == Status.PASS ? "" : REFINISH,
                        Source.GUIDE,
                        GUIDE)
                .withValue(rzUm, "µm")
                .withLimits(rz, 0);
    }

    /** Hardness against what speed (m/s, absent: slow) and dirt outside ask for; absent: MISSING. */
    /**
     * @param strict whether dirt outside or a PTFE lip asks for the harder track at any speed, @param assumed what
     *     nobody said that would ask for it
     */
    public Finding judgeHardness(
            @Nullable Double hrc, @Nullable Double speedMPerS, boolean strict, List<String> assumed) {
        String subject = "hardness of the track";
        double least = leastHardness(speedMPerS, strict);
        if (hrc == null) {
            return Finding.missing(
                    "hardness",
                    subject,
                    "The hardness of the track is not known; HRC " + Math.round(least) + " is wanted.",
                    "Test it, or look at the shaft's drawing.");
        }
        if (speedMPerS == null && !strict && hrc >= hardness.least && hrc < hardness.fast) {
            return Finding.missing(
                            "hardness",
                            subject,
                            "Hard enough for a slow shaft, too soft for a fast one: the speed is not known.",
                            "Read the speed.")
                    .withValue(hrc, "HRC");
        }
        Status status = Limits.atLeast(least).judge(hrc, 0);
        return Finding.of(
                        "hardness",
                        status,
                        subject,
                        status == Status.PASS
                                ? "The track is hard enough."
                                        + (!assumed.isEmpty() && hrc < hardness.fast
                                                ? " Assumed: " + String.join(", ", assumed) + "."
                                                : "")
                                : "A groove comes back at once on a soft track.",
                        status == Status.PASS
                                ? ""
                                : "A hard sleeve, or harden and plunge grind; or accept a short life by a concession.",
                        Source.GUIDE,
                        GUIDE)
                .withValue(hrc, "HRC")
                .withLimits(Limits.atLeast(least), 0);
    }

    /** Hardness wanted (HRC). */
    public double leastHardness(@Nullable Double speedMPerS, boolean dirtOutside) {
        return dirtOutside || speedMPerS != null && speedMPerS > hardness.fastMPerS ? hardness.fast : hardness.least;
    }
}
