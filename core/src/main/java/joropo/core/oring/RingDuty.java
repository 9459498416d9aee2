package joropo.core.oring;

import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/**
 * What a joint holds; each absent while it is not known.
 *
 * @param fluid key, @param pressureMpa with its peaks, @param pressureSide where it comes from, @param pressureTurns
 *     whether it comes from the other side too, as at a piston that is pushed both ways
 * @param cleaner key of the fluid that its parts are cleaned with, @param food whether it is food or drinking water
 */
public record RingDuty(
        @Nullable String fluid,
        @Nullable Double pressureMpa,
        @Nullable Side pressureSide,
        @Nullable Boolean pressureTurns,
        @Nullable Double coldestC,
        @Nullable Double hottestC,
        @Nullable String cleaner,
        boolean food) {}
