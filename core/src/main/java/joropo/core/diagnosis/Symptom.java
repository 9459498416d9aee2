package joropo.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import joropo.core.tables.CsvTable;

/**
 * One thing that can be seen, with what it points to (guide, {@code failure-signs.csv}).
 *
 * @param code its key, @param words as a person says it, @param weights of its causes, 3 strong, 2 usual, 1 possible
 * @param check what tells its causes apart, @param notWith codes of signs that cannot stand beside it
 */
public record Symptom(
        String code, Group group, String words, Map<String, Integer> weights, String check, List<String> notWith) {
    /** What has to be at hand to look. */
    public enum Group {
        INNOCENT("Is it the seal at all?"),
        RUNNING("Before it is opened"),
        LIP("Lip seal and shaft"),
        O_RING("O-ring"),
        PACKING("Packing, chevron"),
        FACES("Mechanical seal");

        private final String words;

        Group(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether it is looked at on a part that came off. */
        boolean isOfAPart() {
            return compareTo(LIP) >= 0;
        }

        /** Whether both may stand on one shaft entry: a mechanical seal has O-rings, a lip seal has no packing. */
        boolean goesWith(Group other) {
            return this == other
                    || !isOfAPart()
                    || !other.isOfAPart()
                    || Set.of(O_RING, FACES).containsAll(Set.of(this, other));
        }
    }

    private static final int STRONGEST = 3;
    private static final List<Symptom> ALL = CsvTable.rows("failure-signs", Symptom::read);

    public Symptom {
        weights = Map.copyOf(weights);
        notWith = List.copyOf(notWith);
    }

    /** All signs in the order of the table: is it the seal at all first. */
    public static List<Symptom> all() {
        return ALL;
    }

    public static Optional<Symptom> of(String code) {
        return ALL.stream().filter(s -> s.code.equals(code)).findFirst();
    }

    /** How strongly it points to a cause; 0 where it does not. */
    public int weight(String cause) {
        return weights.getOrDefault(cause, 0);
    }

    private static Symptom read(CsvTable.Row row) {
        Map<String, Integer> weights = new LinkedHashMap<>();
        List<String> pairs = new ArrayList<>(Arrays.asList(row.text("causes").split(" ")));
        for (int i = 0; i + 1 < pairs.size(); i += 2) {
            int weight = Integer.parseInt(pairs.get(i + 1));
            if (weight < 1
                    || weight > STRONGEST
                    || Cause.of(pairs.get(i)).isEmpty()
                    || weights.put(pairs.get(i), weight) != null) {
                throw new IllegalStateException(
                        "Table failure-signs: " + row.text("code") + " has " + pairs.get(i) + " " + weight);
            }
        }
        return new Symptom(
                row.text("code"),
                Group.valueOf(row.text("group")),
                row.text("sign"),
                weights,
                row.text("check"),
                row.text("not_with").isEmpty()
                        ? List.of()
                        : List.of(row.text("not_with").split(" ")));
    }
}
