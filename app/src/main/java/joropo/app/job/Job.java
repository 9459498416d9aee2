package joropo.app.job;

import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import joropo.core.plan.PartKind;
import org.jspecify.annotations.Nullable;

/**
 * One job on one seal position.
 *
 * @param number as people say it: year and running number, such as 26-0147, @param kind of what it was opened for
 * @param itemKinds kinds of all that is sealed in it, in their order, parted by blanks
 */
public record Job(
        long id,
        String number,
        PartKind kind,
        long positionId,
        String openedBy,
        Instant openedAt,
        State state,
        @Nullable String withdrawnWhy,
        String itemKinds) {
    /** Whether work goes on. */
    public enum State {
        OPEN,
        SIGNED,
        WITHDRAWN
    }

    /** What is sealed in it; the first is what it was opened for. */
    List<JobItem> items() {
        String[] kinds = itemKinds.split(" ");
        return IntStream.range(0, kinds.length)
                .mapToObj(i -> new JobItem(i + 1, PartKind.valueOf(kinds[i])))
                .toList();
    }
}
