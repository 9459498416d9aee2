package joropo.core.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.Medium;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The arrangements of {@code arrangements.txt}, each judged by hand. */
class ArrangementsTest {
    static Stream<String> lines() throws IOException {
        try (var in = ArrangementsTest.class.getResourceAsStream("/arrangements.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList().stream();
        }
    }

    private static String[] cells(String line) {
        return Arrays.stream(line.split("\\|")).map(String::strip).toArray(String[]::new);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("lines")
    void isJudgedAsByHand(String line) {
        String[] cells = cells(line);
        List<Finding> findings = LipSealRules.section(Written.section(cells[1])).findings();
        for (String expected : cells[2].split(", ")) {
            String rule = expected.split(" ")[0];
            Status worst = findings.stream()
                    .filter(f -> f.id().equals(rule))
                    .map(Finding::status)
                    .reduce(Status::worse)
                    .orElseThrow(() -> new AssertionError("no " + rule));
            assertThat(worst)
                    .as(rule + ": "
                            + findings.stream()
                                    .filter(f -> f.id().equals(rule))
                                    .map(Finding::message)
                                    .toList())
                    .isEqualTo(Status.valueOf(expected.split(" ")[1]));
        }
    }

    /** Every rule is seen to hold and not to hold; each that can be borderline is seen to be. */
    @Test
    void everyRuleIsSeenBothWays() throws IOException {
        Map<String, List<String>> seen = lines().flatMap(l -> Arrays.stream(cells(l)[2].split(", ")))
                .collect(Collectors.groupingBy(
                        e -> e.split(" ")[0],
                        TreeMap::new,
                        Collectors.mapping(e -> e.split(" ")[1], Collectors.toList())));
        assertThat(seen.keySet())
                .contains(
                        "D1", "D2", "D3", "D4", "D5", "D6", "D7", "D8", "D9", "D10", "D11", "D12", "S1", "S2", "S3",
                        "S4", "S5", "S7");
        seen.forEach(
                (rule, states) -> assertThat(states).as(rule).contains("PASS").containsAnyOf("FAIL", "CAUTION"));
        assertThat(lines().count()).isGreaterThanOrEqualTo(90);
    }

    /** What nobody has said is not grease, whatever is drawn there. */
    @Test
    void anOldSealIsNotRightTowardsARoomThatNobodyNamed() {
        assertThat(AsFound.judge(Side.OUT, Space.unsaid()).status()).isEqualTo(Status.MISSING);
        assertThat(AsFound.judge(Side.IN, Space.unsaid()).message()).isEqualTo("It faced inside.");
        Space oil = SpaceBuilder.builder(Space.unsaid())
                .medium(Medium.OIL)
                .mediumAssumed(null)
                .build();
        assertThat(AsFound.judge(Side.OUT, oil).status()).isEqualTo(Status.CAUTION);
        assertThat(AsFound.judge(Side.IN, oil).message()).isEqualTo("It faced inside, towards the oil.");
    }
}
