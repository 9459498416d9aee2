package joropo.core.lipseal;

import java.util.List;
import joropo.core.fits.ToleranceClass;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.TrackFinish;
import joropo.core.tables.CsvTable;
import joropo.core.tables.Ranges;
import joropo.core.units.Length;
import joropo.core.verdict.Limits;

/**
 * What a lip seal wants of its shaft and its housing, as far as the tables say it (standard, ISO 6194-1 and DIN 3760
 * class).
 */
public final class LipSealSeatLimits {
    /** Least cylindrical depth of the bore over the seal's width (standard, DIN 3760 class). */
    private static final double CYLINDRICAL = 0.85;
    /** Room wanted behind the seal (mm, standard, DIN 3760 class). */
    public static final double DEPTH_ROOM_MM = 0.3;
    /** Greatest roughness under a PTFE lip (µm, guide). */
    private static final double PTFE_RA_MAX_UM = 0.4;
    /** Where the trade limits of inch seals step (mm, guide): shafts at 4 in, bores at 3 in and 6 in. */
    private static final double INCH_SHAFT_STEP_MM = 101.6;

    private static final double INCH_BORE_STEP_1_MM = 76.2;
    private static final double INCH_BORE_STEP_2_MM = 152.4;

    /** What the shaft must be, by nominal diameter (mm, degrees). @param finish what its running surface must be */
    public record Shaft(
            double overMm,
            double toMm,
            double chamferReductionMm,
            double chamferMinDeg,
            double chamferMaxDeg,
            TrackFinish finish) {
        Shaft(CsvTable.Row row) {
            this(
                    row.number("shaft_over_mm"),
                    row.number("shaft_to_mm"),
                    row.number("chamfer_reduction_mm"),
                    row.number("chamfer_angle_min_deg"),
                    row.number("chamfer_angle_max_deg"),
                    LipSealSeatLimits.finish(row));
        }
    }

    private static TrackFinish finish(CsvTable.Row row) {
        return new TrackFinish(
                new TrackFinish.Roughness(
                        row.number("ra_min_ptfe_um"),
                        row.number("ra_min_um"),
                        row.number("ra_max_um"),
                        new Limits(row.number("ra_min_ptfe_um"), PTFE_RA_MAX_UM),
                        new Limits(row.number("rz_min_um"), row.number("rz_max_um"))),
                new TrackFinish.Hardness(
                        row.number("hrc_min"),
                        row.number("hrc_min_fast"),
                        row.number("fast_over_m_s"),
                        row.number("hardness_depth_min_mm")),
                row.number("lead_abs_max_deg"));
    }

    /** What the bore must be, by width of the seal (mm). */
    public record Housing(
            double widthMm,
            double cornerRadiusMm,
            double leadInMinDeg,
            double leadInMaxDeg,
            double leadInMinMm,
            double leadInMaxMm,
            Limits metalRaUm,
            Limits rubberRaUm) {
        Housing(CsvTable.Row row) {
            this(
                    row.number("width_mm"),
                    row.number("max_inner_corner_radius_mm"),
                    row.number("lead_in_angle_min_deg"),
                    row.number("lead_in_angle_max_deg"),
                    row.number("lead_in_length_min_mm"),
                    row.number("lead_in_length_max_mm"),
                    new Limits(row.number("metal_ra_min_um"), row.number("metal_ra_max_um")),
                    new Limits(row.number("rubber_ra_min_um"), row.number("rubber_ra_max_um")));
        }
    }

    private static final Ranges<Shaft> SHAFTS =
            new Ranges<>("lip-seal-shaft", CsvTable.rows("lip-seal-shaft", Shaft::new), Shaft::overMm, Shaft::toMm);
    private static final List<Housing> HOUSINGS = CsvTable.rows("lip-seal-housing", Housing::new);

    static {
        for (int i = 1; i < HOUSINGS.size(); i++) {
            if (!(HOUSINGS.get(i - 1).widthMm < HOUSINGS.get(i).widthMm)) {
                throw new IllegalStateException(
                        "Table lip-seal-housing: widths must rise at " + HOUSINGS.get(i).widthMm);
            }
        }
    }

    private LipSealSeatLimits() {}

    /**
     * Limits of the shaft about the nominal of the seal: h11 (standard, ISO 6194-1); inch seals their trade limits
     * (guide).
     */
    public static Limits shaftLimits(SealSystem system, double nominalMm) {
        return system == SealSystem.METRIC
                ? ToleranceClass.parse("h11").at(nominalMm).limits()
                : about(nominalMm, nominalMm <= INCH_SHAFT_STEP_MM ? 0.08 : 0.10);
    }

    /** Limits of the bore: H8 (standard, ISO 6194-1); inch seals their trade limits (guide). */
    public static Limits boreLimits(SealSystem system, double nominalMm) {
        return system == SealSystem.METRIC
                ? ToleranceClass.parse("H8").at(nominalMm).limits()
                : about(
                        nominalMm,
                        nominalMm <= INCH_BORE_STEP_1_MM ? 0.025 : nominalMm <= INCH_BORE_STEP_2_MM ? 0.038 : 0.05);
    }

    private static Limits about(double nominalMm, double eitherWayMm) {
        return new Limits(Length.snap(nominalMm - eitherWayMm), Length.snap(nominalMm + eitherWayMm));
    }

    /** Row of the shaft; beyond 500 mm the last one. */
    public static Shaft shaft(double nominalMm) {
        return SHAFTS.atOrLast(nominalMm);
    }

    /** Row of the widest listed seal that is not wider than this one, or the narrowest. */
    public static Housing housing(double widthMm) {
        return HOUSINGS.stream()
                .filter(h -> h.widthMm <= widthMm + 1e-9)
                .reduce((a, b) -> b)
                .orElse(HOUSINGS.get(0));
    }

    /** Least cylindrical depth past the lead-in (mm). */
    public static double cylindricalDepthMm(double widthMm) {
        return CYLINDRICAL * widthMm;
    }

    /** Least total depth of the seat (mm). */
    public static double totalDepthMm(double widthMm) {
        return widthMm + DEPTH_ROOM_MM;
    }
}
