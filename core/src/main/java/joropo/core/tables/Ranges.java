package joropo.core.tables;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * Rows that each hold for a range over..upTo, the upper end included: a size exactly on a border belongs to the lower
 * range.
 *
 * @param <T> the row
 */
public final class Ranges<T> {
    private final List<T> rows;
    private final ToDoubleFunction<T> over;
    private final ToDoubleFunction<T> upTo;

    /** @throws IllegalStateException when the rows do not join without gap or overlap, in rising order */
    public Ranges(String name, List<T> rows, ToDoubleFunction<T> over, ToDoubleFunction<T> upTo) {
        this.rows = List.copyOf(rows);
        this.over = over;
        this.upTo = upTo;
        for (int i = 0; i < rows.size(); i++) {
            double from = over.applyAsDouble(rows.get(i));
            boolean rises = from < upTo.applyAsDouble(rows.get(i));
            boolean joins = i == 0 || from == upTo.applyAsDouble(rows.get(i - 1));
            if (!rises || !joins) {
                throw new IllegalStateException(
                        "Table " + name + ": the range over " + from + " does not join the one before it");
            }
        }
    }

    /** The row for this value, empty when it lies in none. */
    public Optional<T> at(double value) {
        return rows.stream()
                .filter(r -> over.applyAsDouble(r) < value && value <= upTo.applyAsDouble(r))
                .findFirst();
    }

    /** The row for this value, the last one above its end; for guide tables whose last row is open upward. */
    public T atOrLast(double value) {
        return at(value).orElseGet(() -> rows.get(rows.size() - 1));
    }

    public List<T> rows() {
        return rows;
    }
}
