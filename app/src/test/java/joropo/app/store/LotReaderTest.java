package joropo.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import joropo.app.settings.Shop;
import joropo.core.arrangement.PartKind;
import joropo.core.material.CureQuarter;
import joropo.core.units.FieldError;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A lot is read from texts whole, or every text that will not do is named. */
class LotReaderTest {
    private static final Shop SHOP = Shop.bare(LocalDate.of(2026, 11, 25));
    private static final Map<String, String> GOOD = Map.of(
            "kind",
            "LIP_SEAL",
            "size",
            "45 x 62 x 8",
            "material",
            "NBR",
            "batch",
            "B-1",
            "cured",
            "3Q2024",
            "count",
            "4",
            "place",
            "A2",
            "source",
            "mill stores");

    private static Map<String, String> but(String field, String text) {
        Map<String, String> out = new HashMap<>(GOOD);
        out.put(field, text);
        return out;
    }

    private static NewLot read(Map<String, String> texts) {
        return LotReader.read(texts, LengthUnit.MM, SHOP);
    }

    @Test
    void aGoodLotIsReadWithItsSizeInOneForm() {
        assertThat(read(GOOD))
                .isEqualTo(NewLotBuilder.builder()
                        .kind(PartKind.LIP_SEAL)
                        .name("")
                        .size("45x62x8")
                        .material("NBR")
                        .batch("B-1")
                        .cured(new CureQuarter(2024, 3))
                        .place("A2")
                        .source("mill stores")
                        .count(4)
                        .build());
        assertThat(read(but("size", "45-62-8")).size()).isEqualTo("45x62x8");
        assertThat(read(but("cured", "")).cured())
                .as("nobody knows: it is kept so")
                .isNull();
        assertThat(LotReader.read(but("size", "1.5x2.25x0.25"), LengthUnit.INCH, SHOP)
                        .size())
                .endsWith(" in");
        Map<String, String> gasket =
                Map.of("kind", "GASKET", "name", "gasket of the cover", "batch", "G", "count", "8", "place", "D3");
        assertThat(read(gasket))
                .isEqualTo(NewLotBuilder.builder()
                        .kind(PartKind.GASKET)
                        .name("gasket of the cover")
                        .size("")
                        .batch("G")
                        .place("D3")
                        .source("")
                        .count(8)
                        .build());
    }

    @ParameterizedTest(name = "{0} \"{1}\": {2}")
    @CsvSource({
        "kind, '', is needed",
        "kind, WHEEL, is none of the kinds: WHEEL",
        "size, 45 by something, is not",
        "size, '', ''",
        "material, '', is needed: its date follows from it",
        "material, GUM, is no seal material: GUM",
        "batch, '', is needed",
        "place, ' ', is needed",
        "count, 0, must be a whole number from 1 to 10000",
        "count, 10001, must be a whole number",
        "count, 2.5, must be a whole number",
        "count, -3, must be a whole number",
        "count, many, must be a whole number",
        "cured, 5Q2024, is not understood as a cure quarter",
        "cured, 3/24, is not understood as a cure quarter",
        "cured, 1Q2027, has not come yet",
        "cured, 3Q2042, has not come yet"
    })
    void whatWillNotDoIsNamedAtItsField(String field, String text, String message) {
        RefusedInput refused = catchThrowableOfType(RefusedInput.class, () -> read(but(field, text)));
        assertThat(refused).as(field + " " + text).isNotNull();
        assertThat(refused.errors()).singleElement().satisfies(e -> {
            assertThat(e.field()).isEqualTo(field);
            assertThat(e.message()).contains(message);
        });
    }

    @Test
    void everythingThatWillNotDoIsNamedAtOnce() {
        RefusedInput refused = catchThrowableOfType(RefusedInput.class, () -> read(Map.of()));
        assertThat(refused.errors())
                .extracting(FieldError::field)
                .containsExactlyInAnyOrder("kind", "batch", "place", "count");
        assertThat(LotReader.sentence(refused)).contains("Kind is needed.").contains("Place is needed");
        for (String field : LotReader.FIELDS) {
            RefusedInput tooLong = catchThrowableOfType(RefusedInput.class, () -> read(but(field, "9".repeat(61))));
            assertThat(tooLong.errors()).extracting(FieldError::field).as(field).contains(field);
        }
    }

    /** Whatever is typed, it is a lot or it is refused with words; nothing else comes of it. */
    @Test
    void anyTextIsReadOrRefused() {
        Random random = new Random(4);
        String alphabet = "0123456789xX-./, QqNBRFKM'\"=+@\t\u00e9\u2044\u0000";
        int read = 0;
        for (int run = 0; run < 5000; run++) {
            Map<String, String> texts = new HashMap<>(GOOD);
            String field = LotReader.FIELDS.get(random.nextInt(LotReader.FIELDS.size()));
            StringBuilder text = new StringBuilder();
            random.ints(random.nextInt(12), 0, alphabet.length()).forEach(i -> text.append(alphabet.charAt(i)));
            texts.put(field, text.toString());
            try {
                NewLot lot = read(texts);
                assertThat(lot.count()).isPositive();
                assertThat(lot.batch()).isNotBlank();
                assertThat(lot.cured() == null || lot.cured().hasBegun(SHOP.today()))
                        .isTrue();
                assertThat(read(Map.of(
                                "kind",
                                lot.kind().name(),
                                "name",
                                lot.name(),
                                "size",
                                lot.size(),
                                "material",
                                lot.material(),
                                "batch",
                                lot.batch(),
                                "cured",
                                lot.cured() == null ? "" : lot.cured().toString(),
                                "count",
                                Integer.toString(lot.count()),
                                "place",
                                lot.place(),
                                "source",
                                lot.source())))
                        .as("what is written out is read back the same")
                        .isEqualTo(lot);
                read++;
            } catch (RefusedInput e) {
                assertThat(e.errors())
                        .allMatch(error -> LotReader.FIELDS.contains(error.field())
                                && !error.message().isBlank());
            }
        }
        assertThat(read).as("some are read").isBetween(1000, 4500);
    }
}
