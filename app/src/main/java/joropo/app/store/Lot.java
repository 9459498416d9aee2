package joropo.app.store;

import java.time.LocalDate;
import joropo.core.arrangement.PartKind;
import joropo.core.material.CureQuarter;
import org.jspecify.annotations.Nullable;

/**
 * Parts of one batch in one place.
 *
 * @param size as typed, a lip seal's as shaft x bore x width, @param material code, absent for parts without
 *     rubber, @param cured absent where nobody knows
 * @param source who brought it, @param onHand how many are there, @param inspection the one that extended it, absent:
 *     none
 */
public record Lot(
        long id,
        PartKind kind,
        String name,
        String size,
        @Nullable String material,
        String batch,
        @Nullable CureQuarter cured,
        String place,
        String source,
        LocalDate receivedOn,
        int onHand,
        @Nullable String inspection,
        @Nullable String withdrawnWhy) {
    /** What it is, in words. */
    public String words() {
        return (name.isBlank() ? kind.words() : name)
                + (size.isBlank() ? "" : " " + size)
                + (material == null || size.isBlank() && name.endsWith(", " + material) ? "" : ", " + material);
    }
}
