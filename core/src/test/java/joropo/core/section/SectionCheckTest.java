package joropo.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.List;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.section.SectionResult.Band;
import joropo.core.section.SectionResult.Window;
import joropo.core.shaft.Side;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One seal 45x62x8 in many places; worked cases of direction and depth among them. */
class SectionCheckTest {
    /** Everything about an arrangement that a case may change; lengths in mm, pressures in MPa. */
    private static final class Arrangement {
        Medium inside = Medium.OIL;
        Medium outside = Medium.AIR;
        Dirt dirt = Dirt.CLEAN;
        double insideMpa;
        double outsideMpa;
        Side lip = Side.IN;

        @Nullable
        Side dustLip;

        double from = 2;

        @Nullable
        Double stop = 10.5;

        BoreItem.@Nullable Bearing bearing;
        ShaftItem.@Nullable RunningSurface surface = new ShaftItem.RunningSurface(0.0, 20.0);
        double play;
        double growth;
        double u;
        double datum;

        Section section() {
            List<BoreItem> items = new ArrayList<>();
            items.add(BoreItemSealBuilder.builder()
                    .id("s1")
                    .fromMm(datum + from)
                    .widthMm(8.0)
                    .outsideDiameterMm(62.0)
                    .mainLip(lip)
                    .dustLip(dustLip)
                    .spring(true)
                    .build());
            if (stop != null) {
                items.add(new BoreItem.Shoulder("h1", datum + stop, null, 55.0));
            }
            if (bearing != null) {
                items.add(bearing);
            }
            return SectionBuilder.builder()
                    .name("case")
                    .shaftDiameterMm(45.0)
                    .boreDiameterMm(62.0)
                    .spaces(List.of(
                            new Space(outside, dirt, outsideMpa, null), new Space(inside, null, insideMpa, null)))
                    .boreItems(items)
                    .shaftItems(
                            surface == null
                                    ? List.of()
                                    : List.of(new ShaftItem.RunningSurface(
                                            datum + surface.fromMm(), datum + surface.toMm())))
                    .axialPlayMm(play)
                    .growthMm(growth)
                    .boreFromMm(datum)
                    .depthUncertaintyMm(u)
                    .build();
        }

        Status judge(String rule) {
            return finding(section(), rule).status();
        }
    }

    private static Finding finding(Section section, String rule) {
        return LipSealRules.section(section).findings().stream()
                .filter(f -> f.id().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0} | {1} inside, {2} outside: lip {3} is {4}")
    @CsvSource({
        "reducer as found, OIL, AIR, OUT, FAIL",
        "turned, OIL, AIR, IN, PASS",
        "water outside only, AIR, WATER, IN, FAIL",
        "water outside kept, AIR, WATER, OUT, PASS",
        "two liquids, OIL, WATER, IN, PASS",
        "two liquids the other way, OIL, WATER, OUT, PASS",
        "grease kept, GREASE, AIR, IN, PASS",
        "grease at the back, GREASE, AIR, OUT, CAUTION",
        "air both sides, AIR, AIR, IN, PASS",
        "steam, STEAM, AIR, OUT, FAIL",
        "refrigerant, REFRIGERANT, AIR, IN, PASS",
        "grease against water, GREASE, WATER, OUT, PASS",
        "vacuum inside, VACUUM, AIR, IN, PASS"
    })
    void d1LipFacesWhatItHasToKeep(String what, Medium inside, Medium outside, Side lip, Status expected) {
        var a = new Arrangement();
        a.inside = inside;
        a.outside = outside;
        a.lip = lip;
        assertThat(a.judge("D1")).as(what).isEqualTo(expected);
    }

    @ParameterizedTest(name = "inside {0}, outside {1}, lip {2}: {3}")
    @CsvSource({
        "0, 0, IN, PASS",
        "0.05, 0, IN, PASS",
        "0, 0.02, IN, CAUTION",
        "0, 0.021, IN, FAIL",
        "0.02, 0, OUT, CAUTION",
        "0.021, 0, OUT, FAIL",
        "-0.05, 0, IN, FAIL"
    })
    void d2PressureOnTheBack(double insideMpa, double outsideMpa, Side lip, Status expected) {
        var a = new Arrangement();
        a.insideMpa = insideMpa;
        a.outsideMpa = outsideMpa;
        a.lip = lip;
        assertThat(a.judge("D2")).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0} outside, {1} inside, lip {2}, dust lip {3}: {4}")
    @CsvSource({
        "CLEAN, OIL, IN, , PASS",
        "DUST, OIL, IN, , CAUTION",
        "MUD, OIL, IN, , CAUTION",
        "DUST, OIL, IN, OUT, PASS",
        "MUD, OIL, IN, OUT, PASS",
        "IMMERSED, OIL, IN, OUT, FAIL",
        "IMMERSED, GREASE, OUT, , PASS",
        "DUST, GREASE, OUT, , PASS",
        "DUST, OIL, OUT, , CAUTION",
        "CLEAN, OIL, IN, IN, FAIL",
        "IMMERSED, OIL, OUT, , PASS"
    })
    void d6WhatKeepsDirtOut(Dirt dirt, Medium inside, Side lip, Side dustLip, Status expected) {
        var a = new Arrangement();
        a.dirt = dirt;
        a.inside = inside;
        a.lip = lip;
        a.dustLip = dustLip;
        assertThat(a.judge("D6")).isEqualTo(expected);
    }

    /**
     * Worked case 1: oil at splash level, dust outside, one seal with the lip outward; then turned and with a dust lip.
     */
    @Test
    void workedCaseOfTheGearReducer() {
        var a = new Arrangement();
        a.dirt = Dirt.DUST;
        a.lip = Side.OUT;
        assertThat(a.judge("D1")).isEqualTo(Status.FAIL);
        assertThat(a.judge("D6")).isEqualTo(Status.CAUTION);
        a.lip = Side.IN;
        a.dustLip = Side.OUT;
        assertThat(List.of(a.judge("D1"), a.judge("D2"), a.judge("D6"), a.judge("D9")))
                .containsOnly(Status.PASS);
    }

    @ParameterizedTest(name = "inside {0} MPa, seal from {1}: {2}")
    @CsvSource({"0, 2, PASS", "0.03, 2, PASS", "0.05, 2, FAIL", "-0.05, 2.5, PASS", "-0.05, 2, PASS", "-0.05, 1.9, FAIL"
    })
    void d9HeldOnTheLowPressureSide(double insideMpa, double from, Status expected) {
        var a = new Arrangement();
        a.insideMpa = insideMpa;
        a.from = from;
        a.lip = insideMpa < 0 ? Side.OUT : Side.IN;
        assertThat(a.judge("D9")).isEqualTo(expected);
    }

    @Test
    void s2WindowRunsFromTheMouthToTheStop() {
        var a = new Arrangement();
        assertThat(LipSealRules.section(a.section()).window("s1")).isEqualTo(new Window(0, 2.5, 2.5));
        a.stop = null;
        a.bearing = BoreItem.Bearing.plain("b1", 12.0, null, 12.0);
        a.play = 0.2;
        a.growth = -0.1;
        assertThat(LipSealRules.section(a.section()).window("s1"))
                .as("12 - 8 - (0.5 + 0.1 + 0.1), aim at the shallow end")
                .isEqualTo(new Window(0, 3.3, 0));
    }

    /** A still ring stops the seal only where the case lands on it and the turning parts lie behind. */
    @ParameterizedTest(name = "ring inside {0}, turning at {1}: window to {2}")
    @CsvSource({"60, 11.0, 2.5", "60.1, 11.0, 2.5", "60, 10.9, 2.4", "60, 14, 2.5"})
    void s2BearingAsAStop(double ringInside, double turning, double to) {
        var a = new Arrangement();
        a.stop = null;
        a.bearing = BoreItem.Bearing.plain("b1", 10.5, ringInside, turning);
        assertThat(LipSealRules.section(a.section()).window("s1").toMm()).isEqualTo(to);
    }

    @ParameterizedTest(name = "outer face at {0}, U {1}: {2}")
    @CsvSource({
        "2.5, 0.04, PASS",
        "0, 0.04, REMEASURE",
        "1, 0.04, PASS",
        "2.53, 0.04, PASS",
        "2.55, 0.04, FAIL",
        "-0.03, 0.04, REMEASURE",
        "-0.1, 0.04, FAIL",
        "2.45, 0, PASS"
    })
    void s2DepthAgainstItsWindow(double from, double u, Status expected) {
        var a = new Arrangement();
        a.from = from;
        a.u = u;
        assertThat(a.judge("S2")).isEqualTo(expected);
    }

    @Test
    void s2WithoutRoomOrWithoutAnyLimit() {
        var a = new Arrangement();
        a.stop = 7.5;
        assertThat(a.judge("S2")).as("window empty").isEqualTo(Status.FAIL);
        a.stop = null;
        assertThat(a.judge("S2")).isEqualTo(Status.MISSING);
        assertThat(List.of(a.judge("D1"), a.judge("D2"), a.judge("D6"), a.judge("D9"), a.judge("S4")))
                .as("no other rule changes")
                .containsOnly(Status.PASS);
    }

    @Test
    void s4BandOfTheLip() {
        var a = new Arrangement();
        a.play = 0.2;
        a.growth = 0.1;
        assertThat(LipSealRules.section(a.section()).track("s1"))
                .as("2 + 8 - 3.2 = 6.8, +- (0.1 + 0.1 + 0.4)")
                .isEqualTo(new Band(6.2, 7.4));
        a.lip = Side.OUT;
        assertThat(LipSealRules.section(a.section()).track("s1")).as("2 + 3.2").isEqualTo(new Band(4.6, 5.8));
    }

    @ParameterizedTest(name = "ground {0} to {1}: {2}")
    @CsvSource({"0, 20, PASS", "5.4, 8.2, PASS", "5.5, 20, FAIL", "0, 8.1, FAIL", "-10, 3, FAIL"})
    void s4KeepsOneMmFromTheEndsOfTheGroundSurface(double from, double to, Status expected) {
        var a = new Arrangement();
        a.surface = new ShaftItem.RunningSurface(from, to);
        assertThat(a.judge("S4")).isEqualTo(expected);
    }

    @Test
    void s4WithoutTheSurfaceIsMissing() {
        var a = new Arrangement();
        a.surface = null;
        assertThat(a.judge("S4")).isEqualTo(Status.MISSING);
        assertThat(a.judge("S2")).isEqualTo(Status.PASS);
    }

    /** Seal at 2, lip at 6.8, band 6.4 to 7.2; the groove is 1.2 wide. */
    @ParameterizedTest(name = "groove from {0}: {1}")
    @CsvSource({
        "6.2, FAIL, 'The outer face at 0.00 mm clears it by 1.00 mm.'",
        "3.0, PASS, ''",
        "4.3, CAUTION, 'The outer face at 2.10 mm clears it by 1.00 mm.'",
        "8.2, PASS, ''",
        "8.1, CAUTION, 'The outer face at 1.90 mm clears it by 1.00 mm.'",
        "5.4, FAIL, No depth in the window clears it: dress by measure#sleeve#or renew the shaft."
    })
    void s5KeepsClearOfAnOldGroove(double from, Status expected, String remedy) {
        Section plain = new Arrangement().section();
        Section worn = SectionBuilder.builder()
                .name(plain.name())
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .spaces(plain.spaces())
                .boreItems(plain.boreItems())
                .shaftItems(List.of(new ShaftItem.WearGroove(from, from + 1.2, null)))
                .build();
        Finding s5 = finding(worn, "S5");
        assertThat(s5.status()).isEqualTo(expected);
        assertThat(s5.remedy()).isEqualTo(remedy.replace("#", ", "));
        assertThat(LipSealRules.section(plain).findings())
                .as("no groove, no rule")
                .noneMatch(f -> f.id().equals("S5"));
    }

    /** Two millimetres of room to a groove of usual width prove nothing while nobody has measured it. */
    @Test
    void aGrooveOfUnknownWidthNeverHolds() {
        for (double lip : new double[] {0, 5, 40}) {
            Section section = withGroove(lip, false);
            Finding measured = finding(withGroove(lip, true), "S5");
            Finding unmeasured = finding(section, "S5");
            assertThat(unmeasured.status()).isEqualTo(measured.status() == Status.FAIL ? Status.FAIL : Status.MISSING);
        }
    }

    private static Section withGroove(double at, boolean measured) {
        return SectionBuilder.builder(new Arrangement().section())
                .shaftItems(List.of(new ShaftItem.WearGroove(at, at + 1.2, null, null, measured)))
                .build();
    }

    @ParameterizedTest(name = "total {0}, cylinder {1}, corner {2}, lead-in {3} at {4}: {5}")
    @CsvSource({
        "8.3, 6.8, 0.5, 0.7, 15, PASS",
        "8.29, 6.8, 0.5, 0.7, 15, FAIL",
        "8.3, 6.79, 0.5, 0.7, 15, FAIL",
        "8.3, 6.8, 0.51, 0.7, 15, FAIL",
        "8.3, 6.8, 0.5, 0.6, 15, FAIL",
        "8.3, 6.8, 0.5, 1.2, 15, PASS",
        "8.3, 6.8, 0.5, 0.7, 31, FAIL"
    })
    void s6SeatOfAnEightMmSeal(
            double total, double cylinder, double corner, double leadIn, double angle, Status expected) {
        var section = SectionBuilder.builder()
                .name("seat")
                .shaftDiameterMm(45.0)
                .boreDiameterMm(62.0)
                .spaces(List.of(new Space(Medium.AIR, null, null, null), new Space(Medium.OIL, null, null, null)))
                .boreItems(List.of(
                        BoreItemSealBuilder.builder()
                                .id("s1")
                                .fromMm(0.0)
                                .widthMm(8.0)
                                .outsideDiameterMm(62.0)
                                .mainLip(Side.IN)
                                .spring(true)
                                .build(),
                        new BoreItem.LeadIn(null, 0.0, leadIn, angle)))
                .shaftItems(List.of())
                .cylindricalDepthMm(cylinder)
                .totalDepthMm(total)
                .cornerRadiusMm(corner)
                .build();
        List<Finding> s6 = LipSealRules.section(section).findings().stream()
                .filter(f -> f.id().equals("S6"))
                .toList();
        assertThat(s6).hasSize(5);
        assertThat(Finding.worst(s6)).isEqualTo(expected);
    }

    @Test
    void movingTheDatumChangesNoState() {
        for (double datum = -40; datum < 40; datum += 7.3) {
            for (double from : new double[] {-0.5, 0, 1.7, 2.5, 3}) {
                var here = new Arrangement();
                here.from = from;
                var there = new Arrangement();
                there.from = from;
                there.datum = datum;
                assertThat(LipSealRules.section(there.section()).findings())
                        .extracting(Finding::status)
                        .isEqualTo(LipSealRules.section(here.section()).findings().stream()
                                .map(Finding::status)
                                .toList());
            }
        }
    }

    @Test
    void morePlayNeverMakesDepthOrTrackBetter() {
        var a = new Arrangement();
        a.bearing = BoreItem.Bearing.plain("b1", 11.4, null, 11.4);
        a.surface = new ShaftItem.RunningSurface(4.6, 9.0);
        for (String rule : List.of("S2", "S4")) {
            Status last = Status.PASS;
            for (a.play = 0; a.play < 3; a.play += 0.1) {
                Status now = a.judge(rule);
                assertThat(now).isLessThanOrEqualTo(last);
                last = now;
            }
            assertThat(last).isEqualTo(Status.FAIL);
        }
    }

    @Test
    void mirroringSpacesAndLipMirrorsDirectionAndPressure() {
        for (Medium a : Medium.values()) {
            for (Medium b : Medium.values()) {
                for (double mpa : new double[] {0, 0.015, 0.1}) {
                    var here = new Arrangement();
                    here.inside = a;
                    here.outside = b;
                    here.insideMpa = mpa;
                    var mirrored = new Arrangement();
                    mirrored.inside = b;
                    mirrored.outside = a;
                    mirrored.outsideMpa = mpa;
                    mirrored.lip = Side.OUT;
                    assertThat(mirrored.judge("D1")).isEqualTo(here.judge("D1"));
                    assertThat(mirrored.judge("D2")).isEqualTo(here.judge("D2"));
                }
            }
        }
    }

    @Test
    void anImpossibleSectionIsRefusedFieldByField() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> SectionBuilder.builder()
                        .shaftDiameterMm(62.0)
                        .boreDiameterMm(45.0)
                        .spaces(List.of())
                        .boreItems(List.of())
                        .shaftItems(List.of())
                        .axialPlayMm(-1.0)
                        .build())
                .satisfies(e -> assertThat(e.errors())
                        .extracting("field")
                        .containsExactly("boreDiameterMm", "boreItems", "spaces", "axialPlayMm"));
    }
}
