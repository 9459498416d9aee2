package joropo.app.job;

import java.util.Arrays;
import java.util.List;
import joropo.core.arrangement.PartKind;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is sealed in a job. An item has a kind of its own.
 *
 * @param number in the job, from 1: the first is what the job was opened for, @param label that somebody gave it,
 *     empty: none
 * @param withdrawnWhy absent while it stands: what was typed of one that was taken out stays, and is judged no more
 */
public record JobItem(
        int number, PartKind kind, String label, @Nullable String withdrawnWhy) {
    /** What parts items and their facts as the store hands them over; no text holds one. */
    private static final String ROW = "\u001e";

    private static final String FACT = "\u001f";

    /** As the store hands them over: number, kind, label and why each was taken out. */
    static List<JobItem> read(String rows) {
        return Arrays.stream(rows.split(ROW))
                .map(r -> r.split(FACT, -1))
                .map(f ->
                        new JobItem(Integer.parseInt(f[0]), PartKind.valueOf(f[1]), f[2], f[3].isEmpty() ? null : f[3]))
                .toList();
    }

    /** The first of its kind, which says what holds for all of them; else itself. */
    static JobItem first(List<JobItem> items, JobItem item) {
        return items.stream().filter(i -> i.kind == item.kind).findFirst().orElse(item);
    }

    /** What tells its fields, steps and parts from those of the others; empty for the first. */
    String prefix() {
        return number == 1 ? "" : "i" + number + "-";
    }

    boolean stands() {
        return withdrawnWhy == null;
    }

    /** Whether others of its kind stand beside it. */
    boolean isOneOfSeveral(List<JobItem> items) {
        return items.stream().filter(i -> i.kind == kind).count() > 1;
    }

    /** Its name among these: its label, else its kind, with its number where there are several. */
    String calledAmong(List<JobItem> items) {
        return !label.isEmpty() ? label : isOneOfSeveral(items) ? kind.words() + " " + number : kind.words();
    }
}
