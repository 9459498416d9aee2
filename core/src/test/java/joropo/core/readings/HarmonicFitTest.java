package joropo.core.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import joropo.core.readings.HarmonicFit.Point;
import joropo.core.units.RefusedInput;
import org.junit.jupiter.api.Test;

class HarmonicFitTest {
    /** Solving a small linear system in doubles. */
    private static final double SOLVED = 1e-9;

    private static List<Point> circle(double c, double a, double b, double... degrees) {
        List<Point> out = new ArrayList<>();
        for (double d : degrees) {
            double t = Math.toRadians(d);
            out.add(new Point(d, c + a * Math.cos(t) + b * Math.sin(t)));
        }
        return out;
    }

    @Test
    void findsAnExactCircleAtUnevenAngles() {
        HarmonicFit fit = HarmonicFit.of(circle(2, 0.3, -0.4, 5, 100, 190, 300));
        assertThat(fit.c()).isCloseTo(2, within(SOLVED));
        assertThat(fit.amplitude()).isCloseTo(0.5, within(SOLVED));
        assertThat(fit.directionDeg()).isCloseTo(306.8699, within(1e-3));
        assertThat(fit.rank()).isEqualTo(3);
        assertThat(fit.residuals()).allSatisfy(r -> assertThat(r).isCloseTo(0, within(SOLVED)));
    }

    @Test
    void fiveReadingsFitTheSecondHarmonicWithoutResidual() {
        HarmonicFit fit = HarmonicFit.of(
                List.of(new Point(0, 1), new Point(72, 3), new Point(144, 2), new Point(216, 5), new Point(288, 4)));
        assertThat(fit.rank()).isEqualTo(5);
        assertThat(fit.residuals()).allSatisfy(r -> assertThat(r).isCloseTo(0, within(SOLVED)));
    }

    @Test
    void separatesOvalFromOffset() {
        List<Point> points = new ArrayList<>();
        for (int d = 0; d < 360; d += 45) {
            points.add(
                    new Point(d, 1 + 0.02 * Math.cos(Math.toRadians(d)) + 0.05 * Math.cos(2 * Math.toRadians(d - 30))));
        }
        HarmonicFit fit = HarmonicFit.of(points);
        assertThat(fit.amplitude()).isCloseTo(0.02, within(SOLVED));
        assertThat(fit.secondAmplitude()).isCloseTo(0.05, within(SOLVED));
    }

    @Test
    void turningAllAnglesTurnsTheDirectionAndNothingElse() {
        var random = new Random(3);
        for (int i = 0; i < 200; i++) {
            List<Point> points = new ArrayList<>();
            double turn = 360 * random.nextDouble();
            for (int k = 0; k < 6; k++) {
                points.add(new Point(60 * k, random.nextDouble()));
            }
            HarmonicFit fit = HarmonicFit.of(points);
            HarmonicFit turned = HarmonicFit.of(points.stream()
                    .map(p -> new Point(p.angleDeg() + turn, p.valueMm()))
                    .toList());
            assertThat(turned.amplitude()).isCloseTo(fit.amplitude(), within(SOLVED));
            double off = HarmonicFit.normalize(turned.directionDeg() - fit.directionDeg() - turn + 180) - 180;
            assertThat(off).isCloseTo(0, within(1e-6));
        }
    }

    @Test
    void namesTheOneReadingThatDoesNotGoWithTheOthers() {
        List<Point> points = new ArrayList<>(circle(2, 0.05, 0.01, 0, 60, 120, 180, 240, 300));
        points.set(3, new Point(180, points.get(3).valueMm() + 0.2));
        assertThat(HarmonicFit.suspicious(points, 0.008)).hasValue(3);
        assertThat(HarmonicFit.suspicious(circle(2, 0.05, 0.01, 0, 60, 120, 180, 240, 300), 0.008))
                .isEmpty();
        assertThat(HarmonicFit.suspicious(points.subList(0, 5), 0.008))
                .as("below six no check is possible")
                .isEmpty();
    }

    @Test
    void refusesAnglesThatCannotPlaceACircle() {
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> HarmonicFit.of(circle(1, 1, 1, 0, 120)))
                .withMessageContaining("at least 3 readings");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> HarmonicFit.of(circle(1, 1, 1, 0, 30, 59)))
                .withMessageContaining("within 60 degrees");
        assertThatExceptionOfType(RefusedInput.class)
                .isThrownBy(() -> HarmonicFit.of(circle(1, 1, 1, 0, 180, 360, 180)))
                .withMessageContaining("too few different angles");
    }
}
