package joropo.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Medium;
import joropo.core.shaft.Attitude;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is there makes the steps of taking apart; a case a line, judged by hand. */
class StrippingPlanTest {
    private static List<Step> steps(String there, Medium inside, Double pressure, Attitude attitude) {
        Set<PartKind> kinds = there == null
                ? Set.of()
                : Arrays.stream(there.split(" ")).map(PartKind::valueOf).collect(Collectors.toSet());
        return StrippingPlan.of(StrippingInputBuilder.builder()
                .there(kinds)
                .inside(inside)
                .pressureMpa(pressure)
                .attitude(attitude)
                .build());
    }

    /** Steps in their order, a hold with a star. */
    @ParameterizedTest(name = "{0}, {1}, {2}: {3}")
    @CsvSource({
        // a plain seal in a gearbox: empty, clean the way, out with it, plug the bore
        "LIP_SEAL, OIL, , open* way-out* seal plug-bore*",
        // nothing known yet: what holds for every machine
        ", GREASE, , open* way-out* plug-bore*",
        // its ring flies
        "LIP_SEAL RETAINING_RING, OIL, , open* way-out* ring seal plug-bore*",
        // a cover: the machine may tip, small parts come along, jacking screws
        "LIP_SEAL COVER, OIL, , open* prop* way-out* small* cover seal plug-bore*",
        // tabs and keys are counted even without a cover
        "LIP_SEAL LOCK_TAB KEY, OIL, , open* way-out* small* seal plug-bore*",
        // shims are measured as they come
        "LIP_SEAL COVER SHIM, OIL, , open* prop* way-out* small* cover shims* seal plug-bore*",
        // a bearing on the way goes by its tight ring
        "LIP_SEAL BEARING, OIL, , open* prop* way-out* seal bearing plug-bore*",
        // a boot's clamps are marked
        "LIP_SEAL BOOT, GREASE, , open* way-out* boot seal plug-bore*",
        // faces stay together
        "MECHANICAL_SEAL, WATER, , open* way-out* holders* plug-bore*",
        // upright, with its end down: something drops out
        "LIP_SEAL, OIL, OUTSIDE_DOWN, open* prop* way-out* seal plug-bore*",
    })
    void stepsAreMadeFromWhatIsThere(String there, Medium inside, Attitude attitude, String expected) {
        assertThat(steps(there, inside, 0.0, attitude).stream()
                        .map(s -> s.id().replace("strip-", "") + (s.hold() ? "*" : ""))
                        .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    @Test
    void whatCanHurtIsSaidAtItsStep() {
        List<Step> steps = steps("LIP_SEAL RETAINING_RING COVER BEARING", Medium.OIL, null, null);
        assertThat(step(steps, "strip-ring").caution()).contains("flies", "eye protection");
        assertThat(step(steps, "strip-open").caution())
                .as("pressure that nobody read may be there")
                .contains("jet");
        assertThat(step(steps("LIP_SEAL", Medium.AIR, 0.0, null), "strip-open").caution())
                .isEmpty();
        assertThat(step(steps, "strip-cover").caution()).contains("asbestos");
        assertThat(step(steps, "strip-prop").caution()).contains("Nobody under it");
        assertThat(steps).allMatch(Step::isStripping);
    }

    @Test
    void aPositionSaysWhoMayDoIt() {
        List<Step> plain = steps("LIP_SEAL", Medium.REFRIGERANT, null, null);
        List<Step> licensed = Care.with(Set.of(Care.LICENSED), plain);
        assertThat(step(licensed, "strip-open").caution())
                .startsWith(step(plain, "strip-open").caution())
                .contains("Licensed or authorised people only");
        assertThat(step(licensed, "strip-seal")).isEqualTo(step(plain, "strip-seal"));
        assertThat(Care.with(Set.of(), plain)).isEqualTo(plain);
        List<Step> ofItem = plain.stream().map(s -> s.under("i2-")).toList();
        assertThat(step(Care.with(Set.of(Care.FOOD), ofItem), "i2-strip-open").caution())
                .contains("product is shut off");
    }

    private static Step step(List<Step> steps, String id) {
        return steps.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }
}
