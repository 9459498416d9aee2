package joropo.core.assembly;

import java.util.List;
import java.util.Objects;
import joropo.core.readings.Gauge;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * An indicator against a shaft that is turned; mm.
 *
 * @param readings four places or more round a turn; one at 360° repeats that at 0°
 * @param limitMm the maker's, of the whole reading; absent: by the coupling
 * @param coupling that sits there, @param uncertaintyMm of one reading, k = 2; absent: a dial indicator, with a caution
 */
public record RunoutInput(
        List<Reading> readings,
        @Nullable Double limitMm,
        @Nullable Coupling coupling,
        @Nullable Double uncertaintyMm) {
    private static final int LEAST = 4;
    private static final int MOST = 360;

    /** One reading. @param angleDeg clockwise from the top, @param valueMm of the indicator, of any sign */
    public record Reading(Double angleDeg, Double valueMm) {
        public Reading {
            new Needs()
                    .given("angleDeg", angleDeg)
                    .optionalBetween("angleDeg", angleDeg, -360, 360)
                    .place("valueMm", valueMm)
                    .done();
        }
    }

    /** What the shaft drives through (mm of whole reading, guide). */
    public enum Coupling {
        RIGID(0.03, "rigid coupling"),
        FLEXIBLE(0.05, "flexible coupling, discs or teeth"),
        ELASTOMER(0.10, "coupling with elastomer");

        private final double mostMm;
        private final String words;

        Coupling(double mostMm, String words) {
            this.mostMm = mostMm;
            this.words = words;
        }

        public double mostMm() {
            return mostMm;
        }

        public String words() {
            return words;
        }
    }

    public RunoutInput {
        boolean whole = readings != null && readings.stream().allMatch(Objects::nonNull);
        new Needs()
                .that("readings", whole, "are needed, four or more round a turn")
                .that("readings", !whole || readings.size() <= MOST, "hold more than " + MOST)
                .that(
                        "readings",
                        !whole
                                || readings.stream()
                                                .map(r -> r.angleDeg % 360)
                                                .distinct()
                                                .count()
                                        >= LEAST,
                        "need four places at least, got " + (whole ? readings.size() : 0) + " readings")
                .optionalNotNegative("limitMm", limitMm)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .done();
        readings = List.copyOf(readings);
    }

    double readU() {
        return uncertaintyMm != null ? uncertaintyMm : Gauge.DIAL_INDICATOR.uncertaintyMm(1);
    }
}
