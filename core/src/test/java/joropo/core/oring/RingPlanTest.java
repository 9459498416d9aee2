package joropo.core.oring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.shaft.Side;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class RingPlanTest {
    @ParameterizedTest
    @CsvSource({
        "U_CUP, IN, IN, false, PASS",
        "U_CUP, OUT, IN, false, FAIL",
        "U_CUP, IN, IN, , MISSING",
        "U_CUP, IN, IN, true, CAUTION",
        "U_CUP, IN, , false, MISSING",
        "U_CUP, , IN, false, MISSING",
        "WIPER, OUT, IN, false, PASS",
        "WIPER, IN, IN, false, FAIL",
        "WIPER, OUT, , , PASS",
        "WIPER, , IN, false, MISSING",
        "END_RING, OUT, IN, false, PASS",
        "END_RING, IN, IN, false, FAIL"
    })
    void aRingWithADirectionIsJudgedByThePressure(
            RingSort sort, @Nullable Side faces, @Nullable Side pressure, @Nullable Boolean turns, Status expected) {
        assertThat(new WayRound(sort, faces, pressure, turns, false).finding().status())
                .isEqualTo(expected);
    }

    /** Each of two wipers faces its own end; which end that is has to be said, and the far one goes in last. */
    @ParameterizedTest
    @CsvSource({
        "OUT, true, false, PASS, false",
        "IN, true, true, PASS, true",
        "IN, true, false, FAIL, false",
        "OUT, true, true, FAIL, true",
        "OUT, true, , MISSING, false",
        "IN, true, , MISSING, false",
        "OUT, false, , PASS, false",
        "IN, false, , FAIL, false"
    })
    void aJointOpenAtBothEndsHasTwoOutsides(
            Side faces, boolean paired, @Nullable Boolean farEnd, Status expected, boolean far) {
        var way = new WayRound(RingSort.WIPER, faces, Side.IN, false, paired, farEnd);
        assertThat(way.finding().status()).isEqualTo(expected);
        assertThat(way.isFar()).isEqualTo(far);
        assertThat(plan(RingSort.WIPER).way(way).build().steps().stream()
                        .anyMatch(s -> s.instruction().contains("once the shaft is through")))
                .isEqualTo(far);
    }

    @Test
    void aJointThatTurnsIsNotHeldAtTheEndsOfAStroke() {
        assertThat(plan(RingSort.SLIDE).turns(true).build().steps())
                .extracting(Step::instruction)
                .noneMatch(s -> s.contains("end to end"))
                .anyMatch(s -> s.contains("each port in turn"));
    }

    private static RingPlanBuilder plan(RingSort sort) {
        return RingPlanBuilder.builder()
                .sort(sort)
                .name("")
                .size("227")
                .material("NBR")
                .way(new WayRound(sort, Side.OUT, Side.IN, false, false))
                .backups(0)
                .gland(Gland.PISTON)
                .cut("")
                .loaderSize("")
                .all(List.of("O-ring 227, NBR", "wiper"))
                .leads(true);
    }

    @ParameterizedTest
    @EnumSource(RingSort.class)
    void everyKindHasItsOwnWayInAndIsLookedAtBeforeClosing(RingSort sort) {
        List<Step> steps = plan(sort).build().steps();
        assertThat(steps)
                .extracting(Step::id)
                .doesNotHaveDuplicates()
                .containsSubsequence("parts", "clean", "in", "look");
        assertThat(steps).extracting(Step::id).contains("prove");
        assertThat(steps.stream().filter(Step::hold).map(Step::id)).contains("parts", "clean", "look", "draw");
        assertThat(steps.stream().anyMatch(s -> s.id().equals("way-round"))).isEqualTo(sort.isFaced());
        assertThat(plan(sort).leads(false).build().steps())
                .extracting(Step::id)
                .doesNotContain("parts", "clean", "look", "prove");
    }

    @Test
    void whatIsLaidIsCountedAndTheLoaderGoesInFirst() {
        assertThat(plan(RingSort.O_RING).backups(2).build().parts())
                .extracting(Part::id, Part::count)
                .containsExactly(tuple("ring", 1), tuple("backup", 2));
        assertThat(plan(RingSort.SLIDE).build().parts()).extracting(Part::id).contains("loader");
        assertThat(plan(RingSort.SLIDE).build().steps())
                .extracting(Step::id)
                .containsSubsequence("loader", "in", "lies");
        assertThat(plan(RingSort.SLIDE).gland(Gland.ROD).build().steps())
                .extracting(Step::instruction)
                .anyMatch(s -> s.contains("last bulge home over its running face"));
        assertThat(plan(RingSort.O_RING).material("EPDM").build().steps())
                .extracting(Step::instruction)
                .anyMatch(s -> s.contains("EPDM takes no mineral oil"));
    }
}
