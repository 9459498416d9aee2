package joropo.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import joropo.core.assembly.ShimPack;
import joropo.core.diagnosis.DrainedOil;
import joropo.core.lipseal.FoundSection;
import joropo.core.lipseal.Meets;
import joropo.core.material.Elastomer;
import joropo.core.material.Fluid;
import joropo.core.plan.StripLog.Removed;
import joropo.core.removal.Cleaning;
import joropo.core.section.AsFound;
import joropo.core.section.ShaftItem;
import joropo.core.shaft.Side;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What was seen when it came apart, used when it goes together. */
class PutInTest {
    private static final Removed SHIMS = new Removed(
            PartKind.SHIM, "shim pack", null, null, null, new ShimPack(List.of(0.5, 0.2, 0.1)), false, null);

    private static Step step(String id, Step.When when) {
        return new Step(id, when, id, "", false, "", null, "");
    }

    /** What came off, the seals among it with a plan each: {@code o2} clean, in, run. */
    private static List<Step> plan(List<Removed> log) {
        Arrangement all = Logged.all(log);
        Map<String, List<Step>> plans = new LinkedHashMap<>();
        all.parts().stream()
                .filter(p -> p.kind() == PartKind.LIP_SEAL)
                .forEach(p -> plans.put(
                        p.key(),
                        List.of(
                                step(p.key() + "-clean", Step.When.PREPARE),
                                step(p.key() + "-in", Step.When.FIT),
                                step(p.key() + "-run", Step.When.CLOSE))));
        return PutIn.plan(all.planned(), log, plans, Map.of(), List.of(step("tight", Step.When.CLOSE)));
    }

    /** Last off, first in, each once; what does not go back has no step. */
    @Test
    void theOrderOfRemovalBackwardsWithTheSealInItsPlace() {
        List<Removed> log = List.of(
                Removed.of(PartKind.COVER),
                SHIMS,
                Removed.of(PartKind.NUT),
                new Removed(PartKind.SLINGER, "slinger", Side.OUT, -6.0, 2.0, null, false, null),
                Removed.of(PartKind.RETAINING_RING).at(1.0),
                Removed.of(PartKind.LIP_SEAL),
                new Removed(PartKind.KEY, "key", null, null, null, null, true, null),
                Removed.of(PartKind.BEARING),
                Removed.of(PartKind.GASKET));
        List<Step> steps = plan(log);
        assertThat(steps)
                .extracting(Step::id)
                .containsExactly(
                        "o6-clean",
                        "back-9",
                        "back-8",
                        "o6-in",
                        "back-5",
                        "back-4",
                        "back-3",
                        "back-2",
                        "back-1",
                        "tight",
                        "o6-run");
        assertThat(step(steps, "back-4").instruction())
                .isEqualTo("New slinger in, pushed on straight and not against the lip, as it came out, open or marked "
                        + "side to the outside, its outer face at -6.00 mm.");
        assertThat(step(steps, "back-2").instruction())
                .isEqualTo("Shim pack back: 3 shims, 0.80 mm: 0.50, 0.20, 0.10, counted.");
        assertThat(step(steps, "back-9").instruction()).startsWith("New gasket in, its seat clean");
        assertThat(steps).filteredOn(Step::hold).extracting(Step::id).containsExactly("back-8", "back-5", "back-2");
        assertThat(steps).filteredOn(Step::isOfTheList).hasSize(7);
        assertThat(step(steps, "back-4").numberInList()).isEqualTo(4);
        var found = new FoundSection(Logged.found(log), Map.of());
        assertThat(found.onShaft()).containsExactly(new ShaftItem.Slinger(-6.0, -4.0, null));
        assertThat(found.placed(null)).extracting("id").containsExactly("r5");
    }

    /** A sleeve that is renewed goes on when the old one would: through the lip, or before what sits outward of it. */
    @ParameterizedTest
    @CsvSource({"SLEEVE LIP_SEAL, in sleeve", "LIP_SEAL BEARING SLEEVE, sleeve back-2 in"})
    void aNewSleeveGoesOnInTheTurnOfTheOldOne(String off, String expected) {
        List<Removed> log = Arrays.stream(off.split(" "))
                .map(k -> Removed.of(PartKind.valueOf(k)))
                .toList();
        Arrangement all = Logged.all(log);
        String seal = all.parts().stream()
                .filter(p -> p.kind() == PartKind.LIP_SEAL)
                .map(Part::key)
                .findFirst()
                .orElseThrow();
        List<Step> own = List.of(step("sleeve", Step.When.FIT).puttingBack(PartKind.SLEEVE), step("in", Step.When.FIT));
        assertThat(PutIn.plan(all.planned(), log, Map.of(seal, own), Map.of(), List.of()))
                .extracting(Step::id)
                .containsExactly(expected.split(" "));
    }

    private static Step step(List<Step> of, String id) {
        return of.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    /** The shaft goes in when its turn comes, past the seal that is in by then. */
    @Test
    void theShaftIsAPart() {
        List<Removed> log =
                List.of(Removed.of(PartKind.COUPLING), Removed.of(PartKind.SHAFT), Removed.of(PartKind.LIP_SEAL));
        assertThat(plan(log))
                .extracting(Step::id)
                .containsExactly("o3-clean", "o3-in", "back-2", "back-1", "tight", "o3-run");
        assertThat(step(plan(log), "back-2").instruction()).contains("slowly past each seal that is in");
        assertThat(Meets.of(Logged.all(log).planned().build(), "o3", null).shaft())
                .isEqualTo(Meets.Shaft.AFTER);
        List<Removed> sealFirst = List.of(log.get(2), log.get(1));
        assertThat(Meets.of(Logged.all(sealFirst).planned().build(), "o1", null).shaft())
                .isEqualTo(Meets.Shaft.THERE);
        assertThat(Meets.of(List.of(), "i1", null).isThere()).isNull();
        assertThat(Meets.of(List.of(), "i1", false).isThere()).isFalse();
        assertThat(Meets.of(Logged.all(log).planned().build(), "o3", null).isThere())
                .isFalse();
        assertThat(Meets.of(Logged.all(log).planned().build(), "o3", true).isThere())
                .isTrue();
    }

    /** What a plan itself puts back has its step there alone, at the turn of what came off. */
    @Test
    void whatTheSealsPlanPutsBackStandsOnceInItsTurn() {
        List<Removed> log = List.of(
                Removed.of(PartKind.NUT),
                Removed.of(PartKind.IMPELLER),
                Removed.of(PartKind.KEY),
                Removed.of(PartKind.GLAND),
                Removed.of(PartKind.MECHANICAL_SEAL),
                Removed.of(PartKind.SLEEVE));
        Arrangement all = Logged.all(log);
        List<Step> own = List.of(
                step("sleeve", Step.When.PREPARE).puttingBack(PartKind.SLEEVE),
                step("in", Step.When.FIT),
                step("gland", Step.When.CLOSE).puttingBack(PartKind.GLAND),
                step("impeller", Step.When.CLOSE).puttingBack(PartKind.IMPELLER),
                step("aligned", Step.When.CLOSE));
        assertThat(PutIn.plan(all.planned(), log, Map.of("o5", own), Map.of(), List.of()))
                .extracting(Step::id)
                .containsExactly("sleeve", "in", "gland", "back-3", "impeller", "back-1", "aligned");
        assertThat(PutIn.plan(
                        Logged.all(log.subList(4, 5)).planned(),
                        log.subList(4, 5),
                        Map.of("o1", own),
                        Map.of(),
                        List.of()))
                .extracting(Step::id)
                .containsExactly("sleeve", "in", "gland", "impeller", "aligned");
    }

    /**
     * A ring of the shaft never stands in the bore, whatever its place is; where nobody says, it is one of the bore.
     */
    @Test
    void aRingOfTheShaftGoesBackOnTheShaft() {
        Removed ring = Removed.of(PartKind.RETAINING_RING).at(-3.0);
        List<Removed> log = List.of(
                ring.on(PartKind.Line.SHAFT), Removed.of(PartKind.LIP_SEAL).at(2.0));
        assertThat(step(plan(log), "back-1").instruction())
                .startsWith("Retaining ring back on the shaft in its groove:")
                .endsWith("its outer face at -3.00 mm.");
        var found = new FoundSection(Logged.found(log), Map.of());
        assertThat(found.placed(null)).isEmpty();
        assertThat(found.onShaft()).containsExactly(new ShaftItem.LocatingRing(-3.0, null, null));
        assertThat(new FoundSection(Logged.found(List.of(ring, log.get(1))), Map.of()).placed(null))
                .extracting("id")
                .containsExactly("r1");
    }

    @ParameterizedTest(name = "{0} with {1}: {2}")
    @CsvSource({"HLP_OIL, EPDM, FAIL", "HLP_OIL, NBR, PASS", "HLP_OIL, , MISSING"})
    void aSolventStaysAwayFromWhatItAttacks(String solvent, String stays, String expected) {
        Finding f = Cleaning.solvent(Fluid.of(solvent), stays == null ? List.of() : List.of(Elastomer.of(stays)));
        assertThat(expected).contains(f.status().name());
    }

    @Test
    void everySurfaceThatIsThereHasItsRow() {
        assertThat(Cleaning.of(Set.of(PartKind.LIP_SEAL, PartKind.RETAINING_RING, PartKind.BEARING)))
                .extracting(Cleaning::code)
                .containsExactly("BORE_SEAT", "RING_GROOVE", "RUNNING_SURFACE", "BEARING_NEAR");
        assertThat(Cleaning.of(Set.of(PartKind.BREATHER))).isEmpty();
    }

    @Test
    void asManySealsGoInAsCameOff() {
        assertThat(AsFound.count(3, 1).map(Finding::status)).contains(Status.MISSING);
        assertThat(AsFound.count(2, 2)).isEmpty();
        assertThat(AsFound.count(0, 1)).isEmpty();
    }

    @Test
    void whatDrainedIsSaidBeforeTheSealIsBlamed() {
        assertThat(DrainedOil.GLITTER.finding().map(Finding::status)).contains(Status.CAUTION);
        assertThat(DrainedOil.MILKY.finding().map(Finding::message))
                .hasValueSatisfying(m -> assertThat(m).contains("water has come in"));
        assertThat(DrainedOil.CLEAR.finding()).isEmpty();
    }
}
