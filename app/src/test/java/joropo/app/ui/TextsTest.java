package joropo.app.ui;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** All texts of the pages, room by room, in one list that is made from the code; and each could be said aloud. */
class TextsTest {
    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final Path SOURCES = Path.of("src/main/java/joropo/app");
    private static final Path LIST = Path.of("../docs/texts.md");
    private static final Path MADE = Path.of("target/texts.md");
    /** Where a room keeps the words of its fields and cards. */
    private static final Pattern OF_WORDS = Pattern.compile(".*(Fields|Cards|Panels|QuickCheck|Words)\\.java");

    private static final Pattern LITERAL =
            Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"(?:\\s*\\+\\s*\"((?:[^\"\\\\\\n]|\\\\.)*)\")*");
    private static final Pattern PART = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    private static final Pattern SAID =
            Pattern.compile("(?:placeholder|aria-label|th:text|th:attr|title)=\"([^\"]*)\"");
    private static final Pattern IN_SAID = Pattern.compile("'([^'|]*)'|\\|([^|]*)\\|");
    private static final Pattern BETWEEN_TAGS = Pattern.compile(">([^<>]*)<");
    private static final Pattern WORDS = Pattern.compile(".*[a-z]{2,} [a-z(].*|[A-Z][a-z]+|[a-z]+[.?:]");

    private static final Pattern CODE = Pattern.compile("\\b[A-Z]{2,}_[A-Z_]+\\b");
    private static final Pattern NOBODY = Pattern.compile("(?i)\\bnobody says\\b|\\bnot said\\b|\\bsays nothing\\b");
    private static final Pattern ORDER = Pattern.compile("[Nn]ever [^.:]*?[,;] (?!and never |never |not even )[^.]*");
    private static final Pattern DAY = Pattern.compile("\\b20\\d\\d-\\d\\d-\\d\\d\\b");
    private static final Pattern PLURAL = Pattern.compile("\\(s\\)|\\b1 [a-z]+ings\\b");

    private static void add(Set<String> room, String text) {
        String plain =
                text.replaceAll("\\$\\{[^}]*\\}", "…").replace("\\\"", "\"").strip();
        if (WORDS.matcher(plain).matches() && !plain.contains("==") && !plain.startsWith("/")) {
            room.add(plain);
        }
    }

    private static Map<String, Set<String>> rooms() throws IOException {
        Map<String, Set<String>> out = new TreeMap<>();
        try (Stream<Path> files = Files.walk(TEMPLATES)) {
            for (Path file :
                    files.filter(f -> f.toString().endsWith(".html")).sorted().toList()) {
                Path room = TEMPLATES.relativize(file).getParent();
                Set<String> texts =
                        out.computeIfAbsent("pages: " + (room == null ? "all" : room), r -> new TreeSet<>());
                String page = Files.readString(file)
                        .replaceAll("(?s)<style.*?</style>|<!--.*?-->", "")
                        .replaceAll("(<[^>]*th:text=[^>]*>)[^<]*", "$1");
                SAID.matcher(page).results().map(m -> m.group(1)).forEach(said -> IN_SAID.matcher(said)
                        .results()
                        .map(m -> m.group(1) == null ? m.group(2) : m.group(1))
                        .forEach(text -> add(texts, text)));
                BETWEEN_TAGS.matcher(page).results().map(m -> m.group(1)).forEach(text -> add(texts, text));
            }
        }
        try (Stream<Path> files = Files.walk(SOURCES)) {
            for (Path file : files.filter(
                            f -> OF_WORDS.matcher(f.getFileName().toString()).matches())
                    .sorted()
                    .toList()) {
                Path room = SOURCES.relativize(file).getParent();
                Set<String> texts =
                        out.computeIfAbsent("fields: " + room.toString().replace('/', '.'), r -> new TreeSet<>());
                LITERAL.matcher(Files.readString(file))
                        .results()
                        .map(MatchResult::group)
                        .map(whole -> PART.matcher(whole)
                                .results()
                                .map(m -> m.group(1))
                                .collect(Collectors.joining()))
                        .forEach(text -> add(texts, text));
            }
        }
        return out;
    }

    @Test
    void everyTextCanBeSaidAloud() throws IOException {
        Map<String, Set<String>> rooms = rooms();
        Set<String> all = rooms.values().stream().flatMap(Set::stream).collect(Collectors.toCollection(TreeSet::new));
        assertThat(all).hasSizeGreaterThan(900);
        for (Pattern wrong : new Pattern[] {CODE, NOBODY, ORDER, DAY, PLURAL}) {
            assertThat(all.stream().filter(t -> wrong.matcher(t).find()))
                    .as(wrong.pattern())
                    .isEmpty();
        }
    }

    /** The list is made anew here; where it differs from the one in the docs, that is out of date. */
    @Test
    void theListInTheDocsIsTheOneOfTheCode() throws IOException {
        var out = new StringBuilder(
                "# Texts of the pages, room by room\n\nMade from the code; how they are written is in "
                        + "[words](guide/words.md). What the rules say stands in [rules](rules.md).\n");
        rooms().forEach((room, texts) -> {
            out.append("\n## ").append(room).append("\n\n");
            texts.forEach(
                    t -> out.append("- ").append(t.replaceAll("\\s+", " ")).append('\n'));
        });
        Files.createDirectories(MADE.getParent());
        Files.writeString(MADE, out);
        assertThat(LIST).as("copy app/target/texts.md there").hasContent(out.toString());
    }
}
