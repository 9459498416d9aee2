package joropo.core.assembly;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import joropo.core.readings.Gauge;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Gaps between a shaft and the ring that is centred on it; mm.
 *
 * @param screws places of the setting screws, @param screwsIn where they sit, needed with screws
 * @param screwPitchMm of their thread, @param limitMm the maker's; absent: 0.05, @param leastGapMm that each gap needs
 * @param uncertaintyMm of one gap, k = 2; absent: feelers, with a caution
 */
@RecordBuilder
public record CentringInput(
        List<Reading> readings,
        @Nullable List<Screw> screws,
        @Nullable ScrewsIn screwsIn,
        @Nullable Double screwPitchMm,
        @Nullable Double limitMm,
        @Nullable Double leastGapMm,
        @Nullable Double uncertaintyMm) {
    private static final double LIMIT_MM = 0.05;
    private static final int LEAST = 3;
    private static final int MOST = 72;

    /** Gap at one place. @param clock 0 to 12, or @param angleDeg clockwise from 12 */
    public record Reading(@Nullable Double clock, @Nullable Double angleDeg, Double gapMm) {
        public Reading {
            new Needs()
                    .that("clock", clock != null ^ angleDeg != null, "or angleDeg is needed, one of the two")
                    .optionalBetween("clock", clock, 0, 12)
                    .optionalBetween("angleDeg", angleDeg, -360, 360)
                    .given("gapMm", gapMm)
                    .optionalNotNegative("gapMm", gapMm)
                    .done();
        }
    }

    /** One setting screw. */
    public record Screw(Double angleDeg) {
        public Screw {
            new Needs()
                    .given("angleDeg", angleDeg)
                    .optionalBetween("angleDeg", angleDeg, -360, 360)
                    .done();
        }
    }

    /** Where the screws sit: in the housing they push the ring, in the ring they push the shaft. */
    public enum ScrewsIn {
        HOUSING("the housing, pushing the ring"),
        RING("the ring, bearing on the shaft");

        private final String words;

        ScrewsIn(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public CentringInput {
        boolean whole = readings != null && readings.stream().allMatch(Objects::nonNull);
        boolean named = screws == null || screws.stream().allMatch(Objects::nonNull);
        new Needs()
                .that(
                        "readings",
                        whole && readings.size() >= LEAST && readings.size() <= MOST,
                        "needs " + LEAST + " to " + MOST + " readings")
                .that("screws", named && (screws == null || screws.size() <= MOST), "has an empty one, or too many")
                .that(
                        "screwsIn",
                        screws == null || screws.isEmpty() || screwsIn != null,
                        "is needed with screws: the housing or the ring")
                .optionalSize("screwPitchMm", screwPitchMm)
                .optionalNotNegative("limitMm", limitMm)
                .optionalNotNegative("leastGapMm", leastGapMm)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .done();
        readings = List.copyOf(readings);
        screws = screws == null ? null : List.copyOf(screws);
    }

    double mostMm() {
        return limitMm == null ? LIMIT_MM : limitMm;
    }

    double readU() {
        return uncertaintyMm != null ? uncertaintyMm : Gauge.FEELER.uncertaintyMm(1);
    }
}
