package joropo.core.mechseal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import joropo.core.mechseal.SealHolds.AirTest;
import joropo.core.mechseal.SealHolds.Faces;
import joropo.core.plan.Step;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is looked at in a job of a mechanical seal, judged by hand at every side of its borders. */
class SealRulesTest {
    private static SealIdentityBuilder seal() {
        return SealIdentityBuilder.builder()
                .sameAsDrawing(true)
                .seat(SealIdentity.Face.SILICON_CARBIDE)
                .rotor(SealIdentity.Face.CARBON)
                .elastomer("EPDM")
                .springs(SealIdentity.Springs.STAINLESS)
                .fluid("WATER_HOT")
                .temperatureC(80.0)
                .pressureMpa(0.4)
                .makerPressureMpa(1.6)
                .dual(false);
    }

    private static Status of(List<Finding> findings, String id) {
        return findings.stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .status();
    }

    @ParameterizedTest
    @CsvSource({
        "CARBON, SILICON_CARBIDE, WATER_HOT, PASS",
        "SILICON_CARBIDE, SILICON_CARBIDE, WATER_HOT, PASS",
        "CARBON, FILLED_PTFE, WATER_HOT, FAIL",
        "CARBON, CARBON, WATER_HOT, FAIL",
        "CARBON, CERAMIC, NITRIC_10, CAUTION",
        "SILICON_CARBIDE, TUNGSTEN_CARBIDE, NITRIC_10, PASS",
        "CARBON, , WATER_HOT, MISSING",
        "CARBON, CERAMIC, , MISSING"
    })
    void pairsOfFaces(
            SealIdentity.Face one, SealIdentity.@Nullable Face other, @Nullable String fluid, Status expected) {
        assertThat(of(seal().rotor(one).seat(other).fluid(fluid).build().findings(), "pair"))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "EPDM, WATER_HOT, 80, PASS",
        "EPDM, WATER_HOT, 125, CAUTION",
        "EPDM, WATER_HOT, 131, FAIL",
        "EPDM, HLP_OIL, 60, FAIL",
        "NBR, STEAM_150, 100, FAIL",
        "NBR, HLP_OIL, 60, PASS",
        "EPDM, WATER_HOT, , MISSING",
        ", WATER_HOT, 80, MISSING"
    })
    void elastomersStandFluidAndHeat(@Nullable String material, String fluid, @Nullable Double hot, Status expected) {
        assertThat(of(
                        seal().elastomer(material)
                                .fluid(fluid)
                                .temperatureC(hot)
                                .build()
                                .findings(),
                        "elastomer"))
                .isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "STAINLESS, SEA_WATER, CAUTION",
        "NICKEL_ALLOY, SEA_WATER, PASS",
        "OUTSIDE, SEA_WATER, PASS",
        "STAINLESS, WATER_HOT, PASS",
        ", WATER_HOT, MISSING"
    })
    void springsInChlorides(SealIdentity.@Nullable Springs springs, String fluid, Status expected) {
        assertThat(of(seal().springs(springs).fluid(fluid).build().findings(), "springs"))
                .isEqualTo(expected);
    }

    /** Chamber at 0.4 MPa. */
    @ParameterizedTest
    @CsvSource({
        "0.6, true, WATER_COLD, PASS",
        "0.4, true, WATER_COLD, FAIL",
        "0.2, true, WATER_COLD, FAIL",
        "0.2, false, WATER_COLD, PASS",
        "0.6, false, WATER_COLD, FAIL",
        "0.6, true, HLP_OIL, FAIL",
        ", true, WATER_COLD, MISSING",
        "0.6, , WATER_COLD, MISSING"
    })
    void aBarrierStandsOnItsSide(@Nullable Double mpa, @Nullable Boolean above, String fluid, Status expected) {
        assertThat(of(
                        seal().dual(true)
                                .barrierMpa(mpa)
                                .barrierAbove(above)
                                .barrierFluid(fluid)
                                .build()
                                .findings(),
                        "barrier"))
                .isEqualTo(expected);
    }

    @Test
    void whichSealItIsComesBeforeAnythingElse() {
        assertThat(of(seal().sameAsDrawing(false).build().findings(), "identity"))
                .isEqualTo(Status.FAIL);
        assertThat(of(seal().sameAsDrawing(null).build().findings(), "identity"))
                .isEqualTo(Status.MISSING);
        assertThat(of(seal().pressureMpa(1.61).build().findings(), "pressure")).isEqualTo(Status.FAIL);
        assertThat(of(seal().makerPressureMpa(null).build().findings(), "pressure"))
                .isEqualTo(Status.MISSING);
        assertThat(Finding.worst(seal().build().findings())).isEqualTo(Status.PASS);
    }

    private static SealHoldsBuilder holds() {
        return SealHoldsBuilder.builder()
                .faces(Faces.NEW)
                .facesSeen(true)
                .clipsIn(3)
                .clipsOut(3)
                .full(true)
                .vented(true)
                .flush(true)
                .ports(true)
                .airTest(AirTest.HELD);
    }

    @ParameterizedTest
    @CsvSource({
        "NEW, , PASS",
        "LAPPED, 1;2, PASS",
        "LAPPED, 1;2.5, CAUTION",
        "LAPPED, 1;3.5, FAIL",
        "LAPPED, 1, MISSING",
        "ONE_LAPPED, 1;1, FAIL",
        "AS_RUN, , FAIL",
        ", , MISSING"
    })
    void facesGoBackOnlyLappedTogether(@Nullable Faces faces, @Nullable String bands, Status expected) {
        List<Double> counted = bands == null
                ? List.of()
                : List.of(bands.split(";")).stream().map(Double::valueOf).toList();
        assertThat(holds().faces(faces).bands(counted).build().reuse().status()).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"3, 3, PASS", "0, 0, PASS", "3, 2, FAIL", "3, 4, REMEASURE", ", 3, MISSING", "3, , MISSING"})
    void everyClipIsCountedOut(@Nullable Integer in, @Nullable Integer out, Status expected) {
        assertThat(holds().clipsIn(in).clipsOut(out).build().clips().status()).isEqualTo(expected);
    }

    @Test
    void nothingTurnsDry() {
        assertThat(Finding.worst(holds().build().findings())).isEqualTo(Status.PASS);
        assertThat(holds().vented(false).flush(null).build().start()).satisfies(f -> {
            assertThat(f.status()).isEqualTo(Status.FAIL);
            assertThat(f.message()).contains("vented at its highest point").doesNotContain("flush");
        });
        assertThat(holds().ports(null).build().start().status()).isEqualTo(Status.MISSING);
        assertThat(holds().airTest(AirTest.FELL).build().air().status()).isEqualTo(Status.FAIL);
        assertThat(holds().airTest(AirTest.NOT_MADE).build().air().status()).isEqualTo(Status.CAUTION);
        assertThat(holds().airTest(null).build().air().status()).isEqualTo(Status.MISSING);
        assertThat(holds().facesSeen(false).build().seen().status()).isEqualTo(Status.FAIL);
    }

    /** Room of 0.7 outward and of 0.3 inward: it stands nearer to the inner end of its band. */
    @ParameterizedTest
    @CsvSource({
        "0, 0, PASS",
        "0.6, 0.6, PASS",
        "0, 0.05, PASS",
        "0, 0.06, CAUTION",
        "0, 0.3, CAUTION",
        "0, 0.31, FAIL",
        "0, -0.7, CAUTION",
        "0, -0.71, FAIL",
        "0.6, 0, CAUTION",
        ", 0, MISSING",
        "0, , MISSING"
    })
    void aRotorThatMovedTakesTheUnitAlong(@Nullable Double reckoned, @Nullable Double moved, Status expected) {
        assertThat(SealHolds.moved(reckoned, moved, 0.7, 0.3).status()).isEqualTo(expected);
    }

    /** At the end of its band no move at all is as reckoned with. */
    @Test
    void whereThereIsNoRoomNothingMayMove() {
        assertThat(SealHolds.moved(0.0, 0.02, 0.7, 0.01).status()).isEqualTo(Status.FAIL);
    }

    private static SealPlanBuilder plan(Build kind) {
        SealSettingResult setting = SealSettingCheck.check(SealSettingInputBuilder.builder()
                .seatProtrusionMm(6.0)
                .gasketMm(0.8)
                .workingLengthMm(42.5)
                .freeLengthMm(46.0)
                .rotorMoveMm(0.0)
                .axialPlayMm(0.0)
                .growthMm(0.0)
                .style(SealSettingInput.Style.MULTI_SPRING)
                .build());
        return SealPlanBuilder.builder()
                .kind(kind)
                .size("50")
                .setting(kind == Build.CARTRIDGE ? null : setting)
                .turnOnly("");
    }

    @Test
    void eachBuildHasItsOrder() {
        assertThat(plan(Build.CARTRIDGE).build().steps())
                .extracting(Step::id)
                .containsExactly(
                        "parts", "clean", "adjusted", "slide", "gland", "clips-out", "aligned", "turn", "air", "start");
        assertThat(plan(Build.COMPONENT).impeller(true).build().steps())
                .extracting(Step::id)
                .containsExactly(
                        "parts",
                        "clean",
                        "adjusted",
                        "faces",
                        "seat",
                        "seat-depth",
                        "scribe",
                        "unit",
                        "place-again",
                        "gland",
                        "impeller-on",
                        "aligned",
                        "turn",
                        "air",
                        "start");
        assertThat(plan(Build.BELLOWS).soapy(true).build().steps())
                .extracting(Step::id)
                .containsSubsequence("seat-depth", "scribe", "wet", "touch", "gland")
                .doesNotContain("unit");
        assertThat(plan(Build.COMPONENT).build().steps())
                .extracting(Step::instruction)
                .anyMatch(s -> s.contains("belongs at 47.70 mm from there, 46.90 to 48.50."));
        assertThat(plan(Build.CARTRIDGE)
                        .turnOnly("clockwise seen from outside")
                        .build()
                        .steps())
                .extracting(Step::instruction)
                .anyMatch(s -> s.startsWith("Turn the shaft by hand, only clockwise seen from outside"));
        assertThat(SealPlan.stripping(Build.CARTRIDGE, true))
                .extracting(Step::id)
                .containsExactly("empty", "old-scribe", "holders", "impeller-off", "jacking");
    }
}
