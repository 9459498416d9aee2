package joropo.core.lipseal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import joropo.core.fits.DiameterInput.Part;
import joropo.core.fits.Diameters;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.lipseal.LipSealResult.StruckOut;
import joropo.core.material.Dirt;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.material.FluidClass;
import joropo.core.material.Medium;
import joropo.core.readings.DiameterReadings.Plane;
import joropo.core.section.CaseType;
import joropo.core.shaft.Rotation;
import joropo.core.shaft.Swing;
import joropo.core.sizes.SealSystem;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LipSealCheckTest {
    /** A gear motor: 45x62x8, 1450 rpm, EP gear oil splashed at 70 °C, dust outside, aluminium housing. */
    private static final LipSealInput GEAR_MOTOR = LipSealInputBuilder.builder()
            .shaftNominalMm(45.0)
            .boreNominalMm(62.0)
            .widthMm(8.0)
            .speedRpm(1450.0)
            .insideMedium(Medium.OIL)
            .insideFluid("EP_GEAR_OIL")
            .sumpTemperatureC(70.0)
            .coldestC(0.0)
            .wetting(Wetting.SPLASH)
            .dirt(Dirt.DUST)
            .rotation(Rotation.CW)
            .housingMaterial("ALUMINIUM")
            .runoutTirMm(0.05)
            .offsetMm(0.05)
            .raUm(0.4)
            .hardnessHrc(58.0)
            .build();

    private static LipSealResult check(Consumer<LipSealInputBuilder> change) {
        LipSealInputBuilder b = LipSealInputBuilder.builder(GEAR_MOTOR);
        change.accept(b);
        return LipSealCheck.check(b.build());
    }

    private static void greased(LipSealInputBuilder b) {
        b.wetting(Wetting.GREASE).insideMedium(Medium.GREASE).insideFluid("MINERAL_GREASE");
    }

    private static String name(Layout l, String m, CaseType c) {
        return l + " " + m + " " + c;
    }

    private static String first(LipSealResult r) {
        return r.candidates().stream()
                .findFirst()
                .map(c -> name(c.layout(), c.material(), c.caseType()))
                .orElse("none");
    }

    private static Set<String> kept(LipSealResult r) {
        return r.candidates().stream()
                .map(c -> name(c.layout(), c.material(), c.caseType()))
                .collect(Collectors.toSet());
    }

    private static String struck(LipSealResult r, Layout layout, String material, CaseType type) {
        return r.struckOut().stream()
                .filter(s -> s.layout() == layout && s.material().equals(material) && s.caseType() == type)
                .map(StruckOut::reason)
                .findFirst()
                .orElse("kept");
    }

    private static Finding finding(LipSealResult r, String id) {
        return r.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no finding " + id + " in " + r.findings()));
    }

    /** Cast iron carries a bare case, but not where its bore is marked. */
    @Test
    void aMarkedBoreAsksForRubber() {
        assertThat(first(check(b -> b.housingMaterial("CAST_IRON")))).endsWith(" METAL");
        LipSealResult marked = check(b -> b.housingMaterial("CAST_IRON").boreMarked(true));
        assertThat(first(marked)).endsWith(" RUBBER");
        assertThat(marked.candidates())
                .filteredOn(c -> c.caseType() != CaseType.RUBBER)
                .isNotEmpty()
                .allSatisfy(c -> assertThat(c.reasons()).contains("a bare case does not fill the marks of the bore"));
    }

    /**
     * A housing of unknown metal leaves every candidate in doubt: the order of layouts and materials stays as it is.
     */
    @Test
    void whatIsNotKnownOfAnyCandidateTellsNoneApart() {
        LipSealResult blind = check(b -> b.housingMaterial(null));
        assertThat(blind.candidates()).allSatisfy(c -> assertThat(c.verdict()).isEqualTo(Status.MISSING));
        assertThat(first(blind)).isEqualTo(first(check(b -> {})));
    }

    /** Figures for d = 45, n = 1450: 3.416 m/s, 14.9 K, 26.1 W. */
    @Test
    void theOperatingPointByTheFormulas() {
        LipSealResult r = check(b -> {});
        assertThat(r.surfaceSpeedMPerS()).isCloseTo(3.416, within(5e-4));
        assertThat(r.temperatureRiseK()).isCloseTo(14.9, within(0.05));
        assertThat(r.lipTemperatureC()).isCloseTo(84.9, within(0.05));
        assertThat(r.frictionLossW()).isCloseTo(26.1, within(0.05));
        assertThat(check(LipSealCheckTest::greased).temperatureRiseK())
                .isCloseTo(1.5 * r.temperatureRiseK(), within(1e-5));
        assertThat(check(b -> b.wetting(Wetting.POOR)).temperatureRiseK())
                .isCloseTo(2 * r.temperatureRiseK(), within(1e-5));
        assertThat(check(b -> b.wetting(Wetting.BATH)).temperatureRiseK()).isEqualTo(r.temperatureRiseK());
        assertThat(check(b -> b.speedRpm(null).swing(new Swing(90.0, 60.0))).surfaceSpeedMPerS())
                .as("pi 45 x 0.5 x 60 / 60000")
                .isCloseTo(0.0707, within(5e-5));
        assertThat(check(b -> b.pressureInsideMpa(0.02).heldOn(HeldOn.OUT)).findings())
                .extracting(f -> f.id() + " " + f.status())
                .contains("lip-temperature CAUTION");
    }

    @Test
    void theDustyGearMotorGetsADustLipOfHydrogenatedNitrileInRubber() {
        LipSealResult r = check(b -> {});
        assertThat(first(r)).isEqualTo("DUST_LIP HNBR RUBBER");
        assertThat(r.candidates().get(0).verdict()).isEqualTo(Status.PASS);
        assertThat(struck(r, Layout.DUST_LIP, "NBR", CaseType.RUBBER))
                .isEqualTo("NBR to 80 °C in EP gear oil, lip 85 °C");
        assertThat(struck(r, Layout.DUST_LIP, "HNBR", CaseType.METAL)).contains("0.007 mm of 0.044 mm");
        assertThat(struck(r, Layout.DUST_LIP, "EPDM", CaseType.RUBBER)).isEqualTo("EPDM does not stand EP gear oil");
        assertThat(struck(r, Layout.DUST_LIP, "VMQ", CaseType.RUBBER)).contains("does not stand");
        assertThat(struck(r, Layout.DUST_LIP, "CR", CaseType.RUBBER)).isEqualTo("not a lip material");
        assertThat(struck(r, Layout.BACK_TO_BACK, "HNBR", CaseType.RUBBER))
                .isEqualTo("nothing outside asks for a second lip");
        assertThat(r.candidates()).extracting(Candidate::rank).isSorted().startsWith(1);
        assertThat(finding(r, "choice").message())
                .isEqualTo(
                        "Recommended: lip with dust lip, HNBR, rubber-covered case. Assumed: shaft to its size, bore "
                                + "to H8, no edge passes the lip, no pressure, no salt or acid outside, housing not "
                                + "split, "
                                + "no food or drinking water.");
        assertThat(r.interferenceMinMm()).isCloseTo(0.154, within(1e-6));
        assertThat(r.hotInterferenceMinMm()).isCloseTo(0.13168, within(1e-5));
        assertThat(Finding.worst(r.findings())).isEqualTo(Status.PASS);
    }

    /** Every candidate is kept or struck out: 6 layouts of every material but PTFE and the PTFE lip, in 3 cases. */
    @Test
    void noCandidateIsLost() {
        LipSealResult r = check(b -> {});
        assertThat(r.candidates().size() + r.struckOut().size())
                .isEqualTo((6 * (Elastomer.all().size() - 1) + 1) * 3);
        assertThat(r.struckOut()).extracting(StruckOut::reason).noneMatch(String::isBlank);
        assertThat(r.candidates()).allMatch(c -> !c.reasons().isEmpty() && c.verdict() != Status.FAIL);
    }

    @ParameterizedTest(name = "{0}, {1} °C, {2} rpm, {3}, dirt {4}, housing {5}: {6}")
    @CsvSource({
        "HLP_OIL, 50, 1450, SPLASH, CLEAN, CAST_IRON, PLAIN NBR METAL", // lip 65: NBR to 90, PASS
        "HLP_OIL, 70, 1450, SPLASH, CLEAN, CAST_IRON, PLAIN HNBR METAL", // lip 85: within 10 K of NBR's 90
        "HLP_OIL, 70, 3000, SPLASH, CLEAN, CAST_IRON, PLAIN HNBR METAL", // 7.07 m/s, rise 24.7: lip 94.7
        "HLP_OIL, 97, 1450, SPLASH, CLEAN, CAST_IRON, PLAIN FKM METAL", // lip 112: within 10 K of 120 for HNBR and ACM
        "ENGINE_OIL, 110, 6000, BATH, CLEAN, STEEL, PLAIN FKM METAL", // 14.1 m/s
        "MINERAL_GREASE, 40, 300, GREASE, CLEAN, CAST_IRON, PLAIN NBR METAL",
        "HLP_OIL, 50, 1450, SPLASH, MUD, CAST_IRON, BACK_TO_BACK NBR METAL",
        "HLP_OIL, 50, 1450, SPLASH, IMMERSED, CAST_IRON, BACK_TO_BACK HNBR METAL", // lip 65: NBR in hot water under
        // conditions
        "WATER_HOT, 60, 500, BATH, CLEAN, CAST_IRON, PLAIN HNBR RUBBER", // thin medium: rubber first; NBR rating 2,
        // HNBR 1
        "HLP_OIL, 50, 1450, SPLASH, CLEAN, ALUMINIUM, PLAIN NBR RUBBER",
        "CAUSTIC_10, 40, 500, BATH, CLEAN, CAST_IRON, PLAIN EPDM METAL", // rating 1 goes before the cheaper rating 2
        "OXYGEN, 20, 100, POOR, CLEAN, STEEL, none"
    })
    void theRecommendedSealByDuty(
            String fluid, double sump, double rpm, Wetting wetting, Dirt dirt, String housing, String expected) {
        LipSealResult r = check(b -> b.insideFluid(fluid)
                .sumpTemperatureC(sump)
                .speedRpm(rpm)
                .wetting(wetting)
                .dirt(dirt)
                .boreDepthMm(20.0)
                .housingMaterial(housing)
                .insideMedium(
                        fluid.contains("GREASE")
                                ? Medium.GREASE
                                : fluid.contains("WATER") ? Medium.WATER : Medium.OIL));
        assertThat(first(r)).isEqualTo(expected);
    }

    @Test
    void speedStrikesOutByTheRowOfTheWetting() {
        // 45 mm at 5100 rpm: 12.02 m/s, just above NBR's 12 in oil; cool so that heat does not strike
        assertThat(struck(
                        check(b -> b.speedRpm(5100.0)
                                .insideFluid("HLP_OIL")
                                .sumpTemperatureC(20.0)
                                .dirt(Dirt.CLEAN)),
                        Layout.PLAIN,
                        "NBR",
                        CaseType.RUBBER))
                .isEqualTo("NBR to 12.0 m/s in oil, here 12.0 m/s");
        assertThat(struck(
                        check(b -> b.speedRpm(5090.0)
                                .insideFluid("HLP_OIL")
                                .sumpTemperatureC(20.0)
                                .dirt(Dirt.CLEAN)),
                        Layout.PLAIN,
                        "NBR",
                        CaseType.RUBBER))
                .isEqualTo("kept");
        assertThat(struck(
                        check(b -> {
                            greased(b);
                            b.speedRpm(2600.0).sumpTemperatureC(10.0);
                        }),
                        Layout.PLAIN,
                        "HNBR",
                        CaseType.RUBBER))
                .isEqualTo("HNBR to 6.0 m/s in grease or hardly wetted, here 6.1 m/s");
        // a dust lip above 8 m/s only with its maker's document: 3600 rpm is 8.48 m/s
        assertThat(struck(check(b -> b.speedRpm(3600.0)), Layout.DUST_LIP, "FKM", CaseType.RUBBER))
                .contains("above 8.0 m/s only with its maker's word");
        assertThat(struck(
                        check(b -> b.speedRpm(3600.0).makerDocument("sheet 7, 2nd ed., p. 3")),
                        Layout.DUST_LIP,
                        "FKM",
                        CaseType.RUBBER))
                .isEqualTo("kept");
        LipSealResult slow = check(b ->
                b.speedRpm(3600.0).makerSpeedMPerS(8.0).layout(Layout.PLAIN).material("FKM"));
        assertThat(struck(slow, Layout.PLAIN, "FKM", CaseType.RUBBER))
                .isEqualTo("above the 8.0 m/s of its maker's word");
        assertThat(struck(slow, Layout.PLAIN, "HNBR", CaseType.RUBBER))
                .as("the maker speaks of the decided seal only")
                .isEqualTo("kept");
    }

    @Test
    void coldStiffensAndMissingRowsAreSaid() {
        assertThat(struck(check(b -> b.coldestC(-21.0)), Layout.PLAIN, "FKM", CaseType.RUBBER))
                .isEqualTo("FKM is stiff below -20 °C, coldest start -21 °C");
        assertThat(struck(check(b -> b.coldestC(-61.0)), Layout.PTFE, "PTFE", CaseType.RUBBER))
                .contains("stiff below -60 °C");
        assertThat(finding(check(b -> b.coldestC(null)), "cold").status()).isEqualTo(Status.MISSING);
        Candidate ffkm = check(b -> {}).candidates().stream()
                .filter(c -> c.material().equals("FFKM"))
                .findFirst()
                .orElseThrow();
        assertThat(ffkm.verdict()).isEqualTo(Status.CAUTION);
        assertThat(ffkm.reasons()).anyMatch(w -> w.equals("no speed is listed for FFKM; judged as FKM"));
    }

    @Test
    void aMediumWithoutAFluidIsRatedByTheWorstItMayBe() {
        LipSealResult oil =
                check(b -> b.insideFluid(null).sumpTemperatureC(50.0).housingMaterial("CAST_IRON"));
        assertThat(finding(oil, "fluid").status()).isEqualTo(Status.CAUTION);
        assertThat(finding(oil, "fluid").message()).contains("mineral hydraulic oil HLP or EP gear oil");
        assertThat(first(oil)).as("EP gear oil counts: NBR under conditions").isEqualTo("DUST_LIP HNBR METAL");
        LipSealResult product = check(b -> b.insideMedium(Medium.PRODUCT).insideFluid(null));
        assertThat(finding(product, "fluid").status()).isEqualTo(Status.MISSING);
        assertThat(product.candidates()).allMatch(c -> c.verdict() == Status.MISSING);
        assertThat(check(b -> b.insideMedium(Medium.AIR).insideFluid(null)).findings())
                .extracting("id")
                .doesNotContain("fluid");
        // a doubtful rating goes last of all: VMQ in hydraulic oil
        List<Candidate> all = check(b -> b.insideFluid("HLP_OIL")).candidates();
        assertThat(all.get(all.size() - 1).material()).isEqualTo("VMQ");
    }

    /**
     * 45 mm at 1450 rpm: 3.42 m/s is above 3.15, so the third row holds: 0.020 MPa. Supported profile at 3.416 m/s:
     * 0.35 - 0.416 x 0.10 = 0.308.
     */
    @Test
    void pressureAgainstSpeed() {
        assertThat(finding(check(b -> b.pressureInsideMpa(0.020)), "pressure").status())
                .isEqualTo(Status.PASS);
        LipSealResult above =
                check(b -> b.pressureInsideMpa(0.021).insideFluid("HLP_OIL").sumpTemperatureC(50.0));
        assertThat(above.candidates()).extracting(Candidate::layout).containsOnly(Layout.PRESSURE);
        assertThat(above.candidates()).extracting(Candidate::material).containsOnly("NBR", "FKM");
        assertThat(kept(check(b -> b.pressureInsideMpa(0.30).heldOn(HeldOn.OUT))))
                .isNotEmpty();
        assertThat(kept(check(b -> b.pressureInsideMpa(0.31).heldOn(HeldOn.OUT))))
                .isEmpty();
        assertThat(struck(check(b -> b.pressureInsideMpa(0.31)), Layout.PRESSURE, "FKM", CaseType.RUBBER))
                .isEqualTo("stands only 0.308 MPa at this speed, here 0.310 MPa");
        // beyond the last row, 3100 rpm: a trace with caution, then nothing
        assertThat(finding(check(b -> b.speedRpm(3100.0).pressureInsideMpa(0.01)), "pressure")
                        .status())
                .isEqualTo(Status.CAUTION);
        assertThat(check(b -> b.speedRpm(3100.0).pressureInsideMpa(0.011)).candidates())
                .extracting(Candidate::layout)
                .containsOnly(Layout.PRESSURE);
        // on the back: to 0.02 with caution, above none
        assertThat(finding(check(b -> b.pressureInsideMpa(-0.02)), "pressure").status())
                .isEqualTo(Status.CAUTION);
        assertThat(finding(check(b -> b.pressureInsideMpa(-0.021)), "pressure").status())
                .isEqualTo(Status.FAIL);
        LipSealResult maker = check(b -> b.pressureInsideMpa(0.05)
                .makerPressureMpa(0.1)
                .layout(Layout.DUST_LIP)
                .heldOn(HeldOn.OUT));
        assertThat(struck(maker, Layout.DUST_LIP, "HNBR", CaseType.RUBBER)).isEqualTo("kept");
        assertThat(finding(maker, "pressure").source()).isEqualTo(Source.MAKER);
        assertThat(finding(maker, "pressure").reference()).isEqualTo("typed, unproved: no document");
    }

    /** 0.05 MPa over 45 x 62: 71.4 N. */
    @ParameterizedTest(name = "inside {0}, outside {1}, held {2}: {3}")
    @CsvSource({
        "0.05, 0, OUT, PASS",
        "0.05, 0, IN, FAIL",
        "0.05, 0, BOTH, PASS",
        "0.05, 0, NONE, FAIL",
        "0.05, 0, , MISSING",
        "0, 0.05, IN, PASS",
        "0, 0.05, OUT, FAIL",
        "0.03, 0, , PASS"
    })
    void heldOnTheLowPressureSide(double inside, double outside, HeldOn held, Status expected) {
        LipSealResult r = check(
                b -> b.pressureInsideMpa(inside).pressureOutsideMpa(outside).heldOn(held));
        assertThat(finding(r, "held").status()).isEqualTo(expected);
        assertThat(r.thrustN())
                .isCloseTo(Math.abs(inside - outside) * 1428.7, within(0.05)); // pi/4 (62^2 - 45^2) = 1428.65 mm2
    }

    /**
     * Run-out at 1450 rpm: NBR 0.25 - 0.45 x 0.05 = 0.2275; FKM 0.20 - 0.45 x 0.04 = 0.182. Offset at 45 mm: NBR
     * 0.1875, FKM 0.145.
     */
    @Test
    void runOutAndOffsetByMaterial() {
        assertThat(finding(check(b -> b.runoutTirMm(0.2275)), "run-out").status())
                .as("HNBR as NBR")
                .isEqualTo(Status.PASS);
        assertThat(finding(check(b -> b.runoutTirMm(0.2276)), "run-out").status())
                .isEqualTo(Status.FAIL);
        assertThat(finding(check(b -> b.runoutTirMm(0.2).material("FKM")), "run-out")
                        .status())
                .isEqualTo(Status.FAIL);
        assertThat(finding(check(b -> b.runoutTirMm(0.2).material("FKM").makerRunoutMm(0.25)), "run-out")
                        .status())
                .as("unproved without its document")
                .isEqualTo(Status.CAUTION);
        assertThat(finding(
                                check(b -> b.runoutTirMm(0.2)
                                        .material("FKM")
                                        .makerRunoutMm(0.25)
                                        .makerDocument("sheet 4, page 2")),
                                "run-out")
                        .status())
                .isEqualTo(Status.PASS);
        assertThat(finding(check(b -> b.runoutTirMm(0.05).speedRpm(6100.0).dirt(Dirt.CLEAN)), "run-out")
                        .status())
                .as("beyond the table")
                .isEqualTo(Status.CAUTION);
        assertThat(finding(check(b -> b.runoutTirMm(null)), "run-out").status()).isEqualTo(Status.MISSING);
        assertThat(finding(check(b -> b.offsetMm(0.1875)), "offset").status()).isEqualTo(Status.PASS);
        assertThat(finding(check(b -> b.offsetMm(0.15).material("FKM")), "offset")
                        .status())
                .isEqualTo(Status.FAIL);
    }

    @Test
    void theCaseFollowsHousingAndSurrounding() {
        assertThat(first(check(b -> b.housingMaterial("CAST_IRON")))).endsWith("METAL");
        assertThat(first(check(b -> b.housingMaterial("CAST_IRON").splitHousing(true))))
                .endsWith("RUBBER");
        assertThat(first(check(b -> b.housingMaterial("CAST_IRON").corrosive(true))))
                .endsWith("STAINLESS");
        assertThat(first(check(b -> b.corrosive(true).sumpTemperatureC(80.0).insideFluid("HLP_OIL"))))
                .as("stainless keeps 0.018 mm in hot aluminium")
                .endsWith("RUBBER");
        LipSealResult unknown = check(b -> b.housingMaterial(null));
        assertThat(finding(unknown, "hot").status()).isEqualTo(Status.MISSING);
        assertThat(unknown.hotInterferenceMinMm()).isNull();
        LipSealResult asked = check(b -> b.caseType(CaseType.METAL));
        assertThat(asked.interferenceMinMm()).as("figures of the asked case").isCloseTo(0.044, within(1e-6));
        assertThat(finding(asked, "choice").message()).startsWith("What was decided is struck out: At 70 °C");
        // bush the bore: readings beat H8
        var bore = Diameters.ofClass(Part.BORE, 62, "H8", null, 0.005, List.of(new Plane(null, List.of(62.20, 62.20))));
        assertThat(check(b -> b.bore(bore).housingMaterial("STEEL")).candidates())
                .extracting(Candidate::caseType)
                .doesNotContain(CaseType.METAL, CaseType.STAINLESS);
    }

    @Test
    void aWornShaftAsksForACassetteAndPtfeForItsTrack() {
        var worn = Diameters.ofClass(Part.SHAFT, 45, "h11", null, 0.005, List.of(new Plane(null, List.of(44.7, 44.7))));
        assertThat(struck(check(b -> b.dirt(Dirt.CLEAN)), Layout.CASSETTE, "HNBR", CaseType.RUBBER))
                .contains("neither a worn shaft nor dirt");
        assertThat(struck(check(b -> b.dirt(Dirt.CLEAN).shaft(worn)), Layout.CASSETTE, "HNBR", CaseType.RUBBER))
                .isEqualTo("kept");
        assertThat(struck(check(b -> b.raUm(0.6)), Layout.PTFE, "PTFE", CaseType.RUBBER))
                .isEqualTo("a PTFE lip wants a track of Ra 0.1 to 0.4 µm, here 0.60");
        assertThat(struck(check(b -> b.hardnessHrc(50.0)), Layout.PTFE, "PTFE", CaseType.RUBBER))
                .isEqualTo("a PTFE lip wants HRC 55, here 50");
        assertThat(check(b -> b.raUm(null)).candidates())
                .filteredOn(c -> c.layout() == Layout.PTFE)
                .extracting(Candidate::verdict)
                .containsOnly(Status.MISSING);
    }

    @Test
    void twoMediaAskForTwoLips() {
        LipSealResult r = check(b -> b.outsideMedium(Medium.WATER)
                .outsideFluid("WATER_COLD")
                .dirt(Dirt.CLEAN)
                .insideFluid("HLP_OIL")
                .sumpTemperatureC(50.0));
        assertThat(struck(r, Layout.PLAIN, "NBR", CaseType.RUBBER))
                .startsWith("one lip does not keep mineral hydraulic oil HLP and water");
        assertThat(r.candidates().get(0).layout()).isEqualTo(Layout.BACK_TO_BACK);
        LipSealResult grease = check(b -> b.insideMedium(Medium.GREASE)
                .insideFluid("MINERAL_GREASE")
                .outsideMedium(Medium.WATER)
                .outsideFluid("WATER_COLD")
                .wetting(Wetting.GREASE)
                .dirt(Dirt.CLEAN));
        assertThat(grease.candidates())
                .filteredOn(c -> c.layout() == Layout.PLAIN)
                .as("two named fluids want two lips")
                .isEmpty();
        assertThat(finding(check(b -> b.rotation(Rotation.BOTH)), "ribs").message())
                .contains("ribs for both ways");
        assertThat(check(b -> {}).findings()).extracting("id").doesNotContain("ribs");
    }

    @Test
    void ownMaterialsAndFluidsAreRatedBesideTheListedOnes() {
        var cold = new Elastomer("NBR-K", "NBR", "our cold-proof nitrile", -50.0, 100.0, null);
        LipSealResult r = check(b -> b.ownMaterials(List.of(cold))
                .coldestC(-45.0)
                .insideFluid("HLP_OIL")
                .sumpTemperatureC(40.0));
        assertThat(first(r)).isEqualTo("DUST_LIP NBR-K RUBBER");
        var oil = new Fluid(
                "OIL_7", "our gear oil", FluidClass.EP_GEAR, Map.of("NBR", 4, "HNBR", 2), "by its data sheet");
        LipSealResult own =
                check(b -> b.ownFluids(List.of(oil)).insideFluid("OIL_7").sumpTemperatureC(40.0));
        assertThat(struck(own, Layout.DUST_LIP, "NBR", CaseType.RUBBER)).isEqualTo("NBR does not stand our gear oil");
        assertThat(own.candidates())
                .filteredOn(c -> c.material().equals("FKM"))
                .extracting(Candidate::verdict)
                .as("nobody rated it")
                .containsOnly(Status.MISSING);
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> check(b -> b.ownMaterials(List.of(new Elastomer("X", "WOOD", "x", 0.0, 1.0, null)))))
                .withMessageStartingWith("ownMaterials: 'WOOD'");
    }

    @Test
    void refusalsNameTheFields() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> LipSealInputBuilder.builder().build())
                .satisfies(e -> assertThat(e.errors())
                        .extracting("field")
                        .contains(
                                "shaftNominalMm",
                                "boreNominalMm",
                                "widthMm",
                                "speedRpm",
                                "insideMedium",
                                "sumpTemperatureC",
                                "wetting",
                                "dirt"));
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> check(b -> b.swing(new Swing(90.0, 1.0))))
                .withMessage("speedRpm: or swing is needed, one of the two");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> check(b -> b.insideFluid("SOUP")))
                .withMessageStartingWith("insideFluid: 'SOUP' is no fluid");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> check(b -> b.material("WOOD")))
                .withMessageStartingWith("material: 'WOOD'");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> check(b -> b.housingMaterial("WOOD")))
                .withMessageStartingWith("housingMaterial: ");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> check(b -> b.sealOutsideMinMm(62.1)))
                .withMessageContaining("belong together");
    }

    /** More speed, heat or pressure never adds a candidate, and never makes one that stays better. */
    @Test
    void moreSpeedHeatOrPressureNeverMakesAMaterialBetter() {
        for (String fluid : List.of("EP_GEAR_OIL", "HLP_OIL", "WATER_COLD", "PAG_OIL", "VEGETABLE_OIL")) {
            for (Dirt dirt : Dirt.values()) {
                for (Wetting wetting : List.of(Wetting.SPLASH, Wetting.POOR)) {
                    neverBetter(
                            v -> check(b -> b.insideFluid(fluid)
                                    .dirt(dirt)
                                    .wetting(wetting)
                                    .sumpTemperatureC(20.0)
                                    .speedRpm(v)),
                            0,
                            6000,
                            500);
                    neverBetter(
                            v -> check(b -> b.insideFluid(fluid)
                                    .dirt(dirt)
                                    .wetting(wetting)
                                    .sumpTemperatureC(v)),
                            20,
                            220,
                            10);
                    neverBetter(
                            v -> check(b -> b.insideFluid(fluid)
                                    .dirt(dirt)
                                    .wetting(wetting)
                                    .pressureInsideMpa(v)),
                            0,
                            1.2,
                            0.05);
                }
            }
        }
        neverBetter(
                v -> check(b -> b.insideFluid(null).insideMedium(Medium.WATER).sumpTemperatureC(v)), 5, 120, 5);
        neverBetter(v -> check(b -> b.runoutTirMm(v)), 0, 0.4, 0.02);
    }

    private static void neverBetter(DoubleFunction<LipSealResult> at, double from, double to, double step) {
        Map<String, Status> last = null;
        for (double v = from; v <= to; v += step) {
            Map<String, Status> now = at.apply(v).candidates().stream()
                    .collect(Collectors.toMap(c -> name(c.layout(), c.material(), c.caseType()), Candidate::verdict));
            if (last != null) {
                Map<String, Status> before = last;
                assertThat(before.keySet()).as("at " + v).containsAll(now.keySet());
                now.forEach((name, verdict) -> assertThat(verdict == Status.PASS && before.get(name) != Status.PASS)
                        .as(name + " at " + before)
                        .isFalse());
            }
            last = now;
        }
    }

    /** Own rows are put before the listed ones, in any order: the ranking does not notice. */
    @Test
    void theOrderOfTheTableDoesNotMatter() {
        List<Elastomer> shuffled = new ArrayList<>(Elastomer.all());
        LipSealResult plain = check(b -> {});
        for (int seed = 1; seed <= 5; seed++) {
            Collections.shuffle(shuffled, new Random(seed));
            LipSealResult again = check(b -> b.ownMaterials(List.copyOf(shuffled)));
            assertThat(again.candidates()).isEqualTo(plain.candidates());
            assertThat(again.struckOut()).isEqualTo(plain.struckOut());
            assertThat(new HashSet<>(again.struckOut())).hasSameSizeAs(again.struckOut());
        }
    }

    /** The same place typed in inches gives the same answer to the last digit that is shown. */
    @Test
    void theUnitTypedDoesNotMatter() {
        double shaft = Length.parseSize("1.7717 in", LengthUnit.MM).mm();
        LipSealResult inch = check(b -> b.shaftNominalMm(shaft)
                .boreNominalMm(Length.parseSize("2.4409\"", LengthUnit.MM).mm())
                .system(SealSystem.METRIC));
        LipSealResult mm = check(b -> b.shaftNominalMm(shaft)
                .boreNominalMm(Length.parseSize(Length.show(2.4409 * 25.4, 6), LengthUnit.MM)
                        .mm())
                .system(SealSystem.METRIC));
        assertThat(inch).isEqualTo(mm);
        assertThat(kept(inch)).isEqualTo(kept(check(b -> {})));
    }
}
