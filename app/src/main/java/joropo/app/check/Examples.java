package joropo.app.check;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.web.util.UriComponentsBuilder;

/** Made-up figures for each quick check, in mm, to begin with and to overwrite ({@code examples.csv}). */
final class Examples {
    private static final Map<String, Map<String, String>> ALL = read();

    private Examples() {}

    /** The end of a link that holds the example of a kind; empty where there is none. */
    static String query(String kind) {
        Map<String, String> texts = ALL.getOrDefault(kind, Map.of());
        var link = UriComponentsBuilder.newInstance();
        texts.keySet().forEach(field -> link.queryParam(field, "{" + field + "}"));
        return texts.isEmpty()
                ? ""
                : link.queryParam("unit", "MM").encode().buildAndExpand(texts).toUriString();
    }

    private static Map<String, Map<String, String>> read() {
        Map<String, Map<String, String>> out = new LinkedHashMap<>();
        try (var in = new InputStreamReader(
                        Examples.class.getResourceAsStream("/checks/examples.csv"), StandardCharsets.UTF_8);
                var parser = CSVFormat.DEFAULT
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .setCommentMarker('#')
                        .get()
                        .parse(in)) {
            for (CSVRecord line : parser) {
                out.computeIfAbsent(line.get("kind"), k -> new LinkedHashMap<>())
                        .put(line.get("field"), line.get("text"));
            }
            return out;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
