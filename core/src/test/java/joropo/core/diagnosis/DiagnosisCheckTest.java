package joropo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import joropo.core.diagnosis.DiagnosisResult.Ranked;
import joropo.core.material.Medium;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DiagnosisCheckTest {
    private static DiagnosisResult check(String signs, String absent) {
        return DiagnosisCheck.check(new DiagnosisInput(words(signs), words(absent), null));
    }

    private static List<String> words(String text) {
        return text == null || text.isBlank() ? List.of() : List.of(text.split(" "));
    }

    /** What came off, what was looked for in vain, and what it was in the end. */
    @ParameterizedTest(name = "{0}, not {1}: {2}")
    @CsvSource({
        "LIP_HARD RAN_DRY, WET_BELOW, HEAT",
        "LIP_HARD O_RING_FLAT, WET_BELOW, HEAT",
        "LIP_WIDE RAN_DRY, TRACK_WAVY, DRY_LIP",
        "LIP_WIDE GROOVE_IN_SHAFT, , DIRT",
        "GROOVE_IN_SHAFT, LIP_WIDE UNIT_HUNG_UP, SOFT_SHAFT",
        "LIP_ONE_SIDED LEAKS_RUNNING, TRACK_WAVY, OFFSET",
        "LIP_ONE_SIDED, LEAKS_RUNNING PACKING_ONE_PLACE FACE_TRACK_WIDE, COCKED_SEAL",
        "TRACK_WAVY LEAKS_RUNNING, , RUN_OUT",
        "LIP_CUT, LIP_WIDE, SHARP_EDGE",
        "LIP_TURNED_UNDER, , SHAFT_AGAINST_LIP",
        "SPRING_OUT, CASE_BENT, HAMMERING",
        "SPRING_OUT CASE_BENT, , WRONG_DRIVER",
        "CASE_SCORED, CASE_BENT LEAKS_WARM, BURR_IN_BORE",
        "CASE_SCORED LEAKS_WARM, PUSHED_OUT, HOT_BORE",
        "PUSHED_OUT LEAKS_WARM, , BLOCKED_BREATHER",
        "PUSHED_OUT, LEAKS_WARM LEAKS_RUNNING, OVER_GREASED",
        "LIP_SWOLLEN, , FLUID_ATTACK",
        "OIL_MILKY, , WATER_PAST_LIP",
        "LEAKS_STANDING, LEAKS_WARM, AXIAL_SCRATCH",
        "LEAKS_RUNNING, TRACK_WAVY PUSHED_OUT LEAKS_STANDING, LEAD",
        "WET_AT_LIP RAN_LONG, , LONG_LIFE",
        "FACES_STANDING FACES_GOOD, , SEAT_O_RING",
        "SQUEALS FACE_CRACKS, , NO_FLUSH",
        "WET_AT_HUB, WET_BELOW, SPLINE_LEAK",
        "WET_BELOW NONE_BUT_WET, , PLUG",
        "NONE_BUT_WET, WET_BELOW, SPILLED",
        "FACES_GOOD, FACE_CRACKS, UNDER_BELLOWS",
        "FACE_CRACKS PACKING_HARD, , NO_FLUSH",
        "DRIVE_WORN TRACK_WAVY, , PLAY",
        "O_RING_NIBBLED LIP_CUT, , PRESSURE",
        "FACE_TRACK_WIDE TRACK_WAVY LEAKS_RUNNING, , RUN_OUT"
    })
    void storiesEndWithTheirCauseFirst(String signs, String absent, String cause) {
        assertThat(check(signs, absent).causes().get(0).cause()).isEqualTo(cause);
    }

    @Test
    void everyRowOfTheTableLeadsToEachOfItsCauses() {
        Set<String> reached = new HashSet<>();
        for (Symptom sign : Symptom.all()) {
            List<Ranked> causes = check(sign.code(), "").causes();
            assertThat(causes)
                    .as(sign.code())
                    .extracting(Ranked::cause)
                    .containsExactlyInAnyOrderElementsOf(sign.weights().keySet());
            if (sign.weights().isEmpty()) {
                assertThat(sign.code()).as("proves nothing by itself").isEqualTo("OIL_CHANGED");
                continue;
            }
            assertThat(causes.get(0).score())
                    .as(sign.code())
                    .isEqualTo(sign.weights().values().stream()
                            .mapToInt(i -> i)
                            .max()
                            .orElseThrow());
            reached.addAll(sign.weights().keySet());
        }
        assertThat(Symptom.all()).hasSize(46);
        assertThat(reached)
                .as("every cause is reachable")
                .containsExactlyInAnyOrderElementsOf(
                        Cause.all().stream().map(Cause::code).toList());
    }

    @Test
    void scoresAreSumsLessHalfOfWhatWasLookedForInVain() {
        DiagnosisResult result = check("LEAKS_WARM PUSHED_OUT", "LEAKS_RUNNING OIL_MILKY");
        assertThat(result.causes().get(0))
                .isEqualTo(new Ranked(
                        "BLOCKED_BREATHER",
                        5,
                        List.of(
                                "leaks only when warm: strong",
                                "seal pushed out: strong",
                                "not leaks only running: speaks against it")));
        assertThat(result.causes())
                .extracting(Ranked::score)
                .isSortedAccordingTo((a, b) -> Double.compare(b, a))
                .allMatch(s -> s > 0);
        assertThat(check("LEAKS_STANDING", "LEAKS_WARM").causes())
                .as("1 less half of 2 is nothing")
                .extracting(Ranked::cause)
                .doesNotContain("LEVEL");
    }

    @Test
    void whetherItIsTheSealAtAllIsAskedFirst() {
        assertThat(check("", "").nextCheck()).isEqualTo("WET_BELOW");
        assertThat(check("LIP_HARD", "").nextCheck()).isEqualTo("WET_BELOW");
        assertThat(check("", "").findings().get(0).status()).isEqualTo(Status.MISSING);
        assertThat(check("WET_BELOW", "").findings().get(0)).satisfies(f -> {
            assertThat(f.status()).as("a tie is not known yet").isEqualTo(Status.MISSING);
            assertThat(f.message()).contains("That is not the seal: a new one would cure nothing.");
        });
        assertThat(check("LIP_HARD", "WET_BELOW").findings().get(0).message())
                .contains("One sign alone proves nothing.");
    }

    /** A breather that was looked at and is free is not the cause, whatever points to it. */
    @Test
    void whatWasLookedAtItselfIsRuledOut() {
        DiagnosisResult warm = check("LEAKS_WARM", "");
        assertThat(warm.causes()).extracting(Ranked::cause).containsExactly("BLOCKED_BREATHER", "LEVEL", "HOT_BORE");
        DiagnosisResult free = DiagnosisCheck.check(
                new DiagnosisInput(List.of("LEAKS_WARM"), null, List.of("BLOCKED_BREATHER", "LEVEL")));
        assertThat(free.causes()).singleElement().isEqualTo(warm.causes().get(2));
        assertThat(DiagnosisCheck.check(new DiagnosisInput(
                                List.of("LEAKS_WARM"), null, List.of("PLUG", "GASKET", "HOSE", "HIGHER_JOINT")))
                        .nextCheck())
                .as("nothing it could show is left")
                .isNotEqualTo("WET_BELOW");
    }

    /** Who holds a lip seal in the hand is not asked for its packing; a mechanical seal has O-rings too. */
    @Test
    void onlySignsOfTheSameKindOfSealAreAskedFor() {
        assertThat(check("LIP_ONE_SIDED", "WET_BELOW").nextCheck()).isEqualTo("LEAKS_RUNNING");
        for (Symptom seen : Symptom.all()) {
            List<String> looked = new ArrayList<>(List.of("WET_BELOW"));
            for (String next = check(seen.code(), looked).nextCheck();
                    next != null;
                    next = check(seen.code(), looked).nextCheck()) {
                Symptom.Group group = Symptom.of(next).orElseThrow().group();
                switch (seen.group()) {
                    case LIP, PACKING ->
                        assertThat(group)
                                .as("%s, then %s", seen.code(), next)
                                .isIn(Symptom.Group.INNOCENT, Symptom.Group.RUNNING, seen.group());
                    case O_RING, FACES ->
                        assertThat(group)
                                .as("%s, then %s", seen.code(), next)
                                .isNotIn(Symptom.Group.LIP, Symptom.Group.PACKING);
                    default -> {}
                }
                looked.add(next);
            }
        }
    }

    private static DiagnosisResult check(String seen, List<String> absent) {
        return DiagnosisCheck.check(new DiagnosisInput(
                List.of(seen), absent.stream().filter(a -> !a.equals(seen)).toList(), null));
    }

    @Test
    void whatNothingPartsIsNamedTogether() {
        DiagnosisResult sides = check("LIP_ONE_SIDED", "WET_BELOW");
        assertThat(first(sides)).extracting(Ranked::cause).containsExactly("OFFSET", "COCKED_SEAL");
        assertThat(sides.findings().get(0).message())
                .startsWith("Equally likely: ")
                .contains("; ");
        assertThat(first(check("WET_BELOW", "")))
                .extracting(Ranked::cause)
                .containsExactlyInAnyOrder("PLUG", "GASKET", "HOSE", "HIGHER_JOINT");
        assertThat(check("WET_BELOW", "").findings().get(0).message())
                .contains("That is not the seal: a new one would cure nothing.");
        DiagnosisResult mixed = check("LEAKS_RUNNING WET_BELOW", "");
        assertThat(first(mixed)).extracting(Ranked::cause).contains("PLUG").doesNotContain("LEAD");
        assertThat(first(check("LEAKS_STANDING LEAKS_WARM", "")))
                .extracting(Ranked::cause)
                .as("a breather, an over-filled sump or a scratch")
                .hasSize(3);
        assertThat(check("LEAKS_STANDING LEAKS_WARM", "").findings().get(0)).satisfies(f -> {
            assertThat(f.status()).isEqualTo(Status.MISSING);
            assertThat(f.message()).contains("Not all of these are the seal.");
        });
        assertThat(first(check("", ""))).isEmpty();
    }

    /** A clear look proves nothing after a change; milky oil has come in since and weighs one more. */
    @Test
    void milkyOilSoonAfterAChangeWeighsMore() {
        assertThat(check("OIL_CHANGED", "").causes()).isEmpty();
        assertThat(score(check("OIL_MILKY", ""), "WATER_PAST_LIP")).isEqualTo(3);
        assertThat(score(check("OIL_MILKY OIL_CHANGED", ""), "WATER_PAST_LIP")).isEqualTo(4);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "LEAKS_RUNNING LEAKS_STANDING, leaks only standing",
        "WET_BELOW WET_AT_LIP, seal dry",
        "WET_AT_HUB WET_AT_LIP, seal dry",
        "NONE_BUT_WET WET_AT_LIP, wet at the lip itself"
    })
    void signsThatExcludeEachOtherAreNamed(String signs, String named) {
        assertThat(check(signs, "").findings())
                .filteredOn(f -> f.id().equals("contradiction"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.status()).isEqualTo(Status.CAUTION);
                    assertThat(f.message()).contains(named);
                });
        assertThat(check(signs.split(" ")[0], "").findings()).hasSize(1);
    }

    /** A look that a sign speaks against rules nothing out, and that is said. */
    @Test
    void wetBelowContradictsALookAbove() {
        DiagnosisResult r =
                DiagnosisCheck.check(new DiagnosisInput(List.of("WET_BELOW"), null, List.of("HIGHER_JOINT")));
        assertThat(r.causes()).extracting(Ranked::cause).contains("HIGHER_JOINT");
        assertThat(r.findings()).extracting("id").contains("contradiction");
    }

    @ParameterizedTest(name = "{0}, lead {2}: {1}")
    @CsvSource({"LIP_SWOLLEN, PASS, 2", "LIP_HARD, CAUTION, 1", "LIP_ONE_SIDED, MISSING, 0"})
    void onlyACauseThatLeadsIsNamedForCertain(String sign, Status expected, int lead) {
        assertThat(check(sign, "").findings().get(0).status()).isEqualTo(expected);
        List<Ranked> causes = check(sign, "").causes();
        assertThat(causes.get(0).score() - causes.get(1).score()).isEqualTo(lead);
    }

    @ParameterizedTest(name = "{0}, {1}: not {2}")
    @CsvSource({"GREASE, LIP_SEAL, OIL_MILKY", "OIL, MECHANICAL, LIP_HARD", "OIL, PACKING, FACE_CRACKS"})
    void eachPlaceIsAskedItsOwnSigns(Medium medium, DiagnosisInput.PositionKind position, String never) {
        List<String> absent = new ArrayList<>();
        for (String next = ""; next != null; ) {
            next = DiagnosisCheck.check(new DiagnosisInput(List.of(), absent, null, medium, position))
                    .nextCheck();
            assertThat(next).isNotEqualTo(never);
            if (next != null) {
                absent.add(next);
            }
        }
        assertThat(absent).isNotEmpty();
    }

    @Test
    void moreOfWhatPointsToACauseNeverLowersItAndAbsenceNeverRaisesIt() {
        for (Symptom a : Symptom.all()) {
            for (Symptom b : Symptom.all()) {
                if (a != b) {
                    for (String cause : a.weights().keySet()) {
                        double alone = score(check(a.code(), ""), cause);
                        if (!b.code().equals("OIL_CHANGED") && !a.code().equals("OIL_CHANGED")) {
                            assertThat(score(check(a.code() + " " + b.code(), ""), cause))
                                    .isGreaterThanOrEqualTo(alone);
                            assertThat(score(check(a.code(), b.code()), cause)).isLessThanOrEqualTo(alone);
                        }
                    }
                }
            }
        }
    }

    private static double score(DiagnosisResult result, String cause) {
        return result.causes().stream()
                .filter(r -> r.cause().equals(cause))
                .mapToDouble(Ranked::score)
                .findFirst()
                .orElse(0);
    }

    /**
     * A person who sees exactly what a cause shows is asked one sign after the other, until that cause stands first;
     * the order of the questions is worth its name only if it is shorter than going down the table.
     */
    @Test
    void theAskingOrderShortensABlindWalk() {
        double asked = mean(in -> DiagnosisCheck.check(in).nextCheck());
        double table = mean(in -> Symptom.all().stream()
                .map(Symptom::code)
                .filter(c -> !in.signs().contains(c) && !in.absent().contains(c))
                .findFirst()
                .orElse(null));
        assertThat(asked).as("mean questions by the asking order").isCloseTo(0.7, within(0.05));
        assertThat(table).as("mean questions down the table").isCloseTo(9.1, within(0.05));
        assertThat(asked).isLessThan(table * 0.9);
    }

    private static double mean(Function<DiagnosisInput, String> order) {
        return Cause.all().stream().mapToInt(c -> walk(c, order)).average().orElseThrow();
    }

    /** The walk begins with the weakest sign of the cause: what a person came with often tells little. */
    private static int walk(Cause truth, Function<DiagnosisInput, String> order) {
        List<Symptom> shows = Symptom.all().stream()
                .filter(s -> s.weight(truth.code()) > 0)
                .sorted((a, b) -> a.weight(truth.code()) - b.weight(truth.code()))
                .toList();
        List<String> seen = new ArrayList<>(List.of(shows.get(0).code()));
        List<String> absent = new ArrayList<>();
        int questions = 0;
        while (true) {
            List<Ranked> causes =
                    DiagnosisCheck.check(new DiagnosisInput(seen, absent, null)).causes();
            String next = order.apply(new DiagnosisInput(seen, absent, null));
            boolean found = !causes.isEmpty()
                    && score(new DiagnosisResult(causes, null, List.of()), truth.code())
                            >= causes.get(0).score();
            if (found || next == null) {
                return questions;
            }
            (shows.stream().anyMatch(s -> s.code().equals(next)) ? seen : absent).add(next);
            questions++;
        }
    }

    @Test
    void refusesWhatTheTableDoesNotKnow() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> check("LIP_SAD", ""))
                .withMessageContaining("names a sign that the table has not");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> check("LIP_HARD", "LIP_HARD"))
                .withMessageContaining("names what was seen too: LIP_HARD");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new DiagnosisInput(null, null, null))
                .withMessageContaining("is needed");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> new DiagnosisInput(List.of(), null, List.of("MOON")))
                .withMessageContaining("names a cause that the table has not");
    }

    /**
     * The order in which a person looks says nothing; what was ruled out changes no other score; nothing asked is asked
     * again.
     */
    @Test
    void theOrderOfLookingSaysNothing() {
        Random random = new Random(7);
        for (int run = 0; run < 500; run++) {
            List<String> codes =
                    new ArrayList<>(Symptom.all().stream().map(Symptom::code).toList());
            Collections.shuffle(codes, random);
            int seen = random.nextInt(6);
            int absent = random.nextInt(6);
            List<String> signs = codes.subList(0, seen);
            List<String> vain = codes.subList(seen, seen + absent);
            DiagnosisResult result = DiagnosisCheck.check(new DiagnosisInput(signs, vain, null));
            List<String> backwards = new ArrayList<>(signs);
            Collections.reverse(backwards);
            DiagnosisResult turned = DiagnosisCheck.check(new DiagnosisInput(backwards, vain, null));
            assertThat(turned.causes())
                    .extracting(Ranked::cause)
                    .isEqualTo(result.causes().stream().map(Ranked::cause).toList());
            assertThat(turned.nextCheck()).isEqualTo(result.nextCheck());
            assertThat(result.causes())
                    .isSortedAccordingTo(Comparator.comparing(Ranked::score).reversed())
                    .allMatch(c -> c.score() > 0 && !c.why().isEmpty());
            assertThat(result.nextCheck() == null
                            || !signs.contains(result.nextCheck()) && !vain.contains(result.nextCheck()))
                    .isTrue();
            if (!result.causes().isEmpty()) {
                String out = result.causes().get(0).cause();
                boolean shown = signs.stream()
                        .map(c -> Symptom.of(c).orElseThrow())
                        .anyMatch(s -> s.group() == Symptom.Group.INNOCENT && s.weight(out) > 0);
                assertThat(DiagnosisCheck.check(new DiagnosisInput(signs, vain, List.of(out)))
                                .causes())
                        .isEqualTo(result.causes().stream()
                                .filter(c -> shown || !c.cause().equals(out))
                                .toList());
            }
        }
    }

    /** Those that stand first: more than one where nothing parts them yet. */
    private static List<Ranked> first(DiagnosisResult result) {
        return result.causes().stream()
                .filter(c -> c.score() == result.causes().get(0).score())
                .toList();
    }
}
