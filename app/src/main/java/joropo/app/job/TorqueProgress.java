package joropo.app.job;

import java.util.List;
import java.util.stream.IntStream;
import joropo.core.assembly.TorquePlanResult;
import org.jspecify.annotations.Nullable;

/**
 * The torque plan of one joint of a job and how far it has come, bolt by bolt, pass by pass.
 *
 * @param joint its key, @param plan without a figure there is nothing to tick, @param ticks what was done in this job,
 *     some of it perhaps to other figures
 */
record TorqueProgress(String joint, TorquePlanResult plan, List<Tick> ticks) {
    /** Figures as near as this are the same, in parts: a wrench is set no finer. */
    private static final double SAME = 0.005;

    /**
     * One bolt tightened in one pass, both counted from 1. @param joint key of the joint, @param bolts how many the
     * ring had, @param nm to which torque (N·m)
     */
    record Tick(String joint, int pass, int bolt, int bolts, double nm) {
        /** Whether it is this bolt in this pass, to this torque. */
        boolean isBy(int pass, int bolt, double nm) {
            return this.pass == pass && this.bolt == bolt && Math.abs(this.nm - nm) <= SAME * nm;
        }
    }

    /** Of every joint of a job. */
    static List<TorqueProgress> all(JobWork work, JobState state) {
        return work.joints().stream()
                .map(j -> new TorqueProgress(j.key(), j.plan(), state.beside().ticks()))
                .toList();
    }

    /** Every turn of the wrench, in its order; none without a figure. */
    private List<Tick> turns() {
        return IntStream.range(0, plan.passesNm().size())
                .boxed()
                .flatMap(pass -> plan.sequence().stream()
                        .map(bolt -> new Tick(
                                joint,
                                pass + 1,
                                bolt,
                                plan.sequence().size(),
                                plan.passesNm().get(pass))))
                .toList();
    }

    /** What was tightened to other figures, or on another ring, counts for nothing. */
    private boolean isDone(Tick turn) {
        return ticks.stream()
                .anyMatch(t ->
                        t.joint().equals(joint) && t.bolts() == turn.bolts() && turn.isBy(t.pass(), t.bolt(), t.nm()));
    }

    boolean isDone(int pass, int bolt, double nm) {
        return turns().stream().anyMatch(t -> t.isBy(pass, bolt, nm) && isDone(t));
    }

    /** What comes next; absent when there is no figure or all is done. */
    @Nullable
    Tick next() {
        return turns().stream().filter(t -> !isDone(t)).findFirst().orElse(null);
    }

    /**
     * All bolts that are still to do in the pass that comes next, with those of the passes behind it that go round
     * again to the same figure; none when there is nothing to do.
     */
    List<Tick> restOfPass() {
        Tick next = next();
        return next == null
                ? List.of()
                : turns().stream()
                        .filter(t -> t.pass() >= next.pass() && Math.abs(t.nm() - next.nm()) <= SAME * next.nm())
                        .filter(t -> !isDone(t))
                        .toList();
    }

    /** What was done last; absent while nothing is. */
    @Nullable
    Tick last() {
        return turns().stream().filter(this::isDone).reduce((a, b) -> b).orElse(null);
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
