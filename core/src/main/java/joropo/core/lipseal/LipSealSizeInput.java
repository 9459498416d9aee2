package joropo.core.lipseal;

import joropo.core.sizes.SealSystem;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What was measured of the place, to find the seal that belongs there.
 *
 * @param shaftMm measured shaft, beside the groove when worn; @param boreMm measured bore
 * @param depthMm depth of the seat from its mouth, @param system only one of the two systems; absent: both
 * @param marking what stands on the old seal, such as 45x62x8; it tells sizes apart that readings cannot
 */
public record LipSealSizeInput(
        Double shaftMm,
        @Nullable Double boreMm,
        @Nullable Double depthMm,
        @Nullable SealSystem system,
        @Nullable String marking) {
    public LipSealSizeInput {
        new Needs()
                .size("shaftMm", shaftMm)
                .optionalSize("boreMm", boreMm)
                .optionalSize("depthMm", depthMm)
                .that(
                        "boreMm",
                        boreMm == null || shaftMm == null || boreMm > shaftMm,
                        "must be above the shaft, got " + boreMm)
                .done();
    }
}
