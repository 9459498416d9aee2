package joropo.core.readings;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import joropo.core.units.Length;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * One diameter read in one to five planes along the axis, in two to twelve directions each (mm). Two-point readings do
 * not show a three-lobed shape.
 */
public record DiameterReadings(List<Plane> planes) {
    private static final int MOST_PLANES = 5;
    private static final int MOST_DIRECTIONS = 12;
    /** Reference temperature of all sizes (°C, standard, ISO 1). */
    public static final double REFERENCE_C = 20;

    /**
     * The readings of one plane.
     *
     * @param atMm where the plane lies along the axis, when said
     */
    public record Plane(@Nullable Double atMm, List<Double> readingsMm) {
        public Plane {
            var needs = new Needs().optionalPlace("atMm", atMm).given("readingsMm", readingsMm);
            if (readingsMm != null) {
                needs.that(
                        "readingsMm",
                        readingsMm.size() >= 2 && readingsMm.size() <= MOST_DIRECTIONS,
                        "needs two to " + MOST_DIRECTIONS + " directions, got " + readingsMm.size());
                readingsMm.forEach(r -> needs.size("readingsMm", r));
            }
            needs.done();
            readingsMm = List.copyOf(readingsMm);
        }

        public double meanMm() {
            return Length.snap(stream().average().orElseThrow());
        }

        public double minMm() {
            return stream().min().orElseThrow();
        }

        public double maxMm() {
            return stream().max().orElseThrow();
        }

        /** Largest less smallest reading of this plane (computed). */
        public double ovalityMm() {
            return Length.snap(maxMm() - minMm());
        }

        private DoubleStream stream() {
            return readingsMm.stream().mapToDouble(Double::doubleValue);
        }
    }

    public DiameterReadings {
        new Needs()
                .that(
                        "planes",
                        planes != null && !planes.isEmpty() && planes.size() <= MOST_PLANES,
                        "needs one to " + MOST_PLANES + " planes")
                .done();
        planes = List.copyOf(planes);
    }

    /** Mean of the plane means. */
    public double meanMm() {
        return Length.snap(planes.stream().mapToDouble(Plane::meanMm).average().orElseThrow());
    }

    public double minMm() {
        return planes.stream().mapToDouble(Plane::minMm).min().orElseThrow();
    }

    public double maxMm() {
        return planes.stream().mapToDouble(Plane::maxMm).max().orElseThrow();
    }

    /** The greatest ovality of the planes. */
    public double ovalityMm() {
        return planes.stream().mapToDouble(Plane::ovalityMm).max().orElseThrow();
    }

    /** Largest less smallest plane mean; zero for one plane. */
    public double taperMm() {
        var means = planes.stream().mapToDouble(Plane::meanMm).summaryStatistics();
        return Length.snap(means.getMax() - means.getMin());
    }

    /**
     * The same readings brought to 20 °C: d20 = reading (1 + ag (Tg - 20)) / (1 + ap (Tp - 20)) (computed).
     *
     * @param gaugePerK expansion of the gauge (1/K), @param partPerK expansion of the part (1/K)
     */
    public DiameterReadings at20(double gaugePerK, double gaugeC, double partPerK, double partC) {
        double factor = (1 + gaugePerK * (gaugeC - REFERENCE_C)) / (1 + partPerK * (partC - REFERENCE_C));
        DoubleUnaryOperator correct = reading -> Length.snap(reading * factor);
        return new DiameterReadings(planes.stream()
                .map(p -> new Plane(
                        p.atMm,
                        p.readingsMm.stream().map(correct::applyAsDouble).toList()))
                .toList());
    }
}
