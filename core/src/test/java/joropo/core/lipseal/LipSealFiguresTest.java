package joropo.core.lipseal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import joropo.core.fits.DiameterInput;
import joropo.core.fits.DiameterInput.Part;
import joropo.core.fits.Diameters;
import joropo.core.readings.DiameterReadings.Plane;
import joropo.core.section.CaseType;
import joropo.core.shaft.Side;
import joropo.core.shaft.SurfaceSpeed;
import joropo.core.shaft.Swing;
import joropo.core.shaft.Thrust;
import joropo.core.sizes.SealSystem;
import joropo.core.surface.TrackRoundness;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LipSealFiguresTest {
    private static DiameterInput bore(double nominal, double u, double... readings) {
        return Diameters.ofClass(
                Part.BORE,
                nominal,
                "H8",
                null,
                u,
                List.of(new Plane(null, Arrays.stream(readings).boxed().toList())));
    }

    private static PressFitResult fit(double bore, CaseType type, Practice practice, DiameterInput read) {
        return PressFitCheck.check(PressFitInputBuilder.builder()
                .boreNominalMm(bore)
                .caseType(type)
                .system(SealSystem.METRIC)
                .practice(practice)
                .bore(read)
                .build());
    }

    @Test
    void surfaceSpeedOfTheWorkedCase() {
        assertThat(SurfaceSpeed.turning(45, 1450)).as("three decimals given").isCloseTo(3.416, within(0.0005));
        assertThat(SurfaceSpeed.turning(45, 0)).isZero();
        assertThat(SurfaceSpeed.swinging(45, new Swing(360.0, 100.0)))
                .as("a whole turn there and back")
                .isCloseTo(SurfaceSpeed.turning(45, 200), within(1e-12));
    }

    @ParameterizedTest(name = "bore {0} {1} {2}, H8: {3} to {4}")
    @CsvSource({
        "50, METAL, ISO, 0.041, 0.200",
        "50, METAL, DIN, 0.061, 0.200",
        "62, METAL, ISO, 0.044, 0.230",
        "62, METAL, DIN, 0.084, 0.230",
        "62, RUBBER, ISO, 0.154, 0.350",
        "62, RUBBER, DIN, 0.154, 0.350",
        "80, METAL, ISO, 0.044, 0.230",
        "80.01, METAL, ISO, 0.046, 0.250",
        "150, STAINLESS, ISO, 0.057, 0.280",
        "500, RUBBER, ISO, 0.203, 0.550"
    })
    void interferenceInABoreNotRead(double bore, CaseType type, Practice practice, double least, double most) {
        PressFitResult r = fit(bore, type, practice, null);
        assertThat(r.interferenceMinMm()).isEqualTo(least);
        assertThat(r.interferenceMaxMm()).isEqualTo(most);
        assertThat(r.findings().get(0).status()).isEqualTo(Status.PASS);
    }

    /** 62 metal, ISO: least outside 62.09; a bare case needs 0.02 left, a rubber one wants 0.05 and needs 0. */
    @ParameterizedTest(name = "{0}, bore read {1}, U {2}: {3}")
    @CsvSource({
        "METAL, 62.06, 0.005, PASS",
        "METAL, 62.068, 0.005, REMEASURE",
        "METAL, 62.08, 0.005, FAIL",
        "RUBBER, 62.14, 0.005, PASS",
        "RUBBER, 62.16, 0.005, CAUTION",
        "RUBBER, 62.198, 0.005, REMEASURE",
        "RUBBER, 62.21, 0.005, FAIL"
    })
    void judgesWhatIsLeftInTheBoreAsRead(CaseType type, double read, double u, Status expected) {
        assertThat(fit(62, type, null, bore(62, u, read, 62.03))
                        .findings()
                        .get(0)
                        .status())
                .isEqualTo(expected);
    }

    @Test
    void inchSealsAndVeryLargeOnesNeedTheirMaker() {
        assertThat(PressFitCheck.check(PressFitInputBuilder.builder()
                                .boreNominalMm(63.5)
                                .caseType(CaseType.METAL)
                                .system(SealSystem.INCH)
                                .build())
                        .findings())
                .extracting("status")
                .containsExactly(Status.MISSING);
        assertThat(fit(600, CaseType.METAL, null, null).findings())
                .extracting("status")
                .containsExactly(Status.MISSING);
    }

    @Test
    void aWiderBoreNeverHoldsBetter() {
        double last = Double.MAX_VALUE;
        for (double read = 61.95; read < 62.2; read += 0.01) {
            double least =
                    fit(62, CaseType.METAL, null, bore(62, 0.005, read, read)).interferenceMinMm();
            assertThat(least).isLessThan(last);
            last = least;
        }
    }

    @ParameterizedTest(name = "lip {0}, shaft from {1}, {2}: {3}")
    @CsvSource({
        "IN, IN, FULL_CHAMFER, PASS",
        "IN, IN, ROUNDED, FAIL",
        "IN, OUT, ROUNDED, PASS",
        "IN, OUT, SHARP, FAIL",
        "IN, IN, KEYWAY_OR_THREAD, FAIL",
        "OUT, OUT, ROUNDED, FAIL",
        "OUT, IN, ROUNDED, PASS",
        "OUT, IN, FULL_CHAMFER, PASS",
        "IN, , ROUNDED, MISSING",
        "IN, IN, , MISSING"
    })
    void edgesThatPassUnderTheLip(Side lip, Side from, ShaftEnd end, Status expected) {
        assertThat(ShaftEntry.judge(45, lip, false, false, from, end, null).status())
                .isEqualTo(expected);
    }

    @Test
    void theRemedyNamesTheChamferOfTheTable() {
        assertThat(ShaftEntry.judge(45, Side.IN, false, false, Side.IN, ShaftEnd.ROUNDED, null)
                        .remedy())
                .isEqualTo("Make the chamfer 15° to 25°, taking 3.5 mm off the diameter, or use a cone.");
    }

    /** A sleeve may be 46 mm over a shaft of 45 (1 mm is more than 1 %), 202 mm over 200. */
    @Test
    void anEdgeIsCoveredCountedAndStillACaution() {
        assertThat(EdgeCover.mostOutsideMm(45)).isEqualTo(46);
        assertThat(EdgeCover.mostOutsideMm(200)).isEqualTo(202);
        var covered = ShaftEntry.judge(45, Side.IN, true, false, Side.OUT, ShaftEnd.SPLINE, EdgeCover.SLEEVE);
        assertThat(covered.status()).isEqualTo(Status.CAUTION);
        assertThat(covered.remedy()).contains("46.00").contains("count it in and out");
        assertThat(ShaftEntry.judge(45, Side.IN, true, false, Side.OUT, ShaftEnd.SPLINE, null)
                        .status())
                .isEqualTo(Status.FAIL);
        assertThat(ShaftEntry.judge(45, Side.IN, false, true, Side.IN, ShaftEnd.FULL_CHAMFER, null)
                        .remedy())
                .contains("cone");
        assertThat(ShaftEntry.judge(45, Side.IN, false, true, Side.OUT, ShaftEnd.FULL_CHAMFER, null)
                        .status())
                .isEqualTo(Status.PASS);
    }

    /** Two seals of 8 mm and 2 mm for grease: 18.3 mm. */
    @ParameterizedTest
    @CsvSource({"18.3, 0, PASS", "18.2, 0, FAIL", "18.3, 0.04, REMEASURE", ", 0, MISSING"})
    void aPairWantsRoomForTwo(Double depth, double u, Status expected) {
        assertThat(PairRoom.judge(8, depth, u).status()).isEqualTo(expected);
    }

    /**
     * 62 mm in aluminium at 70 °C: 62 x 12.0e-6 x 50 = 0.0372 mm; bare H8: 0.09 - 0.046 - 0.0372 = 0.0068; rubber 0.20
     * - 0.046 - 0.6 x 0.0372 = 0.1317.
     */
    @ParameterizedTest(name = "{0} in {1} at {2} °C: {3}, {4}")
    @CsvSource({
        "METAL, ALUMINIUM, 70, 0.0068, FAIL",
        "RUBBER, ALUMINIUM, 70, 0.13168, PASS",
        "METAL, STEEL, 70, 0.044, PASS",
        "METAL, CAST_IRON, 70, 0.044, PASS",
        "METAL, ALUMINIUM, -20, 0.044, PASS",
        "STAINLESS, ALUMINIUM, 70, 0.0223, PASS",
        "METAL, PA, 70, -0.19935, FAIL",
        "RUBBER, PA, 120, -0.13802, FAIL"
    })
    void whatIsLeftWhenHot(CaseType type, String housing, double hotC, double left, Status expected) {
        var result = PressFitCheck.check(PressFitInputBuilder.builder()
                .boreNominalMm(62.0)
                .caseType(type)
                .system(SealSystem.METRIC)
                .housingMaterial(housing)
                .hotC(hotC)
                .build());
        assertThat(result.hotInterferenceMinMm()).isCloseTo(left, within(1e-6));
        assertThat(result.findings()).extracting(f -> f.id() + " " + f.status()).contains("hot " + expected);
    }

    @Test
    void theMakersOutsideOverridesTheTableAndServesInch() {
        var inch = PressFitCheck.check(PressFitInputBuilder.builder()
                .boreNominalMm(63.5)
                .caseType(CaseType.METAL)
                .system(SealSystem.INCH)
                .outsideMinMm(63.60)
                .outsideMaxMm(63.70)
                .build());
        assertThat(inch.interferenceMinMm())
                .isCloseTo(0.1 - 0.046, within(1e-6)); // H8 about the nominal where the bore was not read
        assertThat(inch.findings().get(0).source()).isEqualTo(Source.MAKER);
        assertThat(PressFitCheck.check(PressFitInputBuilder.builder()
                                .boreNominalMm(62.0)
                                .caseType(CaseType.METAL)
                                .system(SealSystem.METRIC)
                                .hotC(70.0)
                                .build())
                        .findings())
                .extracting(f -> f.id() + " " + f.status())
                .containsExactly("interference PASS", "hot MISSING");
    }

    /** IT8 of 45 is 0.039; ovality carries 1.4 U. */
    @ParameterizedTest(name = "ovality {0}, U {1}: {2}")
    @CsvSource({
        "0.032, 0.005, PASS",
        "0.033, 0.005, CAUTION",
        "0.071, 0.005, CAUTION",
        "0.072, 0.005, REMEASURE",
        "0.086, 0.005, FAIL"
    })
    void trackRoundnessByTwoSteps(double ovality, double u, Status expected) {
        assertThat(TrackRoundness.judge(45, ovality, u).status()).isEqualTo(expected);
    }

    @Test
    void limitsOfShaftAndBoreBySystem() {
        assertThat(LipSealSeatLimits.shaftLimits(SealSystem.METRIC, 45)).isEqualTo(new Limits(44.84, 45.0));
        assertThat(LipSealSeatLimits.boreLimits(SealSystem.METRIC, 62)).isEqualTo(new Limits(62.0, 62.046));
        assertThat(LipSealSeatLimits.shaftLimits(SealSystem.INCH, 101.6)).isEqualTo(new Limits(101.52, 101.68));
        assertThat(LipSealSeatLimits.shaftLimits(SealSystem.INCH, 101.7)).isEqualTo(new Limits(101.6, 101.8));
        assertThat(LipSealSeatLimits.boreLimits(SealSystem.INCH, 76.2)).isEqualTo(new Limits(76.175, 76.225));
        assertThat(LipSealSeatLimits.boreLimits(SealSystem.INCH, 152.4)).isEqualTo(new Limits(152.362, 152.438));
        assertThat(LipSealSeatLimits.boreLimits(SealSystem.INCH, 160)).isEqualTo(new Limits(159.95, 160.05));
    }

    /** 45 x 62 at 0.05 MPa: 0.05 pi/4 (3844 - 2025) = 71.4 N by hand. */
    @Test
    void thrustAndWhenItMustBeHeld() {
        assertThat(Thrust.newton(-0.05, 45, 62)).isCloseTo(71.4, within(0.05));
        assertThat(LipSealRules.mustBeHeld(0.03, 45, 62)).isFalse();
        assertThat(LipSealRules.mustBeHeld(0.031, 45, 62)).isTrue();
        assertThat(LipSealRules.mustBeHeld(-0.031, 45, 62)).isTrue();
        assertThat(LipSealRules.mustBeHeld(0.02, 200, 500))
                .as("over 1 N per mm of circumference")
                .isTrue();
    }
}
