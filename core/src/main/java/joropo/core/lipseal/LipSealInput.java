package joropo.core.lipseal;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.fits.DiameterInput;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.Materials;
import joropo.core.material.Medium;
import joropo.core.material.ThermalExpansion;
import joropo.core.section.CaseType;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Side;
import joropo.core.shaft.SurfaceSpeed;
import joropo.core.shaft.Swing;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * Everything that decides which lip seal a place wants. Lengths in mm, pressures gauge in MPa, temperatures in °C.
 *
 * @param speedRpm turning speed, or else @param swing for a shaft that swings
 * @param insideFluid, @param outsideFluid key of the fluid table; absent: the worst that the medium may be
 * @param outsideMedium absent: AIR, @param coldestC coldest start, @param practice absent: ISO
 * @param shaft, @param bore as read; absent bore: H8
 * @param boreMarked whether the seat is scratched, nicked or too rough for a bare case
 * @param heldOn where a stop keeps the seal, @param shaftEntersFrom where the shaft comes from while it is fitted
 * @param material, @param caseType, @param layout what was decided, if anything was: it is judged, the others stay in
 *     the list
 * @param sealOutsideMinMm, @param sealOutsideMaxMm outside of this seal as its maker says or as measured; both or none
 * @param mainLip which way its open side will stand; absent: towards the side that has something to keep
 * @param boreDepthMm depth of the seat, @param food whether it touches food or drinking water, absent: no
 * @param shaftEnd what passes under the lip, @param sumpAssumed, @param coldestAssumed whether that temperature was
 *     only assumed, absent: no
 * @param insideAssumed, @param outsideAssumed whether nobody has said what lies there: who asks says so, and no fluid
 *     is named for it here; absent: somebody has
 * @param makerDocument document, edition and page of the maker's values; they hold for what was decided and override
 *     the guide
 */
@RecordBuilder
public record LipSealInput(
        Double shaftNominalMm,
        Double boreNominalMm,
        Double widthMm,
        @Nullable Double speedRpm,
        @Nullable Swing swing,
        Medium insideMedium,
        @Nullable String insideFluid,
        @Nullable Medium outsideMedium,
        @Nullable String outsideFluid,
        @Nullable Double pressureInsideMpa,
        @Nullable Double pressureOutsideMpa,
        Double sumpTemperatureC,
        @Nullable Double coldestC,
        Wetting wetting,
        Dirt dirt,
        @Nullable Boolean corrosive,
        @Nullable Rotation rotation,
        @Nullable String housingMaterial,
        @Nullable Boolean splitHousing,
        @Nullable Practice practice,
        @Nullable DiameterInput shaft,
        @Nullable DiameterInput bore,
        @Nullable Double runoutTirMm,
        @Nullable Double offsetMm,
        @Nullable HeldOn heldOn,
        @Nullable Side shaftEntersFrom,
        @Nullable String material,
        @Nullable CaseType caseType,
        @Nullable Layout layout,
        @Nullable SealSystem system,
        @Nullable Double sealOutsideMinMm,
        @Nullable Double sealOutsideMaxMm,
        @Nullable Double raUm,
        @Nullable Double hardnessHrc,
        @Nullable String makerDocument,
        @Nullable Double makerSpeedMPerS,
        @Nullable Double makerLipLimitC,
        @Nullable Double makerPressureMpa,
        @Nullable Double makerRunoutMm,
        @Nullable List<Elastomer> ownMaterials,
        @Nullable List<Fluid> ownFluids,
        @Nullable Boolean boreMarked,
        @Nullable Side mainLip,
        @Nullable Double boreDepthMm,
        @Nullable Boolean food,
        @Nullable ShaftEnd shaftEnd,
        @Nullable Boolean sumpAssumed,
        @Nullable Boolean coldestAssumed,
        @Nullable Boolean insideAssumed,
        @Nullable Boolean outsideAssumed) {
    private static final double VACUUM_MPA = -0.1;
    private static final double MOST_MPA = 100;
    private static final double COLDEST_C = -100;
    private static final double HOTTEST_C = 400;
    private static final double HARDEST_HRC = 80;

    public LipSealInput {
        new Needs()
                .size("shaftNominalMm", shaftNominalMm)
                .size("boreNominalMm", boreNominalMm)
                .size("widthMm", widthMm)
                .that(
                        "boreNominalMm",
                        shaftNominalMm == null || boreNominalMm == null || boreNominalMm > shaftNominalMm,
                        "must be above the shaft, got " + boreNominalMm)
                .that("speedRpm", speedRpm != null ^ swing != null, "or swing is needed, one of the two")
                .optionalBetween("speedRpm", speedRpm, 0, SurfaceSpeed.MOST_RPM)
                .given("insideMedium", insideMedium)
                .optionalBetween("pressureInsideMpa", pressureInsideMpa, VACUUM_MPA, MOST_MPA)
                .optionalBetween("pressureOutsideMpa", pressureOutsideMpa, VACUUM_MPA, MOST_MPA)
                .given("sumpTemperatureC", sumpTemperatureC)
                .optionalBetween("sumpTemperatureC", sumpTemperatureC, COLDEST_C, HOTTEST_C)
                .optionalBetween("coldestC", coldestC, COLDEST_C, HOTTEST_C)
                .that(
                        "coldestC",
                        coldestC == null || sumpTemperatureC == null || coldestC <= sumpTemperatureC,
                        "must not be above the sump, got " + coldestC)
                .that(
                        "wetting",
                        wetting == null || insideMedium == null || wetting.goesWith(insideMedium, outsideMedium),
                        "does not go with what is at the lip")
                .optionalSize("boreDepthMm", boreDepthMm)
                .given("wetting", wetting)
                .given("dirt", dirt)
                .that("shaft", shaft == null || shaft.part() == DiameterInput.Part.SHAFT, "must be a shaft")
                .that("bore", bore == null || bore.part() == DiameterInput.Part.BORE, "must be a bore")
                .optionalNotNegative("runoutTirMm", runoutTirMm)
                .optionalNotNegative("offsetMm", offsetMm)
                .that(
                        "sealOutsideMaxMm",
                        (sealOutsideMinMm == null) == (sealOutsideMaxMm == null),
                        "and sealOutsideMinMm belong together")
                .optionalSize("sealOutsideMinMm", sealOutsideMinMm)
                .optionalSize("sealOutsideMaxMm", sealOutsideMaxMm)
                .that(
                        "sealOutsideMaxMm",
                        sealOutsideMinMm == null || sealOutsideMaxMm == null || sealOutsideMaxMm >= sealOutsideMinMm,
                        "must not be below sealOutsideMinMm")
                .optionalNotNegative("raUm", raUm)
                .optionalBetween("hardnessHrc", hardnessHrc, 0, HARDEST_HRC)
                .optionalNotNegative("makerSpeedMPerS", makerSpeedMPerS)
                .optionalBetween("makerLipLimitC", makerLipLimitC, COLDEST_C, HOTTEST_C)
                .optionalBetween("makerPressureMpa", makerPressureMpa, 0, MOST_MPA)
                .optionalNotNegative("makerRunoutMm", makerRunoutMm)
                .done();
        if (housingMaterial != null) {
            known(housingMaterial);
        }
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

    /** What lies outside: air where nobody says more. */
    @Override
    public Medium outsideMedium() {
        return outsideMedium == null ? Medium.AIR : outsideMedium;
    }

    boolean outsideIsAssumed() {
        return outsideMedium == null;
    }

    boolean isFood() {
        return Boolean.TRUE.equals(food);
    }

    boolean isSumpAssumed() {
        return Boolean.TRUE.equals(sumpAssumed);
    }

    boolean isColdestAssumed() {
        return Boolean.TRUE.equals(coldestAssumed);
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

    boolean isMarked() {
        return Boolean.TRUE.equals(boreMarked);
    }

    /** Whether the shaft runs both ways, by turning or by swinging. */
    boolean runsBothWays() {
        return swing != null || rotation == Rotation.BOTH;
    }

    /** Whether the maker's values hold for this seal: for all while nothing is decided, else for what was. */
    boolean makerSpeaksOf(Layout candidateLayout, String candidateMaterial) {
        return (layout == null || layout == candidateLayout)
                && (material == null || material.equals(candidateMaterial));
    }
}
