package joropo.app.database;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/** Lists of evidence as they lie in the resources: columns parted by semicolons, words by blanks. */
final class EvidenceList {
    private EvidenceList() {}

    /** @param columns that each line has */
    static List<String[]> lines(String name, int columns) {
        var in = new InputStreamReader(
                Objects.requireNonNull(EvidenceList.class.getResourceAsStream(name)), StandardCharsets.UTF_8);
        try (var lines = new BufferedReader(in)) {
            return lines.lines()
                    .filter(l -> !l.startsWith("#"))
                    .skip(1)
                    .map(l -> l.split(";", -1))
                    .peek(l -> mustHave(columns, l, name))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void mustHave(int columns, String[] line, String name) {
        if (line.length != columns) {
            throw new IllegalStateException("A line of " + name + " has no " + columns + " columns: " + line[0]);
        }
    }

    static List<String> words(String text) {
        return text.isBlank() ? List.of() : List.of(text.split(" "));
    }
}
