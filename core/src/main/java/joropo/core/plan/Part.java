package joropo.core.plan;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import joropo.core.arrangement.PartKind;
import org.jspecify.annotations.Nullable;

/**
 * One line of a parts list (guide).
 *
 * @param id stays the same for the same part, whatever else is on the list, @param count how many, @param size as the
 *     store writes it, empty where none is known
 * @param material code, absent where it does not matter or is not decided, @param why what for, @param together what it
 *     is renewed together with, absent: on its own, @param told what a lot has to tell beside that
 */
public record Part(
        String id,
        int count,
        PartKind kind,
        String name,
        String size,
        @Nullable String material,
        String why,
        @Nullable String together,
        List<Told> told) {
    /** A part that its kind, size and material tell. */
    public Part(
            String id,
            int count,
            PartKind kind,
            String name,
            String size,
            @Nullable String material,
            String why,
            @Nullable String together) {
        this(id, count, kind, name, size, material, why, together, List.of());
    }

    /**
     * Something that a lot has to tell before it is known to be this part. @param what such as the layout, @param mark
     * pattern of what a lot's name says where it is so, @param other pattern of what says that it is another
     */
    public record Told(String what, String mark, String other) {
        /** Whether a name tells that it is so; absent: it tells nothing of it. */
        @Nullable
        Boolean in(String name) {
            String said = name.toLowerCase(Locale.ROOT);
            return Pattern.compile(mark).matcher(said).find()
                    ? Boolean.TRUE
                    : Pattern.compile(other).matcher(said).find() ? Boolean.FALSE : null;
        }
    }

    public Part telling(List<Told> asked) {
        return new Part(id, count, kind, name, size, material, why, together, asked);
    }

    /** The same part of one item among several. @param prefix that tells the item apart, empty for the first */
    public Part under(String prefix) {
        return prefix.isEmpty() ? this : new Part(prefix + id, count, kind, name, size, material, why, together, told);
    }
}
