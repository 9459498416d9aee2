package joropo.app.store;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.app.access.Person;
import joropo.app.settings.SettingsService;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The store as CSV: out whole, in with a dry run first. Sizes in a file are millimetres. */
@Service
public class StoreCsv {
    private static final int MOST_LINES = 2000;
    private static final int LONGEST = 400_000;
    private static final List<String> SHOWN = List.of("lot", "received_on", "use_by");
    private static final CSVFormat READ = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();

    private final StoreService store;
    private final SettingsService settings;
    private final StoreImports imports;

    StoreCsv(StoreService store, SettingsService settings, StoreImports imports) {
        this.store = store;
        this.imports = imports;
        this.settings = settings;
    }

    /** One line of a file. @param error what will not do, absent: it will be received */
    public record Line(long number, String words, @Nullable String error) {}

    /** What a file would bring. */
    public record DryRun(List<Line> lines, String text) {
        public long good() {
            return lines.stream().filter(l -> l.error() == null).count();
        }

        public boolean isClean() {
            return !lines.isEmpty() && good() == lines.size();
        }
    }

    /** Every lot of which something lies there. */
    public String write() {
        var out = new StringWriter();
        try (var printer = CSVFormat.DEFAULT
                .builder()
                .setHeader(
                        Stream.concat(LotReader.FIELDS.stream(), SHOWN.stream()).toArray(String[]::new))
                .setRecordSeparator("\n")
                .get()
                .print(out)) {
            for (StoreService.Shelved s : store.lots()) {
                Lot l = s.lot();
                if (l.onHand() == 0) {
                    continue; // used up: there is nothing to bring in again
                }
                printer.printRecord(
                        l.kind().words(),
                        safe(l.name()),
                        safe(l.size()),
                        Objects.requireNonNullElse(l.material(), ""),
                        safe(l.batch()),
                        l.cured() == null ? "" : l.cured(),
                        l.onHand(),
                        safe(l.place()),
                        safe(l.source()),
                        l.id(),
                        l.receivedOn(),
                        s.life().useBy() == null ? "" : s.life().useBy());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** A text that a table program would take for a formula is told apart by a quote before it. */
    private static String safe(String text) {
        return text.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + text : text;
    }

    /** What the file would bring, nothing stored. @throws RefusedInput when it is no such file */
    public DryRun dryRun(String text) {
        List<Line> out = new ArrayList<>();
        List<NewLot> seen = new ArrayList<>();
        List<Lot> lying = store.lots().stream().map(StoreService.Shelved::lot).toList();
        for (CSVRecord record : records(text)) {
            String error = null;
            Map<String, String> texts = texts(record);
            try {
                NewLot lot = LotReader.read(texts, LengthUnit.MM, settings.shop());
                boolean twice = seen.stream().anyMatch(lot::liesWith);
                error = lying.stream().anyMatch(lot::liesWith)
                        ? "Batch " + lot.batch() + " lies there already: bring more back to that lot."
                        : twice ? "Stands twice in this file." : null;
                seen.add(lot);
            } catch (RefusedInput e) {
                error = LotReader.sentence(e);
            }
            out.add(new Line(
                    record.getRecordNumber() + 1,
                    String.join(
                            ", ",
                            Stream.of("count", "kind", "size", "material", "batch")
                                    .map(f -> texts.getOrDefault(f, ""))
                                    .filter(t -> !t.isBlank())
                                    .toList()),
                    error));
        }
        return new DryRun(out, text);
    }

    /**
     * Begins to receive every line. @return the number of the import, @throws RefusedInput when one line will not do
     */
    public long take(String text, Person person) {
        return imports.start(read(text), person);
    }

    /** Receives every line at once. @throws RefusedInput when one line will not do */
    public void takeNow(String text, Person person) {
        store.receive(read(text), person);
    }

    private List<NewLot> read(String text) {
        return records(text).stream()
                .map(r -> LotReader.read(texts(r), LengthUnit.MM, settings.shop()))
                .toList();
    }

    private static List<CSVRecord> records(String text) {
        if (text.isBlank() || text.length() > LONGEST) {
            throw new RefusedInput("csv", text.isBlank() ? "is empty" : "is longer than " + LONGEST + " characters");
        }
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try (var parser = READ.parse(new StringReader(plain))) {
            List<String> unknown = parser.getHeaderNames().stream()
                    .filter(h -> !LotReader.FIELDS.contains(h) && !SHOWN.contains(h))
                    .toList();
            List<String> absent = Stream.of("kind", "batch", "count", "place")
                    .filter(f -> !parser.getHeaderNames().contains(f))
                    .toList();
            if (!unknown.isEmpty() || !absent.isEmpty()) {
                throw new RefusedInput(
                        "csv",
                        "needs the columns " + String.join(",", LotReader.FIELDS) + " in its first line"
                                + (unknown.isEmpty() ? "" : "; not known: " + String.join(", ", unknown))
                                + (absent.isEmpty() ? "" : "; absent: " + String.join(", ", absent)));
            }
            List<CSVRecord> records = parser.getRecords();
            if (records.isEmpty() || records.size() > MOST_LINES) {
                throw new RefusedInput(
                        "csv",
                        records.isEmpty() ? "has no line after its first" : "has more than " + MOST_LINES + " lines");
            }
            return records;
        } catch (RefusedInput e) {
            throw e;
        } catch (IOException | IllegalArgumentException | UncheckedIOException e) {
            throw new RefusedInput("csv", "is not understood as CSV: " + e.getMessage());
        }
    }

    private static Map<String, String> texts(CSVRecord record) {
        Map<String, String> out = new LinkedHashMap<>();
        LotReader.FIELDS.forEach(f -> out.put(
                f, record.isMapped(f) && record.isSet(f) ? record.get(f).replaceFirst("^'(?=[=+\\-@])", "") : ""));
        return out;
    }
}
