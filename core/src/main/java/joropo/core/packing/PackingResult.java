package joropo.core.packing;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * What goes into a stuffing box.
 *
 * @param sectionMm measured, @param listedSectionMm nearest, @param rings without the lantern ring
 * @param buttCutMm, @param skiveCutMm lengths of a ring, cut square or at 45° tip to tip
 * @param jointClock of each ring from the bottom, @param ringsInboard, @param ringsOutboard of the lantern ring; absent
 *     without one whose port is known
 * @param spacerMm under the lantern ring, absent: none is wanted, or none would do
 * @param flushLPerMin that carries the heat, @param flushMpa its pressure; absent while nothing tells
 * @param surfaceSpeedMPerS on the packing; absent: not known
 */
@RecordBuilder
public record PackingResult(
        double sectionMm,
        double listedSectionMm,
        int rings,
        double buttCutMm,
        double skiveCutMm,
        List<Integer> jointClock,
        @Nullable Integer ringsInboard,
        @Nullable Integer ringsOutboard,
        @Nullable Double spacerMm,
        @Nullable Double flushLPerMin,
        @Nullable Between flushMpa,
        @Nullable Double surfaceSpeedMPerS,
        DropBand runInDropsPerMinute,
        DropBand settledDropsPerMinute,
        List<Finding> findings) {
    /** @param from, @param to in MPa above atmosphere */
    public record Between(double from, double to) {}

    public PackingResult {
        jointClock = List.copyOf(jointClock);
        findings = List.copyOf(findings);
    }
}
