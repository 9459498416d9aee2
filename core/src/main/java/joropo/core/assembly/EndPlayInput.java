package joropo.core.assembly;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.readings.Gauge;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Axial play of a shaft, read with an indicator; mm.
 *
 * @param measuredMm whole play, 0 or more, @param lowMm, @param highMm the maker's limits
 * @param packMm shims of the pack that sets it, each; empty: there is none; absent: nobody has counted
 * @param shimOpens whether a thicker pack gives more play; absent: not known
 * @param bearingsRenewed whether new bearings, or a new shaft, went in
 * @param uncertaintyMm of one reading, k = 2; absent: a dial indicator, with a caution
 */
@RecordBuilder
public record EndPlayInput(
        Double measuredMm,
        Double lowMm,
        Double highMm,
        @Nullable List<Double> packMm,
        @Nullable Boolean shimOpens,
        Boolean bearingsRenewed,
        @Nullable Double uncertaintyMm) {
    /** No play of a shaft is larger (mm). */
    private static final double MOST_MM = 50;
    /** A difference of two readings is this much less sure than one of them (computed). */
    private static final double DIFFERENCE = 1.4;

    public EndPlayInput {
        var needs = new Needs()
                .given("measuredMm", measuredMm)
                .optionalBetween("measuredMm", measuredMm, 0, MOST_MM)
                .given("lowMm", lowMm)
                .optionalBetween("lowMm", lowMm, 0, MOST_MM)
                .given("highMm", highMm)
                .optionalBetween("highMm", highMm, 0, MOST_MM)
                .that(
                        "highMm",
                        lowMm == null || highMm == null || highMm >= lowMm,
                        "must not be below the least, got " + highMm)
                .given("bearingsRenewed", bearingsRenewed)
                .optionalNotNegative("uncertaintyMm", uncertaintyMm);
        if (packMm != null) {
            needs.that("packMm", packMm.isEmpty() || ShimPack.isOne(packMm), ShimPack.WANTED);
        }
        needs.done();
        packMm = packMm == null ? null : List.copyOf(packMm);
    }

    /** A play is the difference of two readings. */
    double playU() {
        return DIFFERENCE * (uncertaintyMm == null ? Gauge.DIAL_INDICATOR.uncertaintyMm(1) : uncertaintyMm);
    }
}
