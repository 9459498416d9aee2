package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import joropo.app.job.TorqueProgress.Tick;
import joropo.core.assembly.TorquePlanCheck;
import joropo.core.assembly.TorquePlanInput.TorqueUnit;
import joropo.core.assembly.TorquePlanInputBuilder;
import joropo.core.assembly.TorquePlanResult;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How far a torque plan has come: bolt by bolt, and only by what was made on this ring to these figures. */
class TorqueProgressTest {
    private static TorquePlanResult plan(int bolts, double nm) {
        return TorquePlanCheck.check(TorquePlanInputBuilder.builder()
                .bolts(bolts)
                .torque(nm)
                .torqueUnit(TorqueUnit.NM)
                .build());
    }

    static IntStream counts() {
        return IntStream.rangeClosed(1, 24);
    }

    /**
     * Ticking what is next, and only that, does every bolt in every pass in the order of the plan, and then nothing is
     * left.
     */
    @ParameterizedTest
    @MethodSource("counts")
    void whatIsNextLeadsThroughTheWholePlan(int bolts) {
        TorquePlanResult plan = plan(bolts, 40);
        List<Tick> ticks = new ArrayList<>();
        for (int pass = 1; pass <= 4; pass++) {
            for (int i = 0; i < bolts; i++) {
                var work = new TorqueProgress("", plan, ticks);
                Tick next = work.next();
                assertThat(next)
                        .isEqualTo(new Tick(
                                "",
                                pass,
                                plan.sequence().get(i),
                                bolts,
                                plan.passesNm().get(pass - 1)));
                assertThat(work.left()).isEqualTo(4 * bolts - ticks.size());
                assertThat(work.done(pass))
                        .containsExactlyElementsOf(plan.sequence().subList(0, i));
                assertThat(work.isDone(next.pass(), next.bolt(), next.nm())).isFalse();
                ticks.add(next);
            }
        }
        var all = new TorqueProgress("", plan, ticks);
        assertThat(all.next()).isNull();
        assertThat(all.left()).isZero();
        assertThat(new TorqueProgress("", plan(bolts, 41), ticks).left())
                .as("to another figure")
                .isEqualTo(4 * bolts);
        assertThat(new TorqueProgress("", plan(bolts, 40.1), ticks).left())
                .as("a figure that no wrench tells apart")
                .isZero();
        assertThat(new TorqueProgress("", plan(bolts + 1, 40), ticks).left())
                .as("on another ring")
                .isEqualTo(4 * (bolts + 1));
    }

    @Test
    void turnsOfOneJointAreNoneOfAnother() {
        var first = new TorqueProgress("", plan(4, 40), List.of());
        List<Tick> ticks = List.of(first.next());
        assertThat(new TorqueProgress("", plan(4, 40), ticks).left()).isEqualTo(15);
        assertThat(new TorqueProgress("t2-", plan(4, 40), ticks).left()).isEqualTo(16);
    }

    /**
     * The order in which ticks are stored says nothing, one said twice counts once, and a hole in the order is what
     * comes next.
     */
    @Test
    void aHoleIsWhatComesNext() {
        TorquePlanResult plan = plan(8, 40);
        Random random = new Random(8);
        for (int run = 0; run < 200; run++) {
            List<Tick> turns = new ArrayList<>(IntStream.range(0, 32)
                    .mapToObj(i -> new Tick(
                            "",
                            i / 8 + 1,
                            plan.sequence().get(i % 8),
                            8,
                            plan.passesNm().get(i / 8)))
                    .toList());
            int hole = random.nextInt(32);
            Tick open = turns.remove(hole);
            turns.add(turns.get(random.nextInt(31)));
            Collections.shuffle(turns, random);
            var work = new TorqueProgress("", plan, turns);
            assertThat(work.next()).isEqualTo(open);
            assertThat(work.left()).isEqualTo(1);
            assertThat(work.done(open.pass())).hasSize(7).doesNotContain(open.bolt());
        }
    }

    @Test
    void withoutAFigureNothingIsLeft() {
        TorquePlanResult noFigure =
                TorquePlanCheck.check(TorquePlanInputBuilder.builder().bolts(4).build());
        var none = new TorqueProgress("", noFigure, List.of(new Tick("", 1, 1, 4, 12)));
        assertThat(none.next()).isNull();
        assertThat(none.left()).isZero();
        assertThat(none.isDone(1, 1, 12)).isFalse();
    }
}
