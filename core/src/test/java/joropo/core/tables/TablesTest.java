package joropo.core.tables;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import java.util.List;
import joropo.core.lipseal.LipLimits;
import joropo.core.lipseal.LipSealSeatLimits;
import joropo.core.material.ThermalExpansion;
import joropo.core.units.RefusedInput;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TablesTest {
    private record Row(double over, double upTo) {}

    private static Ranges<Row> ranges(Row... rows) {
        return new Ranges<>("test", List.of(rows), Row::over, Row::upTo);
    }

    @Test
    void aBorderBelongsToTheLowerRange() {
        Ranges<Row> ranges = ranges(new Row(0, 3), new Row(3, 6), new Row(6, 10));
        assertThat(ranges.at(3)).hasValue(new Row(0, 3));
        assertThat(ranges.at(3.0001)).hasValue(new Row(3, 6));
        assertThat(ranges.at(10)).hasValue(new Row(6, 10));
        assertThat(ranges.at(0)).isEmpty();
        assertThat(ranges.at(10.1)).isEmpty();
        assertThat(ranges.atOrLast(400)).isEqualTo(new Row(6, 10));
    }

    @Test
    void gapsOverlapsAndEmptyRangesStopTheStart() {
        assertThatIllegalStateException()
                .isThrownBy(() -> ranges(new Row(0, 3), new Row(4, 6)))
                .withMessageContaining("over 4.0 does not join");
        assertThatIllegalStateException()
                .isThrownBy(() -> ranges(new Row(0, 3), new Row(2, 6)))
                .withMessageContaining("over 2.0 does not join");
        assertThatIllegalStateException()
                .isThrownBy(() -> ranges(new Row(3, 3)))
                .withMessageContaining("does not join");
    }

    @Test
    void aMissingTableOrATextWhereANumberBelongsStopsTheStart() {
        assertThatIllegalStateException()
                .isThrownBy(() -> CsvTable.rows("no-such-table", r -> r))
                .withMessage("Table no-such-table is not on the class path");
        assertThatIllegalStateException()
                .isThrownBy(() -> CsvTable.rows("thermal-expansion", r -> r.number("name")))
                .withMessage("Table thermal-expansion, line 1, column name: 'carbon and alloy steel' is no number");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "gauges",
                "iso286-it-grades",
                "iso286-shaft-deviations",
                "iso286-hole-deviations",
                "iso286-hole-delta",
                "lip-seal-housing",
                "lip-seal-press-fit",
                "lip-seal-shaft",
                "lip-seal-sizes-metric",
                "lip-seal-sizes-inch",
                "seat-squareness",
                "thermal-expansion",
                "elastomers",
                "elastomer-temperature-by-fluid",
                "fluid-compatibility",
                "lip-seal-limits",
                "wear-remedies",
                "cleaning"
            })
    void everyTableHasRowsOfOneWidth(String name) {
        assertThat(CsvTable.rows(name, r -> r)).isNotEmpty().allMatch(r -> r.line()
                .isConsistent());
    }

    @Test
    void expansionIsKnownByCodeAndRefusedOtherwise() {
        assertThat(ThermalExpansion.of("ALUMINIUM").perK()).isEqualTo(23.5e-6);
        assertThat(ThermalExpansion.all())
                .extracting(ThermalExpansion::code)
                .contains("STEEL", "CAST_IRON", "PTFE_SOLID")
                .doesNotHaveDuplicates();
        Assertions.assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> ThermalExpansion.of("WOOD"))
                .withMessageStartingWith("'WOOD' is no material of the table");
    }

    /** DIN 3760 class: cylinder 0.85 b, total b + 0.3, corner 0.5 to b = 10 and 0.7 above. */
    @Test
    void housingGrowsWithTheWidthOfTheSeal() {
        assertThat(LipSealSeatLimits.cylindricalDepthMm(8)).isEqualTo(6.8);
        assertThat(LipSealSeatLimits.totalDepthMm(12)).isEqualTo(12.3);
        assertThat(LipSealSeatLimits.housing(10).cornerRadiusMm()).isEqualTo(0.5);
        assertThat(LipSealSeatLimits.housing(11).cornerRadiusMm())
                .as("between two widths the narrower row")
                .isEqualTo(0.5);
        assertThat(LipSealSeatLimits.housing(12).cornerRadiusMm()).isEqualTo(0.7);
        assertThat(LipSealSeatLimits.housing(3).leadInMinMm())
                .as("narrower than any: the first")
                .isEqualTo(0.7);
        double last = 0;
        for (double shaft = 4; shaft <= 500; shaft++) {
            assertThat(LipSealSeatLimits.shaft(shaft).chamferReductionMm()).isGreaterThanOrEqualTo(last);
            last = LipSealSeatLimits.shaft(shaft).chamferReductionMm();
        }
    }

    /**
     * Run-out falls with speed and offset rises with size, FKM never above NBR; every curve is read at, between and
     * beyond its points.
     */
    @Test
    void theCurvesOfTheLipLimits() {
        for (String material : List.of("NBR", "HNBR", "FKM", "ACM", "VMQ", "EPDM", "FFKM", "PTFE")) {
            double last = 1;
            for (double rpm = 0; rpm <= 6000; rpm += 250) {
                double now = LipLimits.runOutMm(material, rpm).orElseThrow();
                assertThat(now).isLessThanOrEqualTo(last);
                last = now;
            }
            assertThat(LipLimits.runOutMm(material, 6001)).isEmpty();
            double offset = 0;
            for (double shaft = 5; shaft <= 400; shaft += 5) {
                double now = LipLimits.offsetMm(material, shaft).orElseThrow();
                assertThat(now)
                        .isGreaterThanOrEqualTo(offset)
                        .isLessThanOrEqualTo(LipLimits.offsetMm("NBR", shaft).orElseThrow());
                offset = now;
            }
        }
        assertThat(LipLimits.runOutMm("NBR", 1500)).hasValue(0.225);
        assertThat(LipLimits.runOutMm("HNBR", 1500)).as("as NBR").hasValue(0.225);
        assertThat(LipLimits.runOutMm("PTFE", 1500)).as("as FKM").hasValue(0.18);
        assertThat(LipLimits.offsetMm("NBR", 5))
                .as("held below the first point")
                .hasValue(0.10);
    }

    @Test
    void aCurveWhoseXDoesNotRiseStopsTheStart() {
        assertThatIllegalStateException()
                .isThrownBy(() -> new Points("test", List.of(new Points.Point(2, 1), new Points.Point(2, 3))))
                .withMessage("Table test: x must rise at 2.0");
        assertThatIllegalStateException()
                .isThrownBy(() -> new Points("test", List.of()))
                .withMessage("Table test has no point");
        assertThat(new Points("test", List.of(new Points.Point(1, 10), new Points.Point(3, 20))).at(2))
                .hasValue(15);
    }

    /** The classes of grooves join from 0 on, and the last one is open upward. */
    @Test
    void theClassesOfWearJoin() {
        double last = 0;
        for (CsvTable.Row row : CsvTable.rows("wear-remedies", r -> r)) {
            assertThat(row.text("precondition") + row.text("caution")).isNotBlank();
            if (row.text("defect").equals("groove") && !row.text("class").equals("none")) {
                assertThat(row.number("depth_over_mm")).isEqualTo(last);
                last = row.text("depth_to_mm").isEmpty() ? Double.POSITIVE_INFINITY : row.number("depth_to_mm");
            }
        }
        assertThat(last).isInfinite();
    }
}
