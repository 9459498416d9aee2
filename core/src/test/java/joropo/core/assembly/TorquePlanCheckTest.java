package joropo.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import joropo.core.assembly.TorquePlanInput.FigureFor;
import joropo.core.assembly.TorquePlanInput.Threads;
import joropo.core.assembly.TorquePlanInput.TorqueUnit;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.units.Unit;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class TorquePlanCheckTest {
    private static TorquePlanResult plan(
            int bolts, double torque, TorqueUnit unit, @Nullable FigureFor figureFor, @Nullable Threads threads) {
        return TorquePlanCheck.check(
                joint(bolts, torque, unit, figureFor, threads).build());
    }

    private static TorquePlanInputBuilder joint(
            int bolts,
            double torque,
            @Nullable TorqueUnit unit,
            @Nullable FigureFor figureFor,
            @Nullable Threads threads) {
        return TorquePlanInputBuilder.builder()
                .bolts(bolts)
                .torque(torque)
                .torqueUnit(unit)
                .figureFor(figureFor)
                .threads(threads);
    }

    /** Worked patterns of the trade. */
    @ParameterizedTest
    @CsvSource({"1, 1", "2, 1 2", "3, 1 2 3", "4, 1 3 2 4", "5, 1 3 5 2 4", "6, 1 4 2 5 3 6", "8, 1 5 3 7 2 6 4 8"})
    void patternsAreThoseOfTheTrade(int bolts, String sequence) {
        assertThat(TorquePlanCheck.sequence(bolts))
                .containsExactlyElementsOf(
                        Arrays.stream(sequence.split(" ")).map(Integer::valueOf).toList());
    }

    static IntStream counts() {
        return IntStream.rangeClosed(3, 24);
    }

    /**
     * No bolt twice, opposite pairs for even counts, and the middle of what is tightened never farther out than going
     * round the circle.
     */
    @ParameterizedTest
    @MethodSource("counts")
    void everySequenceIsBalanced(int bolts) {
        List<Integer> sequence = TorquePlanCheck.sequence(bolts);
        assertThat(sequence)
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.rangeClosed(1, bolts).boxed().toList());
        if (bolts % 2 == 0) {
            for (int i = 0; i < bolts; i += 2) {
                assertThat(Math.abs(sequence.get(i) - sequence.get(i + 1)))
                        .as("pair %s", i / 2 + 1)
                        .isEqualTo(bolts / 2);
            }
        }
        List<Integer> round = IntStream.rangeClosed(1, bolts).boxed().toList();
        for (int n = 1; n <= bolts; n++) {
            assertThat(off(sequence.subList(0, n), bolts))
                    .as("after %s of %s", n, bolts)
                    .isLessThanOrEqualTo(off(round.subList(0, n), bolts) + 1e-9); // rounding of sines
        }
    }

    private static double off(List<Integer> tightened, int bolts) {
        double x = tightened.stream()
                .mapToDouble(b -> Math.cos(2 * Math.PI * b / bolts))
                .sum();
        double y = tightened.stream()
                .mapToDouble(b -> Math.sin(2 * Math.PI * b / bolts))
                .sum();
        return Math.hypot(x, y) / tightened.size();
    }

    @ParameterizedTest(name = "figure for {0}, threads {1}: times {2}, {3}")
    @CsvSource({
        "DRY, DRY, 1, PASS",
        "DRY, OILED, 0.75, CAUTION",
        "DRY, ANTISEIZE, 0.70, CAUTION",
        "DRY, THREADLOCKER, 0.85, CAUTION",
        "LUBRICATED, OILED, 1, PASS",
        "LUBRICATED, ANTISEIZE, 0.93, CAUTION",
        "LUBRICATED, THREADLOCKER, 1, PASS",
        "LUBRICATED, DRY, 1, FAIL",
        "THREADLOCKER, THREADLOCKER, 1, PASS",
        "THREADLOCKER, OILED, 1, CAUTION",
        "THREADLOCKER, ANTISEIZE, 0.93, CAUTION",
        "THREADLOCKER, DRY, 1, FAIL",
        "UNKNOWN, OILED, 1, CAUTION"
    })
    void threadsChangeTheFigureAndDryOnesNeverRaiseIt(
            FigureFor figureFor, Threads threads, double factor, Status status) {
        TorquePlanResult plan = plan(8, 40, TorqueUnit.NM, figureFor, threads);
        assertThat(plan.passesNm())
                .containsExactly(
                        Length.snap(12 * factor),
                        Length.snap(24 * factor),
                        Length.snap(40 * factor),
                        Length.snap(40 * factor));
        assertThat(plan.findings())
                .filteredOn(f -> f.id().equals("threads"))
                .extracting(Finding::status)
                .containsExactly(status);
    }

    @Test
    void figuresAreGivenInTheUnitOfTheWrenchAtHand() {
        TorquePlanResult plan = plan(4, 30, TorqueUnit.LBF_FT, FigureFor.DRY, Threads.DRY);
        assertThat(plan.inUnits().nm()).isCloseTo(40.67454, within(1e-6));
        assertThat(plan.inUnits().lbfFt()).isCloseTo(30, within(1e-6));
        assertThat(plan.inUnits().lbfIn())
                .as("twelve inches to the foot, to the seven figures of the factors")
                .isCloseTo(360, within(1e-3));
        assertThat(plan.inUnits().kgfM()).isCloseTo(4.147649, within(1e-6));
    }

    @Test
    void anExtensionInLineLowersTheSettingOfTheWrench() {
        TorquePlanResult plan = TorquePlanCheck.check(joint(4, 100, TorqueUnit.NM, FigureFor.DRY, Threads.DRY)
                .wrenchLengthMm(400.0)
                .extensionMm(100.0)
                .leftHand(true)
                .build());
        assertThat(plan.wrenchNm()).isEqualTo(80);
        assertThat(plan.passesNm()).as("the bolt still gets its torque").endsWith(100.0);
        assertThat(plan.findings()).extracting(Finding::id).contains("left-hand", "wrench");
        TorquePlanResult unknown = TorquePlanCheck.check(
                joint(4, 100, TorqueUnit.NM, null, null).extensionMm(100.0).build());
        assertThat(unknown.wrenchNm())
                .as("no figure rather than one that is too high")
                .isNull();
        assertThat(unknown.findings())
                .filteredOn(f -> f.status() == Status.MISSING)
                .extracting(Finding::id)
                .containsExactlyInAnyOrder("threads", "wrench");
    }

    @Test
    void impossibleJointsAreRefused() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> plan(0, 40, TorqueUnit.NM, null, null))
                .withMessage("bolts: must be 1 to 96, got 0");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> plan(97, -1, TorqueUnit.NM, null, null))
                .withMessageContaining("torque: must be above 0");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> joint(4, 40, null, null, null).build())
                .withMessageContaining("torqueUnit: is needed");
    }

    /**
     * The unit in which a figure is typed changes no bolt, more torque is more in every pass, and a longer extension
     * always sets the wrench lower.
     */
    @Test
    void unitsChangeNothingAndMoreIsMore() {
        for (Threads threads : Threads.values()) {
            for (FigureFor figureFor : FigureFor.values()) {
                TorquePlanResult metric = plan(6, 50, TorqueUnit.NM, figureFor, threads);
                for (TorqueUnit unit : TorqueUnit.values()) {
                    TorquePlanResult other = plan(6, Unit.valueOf(unit.name()).fromBase(50), unit, figureFor, threads);
                    for (int pass = 0; pass < metric.passesNm().size(); pass++) {
                        assertThat(other.passesNm().get(pass))
                                .isCloseTo(metric.passesNm().get(pass), within(1e-5));
                    }
                    assertThat(other.findings())
                            .extracting(Finding::status)
                            .isEqualTo(metric.findings().stream()
                                    .map(Finding::status)
                                    .toList());
                }
                assertThat(metric.passesNm()).isSorted();
                assertThat(metric.passesNm().get(3)).as("no figure is raised").isLessThanOrEqualTo(50);
                assertThat(plan(6, 51, TorqueUnit.NM, figureFor, threads)
                                .passesNm()
                                .get(0))
                        .isGreaterThan(metric.passesNm().get(0));
            }
        }
        double before = Double.MAX_VALUE;
        for (double extension : new double[] {0, 50, 100, 200, 400}) {
            Double set = TorquePlanCheck.check(joint(4, 100, TorqueUnit.NM, FigureFor.DRY, Threads.DRY)
                            .wrenchLengthMm(400.0)
                            .extensionMm(extension)
                            .build())
                    .wrenchNm();
            assertThat(set).isLessThan(before).isCloseTo(100 * 400 / (400 + extension), within(1e-6));
            before = set;
        }
    }
}
