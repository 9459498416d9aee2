package joropo.core.surface;

import joropo.core.tables.CsvTable;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * What the running surface under a lip must be, besides its diameter (guide, DIN 3760 class;
 * {@code lip-seal-shaft.csv}).
 *
 * @param raMinUm below this it starves the lip, with caution; below {@code raLeastUm} it does not hold
 * @param ptfe roughness under a PTFE lip
 * @param hrcMin hardness, @param hrcFast above {@code fastMPerS} or with dirt outside
 */
public record TrackFinish(
        double raLeastUm,
        double raMinUm,
        double raMaxUm,
        Limits ptfe,
        Limits rz,
        double hrcMin,
        double hrcFast,
        double fastMPerS,
        double hardDepthMm,
        double leadMostDeg) {
    /** Greatest roughness under a PTFE lip (µm, guide). */
    private static final double PTFE_RA_MAX_UM = 0.4;

    private static final String GUIDE = "running surface of lip seals";
    private static final String REFINISH = "Plunge grind or polish without feed, then read roughness and lead again.";

    TrackFinish(CsvTable.Row row) {
        this(
                row.number("ra_min_ptfe_um"),
                row.number("ra_min_um"),
                row.number("ra_max_um"),
                new Limits(row.number("ra_min_ptfe_um"), PTFE_RA_MAX_UM),
                new Limits(row.number("rz_min_um"), row.number("rz_max_um")),
                row.number("hrc_min"),
                row.number("hrc_min_fast"),
                row.number("fast_over_m_s"),
                row.number("hardness_depth_min_mm"),
                row.number("lead_abs_max_deg"));
    }

    /** Roughness Ra (µm) under an elastomer or a PTFE lip; absent: MISSING. */
    public Finding roughness(@Nullable Double raUm, boolean ptfeLip) {
        String subject = "roughness Ra of the track";
        if (raUm == null) {
            return Finding.missing(
                    "roughness",
                    subject,
                    "The roughness of the track is not known.",
                    "Read Ra along the axis, or compare with a specimen.");
        }
        Limits limits = ptfeLip ? ptfe : new Limits(raMinUm, raMaxUm);
        Status status = limits.judge(raUm, 0);
        if (status == Status.FAIL
                && !ptfeLip
                && raUm < raMinUm
                && new Limits(raLeastUm, null).judge(raUm, 0) == Status.PASS) {
            status = Status.CAUTION;
        }
        String message = status == Status.PASS
                ? "The track holds a film and does not file the lip."
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
    public Finding rz(double rzUm) {
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
    public Finding hardness(@Nullable Double hrc, @Nullable Double speedMPerS, boolean dirtOutside) {
        String subject = "hardness of the track";
        double least = leastHardness(speedMPerS, dirtOutside);
        if (hrc == null) {
            return Finding.missing(
                    "hardness",
                    subject,
                    "The hardness of the track is not known; HRC " + Math.round(least) + " is wanted.",
                    "Test it, or look at the shaft's drawing.");
        }
        Status status = Limits.atLeast(least).judge(hrc, 0);
        return Finding.of(
                        "hardness",
                        status,
                        subject,
                        status == Status.PASS
                                ? "The track is hard enough."
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
        return dirtOutside || speedMPerS != null && speedMPerS > fastMPerS ? hrcFast : hrcMin;
    }
}
