package joropo.app.job;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import joropo.core.arrangement.PartKind;
import org.jspecify.annotations.Nullable;

/**
 * One job on one seal position.
 *
 * @param number as people say it: year and running number, such as 26-0147, @param kind of what it was opened for
 * @param itemRows all that was ever sealed in it, as {@link JobItem#read} takes it, @param numbered findings that have
 *     had a number, as {@link Numbers} takes it
 * @param shop that it came from, absent: this one, @param shopNumber its number there, @param broughtAt absent: it was
 *     done here
 * @param lastOff kinds of what came off in the last job signed here, parted by blanks, absent: nothing
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
        String itemRows,
        String numbered,
        @Nullable String shop,
        @Nullable String shopNumber,
        @Nullable Instant broughtAt,
        @Nullable String lastOff) {
    private static final int SHORT = 4;

    /** Whether work goes on. */
    public enum State {
        OPEN,
        SIGNED,
        WITHDRAWN
    }

    /** Whether it was brought in with a file, so that what is signed in it was signed elsewhere. */
    public boolean wasBroughtIn() {
        return shop != null || broughtAt != null;
    }

    /** Where it comes from, for page and card. */
    public String origin() {
        return shop == null
                ? "from a file of this shop"
                : "from shop " + shop.substring(0, SHORT) + ", where it is job " + shopNumber;
    }

    /** What is sealed in it; the first is what it was opened for. */
    List<JobItem> items() {
        return JobItem.read(itemRows).stream().filter(JobItem::stands).toList();
    }

    /** Kinds of what came off at the last job here, in their order. */
    List<PartKind> cameOffLastTime() {
        return lastOff == null
                ? List.of()
                : Arrays.stream(lastOff.split(" ")).map(PartKind::valueOf).toList();
    }

    /** What was taken out of it. */
    List<JobItem> takenOut() {
        return JobItem.read(itemRows).stream().filter(i -> !i.stands()).toList();
    }
}
