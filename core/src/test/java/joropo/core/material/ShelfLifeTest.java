package joropo.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.time.LocalDate;
import java.util.List;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** ISO 2230: group A 5 + 2 years, B 7 + 3, C 10 + 5, from the last day of the cure quarter. */
class ShelfLifeTest {
    @ParameterizedTest(name = "{0} cured {1}, extended {2}: use by {3}")
    @CsvSource({
        "AU, 1Q2020, false, 2025-03-31",
        "AU, 1Q2020, true, 2027-03-31",
        "NBR, 3Q2019, false, 2026-09-30",
        "NBR, 3Q2019, true, 2029-09-30",
        "NR, 2Q24, false, 2029-06-30",
        "FKM, 4Q2016, false, 2026-12-31",
        "FKM, 4Q2016, true, 2031-12-31",
        "EPDM, 1Q2021, false, 2031-03-31"
    })
    void theYearsOfTheGroupFromTheEndOfTheQuarter(String material, String cured, boolean extended, LocalDate useBy) {
        assertThat(ShelfLife.of(material, CureQuarter.parse(cured), extended, LocalDate.of(2026, 11, 25))
                        .useBy())
                .isEqualTo(useBy);
    }

    @ParameterizedTest(name = "on {0}: {1}")
    @CsvSource({"2026-07-01, PASS", "2026-07-02, CAUTION", "2026-09-30, CAUTION", "2026-10-01, FAIL"})
    void theLastDayIsStillGoodAndNinetyDaysBeforeItItIsSaid(LocalDate today, Status expected) {
        assertThat(ShelfLife.of("NBR", new CureQuarter(2019, 3), false, today)
                        .finding()
                        .status())
                .isEqualTo(expected);
    }

    @Test
    void whatDoesNotAgeAndWhatNobodyKnows() {
        LocalDate today = LocalDate.of(2026, 11, 25);
        assertThat(ShelfLife.of("PTFE", null, false, today))
                .extracting(ShelfLife::useBy, l -> l.finding().status())
                .containsExactly(null, Status.PASS);
        assertThat(ShelfLife.of(null, null, false, today).finding().status()).isEqualTo(Status.PASS);
        assertThat(ShelfLife.of("NBR", null, false, today).finding().status()).isEqualTo(Status.MISSING);
        assertThat(ShelfLife.of("XYZ", new CureQuarter(2025, 1), false, today)
                        .finding()
                        .status())
                .isEqualTo(Status.MISSING);
        assertThat(ShelfLife.of("NBR", new CureQuarter(2010, 1), true, today)
                        .finding()
                        .remedy())
                .isEqualTo("Scrap it: it was extended once already.");
    }

    @ParameterizedTest
    @CsvSource({"4Q2026, PASS", "1Q2027, MISSING", "4Q2042, MISSING"})
    void whatIsCuredInTimeToComeHasNoDate(String cured, Status expected) {
        ShelfLife life = ShelfLife.of("FKM", CureQuarter.parse(cured), true, LocalDate.of(2026, 10, 1));
        assertThat(life.finding().status()).isEqualTo(expected);
        assertThat(life.useBy() == null).isEqualTo(expected == Status.MISSING);
    }

    @Test
    void everyGroupOfTheTableIsOneOfTheStandard() {
        assertThat(Elastomer.all()).allSatisfy(m -> {
            ShelfLife.Group group = ShelfLife.group(m.code()).orElseThrow();
            assertThat(group.name() + group.years() + "+" + group.extension()).isIn("A5+2", "B7+3", "C10+5", "none0+0");
        });
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "3Q24, 3Q2024",
        "3 Q 2024, 3Q2024",
        "q3 2024, 3Q2024",
        "2024-Q3, 3Q2024",
        "2024/Q3, 3Q2024",
        "4Q98, 4Q1998"
    })
    void aCureQuarterIsReadAsBagsHaveIt(String text, String expected) {
        assertThat(CureQuarter.parse(text)).hasToString(expected);
        assertThat(CureQuarter.parse(CureQuarter.parse(text).toString())).isEqualTo(CureQuarter.parse(text));
    }

    @ParameterizedTest
    @CsvSource({"3/24", "2024/3", "5Q24", "0Q24", "2024", "March 2024", "3Q1949", "''"})
    void whatIsNoQuarterIsRefused(String text) {
        assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> CureQuarter.parse(text));
    }

    /**
     * Younger is never used up sooner, an extension never shortens, and a day more never makes it better; every quarter
     * is read back from every way of writing it.
     */
    @Test
    void datesFollowTheQuarterAndNeverTurnBack() {
        for (Elastomer material : Elastomer.all()) {
            LocalDate before = null;
            for (int q = 0; q < 4 * 40; q++) {
                CureQuarter cured = new CureQuarter(1986 + q / 4, q % 4 + 1);
                LocalDate today = LocalDate.of(2026, 11, 25);
                LocalDate useBy =
                        ShelfLife.of(material.code(), cured, false, today).useBy();
                LocalDate extended =
                        ShelfLife.of(material.code(), cured, true, today).useBy();
                if (ShelfLife.group(material.code()).orElseThrow().isUnlimited()) {
                    assertThat(useBy).isNull();
                    continue;
                }
                assertThat(extended).isAfter(useBy);
                assertThat(before == null || useBy.isAfter(before))
                        .as("%s cured %s", material.code(), cured)
                        .isTrue();
                assertThat(ShelfLife.of(material.code(), cured, false, useBy)
                                .finding()
                                .status())
                        .as("its last day")
                        .isEqualTo(Status.CAUTION);
                assertThat(ShelfLife.of(material.code(), cured, false, useBy.plusDays(1))
                                .finding()
                                .status())
                        .isEqualTo(Status.FAIL);
                assertThat(ShelfLife.of(material.code(), cured, false, useBy.minusDays(ShelfLife.SOON_DAYS + 1))
                                .finding()
                                .status())
                        .isEqualTo(Status.PASS);
                before = useBy;
            }
        }
        for (int year = 1950; year < 2100; year++) {
            for (int quarter = 1; quarter <= 4; quarter++) {
                CureQuarter cured = new CureQuarter(year, quarter);
                for (String text : List.of(
                        quarter + "Q" + year,
                        "Q" + quarter + " " + year,
                        year + "-Q" + quarter,
                        " " + quarter + "q" + year + " ")) {
                    assertThat(CureQuarter.parse(text)).isEqualTo(cured);
                }
                assertThat(cured.lastDay().plusDays(1).getMonthValue()).isEqualTo(quarter == 4 ? 1 : quarter * 3 + 1);
                assertThat(cured.hasBegun(cured.lastDay())).isTrue();
                assertThat(cured.hasBegun(cured.lastDay().minusMonths(3).minusDays(2)))
                        .as("the quarter before")
                        .isFalse();
            }
        }
    }
}
