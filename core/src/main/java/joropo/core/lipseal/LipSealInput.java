package joropo.core.lipseal;

import java.util.List;
import joropo.core.fits.DiameterInput;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.Materials;
import joropo.core.material.Medium;
import joropo.core.material.ThermalExpansion;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * Everything that decides which lip seal a place wants. Lengths in mm, pressures gauge in MPa, temperatures in °C.
 * @param speedRpm turning speed, or else @param swing for a shaft that swings
 * @param insideFluid, @param outsideFluid key of the fluid table; absent: the worst that the medium may be
 * @param outsideMedium absent: AIR, @param coldestC coldest start, @param practice absent: ISO
 * @param shaft, @param bore as read; absent bore: H8
 * @param heldOn where a stop keeps the seal, @param shaftEntersFrom where the shaft comes from while it is fitted
 * @param material, @param caseType, @param layout what was decided, if anything was: it is judged, the others stay in the list
 * @param sealOutsideMinMm, @param sealOutsideMaxMm outside of this seal as its maker says or as measured; both or none
 * @param makerDocument document, edition and page of the maker's values; they hold for what was decided and override the guide
 */
public record LipSealInput(Double shaftNominalMm, Double boreNominalMm, Double widthMm, @Nullable Double speedRpm, @Nullable Swing swing,
                           Medium insideMedium, @Nullable String insideFluid, @Nullable Medium outsideMedium, @Nullable String outsideFluid,
                           @Nullable Double pressureInsideMpa, @Nullable Double pressureOutsideMpa, Double sumpTemperatureC,
                           @Nullable Double coldestC, Wetting wetting, Dirt dirt, @Nullable Boolean corrosive, @Nullable Rotation rotation,
                           @Nullable String housingMaterial, @Nullable Boolean splitHousing, @Nullable Practice practice,
                           @Nullable DiameterInput shaft, @Nullable DiameterInput bore, @Nullable Double runoutTirMm, @Nullable Double offsetMm,
                           @Nullable HeldOn heldOn, @Nullable Side shaftEntersFrom, @Nullable String material, @Nullable CaseType caseType,
                           @Nullable Layout layout, @Nullable SealSystem system, @Nullable Double sealOutsideMinMm,
                           @Nullable Double sealOutsideMaxMm, @Nullable Double raUm, @Nullable Double hardnessHrc,
                           @Nullable String makerDocument, @Nullable Double makerSpeedMPerS, @Nullable Double makerLipLimitC,
                           @Nullable Double makerPressureMpa, @Nullable Double makerRunoutMm, @Nullable List<Elastomer> ownMaterials,
                           @Nullable List<Fluid> ownFluids) {
    private static final double VACUUM_MPA = -0.1;
    private static final double MOST_MPA = 100;
    private static final double COLDEST_C = -100;
    private static final double HOTTEST_C = 400;
    private static final double MOST_RPM = 200_000;
    private static final double HARDEST_HRC = 80;

    public LipSealInput {
        new Needs().size("shaftNominalMm", shaftNominalMm).size("boreNominalMm", boreNominalMm).size("widthMm", widthMm)
                .that("boreNominalMm", shaftNominalMm == null || boreNominalMm == null || boreNominalMm > shaftNominalMm, "must be above the shaft, got " + boreNominalMm)
                .that("speedRpm", speedRpm != null ^ swing != null, "or swing is needed, one of the two").optionalBetween("speedRpm", speedRpm, 0, MOST_RPM)
                .given("insideMedium", insideMedium).optionalBetween("pressureInsideMpa", pressureInsideMpa, VACUUM_MPA, MOST_MPA)
                .optionalBetween("pressureOutsideMpa", pressureOutsideMpa, VACUUM_MPA, MOST_MPA).given("sumpTemperatureC", sumpTemperatureC)
                .optionalBetween("sumpTemperatureC", sumpTemperatureC, COLDEST_C, HOTTEST_C).optionalBetween("coldestC", coldestC, COLDEST_C, HOTTEST_C)
                .given("wetting", wetting).given("dirt", dirt)
                .that("shaft", shaft == null || shaft.part() == DiameterInput.Part.SHAFT, "must be a shaft")
                .that("bore", bore == null || bore.part() == DiameterInput.Part.BORE, "must be a bore")
                .optionalNotNegative("runoutTirMm", runoutTirMm).optionalNotNegative("offsetMm", offsetMm)
                .that("sealOutsideMaxMm", (sealOutsideMinMm == null) == (sealOutsideMaxMm == null), "and sealOutsideMinMm belong together")
                .optionalSize("sealOutsideMinMm", sealOutsideMinMm).optionalSize("sealOutsideMaxMm", sealOutsideMaxMm)
                .that("sealOutsideMaxMm", sealOutsideMinMm == null || sealOutsideMaxMm == null || sealOutsideMaxMm >= sealOutsideMinMm, "must not be below sealOutsideMinMm")
                .optionalNotNegative("raUm", raUm).optionalBetween("hardnessHrc", hardnessHrc, 0, HARDEST_HRC)
                .optionalNotNegative("makerSpeedMPerS", makerSpeedMPerS).optionalBetween("makerLipLimitC", makerLipLimitC, COLDEST_C, HOTTEST_C)
                .optionalBetween("makerPressureMpa", makerPressureMpa, 0, MOST_MPA).optionalNotNegative("makerRunoutMm", makerRunoutMm).done();
        if (housingMaterial != null) {
            known(housingMaterial);
        }
        outsideMedium = outsideMedium == null ? Medium.AIR : outsideMedium;
        Materials materials = Materials.with(ownMaterials, ownFluids);
        ownMaterials = materials.ownMaterials();
        ownFluids = materials.ownFluids();
    }

    private static void known(String housing) {
        try {
            ThermalExpansion.of(housing);
        } catch (RefusedInput e) {
            throw new RefusedInput("housingMaterial", e.errors().get(0).message());
        }
    }

    Materials materials() {
        return new Materials(ownMaterials, ownFluids);
    }

    boolean isCorrosive() {
        return Boolean.TRUE.equals(corrosive);
    }

    boolean isSplit() {
        return Boolean.TRUE.equals(splitHousing);
    }

    /** Whether the shaft runs both ways, by turning or by swinging. */
    boolean runsBothWays() {
        return swing != null || rotation == Rotation.BOTH;
    }

    /** Whether the maker's values hold for this seal: for all while nothing is decided, else for what was. */
    boolean makerSpeaksOf(Layout candidateLayout, String candidateMaterial) {
        return (layout == null || layout == candidateLayout) && (material == null || material.equals(candidateMaterial));
    }

    /** The same with other values here and there. */
    public Builder but() {
        var out = new Builder();
        out.shaftNominalMm = shaftNominalMm;
        out.boreNominalMm = boreNominalMm;
        out.widthMm = widthMm;
        out.speedRpm = speedRpm;
        out.swing = swing;
        out.insideMedium = insideMedium;
        out.insideFluid = insideFluid;
        out.outsideMedium = outsideMedium;
        out.outsideFluid = outsideFluid;
        out.pressureInsideMpa = pressureInsideMpa;
        out.pressureOutsideMpa = pressureOutsideMpa;
        out.sumpTemperatureC = sumpTemperatureC;
        out.coldestC = coldestC;
        out.wetting = wetting;
        out.dirt = dirt;
        out.corrosive = corrosive;
        out.rotation = rotation;
        out.housingMaterial = housingMaterial;
        out.splitHousing = splitHousing;
        out.practice = practice;
        out.shaft = shaft;
        out.bore = bore;
        out.runoutTirMm = runoutTirMm;
        out.offsetMm = offsetMm;
        out.heldOn = heldOn;
        out.shaftEntersFrom = shaftEntersFrom;
        out.material = material;
        out.caseType = caseType;
        out.layout = layout;
        out.system = system;
        out.sealOutsideMinMm = sealOutsideMinMm;
        out.sealOutsideMaxMm = sealOutsideMaxMm;
        out.raUm = raUm;
        out.hardnessHrc = hardnessHrc;
        out.makerDocument = makerDocument;
        out.makerSpeedMPerS = makerSpeedMPerS;
        out.makerLipLimitC = makerLipLimitC;
        out.makerPressureMpa = makerPressureMpa;
        out.makerRunoutMm = makerRunoutMm;
        out.ownMaterials = ownMaterials;
        out.ownFluids = ownFluids;
        return out;
    }

    /** Collects the values by name, since there are too many to be told apart by their order. */
    public static final class Builder {
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

        public Builder shaftNominalMm(Double value) {
            shaftNominalMm = value;
            return this;
        }

        public Builder boreNominalMm(Double value) {
            boreNominalMm = value;
            return this;
        }

        public Builder widthMm(Double value) {
            widthMm = value;
            return this;
        }

        public Builder speedRpm(@Nullable Double value) {
            speedRpm = value;
            return this;
        }

        public Builder swing(@Nullable Swing value) {
            swing = value;
            return this;
        }

        public Builder insideMedium(Medium value) {
            insideMedium = value;
            return this;
        }

        public Builder insideFluid(@Nullable String value) {
            insideFluid = value;
            return this;
        }

        public Builder outsideMedium(@Nullable Medium value) {
            outsideMedium = value;
            return this;
        }

        public Builder outsideFluid(@Nullable String value) {
            outsideFluid = value;
            return this;
        }

        public Builder pressureInsideMpa(@Nullable Double value) {
            pressureInsideMpa = value;
            return this;
        }

        public Builder pressureOutsideMpa(@Nullable Double value) {
            pressureOutsideMpa = value;
            return this;
        }

        public Builder sumpTemperatureC(Double value) {
            sumpTemperatureC = value;
            return this;
        }

        public Builder coldestC(@Nullable Double value) {
            coldestC = value;
            return this;
        }

        public Builder wetting(Wetting value) {
            wetting = value;
            return this;
        }

        public Builder dirt(Dirt value) {
            dirt = value;
            return this;
        }

        public Builder corrosive(@Nullable Boolean value) {
            corrosive = value;
            return this;
        }

        public Builder rotation(@Nullable Rotation value) {
            rotation = value;
            return this;
        }

        public Builder housingMaterial(@Nullable String value) {
            housingMaterial = value;
            return this;
        }

        public Builder splitHousing(@Nullable Boolean value) {
            splitHousing = value;
            return this;
        }

        public Builder practice(@Nullable Practice value) {
            practice = value;
            return this;
        }

        public Builder shaft(@Nullable DiameterInput value) {
            shaft = value;
            return this;
        }

        public Builder bore(@Nullable DiameterInput value) {
            bore = value;
            return this;
        }

        public Builder runoutTirMm(@Nullable Double value) {
            runoutTirMm = value;
            return this;
        }

        public Builder offsetMm(@Nullable Double value) {
            offsetMm = value;
            return this;
        }

        public Builder heldOn(@Nullable HeldOn value) {
            heldOn = value;
            return this;
        }

        public Builder shaftEntersFrom(@Nullable Side value) {
            shaftEntersFrom = value;
            return this;
        }

        public Builder material(@Nullable String value) {
            material = value;
            return this;
        }

        public Builder caseType(@Nullable CaseType value) {
            caseType = value;
            return this;
        }

        public Builder layout(@Nullable Layout value) {
            layout = value;
            return this;
        }

        public Builder system(@Nullable SealSystem value) {
            system = value;
            return this;
        }

        public Builder sealOutsideMinMm(@Nullable Double value) {
            sealOutsideMinMm = value;
            return this;
        }

        public Builder sealOutsideMaxMm(@Nullable Double value) {
            sealOutsideMaxMm = value;
            return this;
        }

        public Builder raUm(@Nullable Double value) {
            raUm = value;
            return this;
        }

        public Builder hardnessHrc(@Nullable Double value) {
            hardnessHrc = value;
            return this;
        }

        public Builder makerDocument(@Nullable String value) {
            makerDocument = value;
            return this;
        }

        public Builder makerSpeedMPerS(@Nullable Double value) {
            makerSpeedMPerS = value;
            return this;
        }

        public Builder makerLipLimitC(@Nullable Double value) {
            makerLipLimitC = value;
            return this;
        }

        public Builder makerPressureMpa(@Nullable Double value) {
            makerPressureMpa = value;
            return this;
        }

        public Builder makerRunoutMm(@Nullable Double value) {
            makerRunoutMm = value;
            return this;
        }

        public Builder ownMaterials(@Nullable List<Elastomer> value) {
            ownMaterials = value;
            return this;
        }

        public Builder ownFluids(@Nullable List<Fluid> value) {
            ownFluids = value;
            return this;
        }

        /** @throws RefusedInput naming each value that cannot be judged */
        public LipSealInput build() {
            return new LipSealInput(shaftNominalMm, boreNominalMm, widthMm, speedRpm, swing, insideMedium, insideFluid, outsideMedium,
                    outsideFluid, pressureInsideMpa, pressureOutsideMpa, sumpTemperatureC, coldestC, wetting, dirt, corrosive,
                    rotation, housingMaterial, splitHousing, practice, shaft, bore, runoutTirMm, offsetMm, heldOn,
                    shaftEntersFrom, material, caseType, layout, system, sealOutsideMinMm, sealOutsideMaxMm, raUm, hardnessHrc,
                    makerDocument, makerSpeedMPerS, makerLipLimitC, makerPressureMpa, makerRunoutMm, ownMaterials, ownFluids);
        }
    }
}
