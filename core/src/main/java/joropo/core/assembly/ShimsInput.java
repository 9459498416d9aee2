package joropo.core.assembly;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import joropo.core.readings.Gauge;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A clearance that shims set, as that of an impeller, read at every vane or at four places; mm.
 *
 * @param toleranceMm either way of the target, @param shimOpens whether a thicker pack opens the clearance
 * @param availableMm shims at hand, empty: none, @param packMm those that are in, each; absent: none may come out
 * @param asItStands whether it is judged as it is now, not as it will be with the shims that are chosen; absent: with
 *     them
 * @param worn whether the clearance has changed by wear; absent: not asked
 * @param uncertaintyMm of one reading, k = 2; absent: feelers, with a caution
 */
@RecordBuilder
public record ShimsInput(
        List<Double> readingsMm,
        Double targetMm,
        Double toleranceMm,
        Boolean shimOpens,
        List<Stock> availableMm,
        @Nullable List<Double> packMm,
        @Nullable Boolean worn,
        @Nullable Boolean asItStands,
        @Nullable Double uncertaintyMm) {
    private static final int MOST_READINGS = 96;
    private static final int MOST_KINDS = 24;
    private static final int MOST_ALIKE = 24;
    private static final double THICKEST_MM = 10;

    /** Shims at hand that are alike. */
    public record Stock(Double thicknessMm, Integer count) {
        public Stock {
            new Needs()
                    .given("thicknessMm", thicknessMm)
                    .that(
                            "thicknessMm",
                            thicknessMm == null || thicknessMm > 0 && thicknessMm <= THICKEST_MM,
                            "must be above 0 and at most " + THICKEST_MM + " mm, got " + thicknessMm)
                    .given("count", count)
                    .that("count", count == null || count >= 0 && count <= MOST_ALIKE, "must be 0 to " + MOST_ALIKE)
                    .done();
        }
    }

    public ShimsInput {
        boolean whole = readingsMm != null && readingsMm.stream().allMatch(r -> r != null && r >= 0 && r <= 100);
        new Needs()
                .that("readingsMm", whole, "are needed, none of them below 0")
                .that(
                        "readingsMm",
                        !whole || !readingsMm.isEmpty() && readingsMm.size() <= MOST_READINGS,
                        "needs 1 to " + MOST_READINGS + " readings")
                .given("targetMm", targetMm)
                .optionalBetween("targetMm", targetMm, 0, 100)
                .size("toleranceMm", toleranceMm)
                .given("shimOpens", shimOpens)
                .given("availableMm", availableMm)
                .that(
                        "availableMm",
                        availableMm == null
                                || availableMm.size() <= MOST_KINDS
                                        && availableMm.stream().allMatch(Objects::nonNull),
                        "has an empty one, or more than " + MOST_KINDS)
                .that("packMm", packMm == null || packMm.isEmpty() || ShimPack.isOne(packMm), ShimPack.WANTED)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm)
                .done();
        readingsMm = List.copyOf(readingsMm);
        availableMm = List.copyOf(availableMm);
        packMm = packMm == null ? null : List.copyOf(packMm);
    }

    double readU() {
        return uncertaintyMm != null ? uncertaintyMm : Gauge.FEELER.uncertaintyMm(1);
    }
}
