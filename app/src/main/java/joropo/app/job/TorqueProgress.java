package joropo.app.job;

import java.util.List;
import java.util.stream.IntStream;
import joropo.core.assembly.TorquePlanResult;
import org.jspecify.annotations.Nullable;

/**
 * The torque plan of a job and how far it has come, bolt by bolt, pass by pass.
 *
 * @param plan absent while bolts, torque and unit are not all typed, @param ticks what was done, some of it perhaps to
 *     other figures
 */
record TorqueProgress(@Nullable TorquePlanResult plan, List<Tick> ticks) {
    /** Figures as near as this are the same, in parts: a wrench is set no finer. */
    private static final double SAME = 0.005;

    /**
     * One bolt tightened in one pass, both counted from 1. @param bolts how many the ring had, @param nm to which
     * torque (N·m)
     */
    record Tick(int pass, int bolt, int bolts, double nm) {
        /** Whether it is this bolt in this pass, to this torque. */
        boolean isBy(int pass, int bolt, double nm) {
            return this.pass == pass && this.bolt == bolt && Math.abs(this.nm - nm) <= SAME * nm;
        }
    }

    /** Every turn of the wrench, in its order; none without a plan. */
    private List<Tick> turns() {
        return plan == null
                ? List.of()
                : IntStream.range(0, plan.passesNm().size())
                        .boxed()
                        .flatMap(pass -> plan.sequence().stream()
                                .map(bolt -> new Tick(
                                        pass + 1,
                                        bolt,
                                        plan.sequence().size(),
                                        plan.passesNm().get(pass))))
                        .toList();
    }

    /** What was tightened to other figures, or on another ring, counts for nothing. */
    private boolean isDone(Tick turn) {
        return ticks.stream().anyMatch(t -> t.bolts() == turn.bolts() && turn.isBy(t.pass(), t.bolt(), t.nm()));
    }

    boolean isDone(int pass, int bolt, double nm) {
        return turns().stream().anyMatch(t -> t.isBy(pass, bolt, nm) && isDone(t));
    }

    /** What comes next; absent when there is no plan or all is done. */
    @Nullable
    Tick next() {
        return turns().stream().filter(t -> !isDone(t)).findFirst().orElse(null);
    }

    int left() {
        return (int) turns().stream().filter(t -> !isDone(t)).count();
    }

    /** Bolts that are done in this pass. */
    List<Integer> done(int pass) {
        return turns().stream()
                .filter(t -> t.pass() == pass && isDone(t))
                .map(Tick::bolt)
                .toList();
    }
}
