package joropo.app.database;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A table whose rows may change and on which verdicts rest, such as what a gauge is worth: each change is a link of the
 * chain, and the newest has to say what the row says.
 *
 * @param key column a row is known by, @param columns of which a change is told, @param place SQL over {@code t}: how a
 *     person finds the row
 */
public record Changing(String table, String key, List<String> columns, String place) {
    private static final String LIST = "/evidence/changing.csv";
    private static final int COLUMNS = 4;

    public static List<Changing> all() {
        return EvidenceList.lines(LIST, COLUMNS).stream()
                .map(l -> new Changing(l[0], l[1], EvidenceList.words(l[2]), l[3]))
                .toList();
    }

    /** What the chain calls its links. */
    public String what() {
        return table + ", now";
    }

    /** SQL of the text a row is known by. */
    public String ref(String of) {
        return "cast(" + of + "." + key + " as text)";
    }

    /** SQL: whether a link of the chain, as {@code x}, is about a row. */
    public String isOf(String of) {
        return "x.what = '" + what() + "' and x.ref >= " + ref(of) + " || '#' and x.ref < " + ref(of) + " || '$'";
    }

    /** SQL of what a row says. */
    public String said(String of) {
        return columns.stream().map(c -> of + "." + c).collect(Collectors.joining(", ", "json_array(", ")"));
    }

    private String link() {
        return "begin insert into evidence (what, ref, said) values ('" + what() + "', " + ref("new")
                + " || '#' || (select count(*) + 1 from chain x where " + isOf("new") + "), " + said("new") + "); end";
    }

    /** The triggers that tell its changes, each as it stands in the database. */
    public List<String> triggers() {
        String changed = Stream.concat(Stream.of(key), columns.stream())
                .map(c -> "new." + c + " is not old." + c)
                .collect(Collectors.joining(" or "));
        return List.of(
                "create trigger now_" + table + "_new after insert on " + table + " " + link(),
                "create trigger now_" + table + "_changed after update on " + table + " when " + changed + " "
                        + link());
    }
}
