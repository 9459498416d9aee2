package joropo.core.arrangement;

import static joropo.core.arrangement.PartKind.BEARING;
import static joropo.core.arrangement.PartKind.COVER;
import static joropo.core.arrangement.PartKind.LIP_SEAL;
import static joropo.core.arrangement.PartKind.O_RING;
import static joropo.core.arrangement.PartKind.RETAINING_RING;
import static joropo.core.arrangement.PartKind.SLINGER;
import static joropo.core.arrangement.PartKind.WASHER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import joropo.core.arrangement.PartKind.Line;
import joropo.core.shaft.Side;
import org.junit.jupiter.api.Test;

/** Parts on two lines, what is known of them, and from where. */
class ArrangementTest {
    private static Part off(int nth, PartKind kind) {
        return new Part("o" + nth, kind, kind.words(), nth, null, true);
    }

    private static Fact<Double> place(String part, double mm, Origin origin, String at) {
        return new Fact<>(part, Property.PLACE, mm, 0.3, origin, at);
    }

    private static List<String> keys(List<Part> parts) {
        return parts.stream().map(Part::key).toList();
    }

    @Test
    void aPartWithoutAPlaceStandsBehindWhatCameOffBefore() {
        var all = new Arrangement(
                List.of(off(1, COVER), off(2, RETAINING_RING), off(3, LIP_SEAL), off(4, WASHER), off(5, LIP_SEAL)),
                List.of(
                        place("o2", 1, Origin.STRIPPED, "o2-place"),
                        place("o5", 14, Origin.STRIPPED, "o5-place"),
                        place("o3", 3, Origin.STRIPPED, "o3-place")));
        assertThat(keys(all.found().line(Line.BORE))).containsExactly("o1", "o2", "o3", "o4", "o5");
        assertThat(keys(all.found().line(Line.SHAFT))).isEmpty();
    }

    /** Places win over the order of coming off. */
    @Test
    void placesWin() {
        var all = new Arrangement(
                List.of(off(1, LIP_SEAL), off(2, LIP_SEAL)),
                List.of(place("o1", 14, Origin.STRIPPED, "o1-place"), place("o2", 2, Origin.STRIPPED, "o2-place")));
        assertThat(keys(all.found().line(Line.BORE))).containsExactly("o2", "o1");
    }

    @Test
    void aBearingStandsOnBothLinesAndACarriedRingOnNone() {
        var all = new Arrangement(List.of(off(1, SLINGER), off(2, BEARING), off(3, O_RING)), List.of());
        assertThat(keys(all.found().line(Line.BORE))).containsExactly("o2");
        assertThat(keys(all.found().line(Line.SHAFT))).containsExactly("o1", "o2");
    }

    /** What nobody took off stands outward of what came off, the later added the further out. */
    @Test
    void whatWasAddedStandsOutward() {
        var all = new Arrangement(
                List.of(Part.added("i1", LIP_SEAL, "inner"), Part.added("i2", LIP_SEAL, "outer"), off(1, WASHER)),
                List.of());
        assertThat(keys(all.planned().line(Line.BORE))).containsExactly("i2", "i1", "o1");
        assertThat(keys(all.found().line(Line.BORE))).containsExactly("o1");
    }

    /** Of one seal: found at 2 facing out, 7 wide. The new one goes where it stood, not as it faced. */
    @Test
    void aNewPartTakesOverThePlaceAlone() {
        var all = new Arrangement(
                List.of(off(1, LIP_SEAL), off(2, WASHER)),
                List.of(
                        place("o1", 2, Origin.STRIPPED, "o1-place"),
                        new Fact<>("o1", Property.FACES, Side.OUT, 0, Origin.STRIPPED, "o1-faced"),
                        new Fact<>("o1", Property.THICK, 7.0, 0.3, Origin.STRIPPED, "o1-thickness"),
                        new Fact<>("o2", Property.THICK, 3.0, 0.3, Origin.STRIPPED, "o2-thickness")));
        assertThat(all.found().get("o1", Property.FACES)).isEqualTo(Side.OUT);
        assertThat(all.found().get("o1", Property.THICK)).isEqualTo(7);
        assertThat(all.planned().get("o1", Property.PLACE)).isEqualTo(2);
        assertThat(all.planned().get("o1", Property.FACES)).isNull();
        assertThat(all.planned().get("o1", Property.THICK)).isNull();
        assertThat(all.planned().get("o2", Property.THICK)).as("it goes back").isEqualTo(3);
    }

    @Test
    void theLaterLevelGoesFirstAndEachViewEndsAtItsOwn() {
        var all = new Arrangement(
                List.of(off(1, LIP_SEAL)),
                List.of(
                        place("o1", 5, Origin.LAST_TIME, "last"),
                        place("o1", 6.95, Origin.STRIPPED, "o1-place"),
                        place("o1", 7.1, Origin.MEASURED, "measure"),
                        place("o1", 8, Origin.DECIDED, "decide"),
                        place("o1", 8.1, Origin.FITTED, "fit")));
        assertThat(all.found().get("o1", Property.PLACE)).isEqualTo(7.1);
        assertThat(all.planned().get("o1", Property.PLACE)).isEqualTo(8);
        assertThat(all.fitted().get("o1", Property.PLACE)).isEqualTo(8.1);
        assertThat(all.clashes()).isEmpty();
    }

    /** Handbook 42: strip log 6.95, measured 7.40: which? */
    @Test
    void twoWordsThatDifferByMoreThanTheirGaugesClash() {
        Fact<Double> logged = place("o1", 6.95, Origin.STRIPPED, "o1-place");
        Fact<Double> measured = new Fact<>("o1", Property.PLACE, 7.40, 0.04, Origin.MEASURED, "measure#x");
        var all = new Arrangement(List.of(off(1, LIP_SEAL)), List.of(logged, measured));
        assertThat(all.clashes()).containsExactly(new Clash(measured, logged));
        assertThat(all.readings()).hasSize(2);
        assertThat(all.readings().get(1).found().get("o1", Property.PLACE)).isEqualTo(6.95);
        Fact<Double> near = new Fact<>("o1", Property.PLACE, 7.29, 0.04, Origin.MEASURED, "measure#x");
        assertThat(new Arrangement(List.of(off(1, LIP_SEAL)), List.of(logged, near)).clashes())
                .isEmpty();
    }

    @Test
    void aPartStandsOnce() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Arrangement(List.of(off(1, WASHER), off(1, WASHER)), List.of()));
    }

    /** Facts in any order give the same lines, figures and contradictions; each line holds each of its parts once. */
    @Test
    void theOrderOfFactsDoesNotMatter() {
        Random random = new Random(29);
        PartKind[] kinds = {LIP_SEAL, WASHER, RETAINING_RING, BEARING, SLINGER, COVER, O_RING};
        Origin[] origins = Origin.values();
        for (int n = 0; n < 2000; n++) {
            List<Part> parts = IntStream.rangeClosed(1, 1 + random.nextInt(9))
                    .mapToObj(i -> random.nextInt(4) == 0
                            ? Part.added("n" + i, kinds[random.nextInt(kinds.length)], "added")
                            : off(i, kinds[random.nextInt(kinds.length)]))
                    .toList();
            List<Fact<?>> facts = new ArrayList<>();
            for (Part part : parts) {
                for (int i = random.nextInt(4); i > 0; i--) {
                    facts.add(place(
                            part.key(),
                            random.nextInt(20),
                            origins[random.nextInt(origins.length)],
                            "field" + facts.size()));
                }
            }
            List<Fact<?>> shuffled = new ArrayList<>(facts);
            Collections.shuffle(shuffled, random);
            Arrangement one = new Arrangement(parts, facts);
            Arrangement other = new Arrangement(parts, shuffled);
            for (Line line : List.of(Line.BORE, Line.SHAFT)) {
                List<Part> stands = one.planned().line(line);
                assertThat(stands).isEqualTo(other.planned().line(line)).doesNotHaveDuplicates();
                assertThat(stands)
                        .hasSameElementsAs(parts.stream()
                                .filter(p -> p.kind().line().holds(line))
                                .toList());
                assertThat(stands.stream()
                                .map(p -> one.planned().get(p.key(), Property.PLACE))
                                .filter(p -> p != null)
                                .toList())
                        .isSorted();
                assertThat(one.found().line(line)).isEqualTo(other.found().line(line));
            }
            assertThat(one.clashes()).containsExactlyInAnyOrderElementsOf(other.clashes());
        }
    }

    /** What sits on another part goes in before it, in its turn; the head of a cylinder goes in after its rings. */
    @Test
    void ringsGoInOnWhatCarriesThem() {
        var all = new Arrangement(
                List.of(
                        Part.added("i1", O_RING, "ring").on("o2"),
                        Part.added("i2", O_RING, "wiper").on("o2"),
                        off(1, PartKind.ROD),
                        off(2, PartKind.HEAD)),
                List.of(
                        new Fact<>("i1", Property.TURN, 3.0, 0, Origin.DECIDED, "i1"),
                        new Fact<>("i2", Property.TURN, 0.0, 0, Origin.DECIDED, "i2")));
        assertThat(keys(all.planned().build())).containsExactly("i2", "i1", "o2", "o1");
    }

    /** Places win over the order of coming off, and who came off too late is told. */
    @Test
    void anOuterPartThatCameOffAfterAnInnerOneIsTold() {
        var all = new Arrangement(
                List.of(off(1, LIP_SEAL), off(2, WASHER), off(3, BEARING)),
                List.of(
                        place("o1", 4, Origin.STRIPPED, "o1-place"),
                        place("o2", 1, Origin.STRIPPED, "o2-place"),
                        place("o3", 0, Origin.STRIPPED, "o3-place")));
        assertThat(keys(all.planned().build())).containsExactly("o1", "o2", "o3");
        assertThat(all.found().outOfOrder()).containsOnlyKeys(all.parts().get(1));
    }

    /**
     * Whatever is known: each part that goes in goes in once, what is carried before its carrier, of two whose places
     * are known on one line the inner one first; without a place the last off first; facts in any order say the same.
     */
    @Test
    void everyPartGoesInOnce() {
        Random random = new Random(2929);
        PartKind[] kinds = {LIP_SEAL, WASHER, RETAINING_RING, BEARING, SLINGER, COVER, PartKind.SHAFT, PartKind.NUT};
        for (int n = 0; n < 2000; n++) {
            List<Part> parts = new ArrayList<>(IntStream.rangeClosed(1, 1 + random.nextInt(9))
                    .mapToObj(i -> random.nextInt(4) == 0
                            ? Part.added("n" + i, kinds[random.nextInt(kinds.length)], "added")
                            : off(i, kinds[random.nextInt(kinds.length)]))
                    .toList());
            if (random.nextBoolean()) {
                parts.add(Part.added("ring", O_RING, "ring").on(parts.get(0).key()));
            }
            List<Fact<?>> facts = new ArrayList<>();
            boolean placed = random.nextBoolean();
            for (Part part : parts) {
                if (placed && part.on() == null && random.nextBoolean()) {
                    facts.add(place(part.key(), random.nextInt(20), Origin.STRIPPED, "field" + facts.size()));
                }
            }
            View planned = new Arrangement(parts, facts).planned();
            List<Part> build = planned.build();
            assertThat(build).containsExactlyInAnyOrderElementsOf(parts);
            for (Part part : parts) {
                assertThat(part.on() == null
                                || keys(build).indexOf(part.key()) < keys(build).indexOf(part.on()))
                        .isTrue();
                for (Part other : parts) {
                    Double inner = planned.get(part.key(), Property.PLACE);
                    Double outer = planned.get(other.key(), Property.PLACE);
                    boolean line = Stream.of(Line.BORE, Line.SHAFT)
                            .anyMatch(l -> planned.line(l).containsAll(List.of(part, other)));
                    if (line && inner != null && outer != null && inner > outer) {
                        assertThat(build.indexOf(part)).isLessThan(build.indexOf(other));
                    }
                }
            }
            if (!placed) {
                assertThat(build.stream().filter(p -> p.off() > 0).map(Part::off))
                        .isSortedAccordingTo(Comparator.reverseOrder());
            }
            Collections.shuffle(facts, random);
            assertThat(new Arrangement(parts, facts).planned().build()).isEqualTo(build);
        }
    }
}
