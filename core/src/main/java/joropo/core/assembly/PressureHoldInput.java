package joropo.core.assembly;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A space that is closed under pressure and looked at again; MPa above atmosphere, °C.
 *
 * @param volumeL of the space, for the leak's amount, @param limitMpa that it may lose meanwhile
 * @param uncertaintyMpa of one reading, k = 2; absent: a gauge of one in a hundred, with a caution
 */
@RecordBuilder
public record PressureHoldInput(
        Double startMpa,
        Double endMpa,
        Double startC,
        Double endC,
        Double minutes,
        @Nullable Double volumeL,
        Held medium,
        @Nullable Double limitMpa,
        @Nullable Double uncertaintyMpa) {
    private static final double LEAST_MPA = -0.1013;
    private static final double MOST_MPA = 200;
    private static final double COLDEST_C = -200;
    private static final double HOTTEST_C = 600;
    private static final double YEAR_MIN = 366.0 * 24 * 60;
    private static final double IN_A_HUNDRED = 0.01;
    private static final double FINEST_MPA = 0.001;

    /** What is held. */
    public enum Held {
        GAS("air or gas"),
        LIQUID("a liquid");

        private final String words;

        Held(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public PressureHoldInput {
        new Needs()
                .given("startMpa", startMpa)
                .optionalBetween("startMpa", startMpa, LEAST_MPA, MOST_MPA)
                .given("endMpa", endMpa)
                .optionalBetween("endMpa", endMpa, LEAST_MPA, MOST_MPA)
                .given("startC", startC)
                .optionalBetween("startC", startC, COLDEST_C, HOTTEST_C)
                .given("endC", endC)
                .optionalBetween("endC", endC, COLDEST_C, HOTTEST_C)
                .given("minutes", minutes)
                .that(
                        "minutes",
                        minutes == null || minutes > 0 && minutes <= YEAR_MIN,
                        "must be above 0, got " + minutes)
                .optionalSize("volumeL", volumeL)
                .given("medium", medium)
                .optionalNotNegative("limitMpa", limitMpa)
                .optionalNotNegative("uncertaintyMpa", uncertaintyMpa)
                .done();
    }

    /** The difference of two readings. */
    double dropU() {
        double one = uncertaintyMpa != null
                ? uncertaintyMpa
                : Math.max(FINEST_MPA, IN_A_HUNDRED * Math.max(Math.abs(startMpa), Math.abs(endMpa)));
        return Places.DIFFERENCE * one;
    }
}
