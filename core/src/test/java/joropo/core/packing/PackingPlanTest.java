package joropo.core.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PackingPlanTest {
    /** Sleeve 70 in a box of 102, 120 deep: five rings of 16, three of them below the lantern ring. */
    private static PackingInputBuilder box() {
        return PackingInputBuilder.builder()
                .shaftMm(70.0)
                .boxBoreMm(102.0)
                .boxDepthMm(120.0)
                .lanternWidthMm(24.0)
                .lanternSlotMm(12.0)
                .portFromMm(54.0)
                .portToMm(66.0)
                .glandEntryMm(6.0);
    }

    private static PackingPlanBuilder plan(PackingInput in) {
        return PackingPlanBuilder.builder()
                .result(PackingCheck.check(in))
                .style(PackingStyle.of("PTFE_GRAPHITE").orElseThrow())
                .skive(false)
                .stem(false)
                .shaftFirst(true)
                .lantern(in.lanternWidthMm() != null)
                .newSleeve(false)
                .formed(false)
                .gland(PackingPlan.Gland.PLAIN);
    }

    @Test
    void ringsGoInFromTheBottomWithTheLanternBetween() {
        List<Step> steps = plan(box().build()).build().steps();
        assertThat(steps)
                .extracting(Step::id)
                .doesNotHaveDuplicates()
                .containsExactly(
                        "parts",
                        "clean",
                        "cut",
                        "order",
                        "ring-1",
                        "ring-2",
                        "ring-3",
                        "lantern",
                        "ring-4",
                        "ring-5",
                        "gland",
                        "flush",
                        "contact",
                        "turn",
                        "run-in",
                        "under-sleeve");
        assertThat(steps)
                .extracting(Step::instruction)
                .anyMatch(s -> s.contains("270.2 mm, square"))
                .anyMatch(s -> s.contains("Ring 4, joint at 9 o'clock"))
                .anyMatch(s -> s.contains("14 to 42 drops"));
        assertThat(steps.stream().filter(Step::hold).map(Step::id))
                .contains("parts", "clean", "order", "ring-1", "lantern", "gland", "turn", "run-in");
    }

    @Test
    void aStemIsStrokedAndNotRunIn() {
        PackingInput in = box().lanternWidthMm(null)
                .lanternSlotMm(null)
                .portFromMm(null)
                .portToMm(null)
                .build();
        assertThat(plan(in).stem(true).skive(true).build().steps())
                .extracting(Step::id)
                .contains("stroke")
                .doesNotContain("run-in", "contact", "lantern");
        assertThat(plan(in).stem(true).skive(true).build().steps())
                .extracting(Step::instruction)
                .anyMatch(s -> s.contains("286.2 mm, at 45°"));
    }

    @Test
    void packingIsLaidOutByTheMetre() {
        // five rings of 270.2: 1.35 m
        assertThat(plan(box().build()).newSleeve(true).build().parts())
                .extracting(Part::kind, Part::count, Part::size)
                .containsExactly(tuple(PartKind.PACKING, 2, "16"), tuple(PartKind.SLEEVE, 1, ""));
    }

    @Test
    void oldRingsComeOutOnlyOfAnEmptyBox() {
        List<Step> steps = PackingPlan.stripping(PackingPlan.Gland.PLAIN, false);
        assertThat(steps).allMatch(Step::isStripping);
        assertThat(steps.get(0)).satisfies(s -> {
            assertThat(s.hold()).isTrue();
            assertThat(s.instruction()).contains("prove the box empty");
        });
        assertThat(steps).extracting(Step::caution).anyMatch(c -> c.contains("asbestos"));
    }

    @Test
    void whatIsSpecialAboutAGlandComesOffMarkedAndGoesBackSo() {
        var gland = new PackingPlan.Gland(true, false, true);
        assertThat(PackingPlan.stripping(gland, true))
                .extracting(Step::id)
                .containsExactly("gland-off", "springs-off", "pins-out", "flush-off", "rings-out", "lantern-out");
        assertThat(plan(box().pressureMpa(0.4).build()).gland(gland).build().steps())
                .extracting(Step::id)
                .containsSubsequence("gland", "pins-in", "springs", "flush", "turn", "run-in");
        assertThat(plan(box().pressureMpa(0.4).build()).build().steps())
                .extracting(Step::instruction)
                .anyMatch(s -> s.contains("open before it turns, at 0.45 to 0.50 MPa"));
    }

    @Test
    void aGlandThatIsBoltedHomeIsNotRunIn() {
        var home = new PackingPlan.Gland(false, true, false);
        assertThat(plan(box().build()).gland(home).build().steps())
                .extracting(Step::id)
                .contains("home", "turn", "under-sleeve")
                .doesNotContain("contact", "run-in");
        assertThat(RunInCheck.home(false).status()).isEqualTo(Status.PASS);
        assertThat(RunInCheck.home(true).status()).isEqualTo(Status.CAUTION);
    }

    @Test
    void dieFormedRingsStandBetweenBraidedEnds() {
        PackingPlan plan = plan(box().build()).formed(true).build();
        assertThat(plan.steps())
                .extracting(Step::instruction)
                .anyMatch(s -> s.startsWith("Braided ring 1,"))
                .anyMatch(s -> s.startsWith("Die-formed ring 2,"))
                .anyMatch(s -> s.startsWith("Die-formed ring 4,"))
                .anyMatch(s -> s.startsWith("Braided ring 5,"));
        // two ends of 270.2 by the metre
        assertThat(plan.parts())
                .extracting(Part::id, Part::count)
                .containsExactly(tuple("packing", 1), tuple("formed", 3));
    }

    /** Limit of a shaft of 70: 0.085; above 100 it stays at 0.10. */
    @ParameterizedTest
    @CsvSource({
        "70, false, NO, 0.085, , PASS",
        "70, false, NO, 0.086, , FAIL",
        "100, false, NO, 0.1, , PASS",
        "200, false, NO, 0.101, , FAIL",
        "70, false, YES, 0.02, , FAIL",
        "70, false, , 0.02, , MISSING",
        "70, false, NO, , , MISSING",
        "30, true, NO, 0.065, 0.1, PASS",
        "30, true, NO, 0.065, 0.101, FAIL",
        "30, true, NO, 0.065, , MISSING",
        "30, true, YES, 0.065, , FAIL"
    })
    void theFaceUnderThePackingIsJudged(
            double mm,
            boolean stem,
            @Nullable String scored,
            @Nullable Double oval,
            @Nullable Double bend,
            Status worst) {
        var face = PackedFaceBuilder.builder()
                .diameterMm(mm)
                .stem(stem)
                .scored(scored == null ? null : Boolean.valueOf(scored.equals("YES")))
                .ovalityMm(oval)
                .bendMm(bend)
                .underSleeve(false);
        assertThat(Finding.worst(face.build().findings())).isEqualTo(worst);
        assertThat(Finding.worst(face.stem(false).underSleeve(true).build().findings()))
                .isEqualTo(Status.FAIL);
    }

    @Test
    void stylesThatAreOfferedStandTheBox() {
        PackingInput in = box().speedRpm(1450.0)
                .pressureMpa(1.8)
                .temperatureC(240.0)
                .fluid("WATER_HOT")
                .build();
        assertThat(PackingStyle.offers(in))
                .extracting(o -> o.style().key())
                .contains("PTFE_GRAPHITE", "EXPANDED_GRAPHITE")
                .doesNotContain("FLAX_GREASED", "PTFE_BRAID", "CHEVRON_PTFE");
        assertThat(PackingStyle.offers(in)).noneMatch(o -> o.worst() == Status.FAIL);
    }

    @ParameterizedTest
    @CsvSource({"4;4.3;4.1;4, PASS", "4;4.31;4.1;4, CAUTION", "4;4.1, MISSING", "4;4.5, CAUTION", ", MISSING"})
    void aGlandStandsSquare(@Nullable String gaps, Status expected) {
        List<Double> mm = gaps == null
                ? List.of()
                : List.of(gaps.split(";")).stream().map(Double::valueOf).toList();
        assertThat(new GlandGaps(mm).finding().status()).isEqualTo(expected);
    }
}
