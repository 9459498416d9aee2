package joropo.core.assembly;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import joropo.core.readings.Gauge;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A coupling or hub that may be turned from place to place on its shaft or flange; mm.
 *
 * @param places index places, numbered 0 to places - 1 in one direction
 * @param limitMm of the whole reading, @param balancedSet whether the parts are balanced together
 * @param every how many places from one that fits to the next, as holes alternate; absent: 1
 * @param uncertaintyMm of one indicator reading, k = 2; absent: a dial indicator, with a caution
 */
@RecordBuilder
public record ClockingInput(
        Integer places,
        List<Trial> trials,
        @Nullable Double limitMm,
        @Nullable Boolean balancedSet,
        @Nullable Integer every,
        @Nullable Double uncertaintyMm) {
    private static final int MOST_PLACES = 96;
    private static final int MOST_TRIALS = 400;

    /** One place that was tried. @param tirMm its whole reading */
    public record Trial(Integer place, Double tirMm) {
        public Trial {
            new Needs()
                    .given("place", place)
                    .given("tirMm", tirMm)
                    .optionalNotNegative("tirMm", tirMm)
                    .done();
        }
    }

    public ClockingInput {
        boolean sized = places != null && places >= 2 && places <= MOST_PLACES;
        boolean whole = trials != null && !trials.isEmpty() && trials.stream().allMatch(Objects::nonNull);
        boolean divides = !sized || every == null || every >= 1 && places % every == 0;
        new Needs()
                .that("places", sized, "must be 2 to " + MOST_PLACES + ", got " + places)
                .that("every", divides, "must divide the places, got " + every)
                .that("trials", whole, "needs one place that was tried, at least")
                .that("trials", !whole || trials.size() <= MOST_TRIALS, "holds more than " + MOST_TRIALS)
                .that(
                        "trials",
                        !whole || !sized || trials.stream().allMatch(t -> t.place >= 0 && t.place < places),
                        "names a place that is not there")
                .that(
                        "trials",
                        !whole || !divides || every == null || sameHoles(trials, every),
                        "names places whose holes do not fit each other")
                .optionalNotNegative("limitMm", limitMm)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .done();
        trials = List.copyOf(trials);
    }

    private static boolean sameHoles(List<Trial> trials, int every) {
        return trials.stream()
                        .map(t -> Math.floorMod(t.place, every))
                        .distinct()
                        .count()
                == 1;
    }

    /** Whether the parts go together there. */
    boolean fits(int place) {
        return every == null || Math.floorMod(place - trials.get(0).place, every) == 0;
    }

    /** Of a whole reading, the difference of two. */
    double tirU() {
        return Places.DIFFERENCE * (uncertaintyMm != null ? uncertaintyMm : Gauge.DIAL_INDICATOR.uncertaintyMm(1));
    }
}
