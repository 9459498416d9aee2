package joropo.core.removal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import joropo.core.removal.RemovalInput.What;
import joropo.core.removal.RemovalResult.Offer;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RemovalCheckTest {
    private static RemovalInput lipSeal(
            boolean edge,
            @Nullable Double line,
            @Nullable Double behind,
            @Nullable Boolean brittle,
            @Nullable Boolean otherSide) {
        return RemovalInputBuilder.builder()
                .what(What.LIP_SEAL)
                .edgeReachable(edge)
                .spaceInLineMm(line)
                .behindMm(behind)
                .besideBrittleFace(brittle)
                .otherSideAccess(otherSide)
                .elastomersStay(true)
                .flammable(false)
                .rimProud(false)
                .toolLengthMm(250.0)
                .lipOpeningMm(40.0)
                .build();
    }

    private static Offer way(RemovalInput in, Way way) {
        return RemovalCheck.check(in).ways().stream()
                .filter(o -> o.way() == way)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theUsualOrderWithWhatIsRuledOutLast() {
        RemovalResult r = RemovalCheck.check(lipSeal(true, 400.0, 10.0, false, true));
        assertThat(r.ways())
                .extracting(Offer::way)
                .containsExactly(
                        Way.LEVER,
                        Way.HOOK_SLIDE_HAMMER,
                        Way.PRESS_FROM_BEHIND,
                        Way.COLLAPSE,
                        Way.PIERCE_SCREW_PULL,
                        Way.INTERNAL_PULLER,
                        Way.PRESSURE,
                        Way.FLANGE_LIFT,
                        Way.HEAT_OR_COLD);
        assertThat(r.findings())
                .extracting(f -> f.id() + " " + f.status())
                .containsExactly("way PASS", "destroyed PASS");
        assertThat(r.ways()).filteredOn(o -> o.verdict() == Status.PASS).allMatch(o -> !o.cautions()
                .isEmpty());
    }

    @Test
    void whatIsNotKnownComesBetween() {
        RemovalResult r = RemovalCheck.check(RemovalInputBuilder.builder()
                .what(What.LIP_SEAL)
                .edgeReachable(false)
                .build());
        assertThat(r.ways().get(0).verdict()).isEqualTo(Status.MISSING);
        assertThat(r.findings().get(0).status()).isEqualTo(Status.MISSING);
        assertThat(r.ways()).extracting(Offer::way).hasSize(9).doesNotContain(Way.PULLER, Way.CORKSCREW, Way.PICK);
        assertThat(r.ways().get(r.ways().size() - 1).way()).isEqualTo(Way.LEVER);
    }

    /** Tool of 250 and stroke of 100: 350 in line; a face within 3 mm rules hook and drill out. */
    @ParameterizedTest(name = "{0}: edge {1}, line {2}, behind {3}, brittle {4}: {5}")
    @CsvSource({
        "LEVER, false, 400, 10, false, FAIL",
        "LEVER, true, 400, 10, true, FAIL",
        "HOOK_SLIDE_HAMMER, true, 350, 10, false, PASS",
        "HOOK_SLIDE_HAMMER, true, 349, 10, false, FAIL",
        "HOOK_SLIDE_HAMMER, true, 400, 2.9, false, FAIL",
        "HOOK_SLIDE_HAMMER, true, , 10, false, MISSING",
        "COLLAPSE, true, 400, 10, true, FAIL",
        "COLLAPSE, true, 400, 10, , MISSING",
        "PIERCE_SCREW_PULL, true, 400, 3, false, FAIL",
        "PIERCE_SCREW_PULL, true, 400, 3.1, false, PASS",
        "PIERCE_SCREW_PULL, true, 400, , false, MISSING",
        "INTERNAL_PULLER, true, 400, 4.9, false, FAIL",
        "INTERNAL_PULLER, true, 400, 5, false, PASS"
    })
    void eachWayByItsConditions(Way way, boolean edge, Double line, Double behind, Boolean brittle, Status expected) {
        assertThat(way(lipSeal(edge, line, behind, brittle, false), way).verdict())
                .isEqualTo(expected);
    }

    @Test
    void heatAndPressureOnlyWhereNothingForbidsThem() {
        var allowed = RemovalInputBuilder.builder()
                .what(What.BEARING)
                .edgeReachable(true)
                .spaceInLineMm(400.0)
                .behindMm(10.0)
                .besideBrittleFace(false)
                .otherSideAccess(true)
                .pressureAllowed(true)
                .otherEndClosed(true)
                .allElseClosed(true)
                .oilAndClear(true)
                .tightRing(RemovalInput.TightRing.INNER)
                .elastomersStay(false)
                .flammable(false)
                .rimProud(true)
                .toolLengthMm(250.0)
                .lipOpeningMm(10.0)
                .build();
        assertThat(way(allowed, Way.HEAT_OR_COLD).verdict()).isEqualTo(Status.CAUTION);
        assertThat(way(allowed, Way.PRESSURE).cautions())
                .anyMatch(c -> c.contains("Press with oil") && c.contains("Never use gas"));
        assertThat(way(allowed, Way.PULLER).verdict()).isEqualTo(Status.PASS);
        assertThat(way(allowed, Way.FLANGE_LIFT).verdict()).isEqualTo(Status.FAIL);
        assertThat(way(allowed, Way.INTERNAL_PULLER).reason()).contains("balls");
        assertThat(way(allowed, Way.COLLAPSE).verdict())
                .as("a bearing does not bend")
                .isEqualTo(Status.FAIL);
        assertThat(way(allowed, Way.PIERCE_SCREW_PULL).verdict()).isEqualTo(Status.FAIL);
        var fuel = RemovalInputBuilder.builder()
                .what(What.LIP_SEAL)
                .edgeReachable(true)
                .pressureAllowed(false)
                .elastomersStay(false)
                .flammable(true)
                .build();
        assertThat(way(fuel, Way.HEAT_OR_COLD).reason()).contains("flammable");
        assertThat(way(fuel, Way.PRESSURE).verdict()).isEqualTo(Status.FAIL);
    }

    /** Each judged by hand: what comes out, what is asked and answered, and what the way is then. */
    @ParameterizedTest(name = "{0} {1}: edge {2}, other side {3}, tight {4}, beside brittle {5}: {6}")
    @CsvSource({
        "SEAT, PUSH_BY_HAND, false, true, , , PASS", // always first where the other side is open
        "SEAT, PUSH_BY_HAND, false, false, , , FAIL", // a blind bore
        "SEAT, PUSH_BY_HAND, true, , , , MISSING",
        "SEAT, LEVER, true, true, , false, FAIL", // a lever chips a brittle ring
        "SEAT, HOOK_SLIDE_HAMMER, true, true, , false, FAIL",
        "SEAT, COLLAPSE, true, true, , false, FAIL",
        "SEAT, PRESS_FROM_BEHIND, false, true, , , PASS",
        "BEARING, PULLER, true, , INNER, , PASS",
        "BEARING, PULLER, true, , , , MISSING", // force goes through the ring that is tight
        "BEARING, PULLER, false, , OUTER, , FAIL",
        "BEARING, DRIFT_ON_TIGHT_RING, false, true, INNER, , CAUTION",
        "BEARING, PRESS_FROM_BEHIND, false, true, , , MISSING",
        "BEARING, HOOK_SLIDE_HAMMER, true, true, INNER, false, FAIL", // pulls through the balls
        "PACKING, CORKSCREW, true, , , , PASS",
        "PACKING, HOOK_SLIDE_HAMMER, true, , , false, FAIL",
        "RING, PICK, true, , , , PASS",
        "RING, LEVER, true, , , false, FAIL",
        "LIP_SEAL, LEVER, true, , , , MISSING", // a brittle face beside it was not asked
        "LIP_SEAL, COLLAPSE, true, , , , MISSING",
        "LIP_SEAL, LEVER, true, , , true, FAIL"
    })
    void eachThingByItsOwnWays(
            What what,
            Way way,
            boolean edge,
            Boolean otherSide,
            RemovalInput.TightRing tight,
            Boolean brittle,
            Status expected) {
        RemovalInput in = RemovalInputBuilder.builder()
                .what(what)
                .edgeReachable(edge)
                .otherSideAccess(otherSide)
                .tightRing(tight)
                .besideBrittleFace(brittle)
                .spaceInLineMm(400.0)
                .toolLengthMm(250.0)
                .behindMm(10.0)
                .build();
        assertThat(way(in, way).verdict()).isEqualTo(expected);
    }

    /** Heat only helps another way: with every other one ruled out more has to come apart. */
    @Test
    void heatIsNoWayByItself() {
        RemovalInput in = RemovalInputBuilder.builder(lipSeal(false, 100.0, 1.0, true, false))
                .elastomersStay(false)
                .pressureAllowed(false)
                .lipOpeningMm(5.0)
                .build();
        assertThat(way(in, Way.HEAT_OR_COLD).verdict()).isEqualTo(Status.CAUTION);
        assertThat(RemovalCheck.check(in).findings().get(0).status()).isEqualTo(Status.FAIL);
    }

    /** Pressure wants all four: one that is not known leaves it open, one that is not so rules it out. */
    @Test
    void pressureWantsAllFour() {
        RemovalInput all = RemovalInputBuilder.builder(lipSeal(true, 400.0, 10.0, false, true))
                .pressureAllowed(true)
                .otherEndClosed(true)
                .allElseClosed(true)
                .oilAndClear(true)
                .build();
        assertThat(way(all, Way.PRESSURE).verdict()).isEqualTo(Status.CAUTION);
        List<UnaryOperator<RemovalInput>> left = List.of(
                i -> RemovalInputBuilder.builder(i).pressureAllowed(null).build(),
                i -> RemovalInputBuilder.builder(i).otherEndClosed(null).build(),
                i -> RemovalInputBuilder.builder(i).allElseClosed(null).build(),
                i -> RemovalInputBuilder.builder(i).oilAndClear(null).build());
        assertThat(left)
                .allSatisfy(l ->
                        assertThat(way(l.apply(all), Way.PRESSURE).verdict()).isEqualTo(Status.MISSING));
        RemovalInput gas = RemovalInputBuilder.builder(all).oilAndClear(false).build();
        assertThat(way(gas, Way.PRESSURE).verdict()).isEqualTo(Status.FAIL);
    }

    @Test
    void cleaningSaysWhatSpoilsASurface() {
        assertThat(Cleaning.of("RUNNING_SURFACE").words())
                .isEqualTo(
                        "Running surface: cloth and solvent only, unless dressed as a remedy. Never a pad, and never "
                                + "emery, not even to brighten it.");
        assertThat(Cleaning.of("THREAD").words()).endsWith("tap by hand.");
        assertThat(Cleaning.all())
                .extracting(Cleaning::code)
                .doesNotHaveDuplicates()
                .hasSize(9);
        assertThat(Arrays.stream(Way.values())).extracting(Way::words).doesNotHaveDuplicates();
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(
                        () -> RemovalInputBuilder.builder().spaceInLineMm(-1.0).build())
                .satisfies(e -> assertThat(e.errors())
                        .extracting("field")
                        .containsExactly("what", "edgeReachable", "spaceInLineMm"));
    }
}
