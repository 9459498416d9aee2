package joropo.app.check;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.FindingLine;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** A quick check as CSV: what was typed, what it came to. What was typed is read back; the rest is judged anew. */
final class QuickCsv {
    private static final String TYPED = "typed";
    private static final String UNIT = "unit";
    private static final String[] HEADER = {"part", "name", "value", "unit", "words"};
    private static final CSVFormat WRITE =
            CSVFormat.DEFAULT.builder().setHeader(HEADER).get();
    private static final CSVFormat READ = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();

    private QuickCsv() {}

    /** @param texts by field, @param unit in which bare lengths were typed, @param result absent: nothing to judge */
    static String write(QuickForm form, Map<String, String> texts, LengthUnit unit, @Nullable QuickResult result) {
        var out = new StringWriter();
        try (var csv = new CSVPrinter(out, WRITE)) {
            csv.printRecord(TYPED, UNIT, unit.name(), "", "");
            for (Field<?> field : form.fields().toList()) {
                String text = texts.getOrDefault(field.name(), "").strip();
                if (!text.isEmpty()) {
                    csv.printRecord(TYPED, field.name(), text, "", field.label());
                }
            }
            if (result != null) {
                for (Figure figure : result.figures()) {
                    csv.printRecord("figure", figure.label(), figure.value(), figure.unit(), "");
                }
                for (FindingLine line : result.findings()) {
                    csv.printRecord(
                            "finding",
                            line.finding().subject(),
                            line.sign().word(),
                            "",
                            line.finding().message() + " " + line.finding().remedy());
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** What was typed, by field. @throws RefusedInput when it is no such file, or of another check */
    static Map<String, String> read(QuickForm form, String file) {
        Map<String, String> texts = new LinkedHashMap<>();
        try (var csv = READ.parse(new StringReader(file.replace("\uFEFF", "")))) {
            if (!csv.getHeaderNames().containsAll(List.of("part", "name", "value"))) {
                throw new RefusedInput("", "wants a file with the columns part, name and value");
            }
            for (CSVRecord row : csv) {
                if (row.isSet("value") && row.get("part").equals(TYPED)) {
                    texts.put(row.get("name"), row.get("value"));
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw new RefusedInput("", "cannot be read as a table: " + e.getMessage());
        }
        texts.keySet()
                .removeIf(n ->
                        !n.equals(UNIT) && form.fields().noneMatch(f -> f.name().equals(n)));
        if (texts.size() < 2) {
            throw new RefusedInput("", "holds nothing that was typed into this check");
        }
        return texts;
    }
}
