package joropo.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.ShaftEnd;
import joropo.core.lipseal.Side;
import joropo.core.section.BoreItem;
import joropo.core.section.Medium;
import joropo.core.section.Rotation;
import joropo.core.section.Section;
import joropo.core.section.Space;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class FittingPlanTest {
    private static List<Step> plan(Side lip, @Nullable Side dustLip, CaseType type, @Nullable ShaftEnd end, @Nullable Double depth) {
        return FittingPlan.of(new PlanInput(section(lip, dustLip), "45x62x8", type, end, depth));
    }

    private static Section section(Side lip, @Nullable Side dustLip) {
        return new Section("output", Rotation.CCW, 45.0, 62.0, Side.IN, List.of(new Space(Medium.AIR, null, null, null), new Space(Medium.OIL, null, null, null)),
                List.of(new BoreItem.Seal("s1", 2.0, 8.0, 62.0, null, lip, dustLip, true, null)), List.of(), null, null, null, null, null, null, null);
    }

    private static Step step(List<Step> plan, String id) {
        return plan.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void runsInWorkingOrderWithItsHoldPoints() {
        List<Step> plan = plan(Side.IN, Side.OUT, CaseType.RUBBER, ShaftEnd.FULL_CHAMFER, 2.0);
        assertThat(plan).extracting(Step::id).containsExactly("parts", "clean", "dry-trial", "way-round", "outside", "lip", "edges", "start", "drive", "depth", "free",
                "shaft", "print", "turn", "fill", "run");
        assertThat(plan).filteredOn(Step::hold).extracting(Step::id).containsExactly("parts", "clean", "way-round", "depth", "free", "shaft", "turn", "run");
        assertThat(new HashSet<>(plan)).hasSameSizeAs(plan);
    }

    @Test
    void saysWhichWayRoundWithoutTheDrawing() {
        assertThat(FittingPlan.wayRound(section(Side.IN, Side.OUT))).isEqualTo("Open side, with the spring, faces inside, towards the oil; dust lip faces outside.");
        assertThat(FittingPlan.wayRound(section(Side.OUT, null))).isEqualTo("Open side, with the spring, faces outside, towards the air.");
    }

    @Test
    void followsFromWhatIsReallyThere() {
        List<Step> plan = plan(Side.IN, null, CaseType.METAL, ShaftEnd.KEYWAY_OR_THREAD, 2.5);
        assertThat(step(plan, "depth").act()).contains("to 2.50 mm from the face");
        assertThat(step(plan, "outside").act()).startsWith("Case outside: dry");
        assertThat(step(plan, "edges").act()).startsWith("Cover keyway");
        assertThat(step(plan, "turn").act()).contains("first anticlockwise seen from outside");
        assertThat(step(plan(Side.IN, null, CaseType.RUBBER, ShaftEnd.FULL_CHAMFER, null), "edges").act()).contains("meets the open side first");
        assertThat(step(plan(Side.OUT, null, CaseType.RUBBER, ShaftEnd.ROUNDED, null), "edges").act()).contains("enters with the lip");
        assertThat(step(plan(Side.IN, Side.OUT, CaseType.RUBBER, null, null), "lip").act()).contains("a third to a half");
    }
}
