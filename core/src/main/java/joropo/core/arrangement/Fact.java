package joropo.core.arrangement;

/**
 * One thing that is known of one part.
 *
 * @param u how surely it was read (mm, k = 2); 0 where nothing was read with a gauge
 * @param at the field or row that says so, as links name it
 */
public record Fact<T>(String part, Property<T> property, T value, double u, Origin origin, String at) {
    private static final double SLACK_MM = 1e-9;

    boolean isOf(String key, Property<?> asked) {
        return part.equals(key) && property.equals(asked);
    }

    /** Whether both cannot be right: figures that differ by more than both were read, or other words. */
    boolean contradicts(Fact<?> other) {
        return value instanceof Double a && other.value instanceof Double b
                ? Math.abs(a - b) > u + other.u + SLACK_MM
                : !value.equals(other.value);
    }
}
