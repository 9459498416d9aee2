package joropo.app.register;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Dirt;
import joropo.core.material.Medium;
import joropo.core.shaft.Rotation;
import joropo.core.sizes.SeatSize;
import org.jspecify.annotations.Nullable;

/**
 * What is asked of a seal position; sizes in mm, speed in rpm. @param kind what seals there, @param oneWay whether it
 * may be turned in its running direction only, @param cares codes of {@link joropo.core.plan.Care}, parted by blanks
 */
@RecordBuilder
public record NewPosition(
        PartKind kind,
        String name,
        @Nullable Double shaftMm,
        @Nullable Double boreMm,
        @Nullable Double widthMm,
        Medium medium,
        Dirt dirt,
        @Nullable Rotation rotation,
        @Nullable Double speedRpm,
        boolean oneWay,
        String cares,
        String note) {
    public NewPosition {
        cares = cares == null ? "" : cares;
    }

    SeatSize size() {
        return new SeatSize(shaftMm, boreMm, widthMm);
    }

    /** A lip seal of which no more is known. */
    public NewPosition(
            String name,
            @Nullable Double shaftMm,
            @Nullable Double boreMm,
            Medium medium,
            Dirt dirt,
            @Nullable Rotation rotation,
            @Nullable Double speedRpm) {
        this(PartKind.LIP_SEAL, name, shaftMm, boreMm, null, medium, dirt, rotation, speedRpm, false, "", "");
    }
}
