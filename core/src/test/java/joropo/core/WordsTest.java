package joropo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Medium;
import joropo.core.plan.Care;
import joropo.core.plan.Step;
import joropo.core.plan.StrippingInputBuilder;
import joropo.core.plan.StrippingPlan;
import joropo.core.removal.Cleaning;
import joropo.core.shaft.Attitude;
import org.junit.jupiter.api.Test;

/** Texts that could be said aloud across a bench: no codes, and no prohibition that can be read as an order. */
class WordsTest {
    /**
     * After a prohibition and a comma something else follows: it has to bring its own never, or belong to the first.
     */
    private static final Pattern ORDER = Pattern.compile("[Nn]ever [^.:]*?[,;] (?!and never |never |not even )[^.]*");

    private static final Pattern CODE = Pattern.compile("\\b[A-Z]{2,}_[A-Z_]+\\b");
    private static final Pattern NOBODY = Pattern.compile("(?i)nobody|\\bsaid\\b");
    private static final Path TABLES = Path.of("src/main/resources/tables");

    private static Set<String> messages() {
        return LeftOutTest.everyFinding().values().stream()
                .flatMap(List::stream)
                .flatMap(f -> Stream.of(f.subject(), f.message(), f.remedy()))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void everyMessageCanBeSaidAloud() {
        Set<String> all = messages();
        assertThat(all).hasSizeGreaterThan(400);
        assertThat(all).noneMatch(m -> CODE.matcher(m).find());
        assertThat(all).noneMatch(m -> NOBODY.matcher(m).find());
        assertThat(all).noneMatch(m -> ORDER.matcher(m).find());
    }

    /** Steps of taking apart with everything there, and with every caution that a position may ask for. */
    @Test
    void everyStepOfTakingApartCanBeSaidAloud() {
        List<Step> steps = Care.with(
                EnumSet.allOf(Care.class),
                StrippingPlan.of(StrippingInputBuilder.builder()
                        .there(EnumSet.allOf(PartKind.class))
                        .inside(Medium.OIL)
                        .attitude(Attitude.OUTSIDE_DOWN)
                        .build()));
        assertThat(steps)
                .hasSizeGreaterThan(10)
                .extracting(s -> s.instruction() + " " + s.why() + " " + s.caution())
                .noneMatch(m -> CODE.matcher(m).find() || ORDER.matcher(m).find());
    }

    @Test
    void everyProhibitionOfATableSaysItsOwnNever() throws IOException {
        assertThat(Cleaning.all()).extracting(Cleaning::words).noneMatch(w -> ORDER.matcher(w)
                .find());
        try (Stream<Path> tables = Files.list(TABLES)) {
            for (Path table : tables.sorted().toList()) {
                assertThat(Files.readAllLines(table).stream().filter(l -> !l.startsWith("#")))
                        .as(table.getFileName().toString())
                        .noneMatch(l -> ORDER.matcher(l).find());
            }
        }
        assertThat(ORDER.matcher("cloth only; never pad, emery to brighten it").find())
                .as("what can be read as an order is found")
                .isTrue();
        assertThat(ORDER.matcher("Never a pad, and never emery, not even to brighten it.")
                        .find())
                .isFalse();
    }
}
