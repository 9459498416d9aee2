package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.plan.PartState;
import joropo.core.plan.Step;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Hold points, ticks and decisions: what counts, and what has been overtaken. */
class JobRulesTest {
    private static final Instant AT = Instant.parse("2026-11-25T12:00:00Z");
    private final Random random = new Random(11);

    private static Step step(int id, boolean hold, String act) {
        return new Step("s" + id, Step.When.FIT, act, "", hold, "", null, "");
    }

    /** A step may be ticked exactly when every hold point before it is done; the first one always may. */
    @Test
    void aStepWaitsForTheFirstOpenHoldPointBeforeIt() {
        for (int run = 0; run < 500; run++) {
            List<Step> plan = IntStream.range(0, 1 + random.nextInt(17))
                    .mapToObj(i -> step(i, random.nextInt(3) == 0, "act"))
                    .toList();
            Set<String> done = plan.stream()
                    .filter(s -> random.nextBoolean())
                    .map(Step::id)
                    .collect(Collectors.toSet());
            for (int i = 0; i < plan.size(); i++) {
                Step open = plan.subList(0, i).stream()
                        .filter(s -> s.hold() && !done.contains(s.id()))
                        .findFirst()
                        .orElse(null);
                assertThat(JobRules.stepHeldBy(plan, done, plan.get(i).id()).orElse(null))
                        .isEqualTo(open);
            }
            Set<String> more = new HashSet<>(done);
            more.add(plan.get(random.nextInt(plan.size())).id());
            assertThat(plan)
                    .as("a tick more never holds anything")
                    .allMatch(s -> JobRules.stepHeldBy(plan, done, s.id()).isPresent()
                            || JobRules.stepHeldBy(plan, more, s.id()).isEmpty());
        }
    }

    private static JobState ticked(StepDone... ticks) {
        return new JobState(
                null,
                null,
                List.of(),
                List.of(),
                null,
                BesideBuilder.builder().steps(List.of(ticks)).removed(List.of()).build(),
                Map.of());
    }

    private static List<String> standing(List<Step> plan, StepDone... ticks) {
        JobState state = ticked(ticks);
        return plan.stream()
                .filter(s -> state.standingTick(s).isPresent())
                .map(Step::id)
                .toList();
    }

    private static StepDone tick(int step, String act) {
        return StepDone.done("s" + step, act, "Marisol", AT);
    }

    /**
     * The newest tick counts while the step says what it said then; one that nobody wrote down the words of counts for
     * any.
     */
    @Test
    void aTickCountsForWhatWasReadThen() {
        List<Step> plan = List.of(step(1, true, "faces inside"), step(2, false, "to 2.50 mm"));
        assertThat(standing(plan, tick(1, "faces inside"), tick(2, "to 2.50 mm")))
                .containsExactly("s1", "s2");
        assertThat(standing(plan, tick(1, "faces outside"), tick(2, ""))).containsExactly("s2");
        assertThat(standing(plan, tick(1, "faces inside"), tick(1, "faces outside")))
                .as("turned since")
                .isEmpty();
        assertThat(standing(plan, tick(1, "faces outside"), tick(1, "faces inside")))
                .as("turned and ticked again")
                .containsExactly("s1");
        assertThat(standing(plan, tick(3, "gone"))).as("no step of this plan").isEmpty();
        assertThat(ticked(tick(1, "faces outside")).newestTick(plan.get(0)))
                .get()
                .extracting(StepDone::act)
                .isEqualTo("faces outside");
    }

    private static Part part(int count, String size, @Nullable String material) {
        return new Part("lip-seal", count, PartKind.LIP_SEAL, "lip seal", size, material, "", null);
    }

    private static PartLine line(Part part, PartState state, int count, String size, @Nullable String material) {
        return new PartLine(
                part,
                true,
                new PartEntry("lip-seal", state, null, null, null, count, size, material, "", "", "Marisol", AT));
    }

    /** What was laid out settles the part it was laid out for, and no other. */
    @Test
    void whatWasLaidOutIsOvertakenByAnotherDecision() {
        assertThat(line(part(1, "45x62x8", "NBR"), PartState.NEW, 1, "45x62x8", "NBR")
                        .isSettled())
                .isTrue();
        assertThat(line(part(1, "45 62 8", null), PartState.NEW, 2, "45x62x8", "NBR")
                        .isSettled())
                .as("material not decided, one to spare")
                .isTrue();
        assertThat(line(part(1, "45x62x8", "NBR"), PartState.NEW, 1, "45x62x8", null)
                        .isSettled())
                .as("of what nobody said")
                .isTrue();
        assertThat(line(part(1, "45x62x10", "NBR"), PartState.NEW, 1, "45x62x8", "NBR")
                        .isOvertaken())
                .as("another size")
                .isTrue();
        assertThat(line(part(1, "45x62x8", "FKM"), PartState.NEW, 1, "45x62x8", "NBR")
                        .isOvertaken())
                .as("another material")
                .isTrue();
        assertThat(line(part(2, "45x62x8", "NBR"), PartState.NEW, 1, "45x62x8", "NBR")
                        .isOvertaken())
                .as("one is not two")
                .isTrue();
        assertThat(line(part(2, "45x62x8", "NBR"), PartState.OPEN, 1, "45x62x8", "NBR")
                        .isOvertaken())
                .as("nothing was laid out")
                .isFalse();
        assertThat(new PartLine(part(1, "", null), false, null).isSettled()).isFalse();
        for (PartState state : PartState.values()) {
            assertThat(line(part(1, "45x62x8", "NBR"), state, 1, "45x62x8", "NBR")
                            .isSettled())
                    .isEqualTo(state != PartState.OPEN);
        }
    }
}
