package joropo.core.diagnosis;

import java.util.List;
import java.util.Optional;
import joropo.core.tables.CsvTable;

/**
 * Why something leaks (guide, {@code failure-causes.csv}).
 *
 * @param code its key, one wherever it stands, @param ofTheSeal false where another seal would cure nothing, @param
 *     remedy what is done about it
 */
public record Cause(String code, String words, boolean ofTheSeal, String remedy) {
    private static final List<Cause> ALL = CsvTable.rows(
            "failure-causes",
            r -> new Cause(r.text("code"), r.text("cause"), r.text("seal").equals("YES"), r.text("remedy")));

    public static List<Cause> all() {
        return ALL;
    }

    public static Optional<Cause> of(String code) {
        return ALL.stream().filter(c -> c.code.equals(code)).findFirst();
    }
}
