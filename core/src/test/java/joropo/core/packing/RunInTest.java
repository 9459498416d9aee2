package joropo.core.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import joropo.core.packing.RunInInput.Look;
import joropo.core.packing.RunInResult.Advice;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The adviser over series judged by hand, each at every look, and the same later, in a cup, on a thicker shaft. */
class RunInTest {
    static Stream<String> series() throws IOException {
        try (var in = RunInTest.class.getResourceAsStream("/run-in.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines().filter(l -> !l.startsWith("#")).toList().stream();
        }
    }

    /** How a series is told otherwise. @param later minutes, @param thicker times, @param inCup read in a cup */
    private record Otherwise(double later, double thicker, boolean inCup) {
        Look look(double minute, double drops, @Nullable Double box, double flats) {
            double many = drops * thicker;
            return new Look(
                    minute + later, flats, inCup ? null : Double.valueOf(many), inCup ? many / 20 : null, box, null);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("series")
    void isAdvisedAsByHand(String line) {
        for (Otherwise told :
                List.of(new Otherwise(0, 1, false), new Otherwise(600, 1, true), new Otherwise(3, 1.5, false))) {
            judged(line.split("\\s*\\|\\s*"), told);
        }
    }

    private static void judged(String[] parts, Otherwise told) {
        String[] of = parts[1].split(" ");
        double shaft = Double.parseDouble(of[0]) * told.thicker;
        Double travel = of[1].equals("-") ? null : Double.valueOf(of[1]);
        List<Look> looks = new ArrayList<>();
        for (String text : parts[2].split(";\\s*")) {
            String[] f = text.strip().split(" ");
            double minute = Double.parseDouble(f[0]);
            double drops = Double.parseDouble(f[1]);
            Double box = f[2].equals("-") ? null : Double.valueOf(f[2]);
            looks.add(told.look(minute, drops, box, 0));
            RunInResult result = RunInCheck.check(new RunInInput(shaft, null, travel, looks));
            assertThat(result.advice())
                    .as(parts[0] + " at " + f[0] + " min, " + told + ": " + result.reason())
                    .isEqualTo(Advice.valueOf(f[3]));
            if (f.length > 4) {
                looks.set(looks.size() - 1, told.look(minute, drops, box, Double.parseDouble(f[4])));
                assertThat(RunInCheck.check(new RunInInput(shaft, null, travel, looks))
                                .advice())
                        .as(parts[0] + " right after a turn at " + f[0])
                        .isIn(Advice.WAIT, Advice.LET_OFF);
            }
        }
    }

    @Test
    void aBandThatBeginsAtNothingMayBeDry() {
        List<Look> looks = Stream.of(0.0, 15.0, 30.0)
                .map(m -> new Look(m, null, 0.0, null, 40.0, null))
                .toList();
        assertThat(RunInCheck.check(new RunInInput(25.0, new DropBand(0.0, 3.0), null, looks))
                        .advice())
                .isEqualTo(Advice.DONE);
    }

    @Test
    void crookedGlandGapsAreSaid() {
        Look crooked = new Look(0.0, null, 10.0, null, 40.0, List.of(4.0, 4.1, 4.4, 4.2));
        assertThat(RunInCheck.check(new RunInInput(25.0, null, null, List.of(crooked)))
                        .findings())
                .anyMatch(f -> f.id().equals("gaps") && f.value() == 0.4);
    }

    private static Look gaps(double day, double mm) {
        return new Look(day * 1440, null, 40.0, null, 40.0, List.of(mm, mm, mm, mm + 0.2));
    }

    private static RunInResult left(Look... looks) {
        return RunInCheck.check(new RunInInput(25.0, null, null, List.of(looks)));
    }

    /** From 8.1 to 7.1 in 20 days: 7.1 lasts 142 days; what closed on the first day does not count. */
    @Test
    void gapsTellWhenThePackingIsUsedUp() {
        RunInResult result = left(gaps(0, 12), gaps(1, 8), gaps(11, 7.6), gaps(21, 7));
        assertThat(result.travelLeftMm()).isEqualTo(7.05);
        assertThat(result.repackInDays()).isEqualTo(141);
        assertThat(left(gaps(0, 12), gaps(0.5, 8), gaps(6, 7)).repackInDays())
                .as("a week apart")
                .isNull();
        assertThat(left(gaps(1, 8), gaps(21, 8)).repackInDays())
                .as("does not close")
                .isNull();
        assertThat(left(gaps(0, 0), gaps(0.003, 0)).advice()).isEqualTo(Advice.WAIT);
        assertThat(left(gaps(0, 0.2), gaps(0.003, 0)).advice())
                .as("touches, but has not settled")
                .isEqualTo(Advice.WAIT);
        assertThat(left(gaps(0, 0.2), gaps(0.007, 0)).advice()).isEqualTo(Advice.REPACK);
    }

    @Test
    void whatCannotBeIsRefusedAtItsField() {
        for (String[] bad : new String[][] {
            {"dropsPerMinute", "0 5000"}, {"points", "5 10; 5 10"}, {"points", "9 10; 5 10"}, {"points", ""}
        }) {
            assertThatThrownBy(() -> new RunInInput(25.0, null, null, looks(bad[1])))
                    .isInstanceOfSatisfying(
                            RefusedInput.class,
                            e -> assertThat(e.errors().get(0).field()).isEqualTo(bad[0]));
        }
        assertThatThrownBy(() -> new Look(0.0, null, null, null, 40.0, null)).isInstanceOf(RefusedInput.class);
    }

    private static List<Look> looks(String text) {
        return Arrays.stream(text.split(";\\s*"))
                .filter(t -> !t.isEmpty())
                .map(t -> t.split(" "))
                .map(f -> new Look(Double.valueOf(f[0]), null, Double.valueOf(f[1]), null, null, null))
                .toList();
    }
}
