package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedTest {
    private static Typed mm(String text) {
        return new Typed(text, LengthUnit.MM, List.of());
    }

    @Test
    void switchingTheUnitOfTheSheetChangesNothingThatIsStored() {
        Typed typed = mm("44.96");
        assertThat(typed.onSheet(LengthUnit.MM)).isEqualTo("44.96");
        assertThat(typed.onSheet(LengthUnit.INCH)).isEqualTo("44.96 mm");
        assertThat(typed.retyped("44.96 mm", LengthUnit.INCH)).as("posted back untouched").isSameAs(typed);
        assertThat(typed.retyped("1.77", LengthUnit.INCH)).isEqualTo(new Typed("1.77", LengthUnit.INCH, List.of()));
        assertThat(mm("1.77 in").onSheet(LengthUnit.INCH)).isEqualTo("1.77 in");
    }

    @Test
    void aStruckReadingStaysWithItsReason() {
        Typed struck = mm("44.478").strike("half a turn misread");
        assertThat(struck.text()).isEmpty();
        assertThat(struck.struck()).containsExactly(new Typed.Struck("44.478 mm", "half a turn misread"));
        assertThat(struck.retyped("44.978", LengthUnit.MM).struck()).hasSize(1);
        assertThat(Typed.NOTHING.strike("why")).isSameAs(Typed.NOTHING);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"45x62x8 | 45x62x8 | true", "45 X 62 × 8 | 45x62x8 | true", "45x62x9 | 45x62x9 | false", "1.75x2.374x0.3750 in | 1.7500x2.374x0.3750 in | true",
        "70x90x10 mm | 70x90x10 | true"})
    void readsSealSizes(String text, String words, boolean listed) {
        ChosenSize size = ChosenSize.parse(text, LengthUnit.MM);
        assertThat(size.size().words()).isEqualTo(words);
        assertThat(size.listed()).isEqualTo(listed);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"45 | is not understood as a seal size", "45x62 | is not understood as a seal size", "62x45x8 | must be larger than its shaft",
        "axbxc | is not understood as a length", "45x62x0 | not above zero", "900x1100x20 | beyond the tables"})
    void refusesWhatIsNoSealSize(String text, String why) {
        assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> ChosenSize.parse(text, LengthUnit.MM)).withMessageContaining(why);
    }

    @Test
    void whatCannotBeReadIsAnErrorAtItsFieldAndCountsAsNotGiven() {
        Values values = Values.read(Map.of(Stage.MEASURE, Map.of("shaftA1", mm("4O"), "shaftA2", mm("44,9"), "shaftGauge", mm("HAMMER"), "partC", mm("hot")),
                Stage.SIGN, Map.of("nextLook", mm("2026-02-30"))));
        assertThat(values.errors()).containsOnlyKeys("shaftA1", "shaftGauge", "partC", "nextLook");
        assertThat(values.number("shaftA1")).isNull();
        assertThat(values.number("shaftA2")).isEqualTo(44.9);
    }

    @Test
    void theSameTextsAlwaysGiveTheSameBytes() {
        var json = new TextsJson();
        Map<String, Typed> one = new LinkedHashMap<>(Map.of("b", mm("2")));
        one.put("a", mm("1").strike("slip"));
        Map<String, Typed> other = new LinkedHashMap<>();
        other.put("a", mm("1").strike("slip"));
        other.put("b", mm("2"));
        assertThat(json.write(one)).isEqualTo(json.write(other));
        assertThat(json.read(json.write(one))).isEqualTo(one);
    }
}
