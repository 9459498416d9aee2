package joropo.core.packing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A packing that is run in: what was seen at each look, in their order.
 *
 * @param band drops in a minute that it shall settle at; absent: by the shaft
 * @param travelFlats flats of the nuts until the gland's travel is used; absent: not known
 */
@RecordBuilder
public record RunInInput(
        Double shaftMm, @Nullable DropBand band, @Nullable Double travelFlats, List<Look> points) {
    private static final int MOST_LOOKS = 5000;

    /**
     * One look.
     *
     * @param minute since it began, @param flats turned at that look after its reading, negative: let off
     * @param dropsPerMinute counted, @param mlPerMinute caught in a cup; one of them, 0 is a reading
     * @param boxC absent: not read, @param gapsMm of the gland at four places, absent: not read
     */
    public record Look(
            Double minute,
            @Nullable Double flats,
            @Nullable Double dropsPerMinute,
            @Nullable Double mlPerMinute,
            @Nullable Double boxC,
            @Nullable List<Double> gapsMm) {
        private static final double DROPS_IN_ML = 20;
        /** So many are a stream: nobody counts it. */
        private static final double STREAM = 1000;

        private static final int PLACES = 4;
        /** Ten years: the looks go on after it has run in. */
        private static final double LONGEST_MIN = 10 * 366 * 24 * 60;

        public Look {
            new Needs()
                    .optionalBetween("minute", minute, 0, LONGEST_MIN)
                    .given("minute", minute)
                    .optionalBetween("flats", flats, -60, 60)
                    .that(
                            "dropsPerMinute",
                            dropsPerMinute != null || mlPerMinute != null,
                            "is needed, or mlPerMinute; 0 is a reading")
                    .that(
                            "mlPerMinute",
                            dropsPerMinute == null || mlPerMinute == null,
                            "is another reading of the same leak: give one of them")
                    .optionalNotNegative("dropsPerMinute", dropsPerMinute)
                    .that(
                            "dropsPerMinute",
                            dropsPerMinute == null || dropsPerMinute <= STREAM,
                            "is a stream: catch it in a cup and give mlPerMinute, got " + dropsPerMinute)
                    .optionalNotNegative("mlPerMinute", mlPerMinute)
                    .optionalBetween("boxC", boxC, -50, 600)
                    .that(
                            "gapsMm",
                            gapsMm == null
                                    || gapsMm.size() == PLACES
                                            && gapsMm.stream().allMatch(g -> g != null && g >= 0),
                            "needs the gap at four places")
                    .done();
            gapsMm = gapsMm == null ? null : List.copyOf(gapsMm);
        }

        /** Drops in a minute, however it was read. */
        public double drops() {
            return dropsPerMinute != null ? dropsPerMinute : mlPerMinute * DROPS_IN_ML;
        }

        double turned() {
            return flats == null ? 0 : flats;
        }
    }

    public RunInInput {
        boolean whole = points != null && !points.isEmpty() && points.stream().noneMatch(Objects::isNull);
        new Needs()
                .size("shaftMm", shaftMm)
                .that("points", whole, "needs one look at least")
                .that("points", !whole || points.size() <= MOST_LOOKS, "holds more than " + MOST_LOOKS)
                .that("points", !whole || isForward(points), "must go forward in time")
                .that(
                        "band",
                        band == null || band.from() >= 0 && band.to() > band.from(),
                        "must be from 0 or more to something above")
                .optionalNotNegative("travelFlats", travelFlats)
                .done();
        points = List.copyOf(points);
    }

    private static boolean isForward(List<Look> looks) {
        for (int i = 1; i < looks.size(); i++) {
            if (looks.get(i).minute <= looks.get(i - 1).minute) {
                return false;
            }
        }
        return true;
    }
}
