package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import joropo.app.family.ReadFields;
import joropo.app.family.lipseal.AssumedSection.Assumed;
import joropo.app.register.Position;
import joropo.core.lipseal.BoreFinish;
import joropo.core.lipseal.HeldOn;
import joropo.core.lipseal.LipSealInput;
import joropo.core.lipseal.LipSealInputBuilder;
import joropo.core.lipseal.PressFitInput;
import joropo.core.lipseal.PressFitInputBuilder;
import joropo.core.lipseal.UsualDuty;
import joropo.core.lipseal.Wetting;
import joropo.core.material.Dirt;
import joropo.core.material.Materials;
import joropo.core.section.CaseType;
import joropo.core.section.Section;
import joropo.core.shaft.SurfaceSpeed;
import joropo.core.shaft.Swing;
import joropo.core.verdict.Limits;
import org.jspecify.annotations.Nullable;

/**
 * What the seal of a job has to stand, as typed, as known of its position, and as assumed where neither says anything.
 *
 * @param input absent while the speed is not known, @param sumpC temperature of what stands at the seal (°C)
 * @param sealOutside outside of the seal by its maker's word, absent: the table's allowances, @param assumed in words,
 *     such as "sump 70 °C", @param errors by name of the field
 */
record Duty(
        @Nullable LipSealInput input,
        double sumpC,
        @Nullable Limits sealOutside,
        List<String> assumed,
        Map<String, String> errors) {

    static Duty of(Position position, ReadFields read, ShaftAndBoreReadings measured, AssumedSection entry) {
        Section section = entry.section();
        List<String> assumed = new ArrayList<>();
        Double sump = read.get(LipSealFields.SUMP);
        boolean sumpAssumed = sump == null;
        if (sump == null) {
            sump = UsualDuty.sumpC(entry.inside().medium());
            assumed.add("sump " + Math.round(sump) + " °C");
        }
        Map<String, String> errors = new HashMap<>();
        Double coldest = read.get(LipSealFields.COLDEST);
        boolean coldestAssumed = coldest == null || coldest > sump;
        if (coldest != null && coldest > sump) {
            errors.put(LipSealFields.COLDEST.name(), "must not be above the sump");
        }
        if (coldestAssumed) {
            coldest = Math.min(UsualDuty.COLDEST_C, sump);
            assumed.add("coldest start " + Math.round(coldest) + " °C");
        }
        Wetting wetting = entry.facesTheMachine() ? read.get(LipSealFields.WETTING) : null;
        if (wetting != null
                && !wetting.goesWith(entry.inside().medium(), entry.outside().medium())) {
            errors.put(
                    LipSealFields.WETTING.name(),
                    "does not go with " + entry.inside().medium().words() + " inside");
            wetting = null;
        }
        if (wetting == null) {
            wetting = UsualDuty.wetting(entry.inside().medium());
            assumed.add(wetting.words());
        }
        if (entry.assumes(Assumed.SHAFT)) {
            assumed.add("shaft " + Math.round(section.shaftDiameterMm()) + " mm");
        }
        Double least = read.get(LipSealFields.SEAL_OUTSIDE_MIN);
        Double most = read.get(LipSealFields.SEAL_OUTSIDE_MAX);
        boolean crossed = least != null && most != null && most < least;
        Limits outside = crossed || least == null || most == null ? null : new Limits(least, most);
        if (crossed) {
            errors.put(LipSealFields.SEAL_OUTSIDE_MAX.name(), "must not be below the least");
        }
        Double speed = speedRpm(position, read);
        Swing swing = swing(read);
        LipSealInput input = speed == null && swing == null
                ? null
                : input(read, measured, entry, outside)
                        .speedRpm(swing == null ? speed : null)
                        .swing(swing)
                        .sumpTemperatureC(sump)
                        .coldestC(coldest)
                        .sumpAssumed(sumpAssumed)
                        .coldestAssumed(coldestAssumed)
                        .wetting(wetting)
                        .build();
        return new Duty(input, sump, outside, assumed, Map.copyOf(errors));
    }

    /** Speed of the shaft's surface under the lip; absent while nothing says how fast it turns or swings. */
    static @Nullable Double speedMPerS(Position position, ReadFields read, double shaftMm) {
        Swing swing = swing(read);
        Double rpm = speedRpm(position, read);
        return swing != null
                ? Double.valueOf(SurfaceSpeed.swinging(shaftMm, swing))
                : rpm == null ? null : Double.valueOf(SurfaceSpeed.turning(shaftMm, rpm));
    }

    private static @Nullable Double speedRpm(Position position, ReadFields read) {
        Double typed = read.get(LipSealFields.SPEED);
        return typed != null ? typed : position.speedRpm();
    }

    private static @Nullable Swing swing(ReadFields read) {
        Double angle = read.get(LipSealFields.SWING_ANGLE);
        Double rate = read.get(LipSealFields.SWING_RATE);
        return angle == null || rate == null ? null : new Swing(angle, rate);
    }

    /** Seal materials and fluids that may be taken, and those that this job names. */
    static Materials seals(ReadFields read) {
        return read.shop()
                .seals(
                        read.get(LipSealFields.MATERIAL),
                        read.get(LipSealFields.FLUID),
                        read.get(LipSealFields.OUTSIDE_FLUID));
    }

    private static LipSealInputBuilder input(
            ReadFields read, ShaftAndBoreReadings measured, AssumedSection entry, @Nullable Limits outside) {
        Section section = entry.section();
        Materials seals = seals(read);
        boolean sameShaft = Objects.equals(measured.shaft().nominalMm(), section.shaftDiameterMm());
        return LipSealInputBuilder.builder()
                .shaftNominalMm(section.shaftDiameterMm())
                .boreNominalMm(section.boreDiameterMm())
                .widthMm(entry.seal().widthMm())
                .insideMedium(entry.inside().medium())
                .insideFluid(
                        entry.facesTheMachine()
                                ? read.get(LipSealFields.FLUID)
                                : entry.inside().fluid())
                .outsideMedium(entry.outside().medium())
                .outsideFluid(
                        entry.facesOutside()
                                ? read.get(LipSealFields.OUTSIDE_FLUID)
                                : entry.outside().fluid())
                .insideAssumed(entry.inside().nobodySaid())
                .outsideAssumed(entry.outside().nobodySaid())
                .pressureInsideMpa(entry.inside().pressureMpa())
                .pressureOutsideMpa(entry.outside().pressureMpa())
                .dirt(entry.isItsOwnExcluder() ? Dirt.CLEAN : entry.outside().dirt())
                .corrosive(read.get(LipSealFields.CORROSIVE))
                .rotation(section.rotation())
                .housingMaterial(read.get(LipSealFields.HOUSING))
                .splitHousing(read.get(LipSealFields.SPLIT))
                .boreMarked(marked(read, entry.seal().widthMm()))
                .practice(read.shop().practice())
                .shaft(sameShaft ? measured.shaft().input() : null)
                .bore(measured.bore().input())
                .runoutTirMm(read.get(LipSealFields.RUNOUT_TIR))
                .offsetMm(read.get(LipSealFields.OFFSET))
                .heldOn(heldOn(entry))
                .shaftEntersFrom(read.get(LipSealFields.ENTERS_FROM))
                .shaftEnd(read.get(LipSealFields.SHAFT_END))
                .mainLip(entry.assumes(Assumed.FACING) ? null : entry.seal().mainLip())
                .boreDepthMm(read.get(LipSealFields.STOP_DEPTH))
                .food(read.get(LipSealFields.FOOD))
                .material(read.get(LipSealFields.MATERIAL))
                .caseType(read.get(LipSealFields.CASE_TYPE))
                .layout(read.get(LipSealFields.LAYOUT))
                .system(measured.system())
                .sealOutsideMinMm(outside == null ? null : outside.lower())
                .sealOutsideMaxMm(outside == null ? null : outside.upper())
                .raUm(read.get(LipSealFields.RA))
                .hardnessHrc(read.get(LipSealFields.HRC))
                .makerDocument(read.get(LipSealFields.MAKER_DOCUMENT))
                .makerSpeedMPerS(read.get(LipSealFields.MAKER_SPEED))
                .makerLipLimitC(read.get(LipSealFields.MAKER_LIP_LIMIT))
                .makerPressureMpa(read.get(LipSealFields.MAKER_PRESSURE))
                .makerRunoutMm(read.get(LipSealFields.MAKER_RUNOUT))
                .ownMaterials(seals.ownMaterials())
                .ownFluids(seals.ownFluids());
    }

    /** Whether the bore is marked or rough; absent while nobody has looked at it. */
    private static @Nullable Boolean marked(ReadFields read, double widthMm) {
        String seen = read.get(LipSealFields.BORE_SEEN);
        Double ra = read.get(LipSealFields.BORE_RA);
        return seen == null && ra == null
                ? null
                : Boolean.valueOf(seen != null && !seen.equals("SMOOTH") && !seen.equals("BORE_WEAR")
                        || ra != null && BoreFinish.tooRoughForMetal(ra, widthMm));
    }

    /** A shoulder that the seal stands on holds it; while stop or depth is not known nobody can say. */
    private static @Nullable HeldOn heldOn(AssumedSection entry) {
        return entry.assumes(Assumed.STOP) || entry.assumes(Assumed.DEPTH) || !entry.facesTheMachine()
                ? null
                : HeldOn.of(entry.section(), entry.seal(), entry.stopMm());
    }

    /** How tight a case of this kind sits in the bore, cold and at the sump's temperature. */
    PressFitInput pressFit(ReadFields read, ShaftAndBoreReadings measured, double boreMm, CaseType caseType) {
        return PressFitInputBuilder.builder()
                .boreNominalMm(boreMm)
                .caseType(caseType)
                .system(measured.system())
                .practice(read.shop().practice())
                .bore(measured.bore().input())
                .makerDocument(read.get(LipSealFields.MAKER_DOCUMENT))
                .outsideMinMm(sealOutside == null ? null : sealOutside.lower())
                .outsideMaxMm(sealOutside == null ? null : sealOutside.upper())
                .housingMaterial(read.get(LipSealFields.HOUSING))
                .hotC(sumpC)
                .build();
    }
}
