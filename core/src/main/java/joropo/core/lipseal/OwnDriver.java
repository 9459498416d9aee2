package joropo.core.lipseal;

import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * One driver of the shop's own set; mm.
 *
 * @param form absent: DISC, @param insideMm what it is hollow to, @param hollowDepthMm how deep, @param stop whether it
 *     stops at depth by itself, absent: no
 */
public record OwnDriver(
        Double outsideMm,
        @Nullable Form form,
        @Nullable Double insideMm,
        @Nullable Double hollowDepthMm,
        @Nullable Boolean stop) {
    /** What it looks like from the side that meets the seal. */
    public enum Form {
        DISC,
        RING,
        TUBE,
        STEPPED
    }

    public OwnDriver {
        new Needs()
                .size("outsideMm", outsideMm)
                .optionalSize("insideMm", insideMm)
                .that(
                        "insideMm",
                        insideMm == null || outsideMm == null || insideMm < outsideMm,
                        "must be below the outside, got " + insideMm)
                .optionalSize("hollowDepthMm", hollowDepthMm)
                .done();
        form = form == null ? Form.DISC : form;
    }

    /** A plain disc. */
    static OwnDriver disc(double outsideMm) {
        return new OwnDriver(outsideMm, Form.DISC, null, null, null);
    }

    boolean stops() {
        return Boolean.TRUE.equals(stop);
    }
}
