package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import joropo.app.family.CommonFields;
import joropo.app.family.ReadFields;
import joropo.app.register.Position;
import joropo.app.settings.ShopGauge;
import joropo.app.ui.Field;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterInput.Part;
import joropo.core.fits.DiameterInputBuilder;
import joropo.core.fits.DiameterResult;
import joropo.core.lipseal.LipSealSeatLimits;
import joropo.core.lipseal.LipSealSizeCheck;
import joropo.core.lipseal.LipSealSizeInput;
import joropo.core.lipseal.LipSealSizeResult;
import joropo.core.lipseal.ShaftSeat;
import joropo.core.readings.DiameterReadings.Plane;
import joropo.core.readings.Misreading;
import joropo.core.section.Mount;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.Remedy;
import joropo.core.surface.SleeveCover;
import joropo.core.surface.TrackRoundness;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import org.jspecify.annotations.Nullable;

/**
 * What shaft and bore measure, and the sizes that fit them.
 *
 * @param system whose limits apply, @param sleeve of an earlier job that the shaft's readings are of, absent: none
 * @param sizes absent while the shaft was not read, @param doubts what is suspected of a reading, @param errors, both
 *     by name of the field
 */
record ShaftAndBoreReadings(
        SealSystem system,
        Measured shaft,
        Measured bore,
        @Nullable FittedSleeve sleeve,
        @Nullable LipSealSizeResult sizes,
        List<Finding> findings,
        Map<String, String> doubts,
        Map<String, String> errors) {

    /**
     * One of the two.
     *
     * @param nominalMm judged by: as decided, else the position's, else the nearest listed; a shaft's stays what it was
     *     where a remedy leads to a seal of another shaft
     * @param limits about that nominal; absent with it, @param input as it was judged, absent while not read
     */
    record Measured(
            @Nullable Double nominalMm,
            @Nullable Limits limits,
            @Nullable DiameterInput input,
            @Nullable DiameterResult result) {
        /** The same, of a part of this nominal size under what was read. */
        Measured of(double underMm) {
            return new Measured(underMm, limits, input, result);
        }
    }

    /** Fields of one of the two. @param planes two readings each */
    private record Asked(
            Part part, String name, Field<String> gauge, Field<Boolean> stands, List<List<Field<Double>>> planes) {
        static final Asked SHAFT = new Asked(
                Part.SHAFT,
                "shaft",
                CommonFields.SHAFT_GAUGE,
                LipSealFields.SHAFT_STANDS,
                List.of(
                        List.of(LipSealFields.SHAFT_A1, LipSealFields.SHAFT_A2),
                        List.of(LipSealFields.SHAFT_B1, LipSealFields.SHAFT_B2)));
        static final Asked BORE = new Asked(
                Part.BORE,
                "bore",
                CommonFields.BORE_GAUGE,
                LipSealFields.BORE_STANDS,
                List.of(
                        List.of(LipSealFields.BORE_A1, LipSealFields.BORE_A2),
                        List.of(LipSealFields.BORE_B1, LipSealFields.BORE_B2)));

        /** The planes that were read in both directions; a half-read plane waits. */
        List<Plane> read(ReadFields read) {
            return planes.stream()
                    .map(p -> p.stream().map(read::get).filter(Objects::nonNull).toList())
                    .filter(p -> p.size() == 2)
                    .map(p -> new Plane(null, p))
                    .toList();
        }
    }

    /** @param standing the sleeve that an earlier job left under the lip, absent: none */
    static ShaftAndBoreReadings of(ReadFields read, Position position, @Nullable FittedSleeve standing) {
        List<Plane> shaftPlanes = Asked.SHAFT.read(read);
        List<Plane> borePlanes = Asked.BORE.read(read);
        Double shaftMean =
                shaftPlanes.stream().map(Plane::meanMm).max(Double::compare).orElse(null);
        Double boreMean =
                borePlanes.stream().map(Plane::meanMm).min(Double::compare).orElse(null);
        FittedSleeve sleeve = shaftMean == null || standing == null || !standing.isRead(shaftMean) ? null : standing;
        boolean crossed = shaftMean != null && boreMean != null && boreMean <= shaftMean;
        if (crossed) {
            borePlanes = List.of();
            boreMean = null;
        }
        LipSealSizeResult sizes = shaftMean == null
                ? null
                : LipSealSizeCheck.check(new LipSealSizeInput(
                        sleeve == null ? shaftMean : Double.valueOf(sleeve.shaftMm()),
                        boreMean,
                        read.get(LipSealFields.STOP_DEPTH),
                        null,
                        read.get(LipSealFields.MARKING)));
        SealSize chosen = read.get(LipSealFields.SIZE);
        SealSize listed =
                sizes == null || sizes.sizes().isEmpty() ? null : sizes.sizes().get(0);
        Double shaftNominal = shaftNominal(read, position, chosen, listed);
        Double boreNominal = chosen != null
                ? Double.valueOf(chosen.boreMm())
                : position.boreMm() != null
                        ? position.boreMm()
                        : listed == null || boreMean == null ? null : Double.valueOf(listed.boreMm());
        SealSystem system = chosen != null ? chosen.system() : SealSystem.of(shaftNominal, boreNominal);

        List<Finding> findings = new ArrayList<>();
        Map<String, String> doubts = new HashMap<>();
        Measured shaft = measured(
                read,
                Asked.SHAFT,
                sleeve == null ? shaftNominal : Double.valueOf(sleeve.outsideMm()),
                sleeve != null
                        ? SleeveCover.limits(sleeve.outsideMm())
                        : shaftNominal == null ? null : LipSealSeatLimits.shaftLimits(system, shaftNominal),
                sleeve == null ? system : null,
                shaftPlanes,
                findings,
                doubts);
        if (sleeve != null) {
            shaft = shaft.of(shaftNominal == null ? sleeve.shaftMm() : shaftNominal);
        }
        Measured bore = measured(
                read,
                Asked.BORE,
                boreNominal,
                boreNominal == null ? null : LipSealSeatLimits.boreLimits(system, boreNominal),
                system,
                borePlanes,
                findings,
                doubts);
        boolean doubted = findings.stream().anyMatch(f -> f.id().equals("shaft-" + Misreading.ID));
        if (shaft.result() != null && !doubted) {
            findings.add(TrackRoundness.judge(
                    shaftNominal, shaft.result().ovalityMm(), shaft.result().uncertaintyMm()));
        }
        return new ShaftAndBoreReadings(
                system,
                shaft,
                bore,
                sleeve,
                sizes,
                findings,
                doubts,
                crossed
                        ? Map.of(
                                LipSealFields.BORE_A1.name(),
                                "the bore reads no larger than the shaft: look at both figures")
                        : Map.of());
    }

    private static @Nullable Double shaftNominal(
            ReadFields read, Position position, @Nullable SealSize chosen, @Nullable SealSize listed) {
        Remedy remedy = read.get(LipSealFields.REMEDY);
        Double listedShaft = listed == null ? null : Double.valueOf(listed.shaftMm());
        Double decidedShaft = chosen == null ? null : Double.valueOf(chosen.shaftMm());
        return remedy != null && remedy.mayChangeTheSeal()
                ? first(position.shaftMm(), listedShaft, decidedShaft)
                : first(decidedShaft, position.shaftMm(), listedShaft);
    }

    private static @Nullable Double first(@Nullable Double... candidates) {
        return Stream.of(candidates).filter(Objects::nonNull).findFirst().orElse(null);
    }

    /**
     * The shaft as it is beside the old track (mm): plane B where it was read, else plane A; absent when neither was.
     */
    @Nullable
    Double besideTrackMm() {
        List<Double> means = shaft.result() == null ? List.of() : shaft.result().planeMeansMm();
        return means.isEmpty() ? null : means.get(means.size() - 1);
    }

    private static Measured measured(
            ReadFields read,
            Asked asked,
            @Nullable Double nominalMm,
            @Nullable Limits limits,
            @Nullable SealSystem system,
            List<Plane> planes,
            List<Finding> findings,
            Map<String, String> doubts) {
        if (planes.isEmpty() || nominalMm == null || limits == null) {
            findings.add(DiameterCheck.unread(asked.name()));
            return new Measured(nominalMm, limits, null, null);
        }
        ShopGauge own = read.gauge(asked.gauge());
        Double partC = read.get(CommonFields.PART_C);
        var input = DiameterInputBuilder.builder()
                .part(asked.part())
                .nominalMm(nominalMm)
                .gauge(own == null ? null : own.kind())
                .uncertaintyMm(own == null ? null : own.certificateMm())
                .partTemperatureC(partC)
                .gaugeTemperatureC(partC == null ? null : read.get(CommonFields.GAUGE_C))
                .partMaterial(asked.part() == Part.BORE ? read.get(LipSealFields.HOUSING) : null)
                .planes(planes);
        if (system == SealSystem.METRIC) {
            input.toleranceClass(
                    asked.part() == Part.SHAFT
                            ? read.get(LipSealFields.MOUNT) == Mount.SHAFT ? ShaftSeat.CLASS : "h11"
                            : "H8");
        } else {
            input.lowerMm(limits.lower()).upperMm(limits.upper());
        }
        DiameterInput judged = input.build();
        DiameterResult result = DiameterCheck.check(judged);
        boolean doubted = doubted(read, asked, result, nominalMm, findings, doubts);
        for (Finding f : result.findings()) {
            if (doubted && f.id().equals("size")) {
                continue; // nothing is said of the part by a reading that is suspected
            }
            boolean plain = f.id().equals("temperature") || f.id().equals("gauge");
            Finding named =
                    (plain ? f.withSubject(asked.name() + ": " + f.subject()) : f).withId(asked.name() + "-" + f.id());
            findings.add(
                    !f.id().equals("size") || system == SealSystem.METRIC
                            ? named
                            : system == SealSystem.INCH
                                    ? named.withSource(Source.GUIDE, "inch trade limits")
                                    : named.withSubject("sleeve on the shaft, fitted here by an earlier job")
                                            .withSource(Source.GUIDE, "running surface"));
        }
        return new Measured(nominalMm, limits, judged, result);
    }

    /** Whether one of its readings is suspected and nobody has said that it stands. */
    private static boolean doubted(
            ReadFields read,
            Asked asked,
            DiameterResult result,
            double nominalMm,
            List<Finding> findings,
            Map<String, String> doubts) {
        List<Field<Double>> fields =
                asked.planes().stream().flatMap(List::stream).toList();
        List<Misreading> suspected = Misreading.among(
                Arrays.asList(fields.stream().map(read::get).toArray(Double[]::new)), result.uncertaintyMm());
        if (read.is(asked.stands())) {
            return false;
        }
        if (suspected.isEmpty()) {
            inchSize(fields, read, asked, nominalMm)
                    .ifPresent(q -> doubts.put(fields.get(0).name(), q));
            return false;
        }
        Misreading one = suspected.get(0);
        Field<Double> at = fields.get(one.index());
        doubts.put(at.name(), one.question(read.unit(at)));
        findings.add(one.finding(asked.name()).withId(asked.name() + "-" + Misreading.ID));
        return true;
    }

    /** The question whether a part that reads an inch size where a metric one is known is an inch part. */
    private static Optional<String> inchSize(
            List<Field<Double>> fields, ReadFields read, Asked asked, double nominalMm) {
        boolean shaft = asked.part() == Part.SHAFT;
        return Misreading.inchSize(
                        fields.stream().map(read::get).filter(Objects::nonNull).toList(), nominalMm, shaft)
                .map(s -> "It reads an inch size, "
                        + Length.show((shaft ? s.shaftMm() : s.boreMm()) / Length.MM_PER_INCH, 4) + " in: is the "
                        + asked.name() + " an inch one?");
    }
}
