package joropo.app.check;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import joropo.app.ui.Field;

/**
 * One quick check.
 *
 * @param path as in its address, the same as the kind of the JSON interface, @param purpose one sentence, @param
 *     caution what can hurt at this work, empty: nothing special
 * @param intoJob its fields by the field of a job's sheet that each may fill; empty: nothing goes into a job
 */
public record QuickForm(
        String path, String title, String purpose, String caution, List<Group> groups, Map<String, String> intoJob) {
    /** Fields that belong together. @param folded whether they are closed until asked for */
    public record Group(String title, List<Field<?>> fields, boolean folded) {}

    public static QuickForm of(String path, String title, String purpose) {
        return new QuickForm(path, title, purpose, "", List.of(), Map.of());
    }

    public QuickForm mind(String words) {
        return new QuickForm(path, title, purpose, words, groups, intoJob);
    }

    public QuickForm with(String heading, Field<?>... fields) {
        return with(new Group(heading, List.of(fields), false));
    }

    public QuickForm folded(String heading, Field<?>... fields) {
        return with(new Group(heading, List.of(fields), true));
    }

    private QuickForm with(Group group) {
        return new QuickForm(
                path,
                title,
                purpose,
                caution,
                Stream.concat(groups.stream(), Stream.of(group)).toList(),
                intoJob);
    }

    /**
     * @param ownAndSheet field here and field of a sheet, such as {@code sunkMm:plannedDepth}; one name where both are
     *     the same
     */
    public QuickForm into(String... ownAndSheet) {
        Map<String, String> all = new LinkedHashMap<>();
        Arrays.stream(ownAndSheet)
                .map(pair -> pair.split(":"))
                .forEach(pair -> all.put(pair[0], pair[pair.length - 1]));
        return new QuickForm(path, title, purpose, caution, groups, all);
    }

    public Stream<Field<?>> fields() {
        return groups.stream().flatMap(g -> g.fields().stream());
    }
}
