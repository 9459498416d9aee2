package joropo.core.arrangement;

import org.jspecify.annotations.Nullable;

/**
 * One part of a place.
 *
 * @param key a number in the job, never the store's: i2 an item, o3 the third that came off, n1 added
 * @param name as people call it, @param off that it was the nth that came off, 0: it did not
 * @param on key of the part that carries it, absent: it has a place of its own, @param goesIn false where it was left
 *     out with a reason
 */
public record Part(
        String key,
        PartKind kind,
        String name,
        int off,
        @Nullable String on,
        boolean goesIn) {
    public Part {
        if (off < 0) {
            throw new IllegalArgumentException("Need a place in the order of coming off of 0 or more, got " + off);
        }
    }

    /** The same, carried by another. @param carrier key of that */
    public Part on(String carrier) {
        return new Part(key, kind, name, off, carrier, goesIn);
    }

    /** What did not come off and goes in. */
    public static Part added(String key, PartKind kind, String name) {
        return new Part(key, kind, name, 0, null, true);
    }

    boolean cameOff() {
        return off > 0;
    }
}
