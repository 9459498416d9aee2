package joropo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.surface.Defect;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import org.junit.jupiter.api.Test;

/** The table of rules in {@code docs/rules.md} is what the code judges: made from it, and compared with it. */
class RulesTableTest {
    private static final Path MAIN = Path.of("src/main/java");
    private static final Path TABLE = Path.of("../docs/rules.md");
    private static final Path MADE = Path.of("target/rules.md");
    private static final String HEAD = """
            # Rules

            Every rule that a check judges: its id, what it judges, its limits where they are figures (as met in the \
            bodies of the property test), where it comes from, and the file that holds it. Made by `RulesTableTest`, \
            which fails when it is not what the code does; the new table then lies in `core/target/rules.md`.

            | check | id | judges | limits | source | file |
            |---|---|---|---|---|---|
            """;

    private static final int MOST_LIMITS = 4;

    /** Rules in the order in which they are named: letters first, then their numbers. */
    private static final Comparator<String> BY_ID = Comparator.comparing((String id) -> id.replaceAll("\\d+$", ""))
            .thenComparing(id -> id.matches(".*\\d$") ? Integer.parseInt(id.replaceAll("^\\D+", "")) : 0);

    @Test
    void theTableIsWhatTheCodeJudges() throws IOException {
        Map<String, Set<String>> files = files();
        var out = new StringBuilder(HEAD);
        for (Map.Entry<String, List<Finding>> kind : LeftOutTest.everyFinding().entrySet()) {
            Map<String, List<Finding>> byId = kind.getValue().stream()
                    .collect(Collectors.groupingBy(Finding::id, () -> new TreeMap<>(BY_ID), Collectors.toList()));
            byId.forEach((id, found) -> out.append("| ")
                    .append(String.join(
                            " | ",
                            kind.getKey(),
                            id,
                            joined(found.stream().map(Finding::subject)),
                            limits(found),
                            joined(found.stream()
                                    .filter(f -> f.source() != Source.COMPUTED)
                                    .map(RulesTableTest::source)),
                            String.join(
                                    ", ",
                                    files.getOrDefault(id, isDefect(id) ? Set.of("DefectRules.java") : Set.of("?")))))
                    .append(" |\n"));
        }
        String made = out.toString();
        Files.writeString(MADE, made);
        assertThat(made).as("a rule without its file").doesNotContain("| ? |");
        assertThat(Files.readString(TABLE)).as("docs/rules.md").isEqualTo(made);
    }

    /** Marks have the name of their kind, in the bore with its place before it. */
    private static boolean isDefect(String id) {
        return Arrays.stream(Defect.Kind.values()).anyMatch(k -> id.replaceFirst("^bore-", "")
                .equals(k.name().toLowerCase(Locale.ROOT).replace('_', '-')));
    }

    private static String joined(Stream<String> words) {
        String all = words.distinct().sorted().limit(MOST_LIMITS).collect(Collectors.joining("; "));
        return all.isEmpty() ? "computed" : all;
    }

    private static String source(Finding f) {
        return f.source().name().toLowerCase(Locale.ROOT) + (f.reference().isEmpty() ? "" : ": " + f.reference());
    }

    private static String limits(List<Finding> found) {
        List<String> all = found.stream()
                .filter(f -> f.lower() != null || f.upper() != null)
                .map(f -> (f.lower() == null
                                ? "to " + Length.show(f.upper(), 3)
                                : f.upper() == null
                                        ? "from " + Length.show(f.lower(), 3)
                                        : Length.show(f.lower(), 3) + " to " + Length.show(f.upper(), 3))
                        + " " + f.unit())
                .distinct()
                .sorted()
                .toList();
        return all.isEmpty()
                ? "\u2013"
                : all.size() > MOST_LIMITS ? "by table or place, such as " + all.get(0) : String.join("; ", all);
    }

    /** Files of core by the ids that they name. */
    private static Map<String, Set<String>> files() throws IOException {
        Map<String, Set<String>> out = new TreeMap<>();
        Pattern quoted = Pattern.compile("\"([a-zA-Z][a-zA-Z0-9-]*)\"");
        List<Path> sources;
        try (Stream<Path> all = Files.walk(MAIN)) {
            sources = all.filter(p -> p.toString().endsWith(".java")).sorted().toList();
        }
        for (Path source : sources) {
            String text = Files.readString(source, StandardCharsets.UTF_8);
            if (text.contains("Finding")) {
                quoted.matcher(text).results().forEach(m -> out.computeIfAbsent(m.group(1), k -> new TreeSet<>())
                        .add(source.getFileName().toString()));
            }
        }
        return out;
    }
}
