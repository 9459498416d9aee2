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
 * Rows of one table that belong to a job, as the job's file has them.
 *
 * @param name of the list in the file, @param order of its rows, @param columns in the order of the file
 * @param position whether the table names the job's position too
 */
record JobRows(String name, String table, String order, List<Column> columns, boolean position) {
    private static final String LIST = "/exchange/job.csv";

    /** What a column names. */
    enum Names {
        ITSELF,
        PERSON,
        LOT,
        PART
    }

    record Column(String column, Names names) {
        /** As the file calls it. */
        String field() {
            return Rows.name(column);
        }
    }

    private static final List<JobRows> ALL = read();

    static List<JobRows> all() {
        return ALL;
    }

    private static List<JobRows> read() {
        var in = new InputStreamReader(
                Objects.requireNonNull(JobRows.class.getResourceAsStream(LIST)), StandardCharsets.UTF_8);
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

    private static JobRows of(String[] line) {
        List<Column> columns =
                List.of(line[3].split(" ")).stream().map(JobRows::column).toList();
        return new JobRows(line[0], line[1], line[2], columns, line[4].equals("yes"));
    }

    private static Column column(String word) {
        String[] parts = word.split(":");
        return new Column(
                parts[0], parts.length == 1 ? Names.ITSELF : Names.valueOf(parts[1].toUpperCase(Locale.ROOT)));
    }

    /** All rows of one job. */
    String select() {
        String wanted = columns.stream().map(Column::column).collect(Collectors.joining(", "));
        String of = table.equals("strip_note") || table.equals("strip_back")
                ? "part_id in (select id from strip_part where job_id = ?)"
                : "job_id = ?";
        return "select " + wanted + " from " + table + " where " + of + " order by " + order;
    }
}
