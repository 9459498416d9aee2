package joropo.app.exchange;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * Rows of one table that belong to a job or to a leak watch, as files have them.
 *
 * @param name of the list in the file, @param owner column of the table, @param order of its rows, @param columns in
 *     the order of the file
 * @param position whether the table names the job's position too
 */
record OwnedRows(String name, String table, String owner, String order, List<Column> columns, boolean position) {

    /** What a column means beyond what it says. */
    enum Meant {
        ITSELF,
        PERSON,
        LOT,
        /** A part that came off, by its place in the log. */
        PART,
        /** What was typed on a sheet, which may name gauges. */
        SHEET,
        /** What was noted of a part, which may name a photo. */
        NOTE
    }

    record Column(String column, Meant meant) {
        /** As the file calls it. */
        String field() {
            return Rows.name(column);
        }
    }

    private static final List<OwnedRows> OF_JOB = read("/exchange/job.csv", "job_id");
    private static final List<OwnedRows> OF_WATCH = read("/exchange/watch.csv", "watch_id");

    static List<OwnedRows> ofJob() {
        return OF_JOB;
    }

    static List<OwnedRows> ofWatch() {
        return OF_WATCH;
    }

    private static List<OwnedRows> read(String list, String owner) {
        var in = new InputStreamReader(
                Objects.requireNonNull(OwnedRows.class.getResourceAsStream(list)), StandardCharsets.UTF_8);
        try (var lines = new BufferedReader(in)) {
            return lines.lines()
                    .filter(l -> !l.startsWith("#"))
                    .skip(1)
                    .map(l -> of(l.split(";", -1), owner))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static OwnedRows of(String[] line, String owner) {
        List<Column> columns =
                List.of(line[3].split(" ")).stream().map(OwnedRows::column).toList();
        return new OwnedRows(
                line[0], line[1], ofPart(line[1]) ? "part_id" : owner, line[2], columns, line[4].equals("yes"));
    }

    private static Column column(String word) {
        String[] parts = word.split(":");
        return new Column(
                parts[0], parts.length == 1 ? Meant.ITSELF : Meant.valueOf(parts[1].toUpperCase(Locale.ROOT)));
    }

    /** Rows of a part that came off name that, and so the job. */
    private static boolean ofPart(String table) {
        return table.equals("strip_note") || table.equals("strip_back");
    }

    boolean isOfPart() {
        return ofPart(table);
    }

    /** All rows of one job, or of one watch. */
    String select() {
        String wanted = columns.stream().map(Column::column).collect(Collectors.joining(", "));
        String of = isOfPart() ? "part_id in (select id from strip_part where job_id = ?)" : owner + " = ?";
        return "select " + wanted + " from " + table + " where " + of + " order by " + order;
    }
}
