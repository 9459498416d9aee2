package joropo.core.lipseal;

import java.util.List;
import joropo.core.fits.DiameterInput;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.Medium;
import joropo.core.section.CaseType;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.shaft.Swing;
import joropo.core.sizes.SealSystem;
import org.jspecify.annotations.Nullable;

/** Collects the values by name, since there are too many to be told apart by their order. */
public final class LipSealInputBuilder {
    private @Nullable Double shaftNominalMm;
    private @Nullable Double boreNominalMm;
    private @Nullable Double widthMm;
    private @Nullable Double speedRpm;
    private @Nullable Swing swing;
    private @Nullable Medium insideMedium;
    private @Nullable String insideFluid;
    private @Nullable Medium outsideMedium;
    private @Nullable String outsideFluid;
    private @Nullable Double pressureInsideMpa;
    private @Nullable Double pressureOutsideMpa;
    private @Nullable Double sumpTemperatureC;
    private @Nullable Double coldestC;
    private @Nullable Wetting wetting;
    private @Nullable Dirt dirt;
    private @Nullable Boolean corrosive;
    private @Nullable Rotation rotation;
    private @Nullable String housingMaterial;
    private @Nullable Boolean splitHousing;
    private @Nullable Practice practice;
    private @Nullable DiameterInput shaft;
    private @Nullable DiameterInput bore;
    private @Nullable Double runoutTirMm;
    private @Nullable Double offsetMm;
    private @Nullable HeldOn heldOn;
    private @Nullable Side shaftEntersFrom;
    private @Nullable String material;
    private @Nullable CaseType caseType;
    private @Nullable Layout layout;
    private @Nullable SealSystem system;
    private @Nullable Double sealOutsideMinMm;
    private @Nullable Double sealOutsideMaxMm;
    private @Nullable Double raUm;
    private @Nullable Double hardnessHrc;
    private @Nullable String makerDocument;
    private @Nullable Double makerSpeedMPerS;
    private @Nullable Double makerLipLimitC;
    private @Nullable Double makerPressureMpa;
    private @Nullable Double makerRunoutMm;
    private @Nullable List<Elastomer> ownMaterials;
    private @Nullable List<Fluid> ownFluids;
    private @Nullable Boolean boreMarked;

    static LipSealInputBuilder of(LipSealInput in) {
        var out = new LipSealInputBuilder();
        out.shaftNominalMm = in.shaftNominalMm();
        out.boreNominalMm = in.boreNominalMm();
        out.widthMm = in.widthMm();
        out.speedRpm = in.speedRpm();
        out.swing = in.swing();
        out.insideMedium = in.insideMedium();
        out.insideFluid = in.insideFluid();
        out.outsideMedium = in.outsideMedium();
        out.outsideFluid = in.outsideFluid();
        out.pressureInsideMpa = in.pressureInsideMpa();
        out.pressureOutsideMpa = in.pressureOutsideMpa();
        out.sumpTemperatureC = in.sumpTemperatureC();
        out.coldestC = in.coldestC();
        out.wetting = in.wetting();
        out.dirt = in.dirt();
        out.corrosive = in.corrosive();
        out.rotation = in.rotation();
        out.housingMaterial = in.housingMaterial();
        out.splitHousing = in.splitHousing();
        out.practice = in.practice();
        out.shaft = in.shaft();
        out.bore = in.bore();
        out.runoutTirMm = in.runoutTirMm();
        out.offsetMm = in.offsetMm();
        out.heldOn = in.heldOn();
        out.shaftEntersFrom = in.shaftEntersFrom();
        out.material = in.material();
        out.caseType = in.caseType();
        out.layout = in.layout();
        out.system = in.system();
        out.sealOutsideMinMm = in.sealOutsideMinMm();
        out.sealOutsideMaxMm = in.sealOutsideMaxMm();
        out.raUm = in.raUm();
        out.hardnessHrc = in.hardnessHrc();
        out.makerDocument = in.makerDocument();
        out.makerSpeedMPerS = in.makerSpeedMPerS();
        out.makerLipLimitC = in.makerLipLimitC();
        out.makerPressureMpa = in.makerPressureMpa();
        out.makerRunoutMm = in.makerRunoutMm();
        out.ownMaterials = in.ownMaterials();
        out.ownFluids = in.ownFluids();
        out.boreMarked = in.boreMarked();
        return out;
    }

    public LipSealInputBuilder shaftNominalMm(Double value) {
        shaftNominalMm = value;
        return this;
    }

    public LipSealInputBuilder boreNominalMm(Double value) {
        boreNominalMm = value;
        return this;
    }

    public LipSealInputBuilder widthMm(Double value) {
        widthMm = value;
        return this;
    }

    public LipSealInputBuilder speedRpm(@Nullable Double value) {
        speedRpm = value;
        return this;
    }

    public LipSealInputBuilder swing(@Nullable Swing value) {
        swing = value;
        return this;
    }

    public LipSealInputBuilder insideMedium(Medium value) {
        insideMedium = value;
        return this;
    }

    public LipSealInputBuilder insideFluid(@Nullable String value) {
        insideFluid = value;
        return this;
    }

    public LipSealInputBuilder outsideMedium(@Nullable Medium value) {
        outsideMedium = value;
        return this;
    }

    public LipSealInputBuilder outsideFluid(@Nullable String value) {
        outsideFluid = value;
        return this;
    }

    public LipSealInputBuilder pressureInsideMpa(@Nullable Double value) {
        pressureInsideMpa = value;
        return this;
    }

    public LipSealInputBuilder pressureOutsideMpa(@Nullable Double value) {
        pressureOutsideMpa = value;
        return this;
    }

    public LipSealInputBuilder sumpTemperatureC(Double value) {
        sumpTemperatureC = value;
        return this;
    }

    public LipSealInputBuilder coldestC(@Nullable Double value) {
        coldestC = value;
        return this;
    }

    public LipSealInputBuilder wetting(Wetting value) {
        wetting = value;
        return this;
    }

    public LipSealInputBuilder dirt(Dirt value) {
        dirt = value;
        return this;
    }

    public LipSealInputBuilder corrosive(@Nullable Boolean value) {
        corrosive = value;
        return this;
    }

    public LipSealInputBuilder rotation(@Nullable Rotation value) {
        rotation = value;
        return this;
    }

    public LipSealInputBuilder housingMaterial(@Nullable String value) {
        housingMaterial = value;
        return this;
    }

    public LipSealInputBuilder splitHousing(@Nullable Boolean value) {
        splitHousing = value;
        return this;
    }

    public LipSealInputBuilder practice(@Nullable Practice value) {
        practice = value;
        return this;
    }

    public LipSealInputBuilder shaft(@Nullable DiameterInput value) {
        shaft = value;
        return this;
    }

    public LipSealInputBuilder bore(@Nullable DiameterInput value) {
        bore = value;
        return this;
    }

    public LipSealInputBuilder runoutTirMm(@Nullable Double value) {
        runoutTirMm = value;
        return this;
    }

    public LipSealInputBuilder offsetMm(@Nullable Double value) {
        offsetMm = value;
        return this;
    }

    public LipSealInputBuilder heldOn(@Nullable HeldOn value) {
        heldOn = value;
        return this;
    }

    public LipSealInputBuilder shaftEntersFrom(@Nullable Side value) {
        shaftEntersFrom = value;
        return this;
    }

    public LipSealInputBuilder material(@Nullable String value) {
        material = value;
        return this;
    }

    public LipSealInputBuilder caseType(@Nullable CaseType value) {
        caseType = value;
        return this;
    }

    public LipSealInputBuilder layout(@Nullable Layout value) {
        layout = value;
        return this;
    }

    public LipSealInputBuilder system(@Nullable SealSystem value) {
        system = value;
        return this;
    }

    public LipSealInputBuilder sealOutsideMinMm(@Nullable Double value) {
        sealOutsideMinMm = value;
        return this;
    }

    public LipSealInputBuilder sealOutsideMaxMm(@Nullable Double value) {
        sealOutsideMaxMm = value;
        return this;
    }

    public LipSealInputBuilder raUm(@Nullable Double value) {
        raUm = value;
        return this;
    }

    public LipSealInputBuilder hardnessHrc(@Nullable Double value) {
        hardnessHrc = value;
        return this;
    }

    public LipSealInputBuilder makerDocument(@Nullable String value) {
        makerDocument = value;
        return this;
    }

    public LipSealInputBuilder makerSpeedMPerS(@Nullable Double value) {
        makerSpeedMPerS = value;
        return this;
    }

    public LipSealInputBuilder makerLipLimitC(@Nullable Double value) {
        makerLipLimitC = value;
        return this;
    }

    public LipSealInputBuilder makerPressureMpa(@Nullable Double value) {
        makerPressureMpa = value;
        return this;
    }

    public LipSealInputBuilder makerRunoutMm(@Nullable Double value) {
        makerRunoutMm = value;
        return this;
    }

    public LipSealInputBuilder ownMaterials(@Nullable List<Elastomer> value) {
        ownMaterials = value;
        return this;
    }

    public LipSealInputBuilder ownFluids(@Nullable List<Fluid> value) {
        ownFluids = value;
        return this;
    }

    /** @throws RefusedInput naming each value that cannot be judged */
    public LipSealInputBuilder boreMarked(@Nullable Boolean value) {
        boreMarked = value;
        return this;
    }

    public LipSealInput build() {
        return new LipSealInput(
                shaftNominalMm,
                boreNominalMm,
                widthMm,
                speedRpm,
                swing,
                insideMedium,
                insideFluid,
                outsideMedium,
                outsideFluid,
                pressureInsideMpa,
                pressureOutsideMpa,
                sumpTemperatureC,
                coldestC,
                wetting,
                dirt,
                corrosive,
                rotation,
                housingMaterial,
                splitHousing,
                practice,
                shaft,
                bore,
                runoutTirMm,
                offsetMm,
                heldOn,
                shaftEntersFrom,
                material,
                caseType,
                layout,
                system,
                sealOutsideMinMm,
                sealOutsideMaxMm,
                raUm,
                hardnessHrc,
                makerDocument,
                makerSpeedMPerS,
                makerLipLimitC,
                makerPressureMpa,
                makerRunoutMm,
                ownMaterials,
                ownFluids,
                boreMarked);
    }
}
