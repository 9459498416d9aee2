package joropo.core.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import joropo.core.lipseal.BoreFinish;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.Dirt;
import joropo.core.sizes.SealSize;
import joropo.core.surface.Defect.Kind;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RunningSurfaceCheckTest {
    /** A 45 mm shaft in a bore of 62, sound but for what the case adds. */
    private static RunningSurfaceResult shaft(
            @Nullable Double measured,
            @Nullable Double depth,
            @Nullable Double width,
            @Nullable Double inward,
            @Nullable Double outward,
            Defect... defects) {
        return LipSealRules.surface(RunningSurfaceInputBuilder.builder()
                .nominalMm(45.0)
                .measuredMm(measured)
                .uncertaintyMm(0.005)
                .raUm(0.4)
                .rzUm(3.0)
                .hardnessHrc(58.0)
                .surfaceSpeedMPerS(3.4)
                .grooveDepthMm(depth)
                .grooveWidthMm(width)
                .shiftInwardMm(inward)
                .shiftOutwardMm(outward)
                .leadAdvanceMm(0.0)
                .leadTurns(20.0)
                .leadReverses(true)
                .boreMm(62.0)
                .outsideDirt(Dirt.DUST)
                .ovalityMm(0.01)
                .defects(List.of(defects))
                .build());
    }

    private static RunningSurfaceResult surface(
            @Nullable Double ra, @Nullable Double rz, @Nullable Double hrc, double v, Dirt dirt, @Nullable String lip) {
        return LipSealRules.surface(RunningSurfaceInputBuilder.builder()
                .nominalMm(45.0)
                .measuredMm(44.98)
                .uncertaintyMm(0.005)
                .raUm(ra)
                .rzUm(rz)
                .hardnessHrc(hrc)
                .surfaceSpeedMPerS(v)
                .leadAdvanceMm(0.0)
                .leadTurns(20.0)
                .leadReverses(true)
                .boreMm(62.0)
                .outsideDirt(dirt)
                .lipMaterial(lip)
                .ovalityMm(0.01)
                .defects(List.of())
                .build());
    }

    private static Status status(RunningSurfaceResult r, String id) {
        return r.findings().stream()
                .filter(f -> f.id().equals(id))
                .map(Finding::status)
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + id + " in " + r.findings()));
    }

    private static Status verdict(RunningSurfaceResult r, Remedy remedy) {
        return r.offer(remedy).orElseThrow().verdict();
    }

    private static List<Remedy> offered(RunningSurfaceResult r) {
        return r.remedies().stream()
                .filter(o -> !o.ruledOut())
                .map(Offer::remedy)
                .toList();
    }

    /** A sleeve of 45.60 stands on the shaft of 45: what reads as it, within 0.08, is right; the bare shaft by h11. */
    @ParameterizedTest(name = "{0} over a sleeve of {1}: {2}")
    @CsvSource({
        "45.60, 45.6, PASS",
        "45.52, 45.6, REMEASURE",
        "45.70, 45.6, FAIL",
        "44.95, 45.6, PASS",
        "45.20, 45.6, FAIL",
        "45.60, , FAIL"
    })
    void aSleeveThatStandsIsKnownByItsSize(double measured, Double sleeve, Status size) {
        RunningSurfaceResult r = LipSealRules.surface(RunningSurfaceInputBuilder.builder()
                .nominalMm(45.0)
                .measuredMm(measured)
                .uncertaintyMm(0.005)
                .sleeveMm(sleeve)
                .build());
        assertThat(status(r, "size")).isEqualTo(size);
    }

    /**
     * Worked: groove 0.04 deep, 1.2 wide, no play: shift 0.6 + 0.4 + 1.0 = 2.0; seal 8 wide in 10.5: 0 to 2.2 for the
     * outer face.
     */
    @ParameterizedTest(name = "old seal at {0}: move {1}")
    @CsvSource({"0.0, PASS", "0.2, PASS", "0.21, FAIL", "1.0, FAIL", "1.99, FAIL", "2.0, PASS", "2.2, PASS"})
    void theWornShaftOf45(double foundMm, Status move) {
        RunningSurfaceResult r = shaft(44.98, 0.04, 1.2, 2.2 - foundMm, foundMm);
        assertThat(r.requiredShiftMm()).isEqualTo(2.0);
        assertThat(verdict(r, Remedy.DRESS)).isEqualTo(Status.FAIL);
        assertThat(verdict(r, Remedy.MOVE)).isEqualTo(move);
        assertThat(verdict(r, Remedy.THIN_SLEEVE)).isEqualTo(Status.PASS);
        List<Remedy> order = List.of(
                Remedy.MOVE, Remedy.THIN_SLEEVE, Remedy.HEAVY_SLEEVE, Remedy.GRIND_SMALLER, Remedy.SPRAY_OR_RENEW);
        assertThat(offered(r)).isEqualTo(move == Status.PASS ? order : order.subList(1, 5));
        assertThat(r.remedies().get(5).ruledOut())
                .as("what is ruled out comes last")
                .isTrue();
        assertThat(status(r, "groove")).isEqualTo(Status.FAIL);
    }

    @Test
    void everyRemedySaysWhatItLeadsTo() {
        RunningSurfaceResult r = shaft(44.98, 0.04, 1.2, 2.2, 0.0);
        assertThat(r.offer(Remedy.THIN_SLEEVE).orElseThrow().runningDiameterMm())
                .as("45 + 2 x 0.3")
                .isEqualTo(45.6);
        Offer smaller = r.offer(Remedy.GRIND_SMALLER).orElseThrow();
        assertThat(smaller.sizes()).isNotEmpty().allMatch(s -> s.boreMm() == 62 && s.shaftMm() < 44.9);
        double next = SealSize.all().stream()
                .filter(s -> s.boreMm() == 62 && s.shaftMm() < 44.9)
                .mapToDouble(SealSize::shaftMm)
                .max()
                .orElseThrow();
        assertThat(smaller.runningDiameterMm()).isEqualTo(next);
        Offer heavy = r.offer(Remedy.HEAVY_SLEEVE).orElseThrow();
        assertThat(heavy.verdict())
                .as("(41/45)^3 leaves 76 %, (48 - 4 = 44/45)^3 leaves 93 %")
                .isEqualTo(Status.PASS);
        assertThat(heavy.reason())
                .contains("Ø 41.00")
                .contains("24 %")
                .contains("48x62x8")
                .contains("7 %");
        assertThat(r.remedies())
                .allMatch(o -> !o.precondition().isBlank() && !o.caution().isBlank());
    }

    /** h11 of 45: 44.84 to 45.00; what dressing leaves is d - 2 x depth. */
    @ParameterizedTest(name = "{0} mm, groove {1}: {2}")
    @CsvSource({
        "44.98, 0.005, PASS",
        "44.98, 0.02, PASS",
        "44.98, 0.0201, FAIL",
        "44.88, 0.02, REMEASURE",
        "44.89, 0.02, PASS",
        "44.87, 0.02, FAIL",
        ", 0.01, MISSING"
    })
    void dressingToTwoHundredthsAndInsideTheSize(Double measured, double depth, Status expected) {
        assertThat(verdict(shaft(measured, depth, 1.0, null, null), Remedy.DRESS))
                .isEqualTo(expected);
    }

    /** Sleeve to 0.25, with filler to 0.75; shaft within 0.08 of its nominal. */
    @ParameterizedTest(name = "{0} mm, groove {1}: {2}")
    @CsvSource({
        "44.98, 0.25, PASS",
        "44.98, 0.251, CAUTION",
        "44.98, 0.75, CAUTION",
        "44.98, 0.76, FAIL",
        "44.90, 0.1, FAIL",
        "44.92, 0.1, REMEASURE",
        "44.925, 0.1, PASS",
        ", 0.1, MISSING"
    })
    void thinSleevesByDepthAndFit(Double measured, double depth, Status expected) {
        assertThat(verdict(shaft(measured, depth, 1.0, 3.0, 3.0), Remedy.THIN_SLEEVE))
                .isEqualTo(expected);
    }

    @Test
    void movingWantsItsFigures() {
        assertThat(verdict(shaft(44.98, 0.04, null, 3.0, 3.0), Remedy.MOVE)).isEqualTo(Status.MISSING);
        assertThat(verdict(shaft(44.98, 0.04, 1.2, 1.0, null), Remedy.MOVE)).isEqualTo(Status.MISSING);
        assertThat(verdict(shaft(44.98, 0.04, 1.2, null, 2.0), Remedy.MOVE)).isEqualTo(Status.PASS);
        assertThat(verdict(shaft(44.70, 0.04, 1.2, 3.0, 3.0), Remedy.MOVE))
                .as("undersize beside the groove too")
                .isEqualTo(Status.FAIL);
        RunningSurfaceResult play = LipSealRules.surface(RunningSurfaceInputBuilder.builder()
                .nominalMm(45.0)
                .measuredMm(44.98)
                .grooveDepthMm(0.04)
                .grooveWidthMm(1.2)
                .lipContactMm(1.0)
                .axialPlayMm(0.4)
                .growthMm(-0.15)
                .shiftInwardMm(3.0)
                .shiftOutwardMm(3.0)
                .build());
        assertThat(play.requiredShiftMm()).as("0.6 + 0.5 + 0.2 + 0.15 + 1.0").isEqualTo(2.45);
        assertThat(verdict(play, Remedy.GRIND_SMALLER)).as("no bore given").isEqualTo(Status.MISSING);
        assertThat(play.findings())
                .extracting(f -> f.id() + " " + f.status())
                .contains(
                        "looked MISSING", "roughness MISSING", "hardness MISSING", "lead MISSING", "roundness MISSING");
    }

    /** Worked: d = 60 mm, 1.2 mm over 20 turns: 0.0182 degrees. */
    @ParameterizedTest(name = "{0} mm over {1} turns, reverses {2}: {3}")
    @CsvSource({
        "1.2, 20, true, PASS",
        "3.28, 20, true, PASS",
        "3.30, 20, true, FAIL",
        "-3.30, 20, true, FAIL",
        "1.2, 20, false, MISSING",
        "1.2, 20, , MISSING",
        "0, 20, , PASS",
        "1.2, , true, MISSING"
    })
    void theThreadTest(Double advance, Double turns, Boolean reverses, Status expected) {
        assertThat(LeadTest.angleDeg(1.2, 20, 60)).isCloseTo(0.0182, within(5e-5));
        assertThat(LeadTest.judge(advance, turns, reverses, 60, 0.05).status()).isEqualTo(expected);
    }

    @ParameterizedTest(name = "Ra {0}, lip {1}: {2}")
    @CsvSource({
        "0.09, NBR, FAIL",
        "0.1, NBR, CAUTION",
        "0.19, NBR, CAUTION",
        "0.2, NBR, PASS",
        "0.8, NBR, PASS",
        "0.81, NBR, FAIL",
        "0.09, PTFE, FAIL",
        "0.1, PTFE, PASS",
        "0.4, PTFE, PASS",
        "0.41, PTFE, FAIL",
        ", NBR, MISSING"
    })
    void roughnessByTheLip(Double ra, String lip, Status expected) {
        assertThat(status(surface(ra, null, 58.0, 3, Dirt.CLEAN, lip), "roughness"))
                .isEqualTo(expected);
    }

    @ParameterizedTest(name = "HRC {0} at {1} m/s, {2}: {3}")
    @CsvSource({
        "45, 4, CLEAN, PASS",
        "44.9, 4, CLEAN, FAIL",
        "54.9, 4.1, CLEAN, FAIL",
        "55, 4.1, CLEAN, PASS",
        "50, 1, DUST, FAIL",
        "55, 1, MUD, PASS",
        ", 1, CLEAN, MISSING"
    })
    void hardnessBySpeedAndDirt(Double hrc, double v, Dirt dirt, Status expected) {
        assertThat(status(surface(0.4, 3.0, hrc, v, dirt, null), "hardness")).isEqualTo(expected);
        assertThat(status(surface(0.4, 5.1, 58.0, v, dirt, null), "rz")).isEqualTo(Status.FAIL);
    }

    @ParameterizedTest(name = "{0}, on track {1}, {2} µm, nail {3}: {4}")
    @CsvSource({
        "WEAR_GROOVE, true, , true, REMEASURE",
        "WEAR_GROOVE, true, , false, CAUTION",
        "WEAR_GROOVE, true, 40, , FAIL",
        "SCORE_ROUND, true, 4, , CAUTION",
        "SCORE_ROUND, true, , true, REMEASURE",
        "SCORE_SLANTING, true, 1, false, FAIL",
        "SCORE_SLANTING, false, 1, false, CAUTION",
        "SCORE_AXIAL, true, 1, true, FAIL",
        "SCORE_AXIAL, true, 2, false, CAUTION",
        "SCORE_AXIAL, true, 5, false, CAUTION",
        "SCORE_AXIAL, true, 5.1, false, FAIL",
        "SCORE_AXIAL, true, , , REMEASURE",
        "PIT, true, , , FAIL",
        "RUST_POCK, true, , , FAIL",
        "PIT, false, , , CAUTION",
        "RUST, true, , , PASS",
        "TARNISH, true, , , PASS",
        "BURR, true, , , FAIL",
        "COATING_FLAKED, true, , , FAIL",
        "NICK, true, , , FAIL",
        "NICK, false, , , CAUTION",
        "BORE_WEAR, false, , , CAUTION",
        "BORE_WEAR, true, , , CAUTION"
    })
    void everyDefectIsJudged(Kind kind, boolean onTrack, Double um, Boolean nail, Status expected) {
        assertThat(DefectRules.judge(new Defect(kind, onTrack, um, null, nail, null), surface(null))
                        .status())
                .isEqualTo(expected);
    }

    /** Rubber fills to 0.1 mm; a bare case fills nothing, and while no case is decided both are said. */
    @ParameterizedTest(name = "{0} of {1} um, rubber {2}: {3}")
    @CsvSource({
        "SCORE_AXIAL, 100, , CAUTION",
        "SCORE_AXIAL, 101, , FAIL",
        "SCORE_AXIAL, 100, true, CAUTION",
        "SCORE_AXIAL, 101, true, FAIL",
        "SCORE_AXIAL, 20, false, FAIL",
        "SCORE_AXIAL, , false, FAIL",
        "NICK, 50, true, CAUTION",
        "NICK, 101, true, FAIL",
        "NICK, , true, FAIL",
        "NICK, 50, false, FAIL",
        "NICK, 50, , FAIL",
        "BORE_WEAR, , false, CAUTION"
    })
    void marksInTheSeatByTheCase(Kind kind, Double um, Boolean rubber, Status expected) {
        assertThat(DefectRules.judge(new Defect(kind, true, um, null, true, true), surface(rubber))
                        .status())
                .isEqualTo(expected);
    }

    private static RunningSurfaceInput surface(@Nullable Boolean rubberCase) {
        return RunningSurfaceInputBuilder.builder()
                .nominalMm(45.0)
                .rubberCase(rubberCase)
                .build();
    }

    @Test
    void aNickInTheBoreWantsNoWorkOnTheShaft() {
        assertThat(shaft(44.98, null, null, null, null, new Defect(Kind.NICK, true, null, null, null, null))
                        .remedies())
                .as("no work on the shaft answers a nick in the bore")
                .isEmpty();
    }

    @Test
    void damageThatDoesNotDressOutIsSleevedOrLeftBeside() {
        RunningSurfaceResult pits =
                shaft(44.98, null, null, 3.0, 3.0, new Defect(Kind.PIT, true, 30.0, 2.0, null, null));
        assertThat(offered(pits)).startsWith(Remedy.MOVE, Remedy.THIN_SLEEVE).doesNotContain(Remedy.DRESS);
        assertThat(pits.requiredShiftMm()).isEqualTo(2.4);
        assertThat(verdict(shaft(44.98, null, null, 3.0, 3.0, Defect.onTrack(Kind.COATING_FLAKED, null)), Remedy.MOVE))
                .isEqualTo(Status.FAIL);
        assertThat(verdict(shaft(44.98, null, 1.0, 3.0, 3.0, Defect.onTrack(Kind.WEAR_GROOVE, true)), Remedy.DRESS))
                .isEqualTo(Status.MISSING);
        assertThat(verdict(shaft(44.98, null, 1.0, 3.0, 3.0, Defect.onTrack(Kind.SCORE_SLANTING, null)), Remedy.MOVE))
                .isEqualTo(Status.CAUTION);
        RunningSurfaceResult soft = surface(0.4, 3.0, 40.0, 3, Dirt.CLEAN, null);
        assertThat(offered(soft)).startsWith(Remedy.THIN_SLEEVE);
        assertThat(surface(0.4, 3.0, 58.0, 3, Dirt.CLEAN, null).remedies())
                .as("nothing wants one")
                .isEmpty();
    }

    @Test
    void aDecidedRemedyAnswersWhatItMendsAndIsItselfJudged() {
        RunningSurfaceResult r = shaft(44.98, 0.04, 1.2, 2.2, 0.0);
        List<Finding> sleeved = RunningSurfaceCheck.withRemedy(r, Remedy.THIN_SLEEVE);
        assertThat(sleeved)
                .extracting(f -> f.id() + " " + f.status())
                .contains("groove CAUTION", "remedy PASS")
                .doesNotContain("groove FAIL");
        assertThat(RunningSurfaceCheck.withRemedy(r, Remedy.DRESS))
                .extracting(f -> f.id() + " " + f.status())
                .contains("groove FAIL", "remedy FAIL");
        assertThat(RunningSurfaceCheck.withRemedy(r, null)).isEqualTo(r.findings());
    }

    /** With every groove that is deeper or wider, what was ruled out stays ruled out. */
    @Test
    void moreWearNeverMakesACheaperRemedyAppear() {
        for (Double width : new Double[] {0.4, 1.2, 3.0, null}) {
            List<Remedy> last = List.of(Remedy.values());
            for (int um = 1; um < 1200; um += 7) {
                List<Remedy> now = offered(shaft(44.98, um / 1000.0, width, 2.5, 1.0));
                assertThat(last).as("groove " + um + " µm").containsAll(now);
                assertThat(now.get(0).compareTo(last.get(0))).as("the cheapest").isGreaterThanOrEqualTo(0);
                last = now;
            }
        }
        List<Remedy> last = List.of(Remedy.values());
        for (double width = 0.2; width < 6; width += 0.2) {
            List<Remedy> now = offered(shaft(44.98, 0.04, width, 2.5, 1.0));
            assertThat(last).containsAll(now);
            last = now;
        }
    }

    @ParameterizedTest
    @EnumSource(SurfaceByEye.class)
    void whatTheEyeSaysIsADefectThatIsJudged(SurfaceByEye seen) {
        List<Status> statuses = seen.defects().stream()
                .map(d -> DefectRules.judge(d, surface(null)).status())
                .toList();
        Status expected =
                switch (seen) {
                    case SMOOTH -> null;
                    case TARNISH -> Status.PASS;
                    case GROOVE_SEEN, AXIAL_TRACE -> Status.CAUTION;
                    case GROOVE_CATCHES, SCORE_ROUND -> Status.REMEASURE;
                    default -> Status.FAIL;
                };
        assertThat(statuses).isEqualTo(expected == null ? List.of() : List.of(expected));
    }

    @ParameterizedTest(name = "old {0}, new {1}: {2}")
    @CsvSource({
        "12.5, 12.70, PASS",
        "12.5, 12.74, REMEASURE",
        "12.5, 12.80, FAIL",
        "12.5, 12.20, FAIL",
        ", 12.5, MISSING",
        "12.5, , MISSING"
    })
    void theNewSleeveGoesWhereTheOldOneStood(Double old, Double now, Status expected) {
        assertThat(SleevePlace.judge(old, now, 0.04).status()).isEqualTo(expected);
    }

    @ParameterizedTest(name = "Ra {0}, rubber {1}: {2}")
    @CsvSource({
        "0.8, false, PASS",
        "3.2, false, PASS",
        "3.3, false, CAUTION",
        "6.3, true, PASS",
        "6.4, true, CAUTION",
        "1.5, true, CAUTION"
    })
    void theBoresRoughnessByTheCase(double ra, boolean rubber, Status expected) {
        assertThat(BoreFinish.judge(ra, 8, rubber).status()).isEqualTo(expected);
    }

    @Test
    void refusalsNameTheFields() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> shaft(44.98, 23.0, 1.0, null, null))
                .withMessage("grooveDepthMm: must be below half the shaft, got 23.0");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new Defect(null, null, -1.0, null, null, null))
                .satisfies(e -> assertThat(e.errors()).extracting("field").contains("kind", "onTrack", "depthUm"));
    }
}
