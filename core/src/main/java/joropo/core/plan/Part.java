package joropo.core.plan;

import org.jspecify.annotations.Nullable;

/**
 * One line of a parts list (guide).
 *
 * @param id stays the same for the same part, whatever else is on the list, @param count how many, @param size as the
 *     store writes it, empty where none is known
 * @param material code, absent where it does not matter or is not decided, @param why what for, @param together what it
 *     is renewed together with, absent: on its own
 */
public record Part(
        String id,
        int count,
        PartKind kind,
        String name,
        String size,
        @Nullable String material,
        String why,
        @Nullable String together) {
    /** The same part of one item among several. @param prefix that tells the item apart, empty for the first */
    public Part under(String prefix) {
        return prefix.isEmpty() ? this : new Part(prefix + id, count, kind, name, size, material, why, together);
    }
}
