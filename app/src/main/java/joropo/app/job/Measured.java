package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.app.register.Position;
import joropo.app.settings.ShopGauge;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterInput.Part;
import joropo.core.fits.DiameterResult;
import joropo.core.lipseal.LipSealSeatLimits;
import joropo.core.lipseal.LipSealSizeCheck;
import joropo.core.lipseal.LipSealSizeInput;
import joropo.core.lipseal.LipSealSizeResult;
import joropo.core.readings.DiameterReadings.Plane;
import joropo.core.readings.Gauge;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.Remedy;
import joropo.core.surface.TrackRoundness;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import org.jspecify.annotations.Nullable;

/**
 * What shaft and bore measure, and the sizes that fits them.
 *
 * @param system whose limits apply, @param shaftNominalMm, @param boreNominalMm nominal sizes judged by: as decided,
 *     else the position's, else the nearest listed; the shaft's stays what it was where a remedy leads to a seal of
 *     another shaft
 */
public record Measured(
        SealSystem system,
        @Nullable DiameterResult shaft,
        @Nullable DiameterResult bore,
        @Nullable LipSealSizeResult sizes,
        @Nullable Double shaftNominalMm,
        @Nullable Double boreNominalMm,
        @Nullable Limits shaftLimits,
        @Nullable Limits boreLimits,
        @Nullable DiameterInput shaftInput,
        @Nullable DiameterInput boreInput,
        List<Finding> findings) {

    static Measured of(Values values, Position position) {
        List<Plane> shaftPlanes = planes(values, "shaft");
        List<Plane> borePlanes = planes(values, "bore");
        Double shaftMean =
                shaftPlanes.stream().map(Plane::meanMm).max(Double::compare).orElse(null);
        Double boreMean =
                borePlanes.stream().map(Plane::meanMm).min(Double::compare).orElse(null);
        if (shaftMean != null && boreMean != null && boreMean <= shaftMean) {
            values.refuse("boreA1", "the bore reads no larger than the shaft: look at both figures");
            borePlanes = List.of();
            boreMean = null;
        }
        LipSealSizeResult sizes = shaftMean == null
                ? null
                : LipSealSizeCheck.check(new LipSealSizeInput(
                        shaftMean, boreMean, values.number("stopDepth"), null, values.text("marking")));
        SealSize chosen = values.size("size");
        SealSize guide = chosen != null
                ? chosen
                : sizes == null || sizes.sizes().isEmpty()
                        ? null
                        : sizes.sizes().get(0);
        Remedy remedy = values.choice("remedy", Remedy.class);
        boolean otherShaft = remedy != null && remedy.mayChangeTheSeal();
        Double listedShaft = sizes == null || sizes.sizes().isEmpty()
                ? null
                : Double.valueOf(sizes.sizes().get(0).shaftMm());
        Double decidedShaft = chosen == null ? null : Double.valueOf(chosen.shaftMm());
        Double shaftNominal = otherShaft
                ? first(position.shaftMm(), listedShaft, decidedShaft)
                : first(decidedShaft, position.shaftMm(), listedShaft);
        Double boreNominal = chosen != null
                ? Double.valueOf(chosen.boreMm())
                : position.boreMm() != null
                        ? position.boreMm()
                        : guide == null || boreMean == null ? null : Double.valueOf(guide.boreMm());
        SealSystem system = chosen != null ? chosen.system() : SealSystem.of(shaftNominal, boreNominal);

        List<Finding> findings = new ArrayList<>();
        DiameterInput shaftInput = input(values, Part.SHAFT, "shaft", shaftNominal, system, shaftPlanes);
        DiameterInput boreInput = input(values, Part.BORE, "bore", boreNominal, system, borePlanes);
        DiameterResult shaft = judge(shaftInput, "shaft", system, findings);
        DiameterResult bore = judge(boreInput, "bore", system, findings);
        if (shaft != null) {
            findings.add(TrackRoundness.judge(shaftNominal, shaft.ovalityMm(), shaft.uncertaintyMm()));
        }
        return new Measured(
                system,
                shaft,
                bore,
                sizes,
                shaftNominal,
                boreNominal,
                shaftNominal == null ? null : LipSealSeatLimits.shaftLimits(system, shaftNominal),
                boreNominal == null ? null : LipSealSeatLimits.boreLimits(system, boreNominal),
                shaftInput,
                boreInput,
                findings);
    }

    private static @Nullable Double first(@Nullable Double... candidates) {
        return Stream.of(candidates).filter(Objects::nonNull).findFirst().orElse(null);
    }

    /**
     * The shaft as it is beside the old track (mm): plane B where it was read, else plane A; absent when neither was.
     */
    @Nullable
    Double besideTrackMm() {
        return shaft == null
                ? null
                : shaft.planeMeansMm().get(shaft.planeMeansMm().size() - 1);
    }

    /** The planes that were read in both directions; a half-read plane waits. */
    private static List<Plane> planes(Values values, String part) {
        return Stream.of("A", "B")
                .filter(p -> values.number(part + p + "1") != null && values.number(part + p + "2") != null)
                .map(p -> new Plane(null, List.of(values.number(part + p + "1"), values.number(part + p + "2"))))
                .toList();
    }

    private static @Nullable DiameterInput input(
            Values values, Part part, String name, @Nullable Double nominalMm, SealSystem system, List<Plane> planes) {
        if (planes.isEmpty() || nominalMm == null) {
            return null;
        }
        Double partC = values.number("partC");
        Double gaugeC = partC == null ? null : values.number("gaugeC");
        ShopGauge own = values.gauge(name + "Gauge");
        Gauge gauge = own == null ? null : own.kind();
        Double u = own == null ? null : own.certificateMm();
        String material = part == Part.BORE ? values.text("housing") : null;
        if (system == SealSystem.METRIC) {
            return new DiameterInput(
                    part,
                    nominalMm,
                    part == Part.SHAFT ? "h11" : "H8",
                    null,
                    null,
                    gauge,
                    u,
                    partC,
                    gaugeC,
                    material,
                    planes);
        }
        Limits limits = part == Part.SHAFT
                ? LipSealSeatLimits.shaftLimits(system, nominalMm)
                : LipSealSeatLimits.boreLimits(system, nominalMm);
        return new DiameterInput(
                part, nominalMm, null, limits.lower(), limits.upper(), gauge, u, partC, gaugeC, material, planes);
    }

    private static @Nullable DiameterResult judge(
            @Nullable DiameterInput input, String name, SealSystem system, List<Finding> findings) {
        if (input == null) {
            findings.add(Finding.missing(
                    name + "-size",
                    name + " at the seal",
                    "The " + name + " has not been read in two directions of one plane.",
                    "Read it in two planes, two directions each."));
            return null;
        }
        DiameterResult result = DiameterCheck.check(input);
        for (Finding f : result.findings()) {
            Finding named = f.withId(name + "-" + f.id());
            findings.add(
                    system == SealSystem.INCH && f.id().equals("size")
                            ? named.withSource(Source.GUIDE, "inch trade limits")
                            : named);
        }
        return result;
    }
}
