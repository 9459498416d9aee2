package joropo.core.removal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.Arrays;
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
                        Way.FLANGE_LIFT,
                        Way.HEAT_OR_COLD,
                        Way.PRESSURE);
        assertThat(r.findings())
                .extracting(f -> f.id() + " " + f.status())
                .containsExactly("way PASS", "destroyed CAUTION");
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
        assertThat(r.ways()).extracting(Offer::way).containsExactlyInAnyOrder(Way.values());
        assertThat(r.ways().get(r.ways().size() - 1).way()).isEqualTo(Way.PRESSURE);
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
                .elastomersStay(false)
                .flammable(false)
                .rimProud(true)
                .toolLengthMm(250.0)
                .lipOpeningMm(10.0)
                .build();
        assertThat(way(allowed, Way.HEAT_OR_COLD).verdict()).isEqualTo(Status.CAUTION);
        assertThat(way(allowed, Way.PRESSURE).cautions())
                .anyMatch(c -> c.contains("Press with oil") && c.contains("Gas is never used"));
        assertThat(way(allowed, Way.FLANGE_LIFT).verdict()).isEqualTo(Status.PASS);
        assertThat(way(allowed, Way.INTERNAL_PULLER).reason()).isEqualTo("the jaws do not pass its opening");
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

    @Test
    void cleaningSaysWhatSpoilsASurface() {
        assertThat(Cleaning.of("RUNNING_SURFACE").words())
                .isEqualTo("Running surface: cloth and solvent only, unless dressed as a remedy; never pad; emery to "
                        + "brighten it.");
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
