package joropo.core.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import joropo.core.lipseal.LipSealRules;
import joropo.core.section.Comparison.Rule;
import joropo.core.section.Schools.School;
import joropo.core.section.SectionResult.Shift;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;

/** Two sections side by side, schools side by side, and the places that an old groove leaves. */
class ComparisonTest {
    private static final String FOUND =
            "AIR mud, AIR, OIL; ring 0+2.2 t 2; washer 2.2+2.5 in 49; seal 4.7+10 OUT; seal 14.7+10 IN; stop 32";

    private static List<String> pairs(String kit, String found) {
        return Comparison.of(Written.section(kit), Written.section(found)).pairs().stream()
                .map(p -> (p.kit() == null ? "-" : p.kit().id()) + "/"
                        + (p.found() == null ? "-" : p.found().id()) + " "
                        + p.differences().size())
                .toList();
    }

    @Test
    void likePartsStandBesideEachOther() {
        assertThat(pairs(FOUND, FOUND)).containsExactly("r0/r0 0", "w1/w1 0", "s1/s1 0", "s2/s2 0");
        assertThat(pairs("AIR mud, AIR, OIL; ring 0+2.2 t 2; seal 4.7+10 OUT; seal 14.7+10 IN; stop 32", FOUND))
                .as("a washer less moves nothing else")
                .containsExactly("r0/r0 0", "-/w1 1", "s1/s1 0", "s2/s2 0");
        assertThat(pairs(
                        "AIR mud, AIR, OIL; ring 0+2.2 t 2; washer 2.2+2.5 in 49; seal 4.7+10 IN; seal 14.7+8 IN; "
                                + "washer 22.7+1; stop 32",
                        FOUND))
                .as("turned, narrower, one washer more")
                .containsExactly("r0/r0 0", "w1/w1 0", "s1/s1 1", "s2/s2 1", "w4/- 1");
        assertThat(pairs("AIR mud, OIL; chevron 4.7+10 IN; stop 32", "AIR mud, OIL; seal 4.7+10 IN; stop 32"))
                .as("other kinds beside each other")
                .containsExactly("c0/s1 1");
    }

    @Test
    void whatDiffersIsSaidAndTheWholeIsMeasured() {
        Section kit = Written.section(
                        "AIR mud, AIR, OIL; ring 0+2.2 t 2; washer 2.2+2.6 in 51; seal 4.8+10 OUT; seal 14.8+10 IN; "
                                + "stop 32")
                .comparedWith(Written.section(FOUND));
        List<Finding> s8 = LipSealRules.section(kit).findings().stream()
                .filter(f -> f.id().equals("S8"))
                .toList();
        assertThat(s8)
                .extracting(Finding::message)
                .as("0.1 mm is the same")
                .containsExactly("The opening of the washer is not as on the one found.");
        assertThat(s8).allMatch(f -> f.status() == Status.CAUTION && "w1".equals(f.part()));
        Section thick = Written.section(
                        "AIR mud, AIR, OIL; ring 0+2.2 t 2; washer 2.2+2.7 in 49; seal 4.9+10 OUT; seal 14.9+10 IN; "
                                + "stop 32")
                .comparedWith(Written.section(FOUND));
        assertThat(LipSealRules.section(thick).findings().stream()
                        .filter(f -> f.id().equals("S8"))
                        .map(Finding::message))
                .containsExactly(
                        "The washer is 0.20 mm thicker than the one found.",
                        "The whole is 0.20 mm thicker than what was found.");
    }

    @Test
    void eachRuleStandsBesideItself() {
        List<Rule> rules = LipSealRules.compared(
                Written.section("AIR dust, OIL; seal 2+8 IN dust OUT; groove 8-9"),
                Written.section("AIR dust, OIL; seal 2+8 OUT; port 14-15 DRAIN"));
        assertThat(rules)
                .extracting(Rule::id)
                .containsSubsequence("D1", "D2", "D3", "D6", "D9", "S2", "S3", "S4", "S5", "S7");
        assertThat(rules)
                .contains(
                        new Rule("D1", Status.PASS, Status.FAIL),
                        new Rule("D6", Status.PASS, Status.CAUTION),
                        new Rule("S5", Status.CAUTION, null),
                        new Rule("S3", null, Status.PASS));
    }

    private static String schools(String written) {
        return LipSealRules.schools(Written.section(written)).stream()
                .map(s -> s.words() + (s.asIs() ? " [as is]" : "") + (s.usual() ? " [usual] " : " ") + s.verdict())
                .collect(Collectors.joining("; "));
    }

    @Test
    void bothSchoolsAreJudgedSideBySide() {
        assertThat(schools("AIR mud, AIR partial, OIL; seal 2+8 IN; seal 12+8 IN"))
                .isEqualTo("outer seal outward [usual] PASS; outer seal inward [as is] CAUTION");
        assertThat(schools("AIR, AIR partial, OIL; seal 2+8 IN; seal 12+8 IN"))
                .isEqualTo("outer seal outward PASS; outer seal inward [as is] [usual] PASS");
        assertThat(schools("AIR mud, GREASE automatic, AIR; seal 2+8 IN; seal 20+8 OUT"))
                .isEqualTo("both lips to the grease [as is] FAIL; outer lip turned outward [usual] PASS");
        assertThat(schools("AIR mud, GREASE metered, AIR; seal 2+8 OUT; seal 20+8 OUT"))
                .isEqualTo("both lips to the grease [usual] CAUTION; outer lip turned outward [as is] PASS");
        assertThat(schools("AIR mud, GREASE gun, AIR; seal 2+8 IN; seal 20+8 OUT; port 12-13 RELIEF"))
                .contains("both lips to the grease [as is] [usual]");
        assertThat(schools("AIR, OIL; seal 2+8 IN"))
                .as("a single lip asks nothing")
                .isEmpty();
    }

    @Test
    void aSchoolIsTheSameSectionButForItsLips() {
        Section pair = Written.section("AIR mud, GREASE gun, AIR; seal 2+8 IN; seal 20+8 IN; ground 0-40");
        List<School> schools = LipSealRules.schools(pair);
        assertThat(schools.get(schools.size() - 1))
                .satisfies(s -> assertThat(s.words()).isEqualTo("what stands here now"))
                .satisfies(s -> assertThat(s.asIs()).isTrue())
                .satisfies(s -> assertThat(s.section()).isEqualTo(pair));
        for (School school : schools.subList(0, schools.size() - 1)) {
            assertThat(school.section().seals().get(1).mainLip())
                    .as("the inner lip keeps the grease")
                    .isEqualTo(joropo.core.shaft.Side.OUT);
            assertThat(school.section().shaftItems()).isEqualTo(pair.shaftItems());
            assertThat(school.asIs()).isFalse();
        }
    }

    /**
     * Lip of a seal 2+8 at 6.8, band 6.4 to 7.2; groove 6 to 7: outward to 5.0, that is 2.2 mm; inward from 8.0, that
     * is 1.6 mm.
     */
    @Test
    void placesBesideAGrooveAreOfferedWhereEverythingAllowsThem() {
        assertThat(LipSealRules.section(Written.section("AIR, OIL; seal 2+8 IN; groove 6-7; stop 14; ground 0-30"))
                        .shifts())
                .containsExactly(new Shift("s1", -0.2, -2.2, false), new Shift("s1", 3.6, 1.6, true));
        assertThat(LipSealRules.section(Written.section("AIR, OIL; seal 2+8 IN; groove 6-7; stop 11; ground 0-30"))
                        .shifts())
                .as("too deep")
                .allMatch(s -> !s.allowed());
        assertThat(LipSealRules.section(Written.section("AIR, OIL; seal 2+8 IN; groove 6-7; stop 14; ground 0-9"))
                        .shifts())
                .as("off the ground surface")
                .allMatch(s -> !s.allowed());
        assertThat(LipSealRules.section(
                                Written.section("AIR, OIL; seal 2+8 IN; groove 6-7; stop 14; port 11.5-13 DRAIN"))
                        .shifts())
                .as("over a port")
                .allMatch(s -> !s.allowed());
        assertThat(LipSealRules.section(Written.section("AIR, OIL; seal 2+8 IN; groove 6-7; groove 8-9; stop 14"))
                        .shifts())
                .as("into another groove")
                .noneMatch(s -> s.toFromMm() == 3.6 && s.allowed());
        assertThat(LipSealRules.section(Written.section("AIR, OIL; seal 3.6+8 IN; groove 6-7; stop 14"))
                        .shifts())
                .as("clear already")
                .isEmpty();
    }
}
