package joropo.core.removal;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;

/**
 * How a surface is cleaned (guide, {@code cleaning.csv}).
 *
 * @param code key of the row, @param coarsest, @param finest empty where not meant, @param never what spoils it, empty
 *     when nothing special
 */
public record Cleaning(String code, String surface, String means, String coarsest, String finest, String never) {
    private static final List<Cleaning> ALL = CsvTable.rows(
            "cleaning",
            r -> new Cleaning(
                    r.text("code"),
                    r.text("surface"),
                    r.text("means"),
                    r.text("coarsest"),
                    r.text("finest"),
                    r.text("never")));

    public static List<Cleaning> all() {
        return ALL;
    }

    /** The row of a surface that there is, such as {@code BORE_SEAT}. */
    public static Cleaning of(String code) {
        return ALL.stream()
                .filter(c -> c.code.equals(code))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Table cleaning has no " + code));
    }

    /** The surface, then what to use on it. */
    public String words() {
        return surface.substring(0, 1).toUpperCase(Locale.ROOT) + surface.substring(1) + ": " + use();
    }

    /** What to use, then each prohibition with its own never. */
    public String use() {
        String use = means + ".";
        return never.isEmpty()
                ? use
                : use + " Never "
                        + Arrays.stream(never.split(";")).map(String::strip).collect(Collectors.joining(", and never "))
                        + ".";
    }
}
