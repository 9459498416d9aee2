package joropo.core.lipseal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.HashSet;
import java.util.List;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LipSealSizeCheckTest {
    private static LipSealSizeResult find(double shaft, @Nullable Double bore, @Nullable Double depth) {
        return LipSealSizeCheck.check(new LipSealSizeInput(shaft, bore, depth, SealSystem.METRIC, null));
    }

    private static List<String> words(LipSealSizeResult result) {
        return result.sizes().stream().map(SealSize::words).toList();
    }

    @Test
    void findsTheSizesOfAMeasuredPlaceStandardFirst() {
        assertThat(words(find(44.96, 62.02, 10.5))).containsExactly("45x62x8", "45x62x7", "45x62x10");
        assertThat(words(find(44.96, 62.02, 10.2))).as("10 wide wants 10.3").containsExactly("45x62x8", "45x62x7");
        assertThat(find(44.96, 62.02, 10.2).rejected())
                .extracting("reason")
                .containsExactly("45x62x10 wants 10.30 mm of depth, there are 10.20 mm.");
    }

    /** A worn shaft is below its nominal size: 44.52 is a worn 45, never a fat 44. */
    @ParameterizedTest(name = "shaft {0}: first shaft size {1}")
    @CsvSource({"44.52, 45", "44.50, 45", "45.05, 45", "44.05, 44", "42.0, 42", "41.5, 42"})
    void looksUpNotDown(double measured, double nominal) {
        assertThat(find(measured, null, null).sizes().get(0).shaftMm()).isEqualTo(nominal);
    }

    @Test
    void saysWhichOfTheThreeDoesNotMatchAndWhatWould() {
        LipSealSizeResult shaft = find(43.2, 62.0, 10.0);
        assertThat(shaft.sizes()).isEmpty();
        assertThat(shaft.rejected()).extracting("what").containsExactly("shaft");
        assertThat(shaft.rejected().get(0).reason()).contains("42.00").contains("44.00");
        LipSealSizeResult bore = find(45.0, 63.5, 10.0);
        assertThat(bore.rejected()).extracting("what").containsExactly("bore");
        assertThat(bore.rejected().get(0).reason()).contains("62.00").contains("65.00");
        LipSealSizeResult depth = find(45.0, 62.0, 6.0);
        assertThat(depth.rejected()).extracting("what").containsOnly("depth");
        assertThat(depth.findings().get(0).status()).isEqualTo(Status.FAIL);
    }

    @Test
    void warnsWhereMetricAndInchBothMatch() {
        LipSealSizeResult both = LipSealSizeCheck.check(new LipSealSizeInput(44.50, null, null, null, null));
        assertThat(both.sizes()).extracting(SealSize::system).contains(SealSystem.METRIC, SealSystem.INCH);
        assertThat(both.findings())
                .filteredOn(f -> f.id().equals("system"))
                .extracting(Finding::status)
                .containsExactly(Status.CAUTION);
        assertThat(find(44.50, null, null).findings()).noneMatch(f -> f.id().equals("system"));
    }

    @ParameterizedTest(name = "shaft {0}, bore {1}: {2}")
    @CsvSource({
        "45, 62, METRIC",
        "63.5, 85.62, INCH",
        "44.45, , INCH",
        ", 85.62, INCH",
        "47.3, 66.6, METRIC",
        ", , METRIC",
        "152.4, , INCH"
    })
    void nominalSizesTellTheirSystem(Double shaft, Double bore, SealSystem expected) {
        assertThat(SealSystem.of(shaft, bore)).isEqualTo(expected);
    }

    @Test
    void namesSizesThatDifferOnlyInside() {
        assertThat(find(45, 62.0, 8.3).findings())
                .filteredOn(f -> f.id().equals("confused"))
                .extracting(Finding::message)
                .containsExactly("Same outside and width, other inside: 42x62x8, 48x62x8.");
    }

    @Test
    void roomNeverTakesASizeAway() {
        for (double depth = 5; depth < 30; depth += 0.37) {
            assertThat(words(find(70, 90.01, depth + 0.37))).containsAll(words(find(70, 90.01, depth)));
        }
    }

    @Test
    void everyListedSizeIsFoundByItsOwnMeasures() {
        for (SealSize size : SealSize.all()) {
            var in = new LipSealSizeInput(size.shaftMm(), size.boreMm(), size.widthMm() + 0.3, size.system(), null);
            assertThat(LipSealSizeCheck.check(in).sizes()).contains(size);
        }
        assertThat(new HashSet<>(SealSize.all())).hasSameSizeAs(SealSize.all()).hasSizeGreaterThan(300);
    }

    @Test
    void aBoreNoLargerThanTheShaftIsRefused() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new LipSealSizeInput(45.0, 45.0, null, null, null))
                .withMessageStartingWith("boreMm: must be above the shaft");
    }

    @ParameterizedTest
    @CsvSource({
        "45x62x8, PASS, 45x62x8",
        "'AS 45-62-8 NBR', PASS, 45x62x8",
        "45*62*7, PASS, 45x62x7",
        "42 x 62 x 8, CAUTION, 45x62x8",
        "unreadable, CAUTION, 45x62x8",
        "'1.750x2.500x0.375', CAUTION, 45x62x8"
    })
    void theMarkingOnTheOldSealDecidesOrWarns(String marking, Status expected, String first) {
        LipSealSizeResult result = LipSealSizeCheck.check(new LipSealSizeInput(44.9, 62.02, 10.0, null, marking));
        assertThat(result.findings())
                .filteredOn(f -> f.id().equals("marking"))
                .extracting("status")
                .containsExactly(expected);
        assertThat(result.sizes().get(0).words()).isEqualTo(first);
    }

    @Test
    void theMarkingTellsMetricFromInch() {
        LipSealSizeResult both = LipSealSizeCheck.check(new LipSealSizeInput(44.50, null, null, null, null));
        assertThat(both.findings()).extracting("id").contains("system");
        String inch = both.sizes().stream()
                .filter(s -> s.system() == SealSystem.INCH)
                .findFirst()
                .orElseThrow()
                .words();
        LipSealSizeResult marked = LipSealSizeCheck.check(new LipSealSizeInput(44.50, null, null, null, inch));
        assertThat(marked.findings()).extracting("id").doesNotContain("system");
        assertThat(marked.sizes().get(0).words()).isEqualTo(inch);
    }
}
