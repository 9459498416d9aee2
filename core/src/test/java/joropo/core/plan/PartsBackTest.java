package joropo.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import joropo.core.arrangement.PartKind;
import joropo.core.assembly.ShimPack;
import joropo.core.diagnosis.DrainedOil;
import joropo.core.lipseal.FoundSection;
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
class PartsBackTest {
    private static final Removed SHIMS = new Removed(
            PartKind.SHIM, "shim pack", null, null, null, new ShimPack(List.of(0.5, 0.2, 0.1)), false, null);

    /** What came off after the seal goes in before it; what has a place in the bore stands in the section. */
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
                Removed.of(PartKind.BEARING));
        List<Step> steps = PartsBack.of(log, false);
        assertThat(steps).extracting(Step::id).containsExactly("back-8", "back-4", "back-3", "back-2", "back-1");
        assertThat(steps.get(0).when().phase()).isEqualTo(Step.Phase.FIT);
        assertThat(steps.get(1).when().phase()).isEqualTo(Step.Phase.CLOSE);
        assertThat(steps.get(1).instruction())
                .isEqualTo("Slinger back, pushed on straight and not against the lip, as it came out, open or marked "
                        + "side to the outside, its outer face at -6.00 mm.");
        assertThat(steps.get(3).instruction())
                .isEqualTo("Shim pack back: 3 shims, 0.80 mm: 0.50, 0.20, 0.10, counted.");
        assertThat(steps).filteredOn(Step::hold).extracting(Step::id).containsExactly("back-8", "back-2");
        assertThat(steps).allMatch(Step::isOfTheList);
        assertThat(steps.get(1).numberInList()).isEqualTo(4);
        var found = new FoundSection(Logged.found(log), Map.of());
        assertThat(found.onShaft()).containsExactly(new ShaftItem.Slinger(-6.0, -4.0, null));
        assertThat(found.placed(null)).extracting("id").containsExactly("r1");
    }

    @Test
    void aRenewedSleeveLeavesNoPlaceForTheOldOne() {
        List<Removed> log = List.of(Removed.of(PartKind.SLEEVE), Removed.of(PartKind.NUT));
        assertThat(PartsBack.of(log, true)).extracting(Step::id).containsExactly("back-2");
        assertThat(PartsBack.of(log, false)).extracting(Step::id).containsExactly("back-2", "back-1");
    }

    /**
     * A ring of the shaft never stands in the bore, whatever its place is; where nobody says, it is one of the bore.
     */
    @Test
    void aRingOfTheShaftGoesBackOnTheShaft() {
        Removed ring = Removed.of(PartKind.RETAINING_RING).at(-3.0);
        List<Removed> log = List.of(
                ring.on(PartKind.Line.SHAFT), Removed.of(PartKind.LIP_SEAL).at(2.0));
        assertThat(PartsBack.of(log, false))
                .extracting(Step::instruction)
                .singleElement()
                .asString()
                .startsWith("Retaining ring back on the shaft in its groove:")
                .endsWith("its outer face at -3.00 mm.");
        var found = new FoundSection(Logged.found(log), Map.of());
        assertThat(found.placed(null)).isEmpty();
        assertThat(found.onShaft()).containsExactly(new ShaftItem.LocatingRing(-3.0, null, null));
        assertThat(PartsBack.of(List.of(ring, log.get(1)), false)).isEmpty();
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
