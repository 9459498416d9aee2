package joropo.core.oring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.DoubleStream;
import joropo.core.material.Dirt;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rings of a joint beside their glands; the figures are worked out by hand in the comments. */
class RingJointTest {
    private static final RingDuty OIL = new RingDuty("HLP_OIL", 16.0, Side.IN, false, 10.0, 65.0, "HLP_OIL", false);

    private static RingJointBuilder ring(RingSort sort) {
        return RingJointBuilder.builder()
                .sort(sort)
                .motion(RingMotion.RECIPROCATING)
                .duty(OIL)
                .way(new WayRound(sort, sort == RingSort.END_RING ? Side.OUT : Side.IN, Side.IN, false, false))
                .maker(new MakerGroove(true, null, null, null))
                .material("AU")
                .hardnessShoreA(92.0)
                .gapMm(0.1);
    }

    private static Status of(List<Finding> findings, String id) {
        return findings.stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .status();
    }

    @Test
    void aRingThatIsRightIsInLimits() {
        assertThat(Finding.worst(ring(RingSort.U_CUP).build().findings())).isEqualTo(Status.PASS);
    }

    @ParameterizedTest
    @CsvSource({
        // the sheet says 54.00 and 9.60 within 0.05; measured 54.04 and 9.62
        ", 54.00, 9.60, 0.05, PASS",
        ", 53.98, 9.60, 0.05, FAIL",
        ", 54.00, 9.56, 0.05, FAIL",
        ", 54.00, 9.60, , MISSING",
        ", 53.99, , 0.05, PASS",
        ", , , , MISSING",
        "true, , , , PASS",
        "false, , , , FAIL",
        "false, 54.00, 9.60, 0.05, FAIL"
    })
    void aMakersGrooveIsHeldAgainstItsSheet(
            @Nullable Boolean compared,
            @Nullable Double diameter,
            @Nullable Double width,
            @Nullable Double within,
            Status expected) {
        assertThat(new MakerGroove(compared, diameter, width, within)
                        .finding(RingSort.U_CUP, 54.04, 9.62)
                        .status())
                .isEqualTo(expected);
    }

    @Test
    void aSheetWithoutAMeasuredGrooveIsNotEnough() {
        assertThat(new MakerGroove(null, 54.0, null, 0.05)
                        .finding(RingSort.U_CUP, null, null)
                        .status())
                .isEqualTo(Status.MISSING);
    }

    @ParameterizedTest
    @CsvSource({
        "AU, HLP_OIL, PASS, PASS",
        "EPDM, HLP_OIL, FAIL, FAIL",
        "OTHER, HLP_OIL, CAUTION, ",
        ", HLP_OIL, MISSING, MISSING",
        "AU, , PASS, CAUTION"
    })
    void everyRingIsJudgedByWhatItStands(
            @Nullable String material, @Nullable String cleaner, Status inFluid, @Nullable Status cleaned) {
        var duty = new RingDuty("HLP_OIL", 16.0, Side.IN, false, 10.0, 65.0, cleaner, false);
        List<Finding> said =
                ring(RingSort.U_CUP).material(material).duty(duty).build().findings();
        assertThat(of(said, "material")).isEqualTo(inFluid);
        if (cleaned != null) {
            assertThat(of(said, "cleaner")).isEqualTo(cleaned);
        }
    }

    @Test
    void aLoaderIsJudgedLikeItsRing() {
        List<Finding> said = ring(RingSort.SLIDE)
                .material("PTFE")
                .loaderMaterial("EPDM")
                .build()
                .findings();
        assertThat(of(said, "material")).isEqualTo(Status.PASS);
        assertThat(of(said, "loader-material")).isEqualTo(Status.FAIL);
        assertThat(of(ring(RingSort.SLIDE).material("PTFE").build().findings(), "loader-material"))
                .isEqualTo(Status.MISSING);
    }

    @Test
    void foodWantsACompoundThatIsMadeForIt() {
        var food = new RingDuty("WATER_COLD", 1.0, Side.IN, false, 5.0, 60.0, "WATER_COLD", true);
        assertThat(of(ring(RingSort.O_RING).material("EPDM").duty(food).build().findings(), "food"))
                .isEqualTo(Status.CAUTION);
        assertThat(of(ring(RingSort.O_RING).material("CR").duty(food).build().findings(), "food"))
                .isEqualTo(Status.FAIL);
    }

    @Test
    void theHeelOfAUcupHasTheGapOfTheCurve() {
        double stands = ExtrusionCurve.bareMm(90, 16).orElseThrow();
        assertThat(of(ring(RingSort.U_CUP).gapMm(stands).build().findings(), "heel-gap"))
                .isEqualTo(Status.PASS);
        assertThat(of(ring(RingSort.U_CUP).gapMm(stands + 0.01).build().findings(), "heel-gap"))
                .isEqualTo(Status.FAIL);
        assertThat(of(ring(RingSort.U_CUP).gapMm(null).build().findings(), "heel-gap"))
                .isEqualTo(Status.MISSING);
        assertThat(of(ring(RingSort.U_CUP).hardnessShoreA(null).build().findings(), "heel-gap"))
                .isEqualTo(Status.MISSING);
    }

    @ParameterizedTest
    @CsvSource({
        "STATIC, 25, PASS",
        "STATIC, 24.9, FAIL",
        "STATIC, , MISSING",
        ", 200, MISSING",
        "RECIPROCATING, 200, FAIL",
        "RECIPROCATING, , FAIL"
    })
    void aJoinedCordLiesStillAndIsLarge(@Nullable RingMotion motion, @Nullable Double inside, Status expected) {
        assertThat(of(
                        ring(RingSort.CORD)
                                .motion(motion)
                                .cordInsideMm(inside)
                                .build()
                                .findings(),
                        "joined"))
                .isEqualTo(expected);
        // 200 inside, 5 thick: pi x 205 = 644.03
        assertThat(RingJoint.cordMm(200, 5)).isBetween(644.02, 644.03);
    }

    @ParameterizedTest
    @CsvSource({
        // 40 rod, groove 45.1, strip 2.5: 45.1 - 5 - 40 = 0.1; piston 60, groove 54.9: the same
        "ROD, 40, 45.1, 2.5, 0.5, 0.1, PASS",
        "PISTON, 60, 54.9, 2.5, 0.5, 0.1, PASS",
        "PISTON, 60, 54.9, 2.5, 0.1, 0.1, FAIL",
        "PISTON, 60, 54.9, 2.6, 0.5, -0.1, FAIL",
        "PISTON, 60, 54.9, 2.5, , 0.1, MISSING",
        "PISTON, 60, , 2.5, 0.5, , MISSING"
    })
    void aGuideCarriesBeforeMetalTouches(
            Gland gland,
            double counter,
            @Nullable Double groove,
            double thick,
            @Nullable Double metal,
            @Nullable Double clearance,
            Status expected) {
        var guide = new GuideRing(gland, counter, groove, thick, metal);
        assertThat(guide.clearanceMm()).isEqualTo(clearance);
        assertThat(guide.finding().status()).isEqualTo(expected);
    }

    @Test
    void aGuideMakesTheGapSmallerAndNeverLarger() {
        var guide = new GuideRing(Gland.ROD, 40.0, 45.1, 2.5, 0.5);
        // (0.5 + 0.1) / 2
        assertThat(guide.guidedGapMm(0.5)).isEqualTo(0.3);
        assertThat(DoubleStream.of(0, 0.05, 0.1, 0.2, 0.8)).allMatch(g -> guide.guidedGapMm(g) <= g);
        assertThat(guide.guidedGapMm(null)).isNull();
        assertThat(new GuideRing(Gland.ROD, 40.0, null, 2.5, 0.5).guidedGapMm(0.5))
                .isEqualTo(0.5);
        // pi x (45.1 - 2.5) = 133.83, less 5 to 3
        assertThat(guide.cutWords()).isEqualTo("129 to 131 mm");
    }

    @ParameterizedTest
    @CsvSource({
        ", 0.6, 5, 0.12, MISSING, PASS",
        "true, 0.7, 5, 0.12, FAIL, FAIL",
        "false, 0, 5, , PASS, PASS",
        "false, 0.6, 5, , PASS, MISSING",
        "false, , 5, 0.12, PASS, MISSING",
        "false, 0.6, , 0.12, PASS, MISSING"
    })
    void aHoldPointsToItsRing(
            @Nullable Boolean wet,
            @Nullable Double drift,
            @Nullable Double minutes,
            @Nullable Double most,
            Status rod,
            Status piston) {
        var hold = new CylinderHold(wet, drift, minutes, most);
        assertThat(hold.rod().status()).isEqualTo(rod);
        assertThat(hold.piston().status()).isEqualTo(piston);
    }

    private static RingFaceBuilder rod() {
        return RingFaceBuilder.builder()
                .part(CounterfaceInput.Part.ROD)
                .motion(RingMotion.RECIPROCATING)
                .diameterMm(40.0)
                .raUm(0.2)
                .unmarked(true)
                .bendMm(0.05)
                .shapeMm(0.01)
                .hardnessHrc(55.0)
                .dirt(Dirt.DUST);
    }

    @Test
    void aRodIsReadWholeBeforeRingsRunOnIt() {
        assertThat(Finding.worst(rod().build().findings())).isEqualTo(Status.PASS);
        assertThat(of(rod().bendMm(0.11).build().findings(), "bend")).isEqualTo(Status.FAIL);
        assertThat(of(rod().bendMm(null).build().findings(), "bend")).isEqualTo(Status.MISSING);
        assertThat(of(rod().shapeMm(null).build().findings(), "shape")).isEqualTo(Status.MISSING);
        assertThat(of(rod().hardnessHrc(40.0).build().findings(), "hardness")).isEqualTo(Status.FAIL);
        assertThat(of(rod().unmarked(false).build().findings(), "score")).isEqualTo(Status.FAIL);
        assertThat(of(rod().unmarked(null).build().findings(), "score")).isEqualTo(Status.MISSING);
        assertThat(of(rod().diameterMm(null).build().findings(), "face")).isEqualTo(Status.MISSING);
        assertThat(rod().motion(RingMotion.STATIC).build().findings())
                .extracting(Finding::id)
                .containsExactly("roughness", "score");
    }

    @Test
    void twoCupsBackToBackHoldBothSides() {
        assertThat(new WayRound(RingSort.U_CUP, Side.IN, Side.IN, true, true)
                        .finding()
                        .status())
                .isEqualTo(Status.PASS);
        assertThat(new WayRound(RingSort.U_CUP, Side.IN, Side.IN, true, false)
                        .finding()
                        .status())
                .isEqualTo(Status.CAUTION);
    }

    @Test
    void materialsThatAreOfferedStandTheDutyTheBestFirst() {
        List<RingMaterial.Offer> offers = RingMaterial.offers(OIL, RingSort.O_RING);
        assertThat(offers).extracting(RingMaterial.Offer::code).contains("NBR").doesNotContain("EPDM", "IIR", "PTFE");
        assertThat(RingMaterial.offers(OIL, RingSort.U_CUP).get(0).code())
                .as("rubs along its rod")
                .isEqualTo("AU");
        assertThat(RingMaterial.offers(OIL, RingSort.GUIDE))
                .extracting(RingMaterial.Offer::code)
                .containsExactly("PTFE");
        assertThat(offers).extracting(RingMaterial.Offer::worst).isSortedAccordingTo((a, b) -> b.compareTo(a));
        assertThat(RingMaterial.offers(new RingDuty(null, null, null, null, null, null, null, false), RingSort.O_RING))
                .isEmpty();
    }
}
