package joropo.core.oring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import joropo.core.assembly.TurnedPart.Cylinder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StretchToolsTest {
    private static LoadedRingInputBuilder ring(double bore) {
        return LoadedRingInputBuilder.builder()
                .gland(Gland.PISTON)
                .counterDiameterMm(bore)
                .grooveDepthMm(6.75)
                .grooveWidthMm(6.3)
                .slideThicknessMm(2.5)
                .slideWidthMm(6.1)
                .sectionMm(5.33)
                .ringInsideMm(bore - 2 * 6.75 - 3);
    }

    private static StretchTools tools(LoadedRingInput in) {
        return StretchTools.of(in, LoadedRingCheck.check(in)).orElseThrow();
    }

    /** Bore 150, ring 2.5 thick: inside 145, tip 144; land 149.4: half of 5.4 by tan 15° is 10.08, so 11. */
    @Test
    void aConeBeginsInsideTheRingAndEndsAtTheLand() {
        StretchTools tools = tools(ring(150).passOverMm(149.4).build());
        assertThat(tools.cone().outer()).containsExactly(new Cylinder(0, 11, 144, 149.4), new Cylinder(11, 21, 149.4));
        assertThat(tools.pusher().inner().get(0).diameterMm()).isEqualTo(149.8);
        List<Cylinder> inside = tools.sleeve().inner();
        assertThat(inside.get(0).diameterMm()).as("over the stretched ring").isEqualTo(155.4);
        assertThat(inside.get(1).diameterMm()).as("as the bore").isEqualTo(150);
    }

    @ParameterizedTest
    @ValueSource(doubles = {25, 60, 150, 800})
    void thePusherPassesTheConeAndTheSleeveTakesTheRing(double bore) {
        StretchTools tools = tools(ring(bore).build());
        assertThat(tools.pusher().inner().get(0).diameterMm())
                .isGreaterThan(tools.cone().largestMm());
        assertThat(tools.sleeve().inner().get(0).diameterMm()).isGreaterThan(bore);
        assertThat(tools.sleeve().inner().get(0).atMm(0))
                .isGreaterThan(tools.sleeve().inner().get(0).endMm());
    }

    @Test
    void aRingInABoreNeedsNone() {
        LoadedRingInput in = ring(150).gland(Gland.ROD).ringInsideMm(155.0).build();
        assertThat(StretchTools.of(in, LoadedRingCheck.check(in))).isEmpty();
    }
}
