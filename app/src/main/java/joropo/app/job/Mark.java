package joropo.app.job;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Something that was ticked or counted in a job, as the store hands all of it over at once.
 *
 * @param key of the step, of the joint, or the kind of a thing, @param text what the step said, or what the thing is
 * @param state of a thing, @param pass, @param bolt, @param bolts, @param nm of a bolt; each absent for the others
 */
record Mark(
        Sort sort,
        String key,
        String text,
        JobEntry.@Nullable State state,
        String personName,
        Instant at,
        @Nullable String skippedWhy,
        @Nullable String undoneWhy,
        @Nullable Integer pass,
        @Nullable Integer bolt,
        @Nullable Integer bolts,
        @Nullable Double nm) {
    /** What was marked. */
    enum Sort {
        STEP,
        THING,
        TURN
    }

    static void into(BesideBuilder out, List<Mark> all) {
        out.steps(all.stream()
                .filter(m -> m.sort == Sort.STEP)
                .map(m -> new StepDone(m.key, m.text, m.personName, m.at, m.skippedWhy, m.undoneWhy))
                .toList());
        out.things(JobEntry.now(all.stream()
                .filter(m -> m.sort == Sort.THING)
                .map(m -> new JobEntry(
                        JobEntry.Kind.valueOf(m.key), m.text, Objects.requireNonNull(m.state), m.personName, m.at))
                .toList()));
        out.ticks(all.stream()
                .filter(m -> m.sort == Sort.TURN && m.undoneWhy == null)
                .map(m -> new TorqueProgress.Tick(m.key, m.pass, m.bolt, m.bolts, m.nm))
                .toList());
    }
}
