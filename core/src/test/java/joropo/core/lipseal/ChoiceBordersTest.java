package joropo.core.lipseal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterInputBuilder;
import joropo.core.lipseal.DriverInput.PressSide;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.readings.DiameterReadings;
import joropo.core.section.CaseType;
import joropo.core.shaft.Side;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.Remedy;
import joropo.core.surface.RunningSurfaceInput;
import joropo.core.surface.RunningSurfaceInputBuilder;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
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

    private static Status found(LipSealInputBuilder in, String id) {
        return LipSealCheck.check(in.build()).findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .status();
    }

    /** The table's most over a bore of 62 is 0.23 mm bare and 0.35 mm in rubber: 0.10 and 0.30 mm more is the end. */
    @ParameterizedTest(name = "{0} of {1} mm in 62 H8: {2}")
    @CsvSource({"METAL, 62.33, PASS", "METAL, 62.331, FAIL", "RUBBER, 62.65, PASS", "RUBBER, 62.651, FAIL"})
    void tooMuchInterferenceBucklesTheCase(CaseType type, double outside, Status expected) {
        PressFitInput in = PressFitInputBuilder.builder()
                .boreNominalMm(62.0)
                .caseType(type)
                .system(SealSystem.METRIC)
                .outsideMinMm(62.2)
                .outsideMaxMm(outside)
                .makerDocument("drawing of the seal, sheet 1")
                .build();
        assertThat(PressFitCheck.check(in).findings()).extracting("status").containsExactly(expected);
    }

    private static DiameterInput read(DiameterInput.Part part, double nominal, double mm) {
        return DiameterInputBuilder.builder()
                .part(part)
                .nominalMm(nominal)
                .lowerMm(nominal - 1)
                .upperMm(nominal + 1)
                .uncertaintyMm(0.0)
                .planes(List.of(new DiameterReadings.Plane(null, List.of(mm, mm))))
                .build();
    }

    /** Worn to half a millimetre below it is still this size; what is larger by a trace is not its neighbour either. */
    @ParameterizedTest(name = "shaft {0}: {1}")
    @CsvSource({"44.5, PASS", "44.49, FAIL", "45.05, PASS", "45.06, FAIL"})
    void aShaftBelongsToItsSize(double mm, Status expected) {
        assertThat(found(place().shaft(read(DiameterInput.Part.SHAFT, 45, mm)), "shaft-size"))
                .isEqualTo(expected);
        RunningSurfaceInput surface =
                track().measuredMm(mm).grooveDepthMm(0.0).grooveWidthMm(0.0).build();
        assertThat(LipSealRules.surface(surface).findings())
                .filteredOn(f -> f.message().startsWith("Not this size"))
                .hasSize(expected == Status.PASS ? 0 : 1);
    }

    @ParameterizedTest(name = "bore {0}: {1}")
    @CsvSource({"61.95, PASS", "61.94, FAIL", "62.25, PASS", "62.26, FAIL"})
    void aBoreBelongsToItsSize(double mm, Status expected) {
        assertThat(found(place().bore(read(DiameterInput.Part.BORE, 62, mm)), "bore-size"))
                .isEqualTo(expected);
    }

    /** A limit that only a maker gives wants his paper: without it no better than a caution. */
    @ParameterizedTest(name = "run-out {0} of 0.40 by {1}: {2}")
    @CsvSource({"0.40, sheet 4, PASS", "0.41, sheet 4, FAIL", "0.40, , CAUTION", "0.41, , FAIL"})
    void aMakersRunOutWantsItsDocument(double tir, String document, Status expected) {
        assertThat(found(place().makerRunoutMm(0.40).makerDocument(document).runoutTirMm(tir), "run-out"))
                .isEqualTo(expected);
    }

    @ParameterizedTest(name = "0.2 MPa of {0} by {1}: {2}")
    @CsvSource({"0.2, sheet 4, PASS", "0.19, sheet 4, FAIL", "0.2, , CAUTION"})
    void aMakersPressureWantsItsDocument(double most, String document, Status expected) {
        assertThat(found(
                        place().pressureInsideMpa(0.2)
                                .mainLip(Side.IN)
                                .makerPressureMpa(most)
                                .makerDocument(document),
                        "pressure"))
                .isEqualTo(expected);
    }

    /** Oil on both sides is one medium by its word; two names make it two, one name makes it unknown. */
    @ParameterizedTest(name = "HLP_OIL against {0}: {1}")
    @CsvSource({"HLP_OIL, PASS", "EP_GEAR_OIL, FAIL", ", MISSING"})
    void twoNamedFluidsAreTwoMedia(String outside, Status expected) {
        assertThat(of(
                        place().outsideMedium(Medium.OIL).outsideFluid(outside).mainLip(Side.IN),
                        Layout.PLAIN,
                        "NBR",
                        CaseType.METAL))
                .isEqualTo(expected);
    }

    @ParameterizedTest(name = "PTFE on Ra {0}, HRC {1}: {2}")
    @CsvSource({
        "0.4, 55, PASS",
        "0.41, 55, FAIL",
        "0.1, 55, PASS",
        "0.09, 55, FAIL",
        "0.4, 54.9, FAIL",
        "0.4, , MISSING"
    })
    void aPtfeLipWantsItsTrack(double ra, Double hrc, Status expected) {
        assertThat(of(place().raUm(ra).hardnessHrc(hrc), Layout.PTFE, "PTFE", CaseType.METAL))
                .isEqualTo(expected);
    }

    /** A rounded end will do where the shaft goes with the lip, and only there; a PTFE lip is never met at its edge. */
    @ParameterizedTest(name = "{0} from {1}, {2}: {3}")
    @CsvSource({
        "FULL_CHAMFER, IN, , PASS",
        "ROUNDED, OUT, , PASS",
        "ROUNDED, IN, , FAIL",
        "SHARP, OUT, , FAIL",
        "KEYWAY_OR_THREAD, OUT, , FAIL",
        "FULL_CHAMFER, IN, PTFE, FAIL",
        "FULL_CHAMFER, OUT, PTFE, PASS",
        ", OUT, , MISSING",
        "ROUNDED, , , MISSING",
    })
    void theShaftsEndPassesUnderTheLip(ShaftEnd end, Side from, Layout layout, Status expected) {
        assertThat(found(
                        place().mainLip(Side.IN)
                                .layout(layout)
                                .raUm(0.3)
                                .hardnessHrc(58.0)
                                .shaftEnd(end)
                                .shaftEntersFrom(from),
                        "edge"))
                .isEqualTo(expected);
    }

    /** Ground from 45 to 42: 1.5 mm off the radius, and 0.3 mm of hard layer wanted under it. */
    @ParameterizedTest(name = "hard layer {0}: {1}")
    @CsvSource({"1.8, CAUTION", "1.79, FAIL", ", MISSING"})
    void aSmallerShaftWantsItsHardLayer(Double layer, Status expected) {
        assertThat(remedy(track().hardLayerMm(layer).build(), Remedy.GRIND_SMALLER))
                .isEqualTo(expected);
    }

    private static Status own(PressSide side, @Nullable Boolean shaft, @Nullable Double standsOut, OwnDriver driver) {
        return DriverCheck.check(DriverInputBuilder.builder()
                        .shaftMm(45.0)
                        .boreMm(62.0)
                        .outsideDiameterMm(62.0)
                        .pressSide(side)
                        .shaftInPlace(shaft)
                        .standsOutMm(standsOut)
                        .available(List.of(driver))
                        .build())
                .findings()
                .stream()
                .filter(f -> f.id().equals("own"))
                .findFirst()
                .orElseThrow()
                .status();
    }

    /**
     * 45 x 62: it enters to 61.7 and meets the edge from 59.17; past the shaft a hole of 47, and 5 mm more than what
     * stands out; on the open side hollow to 58.
     */
    @ParameterizedTest(name = "{0} side, shaft {1}, out {2}: {3} {4} hollow {5} deep {6}: {7}")
    @CsvSource({
        "CLOSED, false, , DISC, 61.7, , , PASS",
        "CLOSED, false, , DISC, 61.71, , , CAUTION",
        "CLOSED, false, , DISC, 59.17, , , PASS",
        "CLOSED, false, , DISC, 59.16, , , CAUTION",
        "CLOSED, , , DISC, 61.5, , , MISSING",
        "CLOSED, true, , DISC, 61.5, , , CAUTION",
        "CLOSED, true, , TUBE, 61.5, 47, , PASS",
        "CLOSED, true, , TUBE, 61.5, 46.9, , CAUTION",
        "CLOSED, true, , TUBE, 61.5, , , MISSING",
        "CLOSED, true, 30, RING, 61.5, 47, 35, PASS",
        "CLOSED, true, 30, RING, 61.5, 47, 34.9, CAUTION",
        "CLOSED, true, 30, RING, 61.5, 47, , MISSING",
        "OPEN, false, , DISC, 61.5, , , CAUTION",
        "OPEN, false, , RING, 61.5, 58, , PASS",
        "OPEN, false, , RING, 61.5, 57.9, , CAUTION",
        "OPEN, false, , RING, 61.5, , , MISSING",
    })
    void aDriverOfTheOwnSet(
            PressSide side,
            Boolean shaft,
            Double out,
            OwnDriver.Form form,
            double outside,
            Double inside,
            Double deep,
            Status expected) {
        assertThat(own(side, shaft, out, new OwnDriver(outside, form, inside, deep, null)))
                .isEqualTo(expected);
    }
}
