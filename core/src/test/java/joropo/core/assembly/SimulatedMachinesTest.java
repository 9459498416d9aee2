package joropo.core.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Machines made up with a fixed seed: what was put in is found again, and what is said brings them right. */
class SimulatedMachinesTest {
    private static final int CASES = 1000;
    private final Random random = new Random(16);

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private static Status of(List<Finding> findings, String id) {
        return findings.stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .status();
    }

    private static double apart(double one, double other) {
        double by = Math.abs(one - other) % 360;
        return Math.min(by, 360 - by);
    }

    /** Eccentricity and high spot within what the noise of each reading (at most U) allows. */
    @Test
    void runOutIsFoundAgainThroughNoise() {
        for (int i = 0; i < CASES; i++) {
            double a = between(0.02, 0.3);
            double at = between(0, 360);
            double second = between(0, 0.05);
            double phase = between(0, 360);
            double u = 0.005;
            int n = 8 + random.nextInt(17);
            List<RunoutInput.Reading> readings = IntStream.range(0, n)
                    .mapToObj(k -> {
                        double t = 360.0 * k / n;
                        return new RunoutInput.Reading(
                                t,
                                a * Math.cos(Math.toRadians(t - at))
                                        + second * Math.cos(2 * Math.toRadians(t - phase))
                                        + between(-u, u));
                    })
                    .toList();
            RunoutResult r = RunoutCheck.check(new RunoutInput(readings, 0.1, null, u));
            assertThat(r.eccentricityMm()).isBetween(a - 2 * u, a + 2 * u);
            assertThat(r.secondHarmonicMm()).isBetween(second - 2 * u, second + 2 * u);
            assertThat(apart(r.highAngleDeg(), at))
                    .isLessThan(Math.toDegrees(Math.asin(Math.min(1, 2 * u / a))) + 1e-6);
            if (2 * a > 0.1 + 5 * u) {
                assertThat(of(r.findings(), "limit")).as("eccentricity " + a).isNotEqualTo(Status.PASS);
            }
        }
    }

    /** Screws turned as said bring the ring to the middle; in the housing and in the ring alike. */
    @Test
    void aRingIsCentredByItsScrews() {
        for (int i = 0; i < CASES; i++) {
            double off = between(0.02, 0.2);
            double at = between(0, 360);
            int screws = 3 + random.nextInt(5);
            var where = random.nextBoolean() ? CentringInput.ScrewsIn.HOUSING : CentringInput.ScrewsIn.RING;
            CentringResult r = CentringCheck.check(gaps(off, at, screws, where));
            double x = 0;
            double y = 0;
            for (CentringResult.ScrewMove m : r.screwMoves()) {
                double push = where == CentringInput.ScrewsIn.HOUSING ? -m.moveMm() : m.moveMm();
                x += push * Math.cos(Math.toRadians(m.angleDeg())) * 2 / screws;
                y += push * Math.sin(Math.toRadians(m.angleDeg())) * 2 / screws;
                assertThat(m.turnDeg()).isCloseTo(m.moveMm() / 0.75 * 360, within(1e-9));
            }
            double leftX = off * Math.cos(Math.toRadians(at)) + x;
            double leftY = off * Math.sin(Math.toRadians(at)) + y;
            assertThat(Math.hypot(leftX, leftY)).as("what is left of " + off).isLessThan(0.006);
        }
    }

    private CentringInput gaps(double off, double at, int screws, CentringInput.ScrewsIn where) {
        List<CentringInput.Reading> readings = IntStream.range(0, 8)
                .mapToObj(k -> new CentringInput.Reading(
                        null, 45.0 * k, 0.4 + off * Math.cos(Math.toRadians(45.0 * k - at)) + between(-0.005, 0.005)))
                .toList();
        return CentringInputBuilder.builder()
                .readings(readings)
                .screws(IntStream.range(0, screws)
                        .mapToObj(k -> new CentringInput.Screw(360.0 * k / screws))
                        .toList())
                .screwsIn(where)
                .screwPitchMm(0.75)
                .leastGapMm(0.1)
                .uncertaintyMm(0.005)
                .build();
    }

    /** Any offset, angle, feet and sag: after one move as said it stands within its limits. */
    @Test
    void oneMoveBringsAnyMachineInLine() {
        for (int i = 0; i < CASES; i++) {
            double front = between(100, 800);
            double back = front + between(200, 1500);
            double sag = between(0, 0.3);
            double diameter = between(80, 400);
            double[] stands = {between(-1, 1), between(-1, 1), between(-0.003, 0.003), between(-0.003, 0.003)};
            AlignmentResult r = AlignmentCheck.check(read(stands, sag, diameter, front, back));
            double[] then = {
                moved(stands[0], r.shimFrontMm(), r.shimBackMm(), front, back),
                moved(stands[1], r.moveFrontMm(), r.moveBackMm(), front, back),
                slope(stands[2], r.shimFrontMm(), r.shimBackMm(), front, back),
                slope(stands[3], r.moveFrontMm(), r.moveBackMm(), front, back)
            };
            AlignmentResult after = AlignmentCheck.check(read(then, sag, diameter, front, back));
            assertThat(Finding.worst(after.findings())).as(after.toString()).isEqualTo(Status.PASS);
        }
    }

    private static double slope(double before, double front, double back, double atFront, double atBack) {
        return before + (back - front) / (atBack - atFront);
    }

    /** Offset at the coupling after the feet were moved. */
    private static double moved(double offset, double front, double back, double atFront, double atBack) {
        return offset + front - (back - front) * atFront / (atBack - atFront);
    }

    /** What indicators show, zeroed on top, read to a hundredth of what is allowed. */
    private AlignmentInput read(double[] stands, double sag, double diameter, double front, double back) {
        double[] rim = {stands[0], stands[1] - sag / 2, -stands[0] - sag, -stands[1] - sag / 2};
        double[] face = {
            stands[2] * diameter / 2, stands[3] * diameter / 2, -stands[2] * diameter / 2, -stands[3] * diameter / 2
        };
        return AlignmentInputBuilder.builder()
                .rimMm(zeroed(rim))
                .faceMm(zeroed(face))
                .faceDiameterMm(diameter)
                .sagMm(sag)
                .frontFeetMm(front)
                .backFeetMm(back)
                .speedRpm(2950.0)
                .softFootMm(List.of(0.0, 0.01, 0.0, 0.02))
                .uncertaintyMm(0.002)
                .build();
    }

    private List<Double> zeroed(double[] readings) {
        return IntStream.range(0, readings.length)
                .mapToObj(k -> readings[k] - readings[0] + between(-0.0005, 0.0005))
                .toList();
    }

    /** Fewest shims of those that come nearest, against every set there is. */
    @Test
    void shimsAreChosenAsByTryingAll() {
        for (int i = 0; i < CASES; i++) {
            List<Double> stock = shims(random.nextInt(7));
            List<Double> pack = shims(random.nextInt(4));
            double wanted = Math.rint(between(-0.5, 0.8) * 1000) / 1000;
            double tolerance = Math.rint(between(0.005, 0.12) * 1000) / 1000;
            ShimsResult r = ShimsCheck.check(ShimsInputBuilder.builder()
                    .readingsMm(List.of(2.0))
                    .targetMm(2 + wanted)
                    .toleranceMm(tolerance)
                    .shimOpens(true)
                    .availableMm(
                            stock.stream().map(t -> new ShimsInput.Stock(t, 1)).toList())
                    .packMm(pack)
                    .uncertaintyMm(0.001)
                    .build());
            if (Math.abs(wanted) <= tolerance + 1e-9) {
                assertThat(r.add()).isEmpty();
                assertThat(r.remove()).isEmpty();
                continue;
            }
            double nearest = Double.POSITIVE_INFINITY;
            for (double[] set : sets(stock, pack)) {
                nearest = Math.min(nearest, Math.abs(set[0] - wanted));
            }
            int fewest = Integer.MAX_VALUE;
            for (double[] set : sets(stock, pack)) {
                if (Math.abs(set[0] - wanted) <= Math.min(tolerance, nearest + 0.005) + 1e-9) {
                    fewest = Math.min(fewest, (int) set[1]);
                }
            }
            if (fewest == Integer.MAX_VALUE) {
                assertThat(of(r.findings(), "choice")).isEqualTo(Status.FAIL);
            } else {
                assertThat(r.add().size() + r.remove().size())
                        .as(stock + ", pack " + pack + ", wanted " + wanted)
                        .isEqualTo(fewest);
                double sum = ShimPack.sumMm(r.add()) - ShimPack.sumMm(r.remove());
                assertThat(r.predictedMm()).isCloseTo(2 + sum, within(1e-9));
                assertThat(Math.abs(sum - wanted)).isLessThanOrEqualTo(Math.min(tolerance, nearest + 0.005) + 1e-9);
            }
        }
    }

    private List<Double> shims(int count) {
        return IntStream.range(0, count)
                .mapToObj(k -> Math.rint(between(0.02, 0.4) * 1000) / 1000)
                .toList();
    }

    /** Change and number of shims of every set. */
    private static List<double[]> sets(List<Double> stock, List<Double> pack) {
        List<double[]> out = new ArrayList<>();
        int all = stock.size() + pack.size();
        for (int mask = 0; mask < 1 << all; mask++) {
            double sum = 0;
            for (int k = 0; k < all; k++) {
                if ((mask >> k & 1) == 1) {
                    sum += k < stock.size() ? stock.get(k) : -pack.get(k - stock.size());
                }
            }
            out.add(new double[] {sum, Integer.bitCount(mask)});
        }
        return out;
    }

    private static ClockingResult clocked(int places, double limit, List<ClockingInput.Trial> trials) {
        return ClockingCheck.check(ClockingInputBuilder.builder()
                .places(places)
                .trials(trials)
                .limitMm(limit)
                .balancedSet(false)
                .uncertaintyMm(0.0)
                .build());
    }

    /** What no model makes: readings at random, a shape that comes back at every other place, a fit that is loose. */
    private double[] outsideTheModel(int kind, int places) {
        double a = between(0.02, 0.08);
        double b = between(0.02, 0.08);
        return IntStream.range(0, places)
                .mapToDouble(k -> switch (kind) {
                    case 0 -> between(0.02, 0.2);
                    case 1 ->
                        2
                                        * Math.hypot(
                                                a + b * Math.cos(2 * Math.PI * k / places),
                                                b * Math.sin(2 * Math.PI * k / places))
                                + (k % 2 == 0 ? 0.02 : 0.06);
                    default ->
                        0.02 + 2 * a * (1 + 0.5 * random.nextGaussian() * random.nextGaussian()) * random.nextDouble();
                })
                .map(t -> Math.max(t, 0.011))
                .toArray();
    }

    /** Nothing is called good that was not measured, and all are asked for. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void outsideTheModelEveryPlaceIsMeasured(int kind) {
        for (int i = 0; i < CASES; i++) {
            int places = 2 * (2 + random.nextInt(5));
            double[] truth = outsideTheModel(kind, places);
            List<ClockingInput.Trial> trials = new ArrayList<>(List.of(new ClockingInput.Trial(0, truth[0])));
            ClockingResult r = clocked(places, 0.01, trials);
            while (r.nextTrial() != null) {
                int next = r.nextTrial();
                assertThat(trials).noneMatch(t -> t.place() == next);
                assertThat(of(r.findings(), "limit")).isEqualTo(Status.MISSING);
                assertThat(r.feasible()).isNull();
                int best = r.bestPlace();
                assertThat(trials).anyMatch(t -> t.place() == best);
                trials.add(new ClockingInput.Trial(next, truth[next]));
                r = clocked(places, 0.01, trials);
            }
            assertThat(trials).hasSize(places);
            assertThat(of(r.findings(), "limit")).isEqualTo(Status.FAIL);
        }
    }

    /** Two parts that are each off, with noise of five in a hundred: few trials lead to a good place. */
    @ParameterizedTest
    @CsvSource({"8, 4.2", "12, 5.0"})
    void insideTheModelFewTrialsAreEnough(int places, double most) {
        int tried = 0;
        for (int i = 0; i < CASES; i++) {
            double a = between(0.01, 0.1);
            double b = between(0.01, 0.1);
            double at = between(0, 2 * Math.PI);
            double[] truth = IntStream.range(0, places)
                    .mapToDouble(k -> {
                        double t = at + 2 * Math.PI * k / places;
                        return 2 * Math.hypot(a + b * Math.cos(t), b * Math.sin(t));
                    })
                    .map(t -> t * (1 + 0.05 * random.nextGaussian()))
                    .toArray();
            double limit = 1.1 * Arrays.stream(truth).min().orElseThrow();
            List<ClockingInput.Trial> trials = new ArrayList<>(List.of(new ClockingInput.Trial(0, truth[0])));
            ClockingResult r = clocked(places, limit, trials);
            while (r.nextTrial() != null) {
                trials.add(new ClockingInput.Trial(r.nextTrial(), truth[r.nextTrial()]));
                r = clocked(places, limit, trials);
            }
            assertThat(r.feasible()).isTrue();
            tried += trials.size();
        }
        assertThat(tried / (double) CASES).isLessThanOrEqualTo(most);
    }
}
