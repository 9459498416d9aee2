package joropo.core.lipseal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.CaseType;
import joropo.core.surface.Remedy;
import joropo.core.surface.RunningSurfaceInput;
import joropo.core.surface.RunningSurfaceInputBuilder;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rules of choosing, of the track and of the driver, each on both sides of its border; judged by hand. */
class ChoiceBordersTest {
    private static LipSealInputBuilder place() {
        return LipSealInputBuilder.builder()
                .shaftNominalMm(45.0)
                .boreNominalMm(62.0)
                .widthMm(8.0)
                .speedRpm(500.0)
                .insideMedium(Medium.OIL)
                .insideFluid("HLP_OIL")
                .sumpTemperatureC(50.0)
                .coldestC(0.0)
                .wetting(Wetting.SPLASH)
                .dirt(Dirt.CLEAN)
                .housingMaterial("STEEL");
    }

    private static Status of(LipSealInputBuilder in, Layout layout, String material, CaseType type) {
        return LipSealCheck.check(in.build()).candidates().stream()
                .filter(c -> c.layout() == layout && c.material().equals(material) && c.caseType() == type)
                .map(Candidate::verdict)
                .findFirst()
                .orElse(Status.FAIL);
    }

    /** 2 x 8 + 2 + 0.3 mm; two in tandem are a school and never better than caution. */
    @ParameterizedTest(name = "depth {0}: {1}")
    @CsvSource({"18.3, CAUTION", "18.2, FAIL", ", MISSING"})
    void aPairWantsItsDepth(Double depth, Status expected) {
        assertThat(of(place().boreDepthMm(depth), Layout.TANDEM, "NBR", CaseType.METAL))
                .isEqualTo(expected);
    }

    /** An assumed sump strikes nothing out; typed it does. NBR to 90 °C in hydraulic oil. */
    @Test
    void anAssumedSumpStrikesNothingOut() {
        assertThat(of(place().sumpTemperatureC(95.0), Layout.PLAIN, "NBR", CaseType.METAL))
                .isEqualTo(Status.FAIL);
        assertThat(of(place().sumpTemperatureC(95.0).sumpAssumed(true), Layout.PLAIN, "NBR", CaseType.METAL))
                .isEqualTo(Status.CAUTION);
        assertThat(of(place().sumpAssumed(true), Layout.PLAIN, "NBR", CaseType.METAL))
                .isEqualTo(Status.CAUTION);
    }

    @Test
    void foodStrikesOutRustAndOtherRubbers() {
        assertThat(of(place().food(true), Layout.PLAIN, "NBR", CaseType.METAL)).isEqualTo(Status.FAIL);
        assertThat(of(place().food(true), Layout.PLAIN, "NBR", CaseType.RUBBER)).isEqualTo(Status.PASS);
        assertThat(of(place().food(true), Layout.PLAIN, "HNBR", CaseType.RUBBER))
                .isEqualTo(Status.FAIL);
    }

    /** A lip between air and air is dry; greased it is not. */
    @Test
    void aDryLipIsStruckOut() {
        LipSealInputBuilder air = place().insideMedium(Medium.AIR).insideFluid(null);
        assertThat(of(air, Layout.PLAIN, "NBR", CaseType.METAL)).isEqualTo(Status.FAIL);
        assertThat(of(air.wetting(Wetting.GREASE), Layout.PLAIN, "NBR", CaseType.METAL))
                .isEqualTo(Status.PASS);
    }

    private static RunningSurfaceInputBuilder track() {
        return RunningSurfaceInputBuilder.builder()
                .nominalMm(45.0)
                .measuredMm(44.97)
                .uncertaintyMm(0.005)
                .ovalityMm(0.005)
                .boreMm(62.0)
                .grooveDepthMm(0.1)
                .grooveWidthMm(1.2)
                .defects(List.of());
    }

    private static Status remedy(RunningSurfaceInput in, Remedy remedy) {
        return LipSealRules.surface(in).offer(remedy).orElseThrow().verdict();
    }

    @ParameterizedTest(name = "wall {0}: {1}")
    @CsvSource({"0.38, PASS", "0.39, FAIL"})
    void aThinSleeveIsThin(double wall, Status expected) {
        assertThat(remedy(track().sleeveWallMm(wall).build(), Remedy.THIN_SLEEVE))
                .isEqualTo(expected);
    }

    @ParameterizedTest(name = "HRC {0} at {1} m/s: {2}")
    @CsvSource({"44.9, , FAIL", "45, , MISSING", "54.9, , MISSING", "55, , PASS", "50, 4, PASS", "50, 4.1, FAIL"})
    void hardnessWantsTheSpeed(double hrc, Double speed, Status expected) {
        assertThat(LipSealRules.surface(track().hardnessHrc(hrc)
                                .surfaceSpeedMPerS(speed)
                                .build())
                        .findings())
                .filteredOn(f -> f.id().equals("hardness"))
                .extracting("status")
                .containsExactly(expected);
    }

    @Test
    void aTrackOnASleeveIsRenewedWhateverTheGroove() {
        assertThat(LipSealRules.surface(track().runningSleeve(true).build()).remedies())
                .extracting("remedy")
                .containsExactly(Remedy.RENEW_SLEEVE, Remedy.DRESS, Remedy.MOVE);
    }
}
