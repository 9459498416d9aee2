package joropo.core.units;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Collects what an input lacks, so that one refusal names every field at once. The values are millimetres, degrees or
 * what the field's name says; not-a-number and infinity are always refused.
 */
public final class Needs {
    private final List<FieldError> errors = new ArrayList<>();

    /** A field that has to be there, whatever it holds. */
    public Needs given(String field, @Nullable Object value) {
        return that(field, value != null, "is needed");
    }

    /** A size: {@link Length#MIN_MM} to {@link Length#MAX_MM}; absent is refused. */
    public Needs size(String field, @Nullable Double mm) {
        given(field, mm);
        return optionalSize(field, mm);
    }

    /** A size that may be left out. */
    public Needs optionalSize(String field, @Nullable Double mm) {
        return that(
                field,
                mm == null || mm >= Length.MIN_MM && mm <= Length.MAX_MM,
                "must be above 0, at least " + Length.MIN_MM + ", and at most " + Length.show(Length.MAX_MM, 0)
                        + " mm, got " + mm);
    }

    /** A size that may be zero or left out: a play, an uncertainty, a depth from a face. */
    public Needs optionalNotNegative(String field, @Nullable Double value) {
        return that(
                field,
                value == null || value >= 0 && value <= Length.MAX_MM,
                "must be 0 or more and at most " + Length.show(Length.MAX_MM, 0) + ", got " + value);
    }

    /** A place along the axis or a deviation: any sign, at most {@link Length#MAX_MM} either way. */
    public Needs optionalPlace(String field, @Nullable Double mm) {
        return that(field, mm == null || Math.abs(mm) <= Length.MAX_MM, "must lie within 5 m either way, got " + mm);
    }

    /** A place that has to be there. */
    public Needs place(String field, @Nullable Double mm) {
        given(field, mm);
        return optionalPlace(field, mm);
    }

    /** A value between two ends, both included, that may be left out. */
    public Needs optionalBetween(String field, @Nullable Double value, double low, double high) {
        return that(
                field,
                value == null || value >= low && value <= high,
                "must lie between " + Length.show(low, 2) + " and " + Length.show(high, 2) + ", got " + value);
    }

    /** Any other rule; {@code message} completes the sentence "field ...". */
    public Needs that(String field, boolean holds, String message) {
        if (!holds) {
            errors.add(new FieldError(field, message));
        }
        return this;
    }

    /** Ends the collecting. @throws RefusedInput when anything is missing or impossible */
    public void done() {
        if (!errors.isEmpty()) {
            throw new RefusedInput(errors);
        }
    }
}
