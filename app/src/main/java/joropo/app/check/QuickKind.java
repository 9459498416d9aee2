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
record QuickKind(
        String path, String title, String purpose, String caution, List<Group> groups, Map<String, String> intoJob) {
    /** Fields that belong together. @param folded whether they are closed until asked for */
    record Group(String title, List<Field> fields, boolean folded) {}

    static QuickKind of(String path, String title, String purpose) {
        return new QuickKind(path, title, purpose, "", List.of(), Map.of());
    }

    QuickKind mind(String words) {
        return new QuickKind(path, title, purpose, words, groups, intoJob);
    }

    QuickKind with(String heading, Field... fields) {
        return with(new Group(heading, List.of(fields), false));
    }

    QuickKind folded(String heading, Field... fields) {
        return with(new Group(heading, List.of(fields), true));
    }

    private QuickKind with(Group group) {
        return new QuickKind(
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
    QuickKind into(String... ownAndSheet) {
        Map<String, String> all = new LinkedHashMap<>();
        Arrays.stream(ownAndSheet)
                .map(pair -> pair.split(":"))
                .forEach(pair -> all.put(pair[0], pair[pair.length - 1]));
        return new QuickKind(path, title, purpose, caution, groups, all);
    }

    Stream<Field> fields() {
        return groups.stream().flatMap(g -> g.fields().stream());
    }
}
