package joropo.app.database;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A table whose rows are evidence: what is written into it is never changed, replaced or taken away, and each row is a
 * link of the chain (table {@code chain}). What is set later, once, is a link of its own.
 *
 * @param key columns a row is known by, @param also further columns by which no row may be replaced, none: no others
 * @param born columns that never change, @param once columns that are set together, once, none: no such
 * @param place SQL over {@code t}: how a person finds the row
 */
public record Evidence(
        String table, List<String> key, List<String> also, List<String> born, List<Later> once, String place) {
    private static final String LIST = "/evidence/evidence.csv";
    private static final int COLUMNS = 6;

    /** A column that is set later. @param before as SQL, what it is until then */
    public record Later(String column, String before) {}

    /** All of them, in the order of their list. */
    public static List<Evidence> all() {
        var in = new InputStreamReader(
                Objects.requireNonNull(Evidence.class.getResourceAsStream(LIST)), StandardCharsets.UTF_8);
        try (var lines = new BufferedReader(in)) {
            return lines.lines()
                    .filter(l -> !l.startsWith("#"))
                    .skip(1)
                    .map(l -> of(l.split(";", -1)))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Evidence of(String[] line) {
        if (line.length != COLUMNS) {
            throw new IllegalStateException("A line of " + LIST + " has no " + COLUMNS + " columns: " + line[0]);
        }
        return new Evidence(
                line[0],
                words(line[1]),
                words(line[2]),
                words(line[3]),
                words(line[4]).stream().map(Evidence::later).toList(),
                line[5]);
    }

    private static Later later(String word) {
        int is = word.indexOf('=');
        return is < 0 ? new Later(word, "null") : new Later(word.substring(0, is), "'" + word.substring(is + 1) + "'");
    }

    private static List<String> words(String text) {
        return text.isBlank() ? List.of() : List.of(text.split(" "));
    }

    /** What the chain calls its rows. */
    public String what() {
        return table;
    }

    /** What the chain calls that they were set later. */
    public String whatLater() {
        return table + ", later";
    }

    /** SQL of the text a row is known by. @param of new, old, or an alias */
    public String ref(String of) {
        return key.stream().map(c -> of + "." + c).collect(Collectors.joining(" || ' ' || ", "cast(", " as text)"));
    }

    /** SQL of what a row says. */
    public String said(String of) {
        return json(of, Stream.concat(key.stream(), born.stream()).distinct().toList());
    }

    /** SQL of what was set later. */
    public String saidLater(String of) {
        return json(of, once.stream().map(Later::column).toList());
    }

    /** SQL: whether anything was set later. */
    public String isLater(String of) {
        return once.stream()
                .map(l -> of + "." + l.column() + " is not " + l.before())
                .collect(Collectors.joining(" or ", "(", ")"));
    }

    private static String json(String of, List<String> columns) {
        return columns.stream().map(c -> of + "." + c).collect(Collectors.joining(", ", "json_array(", ")"));
    }

    /** The triggers that hold it, each as it stands in the database. */
    public List<String> triggers() {
        List<String> out = new ArrayList<>();
        String again = Stream.of(key, also)
                .filter(columns -> !columns.isEmpty())
                .map(columns -> columns.stream()
                        .map(c -> "x." + c + " is new." + c)
                        .collect(Collectors.joining(" and ", "(", ")")))
                .collect(Collectors.joining(" or "));
        out.add("create trigger held_" + table + "_once before insert on " + table + " when exists (select 1 from "
                + table + " x where " + again + ") begin select raise(abort, 'what stands in " + table
                + " is never replaced'); end");
        out.add("create trigger held_" + table + "_here before delete on " + table
                + " begin select raise(abort, 'what stands in " + table + " is never deleted'); end");
        String changed = Stream.concat(
                        Stream.concat(key.stream(), born.stream()).distinct().map(c -> "new." + c + " is not old." + c),
                        once.isEmpty() ? Stream.empty() : Stream.of(isLater("old") + " and " + changedLater()))
                .collect(Collectors.joining(" or "));
        out.add("create trigger held_" + table + "_same before update on " + table + " when " + changed
                + " begin select raise(abort, 'what stands in " + table + " stays as it is'); end");
        out.add("create trigger chained_" + table + " after insert on " + table
                + " begin insert into evidence (what, ref, said) values ('" + what() + "', " + ref("new") + ", "
                + said("new") + "); end");
        if (!once.isEmpty()) {
            out.add("create trigger chained_" + table + "_whole after insert on " + table + " when " + isLater("new")
                    + " begin insert into evidence (what, ref, said) values ('" + whatLater() + "', " + ref("new")
                    + ", " + saidLater("new") + "); end");
            out.add("create trigger chained_" + table + "_later after update on " + table + " when " + changedLater()
                    + " begin insert into evidence (what, ref, said) values ('" + whatLater() + "', " + ref("new")
                    + ", " + saidLater("new") + "); end");
        }
        return out;
    }

    private String changedLater() {
        return once.stream()
                .map(l -> "new." + l.column() + " is not old." + l.column())
                .collect(Collectors.joining(" or ", "(", ")"));
    }
}
