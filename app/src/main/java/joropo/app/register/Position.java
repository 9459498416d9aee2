package joropo.app.register;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.plan.Care;
import joropo.core.shaft.Rotation;
import joropo.core.sizes.SeatSize;
import org.jspecify.annotations.Nullable;

/**
 * One place of a machine where a shaft passes a wall.
 *
 * @param shaftMm, @param boreMm nominal sizes, @param widthMm of the seal that belongs there, each where known
 * @param cares codes of {@link Care}, parted by blanks, @param rotation as seen from outside, where known, @param kind
 *     what seals there, @param oneWay whether it may be turned in its running direction only
 */
@RecordBuilder
public record Position(
        long id,
        long machineId,
        String machineName,
        String machinePlace,
        String name,
        @Nullable Double shaftMm,
        @Nullable Double boreMm,
        @Nullable Double widthMm,
        Medium medium,
        Dirt dirt,
        @Nullable Rotation rotation,
        @Nullable Double speedRpm,
        PartKind kind,
        boolean oneWay,
        String cares,
        String note) {
    public Position {
        cares = cares == null ? "" : cares;
    }

    public SeatSize size() {
        return new SeatSize(shaftMm, boreMm, widthMm);
    }

    /** What wants its caution at each step. */
    public Set<Care> care() {
        return Care.parse(cares);
    }
}
