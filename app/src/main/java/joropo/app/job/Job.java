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
 *     had a number, as {@link Numbers} takes it, @param lastOff kinds of what came off here last time, parted by blanks
 * @param shop that it came from, absent: this one, @param shopNumber its number there, @param broughtAt absent: it was
 *     done here
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
        String lastOff,
        @Nullable String shop,
        @Nullable String shopNumber,
        @Nullable Instant broughtAt) {
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
        return lastOff.isEmpty()
                ? List.of()
                : Arrays.stream(lastOff.split(" ")).map(PartKind::valueOf).toList();
    }

    /** What was taken out of it. */
    List<JobItem> takenOut() {
        return JobItem.read(itemRows).stream().filter(i -> !i.stands()).toList();
    }
}
