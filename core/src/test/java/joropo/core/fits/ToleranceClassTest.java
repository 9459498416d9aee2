package joropo.core.fits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ToleranceClassTest {
    /**
     * Limit deviations in µm as printed in the tables of ISO 286-2, among them sizes right at the borders of ranges.
     */
    @ParameterizedTest(name = "{0} at {1} mm: {2} to {3} µm")
    @CsvSource({
        "h11, 45, -160, 0",
        "H8, 62, 0, 46",
        "h11, 50, -160, 0",
        "h11, 50.001, -190, 0",
        "H8, 50, 0, 39",
        "H8, 80, 0, 46",
        "H8, 80.001, 0, 54",
        "g6, 25, -20, -7",
        "k6, 50, 2, 18",
        "m5, 50, 9, 20",
        "h6, 30, -13, 0",
        "h6, 30.001, -16, 0",
        "f7, 40, -50, -25",
        "d9, 100, -207, -120",
        "js7, 25, -10.5, 10.5",
        "JS7, 25, -10.5, 10.5",
        "p6, 80, 32, 51",
        "s6, 65, 53, 72",
        "s6, 65.001, 59, 78",
        "c11, 120, -400, -180",
        "K7, 25, -15, 6",
        "M7, 25, -21, 0",
        "N7, 25, -28, -7",
        "P7, 25, -35, -14",
        "K6, 50, -13, 3",
        "N9, 25, -52, 0",
        "P8, 25, -55, -22",
        "M6, 280, -41, -9",
        "M6, 250, -37, -8",
        "M6, 315.001, -46, -10",
        "K8, 3, -14, 0",
        "h6, 3, -6, 0",
        "h6, 3.001, -8, 0",
        "H7, 500, 0, 63",
        "H7, 630, 0, 70",
        "H8, 1000, 0, 140"
    })
    void givesThePrintedLimits(String text, double size, double lowerUm, double upperUm) {
        Deviations d = ToleranceClass.parse(text).at(size);
        assertThat(d.lowerUm()).isEqualTo(lowerUm);
        assertThat(d.upperUm()).isEqualTo(upperUm);
    }

    @ParameterizedTest
    @CsvSource({
        "h, no tolerance class",
        "8H, no tolerance class",
        "H0, grades run from 1 to 16",
        "h17, grades run from 1 to 16",
        "Js7, all capital or all small",
        "'', no tolerance class",
        "H8; drop, no tolerance class"
    })
    void refusesWhatIsNoClass(String text, String why) {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> ToleranceClass.parse(text))
                .withMessageContaining(why);
    }

    @ParameterizedTest
    @CsvSource({"z6, 40", "A9, 40", "c11, 600", "H14, 1", "h16, 0.5", "N9, 1", "K9, 25", "H8, 1000.1"})
    void refusesAClassThatTheTablesDoNotGiveThere(String text, double size) {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> ToleranceClass.parse(text).at(size))
                .withMessageMatching(".*(not given in|outside) the tables.*");
    }

    @Test
    void everyRowOfTheTablesGivesAZoneOfItsGradesWidth() {
        for (boolean hole : List.of(true, false)) {
            for (IsoTables.Fundamental row : IsoTables.all(hole)) {
                for (int grade = Math.max(row.gradeFrom(), 5); grade <= Math.min(row.gradeTo(), 13); grade++) {
                    for (double size : new double[] {Math.nextUp(row.overMm()), row.upToMm()}) {
                        if (size <= 1) {
                            continue;
                        }
                        Deviations d = new ToleranceClass(row.letter(), grade).at(size);
                        assertThat(d.upperUm() - d.lowerUm())
                                .isEqualTo(IsoTables.toleranceUm(size, grade).orElseThrow());
                    }
                }
            }
        }
    }

    @Test
    void holesOfLettersWithoutDeltaMirrorTheirShafts() {
        var letters = new TreeSet<>(List.of("C", "D", "E", "F", "G", "H"));
        for (String letter : letters) {
            for (double size = 4; size <= 500; size += 31) {
                Deviations hole = new ToleranceClass(letter, 8).at(size);
                Deviations shaft = new ToleranceClass(letter.toLowerCase(Locale.ROOT), 8).at(size);
                assertThat(hole.lowerUm()).isEqualTo(-shaft.upperUm());
                assertThat(hole.upperUm()).isEqualTo(-shaft.lowerUm());
            }
        }
    }

    /** The delta rule exists so that K7/h6 is the same fit as H7/k6 (ISO 286-1). */
    @ParameterizedTest
    @CsvSource({"K, k, 7", "M, m, 7", "N, n, 7", "P, p, 7", "R, r, 7", "S, s, 7", "K, k, 8", "N, n, 8"})
    void deltaMakesHoleBasisAndShaftBasisTheSameFit(String hole, String shaft, int grade) {
        for (double size = 5; size <= 500; size += 17) {
            var basisHole = LimitsAndFitsCheck.check(new LimitsAndFitsInput(size, "H" + grade, shaft + (grade - 1)))
                    .fit();
            var basisShaft = LimitsAndFitsCheck.check(new LimitsAndFitsInput(size, hole + grade, "h" + (grade - 1)))
                    .fit();
            assertThat(basisShaft).isEqualTo(basisHole);
        }
    }

    @Test
    void aFitHasItsKind() {
        assertThat(LimitsAndFitsCheck.check(new LimitsAndFitsInput(45.0, "H8", "h11"))
                        .fit())
                .isEqualTo(new LimitsAndFitsResult.Fit(LimitsAndFitsResult.Fit.Kind.CLEARANCE, 199, 0));
        assertThat(LimitsAndFitsCheck.check(new LimitsAndFitsInput(50.0, "H7", "k6"))
                        .fit())
                .isEqualTo(new LimitsAndFitsResult.Fit(LimitsAndFitsResult.Fit.Kind.TRANSITION, 23, -18));
        assertThat(LimitsAndFitsCheck.check(new LimitsAndFitsInput(50.0, "H7", "s6"))
                        .fit()
                        .kind())
                .isEqualTo(LimitsAndFitsResult.Fit.Kind.INTERFERENCE);
    }

    @Test
    void aClassInTheWrongFieldIsRefusedAtThatField() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> LimitsAndFitsCheck.check(new LimitsAndFitsInput(45.0, "h8", null)))
                .satisfies(e -> assertThat(e.errors()).extracting("field").containsExactly("holeClass"));
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new LimitsAndFitsInput(null, null, null))
                .satisfies(e -> assertThat(e.errors()).extracting("field").containsExactly("sizeMm", "holeClass"));
    }
}
