package joropo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.app.family.CommonFields;
import joropo.app.family.ReadFields;
import joropo.app.family.Typed;
import joropo.app.settings.Shop;
import joropo.app.ui.Field;
import joropo.core.units.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedTest {
    private static final Field<Double> SHAFT = Field.size("shaftA2", "");

    private static Typed mm(String text) {
        return new Typed(text, LengthUnit.MM, List.of());
    }

    @Test
    void switchingTheUnitOfTheSheetChangesNothingThatIsStored() {
        Typed typed = mm("44.96");
        assertThat(typed.onSheet(LengthUnit.MM)).isEqualTo("44.96");
        assertThat(typed.onSheet(LengthUnit.INCH)).isEqualTo("44.96 mm");
        assertThat(typed.retyped("44.96 mm", LengthUnit.INCH))
                .as("posted back untouched")
                .isSameAs(typed);
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

    @Test
    void whatCannotBeReadIsAnErrorAtItsFieldAndCountsAsNotGiven() {
        List<Field<?>> fields = List.of(
                Field.size("shaftA1", ""),
                SHAFT,
                Field.choice("shaftGauge", "", List.of()).with(Field.Own.SHAFT_GAUGES),
                Field.temperature("partC", ""),
                CommonFields.NEXT_LOOK);
        ReadFields read = ReadFields.of(
                fields,
                Map.of(
                        "shaftA1",
                        mm("4O"),
                        "shaftA2",
                        mm("44,9"),
                        "shaftGauge",
                        mm("HAMMER"),
                        "partC",
                        mm("hot"),
                        "nextLook",
                        mm("2026-02-30")),
                Shop.bare(LocalDate.of(2026, 11, 25)));
        assertThat(read.errors()).containsOnlyKeys("shaftA1", "shaftGauge", "partC", "nextLook");
        assertThat(read.get(Field.size("shaftA1", ""))).isNull();
        assertThat(read.get(SHAFT)).isEqualTo(44.9);
    }

    /** An item among others reads its own fields by their bare names, and those of the job as they are. */
    @Test
    void anItemReadsItsOwnFields() {
        ReadFields read = ReadFields.of(
                List.of(SHAFT, SHAFT.under("i2-"), CommonFields.REMARK),
                Map.of("shaftA2", mm("44.9"), "i2-shaftA2", mm("30"), "remark", mm("good")),
                Shop.bare(LocalDate.of(2026, 11, 25)));
        assertThat(read.get(SHAFT)).isEqualTo(44.9);
        assertThat(read.under("i2-", "").get(SHAFT)).isEqualTo(30);
        assertThat(read.under("i2-", "").get(CommonFields.REMARK)).isEqualTo("good");
        assertThat(read.under("i2-", "").onSheet("remark")).isEqualTo("remark");
        assertThat(read.under("i3-", "i2-").get(SHAFT))
                .as("asked of the first of its kind")
                .isEqualTo(30);
    }

    /** A sheet kept by the first version: a dust lip and no layout. */
    @ParameterizedTest
    @CsvSource({"OUT, DUST_LIP", "NONE, PLAIN"})
    void aDustLipOfTheFirstVersionIsALayout(String dustLip, String layout) {
        var json = new TextsJson();
        Map<String, Typed> read =
                json.read("{\"dustLip\":{\"struck\":[],\"text\":\"" + dustLip + "\",\"unit\":\"MM\"}}");
        assertThat(read).isEqualTo(Map.of("layout", mm(layout)));
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
