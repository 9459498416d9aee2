package joropo.core.tables;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * One table of the trade: a CSV resource with units in its header and its source in comment lines. A file that is
 * missing, short or holds something else than a number where one belongs stops the start.
 */
public final class CsvTable {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();

    private CsvTable() {}

    /** All rows of {@code tables/name.csv}, each made into a record; at least one row is expected. */
    public static <T> List<T> rows(String name, Function<Row, T> make) {
        try (InputStream in = CsvTable.class.getResourceAsStream("/tables/" + name + ".csv")) {
            if (in == null) {
                throw new IllegalStateException("Table " + name + " is not on the class path");
            }
            var reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
            List<T> rows = FORMAT.parse(reader).stream()
                    .map(r -> make.apply(new Row(name, r)))
                    .toList();
            if (rows.isEmpty()) {
                throw new IllegalStateException("Table " + name + " is empty");
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One line of a table. */
    public record Row(String table, CSVRecord line) {
        public String text(String column) {
            return line.get(column);
        }

        /** The number in a column; anything else there is a fault of the table. */
        public double number(String column) {
            try {
                return Double.parseDouble(line.get(column));
            } catch (NumberFormatException e) {
                throw new IllegalStateException(
                        "Table " + table + ", line " + line.getRecordNumber() + ", column " + column + ": '"
                                + line.get(column) + "' is no number",
                        e);
            }
        }
    }
}
