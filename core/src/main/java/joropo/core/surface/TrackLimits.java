package joropo.core.surface;

import java.util.List;
import joropo.core.sizes.SealSize;
import joropo.core.sizes.SealSystem;
import joropo.core.verdict.Limits;

/**
 * What a kind of seal asks of the surface it runs on, and the sizes there are of it; a surface takes it from its
 * caller.
 */
public interface TrackLimits {
    /** Roughness, hardness and lead about this nominal diameter (mm). */
    TrackFinish finish(double nominalMm);

    /** Limits of the shaft about the nominal of the seal (mm). */
    Limits shaftMm(SealSystem system, double nominalMm);

    /** Every listed size, for remedies that lead to another one. */
    List<SealSize> sizes();
}
