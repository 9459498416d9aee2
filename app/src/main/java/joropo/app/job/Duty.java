package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import joropo.app.register.Position;
import joropo.core.lipseal.BoreFinish;
import joropo.core.lipseal.HeldOn;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.LipSealInput;
import joropo.core.lipseal.LipSealInputBuilder;
import joropo.core.lipseal.PressFitInput;
import joropo.core.lipseal.UsualDuty;
import joropo.core.lipseal.Wetting;
import joropo.core.material.Materials;
import joropo.core.section.CaseType;
import joropo.core.section.Section;
import joropo.core.shaft.Side;
import joropo.core.shaft.SurfaceSpeed;
import joropo.core.shaft.Swing;
import joropo.core.verdict.Limits;
import org.jspecify.annotations.Nullable;

/**
 * What the seal of a job has to stand, as typed, as known of its position, and as assumed where neither says anything.
 *
 * @param input absent while the speed is not known, @param sumpC temperature of what stands at the seal (°C)
 * @param sealOutside outside of the seal by its maker's word, absent: the table's allowances, @param assumed in words,
 *     such as "sump 70 °C"
 */
record Duty(
        @Nullable LipSealInput input,
        double sumpC,
        @Nullable Limits sealOutside,
        List<String> assumed) {
    /** A seal this near its stop stands on it (mm). */
    private static final double TOUCHES_MM = 0.5;

    static Duty of(Position position, Values values, Measured measured, Sketch sketch) {
        Section section = sketch.section();
        List<String> assumed = new ArrayList<>();
        Double sump = values.number("sump");
        if (sump == null) {
            sump = UsualDuty.sumpC(section.inside().medium());
            assumed.add("sump " + Math.round(sump) + " °C");
        }
        Double coldest = values.number("coldest");
        if (coldest == null) {
            coldest = UsualDuty.COLDEST_C;
            assumed.add("coldest start " + Math.round(coldest) + " °C");
        }
        Wetting wetting = values.choice("wetting", Wetting.class);
        if (wetting == null) {
            wetting = UsualDuty.wetting(section.inside().medium());
            assumed.add(wetting.words());
        }
        if (sketch.assumed().contains(Sketch.Assumed.SHAFT)) {
            assumed.add("shaft " + Math.round(section.shaftDiameterMm()) + " mm");
        }
        Limits outside = outside(values);
        Double speed = speedRpm(position, values);
        Swing swing = swing(values);
        if (speed == null && swing == null) {
            return new Duty(null, sump, outside, assumed);
        }
        LipSealInput input = input(values, measured, sketch, outside)
                .speedRpm(swing == null ? speed : null)
                .swing(swing)
                .sumpTemperatureC(sump)
                .coldestC(coldest)
                .wetting(wetting)
                .build();
        return new Duty(input, sump, outside, assumed);
    }

    /** Speed of the shaft's surface under the lip; absent while nothing says how fast it turns or swings. */
    static @Nullable Double speedMPerS(Position position, Values values, double shaftMm) {
        Swing swing = swing(values);
        Double rpm = speedRpm(position, values);
        return swing != null
                ? Double.valueOf(SurfaceSpeed.swinging(shaftMm, swing))
                : rpm == null ? null : Double.valueOf(SurfaceSpeed.turning(shaftMm, rpm));
    }

    private static @Nullable Double speedRpm(Position position, Values values) {
        return values.number("speed") != null ? values.number("speed") : position.speedRpm();
    }

    private static @Nullable Swing swing(Values values) {
        Double angle = values.number("swingAngle");
        Double rate = values.number("swingRate");
        return angle == null || rate == null ? null : new Swing(angle, rate);
    }

    private static @Nullable Limits outside(Values values) {
        Double least = values.number("sealOutsideMin");
        Double most = values.number("sealOutsideMax");
        if (least != null && most != null && most < least) {
            values.refuse("sealOutsideMax", "must not be below the least");
            return null;
        }
        return least == null || most == null ? null : new Limits(least, most);
    }

    private static LipSealInputBuilder input(
            Values values, Measured measured, Sketch sketch, @Nullable Limits outside) {
        Section section = sketch.section();
        Materials seals = values.seals();
        boolean sameShaft = Objects.equals(measured.shaftNominalMm(), section.shaftDiameterMm());
        return new LipSealInputBuilder()
                .shaftNominalMm(section.shaftDiameterMm())
                .boreNominalMm(section.boreDiameterMm())
                .widthMm(section.seal().widthMm())
                .insideMedium(section.inside().medium())
                .insideFluid(values.text("fluid"))
                .outsideMedium(section.outside().medium())
                .pressureInsideMpa(section.inside().pressureMpa())
                .pressureOutsideMpa(section.outside().pressureMpa())
                .dirt(section.outside().dirt())
                .corrosive(values.yes("corrosive"))
                .rotation(section.rotation())
                .housingMaterial(values.text("housing"))
                .splitHousing(values.yes("split"))
                .boreMarked(marked(values, section.seal().widthMm()))
                .practice(values.shop().practice())
                .shaft(sameShaft ? measured.shaftInput() : null)
                .bore(measured.boreInput())
                .runoutTirMm(values.number("runoutTir"))
                .offsetMm(values.number("offset"))
                .heldOn(heldOn(sketch))
                .shaftEntersFrom(values.choice("entersFrom", Side.class))
                .material(values.text("material"))
                .caseType(values.choice("caseType", CaseType.class))
                .layout(values.choice("layout", Layout.class))
                .system(measured.system())
                .sealOutsideMinMm(outside == null ? null : outside.lower())
                .sealOutsideMaxMm(outside == null ? null : outside.upper())
                .raUm(values.number("ra"))
                .hardnessHrc(values.number("hrc"))
                .makerDocument(values.text("makerDocument"))
                .makerSpeedMPerS(values.number("makerSpeed"))
                .makerLipLimitC(values.number("makerLipLimit"))
                .makerPressureMpa(values.number("makerPressure"))
                .makerRunoutMm(values.number("makerRunout"))
                .ownMaterials(seals.ownMaterials())
                .ownFluids(seals.ownFluids());
    }

    /** Whether the bore is marked or rough; absent while nobody has looked at it. */
    private static @Nullable Boolean marked(Values values, double widthMm) {
        String seen = values.text("boreSeen");
        Double ra = values.number("boreRa");
        return seen == null && ra == null
                ? null
                : Boolean.valueOf(seen != null && !seen.equals("SMOOTH") && !seen.equals("BORE_WEAR")
                        || ra != null && BoreFinish.tooRoughForMetal(ra, widthMm));
    }

    /** A shoulder that the seal stands on holds it; while stop or depth is not known nobody can say. */
    private static @Nullable HeldOn heldOn(Sketch sketch) {
        boolean known = !sketch.assumed().contains(Sketch.Assumed.STOP)
                && !sketch.assumed().contains(Sketch.Assumed.DEPTH);
        return !known ? null : sketch.stopMm() - sketch.section().seal().toMm() <= TOUCHES_MM ? HeldOn.IN : HeldOn.NONE;
    }

    /** How tight a case of this kind sits in the bore, cold and at the sump's temperature. */
    PressFitInput pressFit(Values values, Measured measured, Section section, CaseType caseType) {
        return new PressFitInput(
                section.boreDiameterMm(),
                caseType,
                measured.system(),
                values.shop().practice(),
                measured.boreInput(),
                sealOutside == null ? null : sealOutside.lower(),
                sealOutside == null ? null : sealOutside.upper(),
                values.text("housing"),
                sumpC);
    }
}
