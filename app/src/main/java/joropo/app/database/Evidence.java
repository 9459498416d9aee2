package joropo.app.database;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A table whose rows are evidence: what is written into it is never changed, replaced or taken away, and each row is a
 * link of the chain (table {@code chain}). What is set later, once, is a link of its own. A link bears the number of
 * the list of columns that it was made with, so that a list may grow: older rows are held against theirs.
 *
 * @param edition number of its list of columns, from 1, @param key columns a row is known by, @param also further
 *     columns by which no row may be replaced, none: no others
 * @param born columns that never change, @param once columns that are set together, once, none: no such
 * @param place SQL over {@code t}: how a person finds the row
 */
public record Evidence(
        String table,
        int edition,
        List<String> key,
        List<String> also,
        List<String> born,
        List<Later> once,
        String place) {
    private static final String LIST = "/evidence/evidence.csv";
    private static final int COLUMNS = 7;

    /** A column that is set later. @param before as SQL, what it is until then */
    public record Later(String column, String before) {}

    /** All tables, each by the newest edition of its list of columns, in the order of their list. */
    public static List<Evidence> all() {
        return newest(editions());
    }

    /** Every edition of every list. */
    public static List<Evidence> editions() {
        return read(LIST);
    }

    /** Every edition of the lists in a resource. */
    public static List<Evidence> read(String list) {
        return EvidenceList.lines(list, COLUMNS).stream().map(Evidence::of).toList();
    }

    /** Each table by its newest edition. */
    public static List<Evidence> newest(List<Evidence> editions) {
        Map<String, Evidence> out = new LinkedHashMap<>();
        editions.forEach(e -> out.merge(e.table, e, (a, b) -> a.edition > b.edition ? a : b));
        return List.copyOf(out.values());
    }

    private static Evidence of(String[] line) {
        return new Evidence(
                line[0],
                Integer.parseInt(line[1]),
                EvidenceList.words(line[2]),
                EvidenceList.words(line[3]),
                EvidenceList.words(line[4]),
                EvidenceList.words(line[5]).stream().map(Evidence::later).toList(),
                line[6]);
    }

    private static Later later(String word) {
        int is = word.indexOf('=');
        return is < 0 ? new Later(word, "null") : new Later(word.substring(0, is), "'" + word.substring(is + 1) + "'");
    }

    /** Every column that it needs. */
    public List<String> columns() {
        return Stream.of(
                        key.stream(),
                        also.stream(),
                        born.stream(),
                        once.stream().map(Later::column))
                .flatMap(c -> c)
                .distinct()
                .toList();
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
        out.add("create trigger chained_" + table + " after insert on " + table + " begin " + link(what(), said("new"))
                + " end");
        if (!once.isEmpty()) {
            out.add("create trigger chained_" + table + "_whole after insert on " + table + " when " + isLater("new")
                    + " begin " + link(whatLater(), saidLater("new")) + " end");
            out.add("create trigger chained_" + table + "_later after update on " + table + " when " + changedLater()
                    + " begin " + link(whatLater(), saidLater("new")) + " end");
        }
        return out;
    }

    /** Links of the first edition were written before there were numbers. */
    private String link(String what, String said) {
        return "insert into evidence (what, ref, said" + (edition == 1 ? "" : ", edition") + ") values ('" + what
                + "', " + ref("new") + ", " + said + (edition == 1 ? "" : ", " + edition) + ");";
    }

    private String changedLater() {
        return once.stream()
                .map(l -> "new." + l.column() + " is not old." + l.column())
                .collect(Collectors.joining(" or ", "(", ")"));
    }
}
