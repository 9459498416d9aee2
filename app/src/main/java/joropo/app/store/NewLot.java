package joropo.app.store;

import io.soabase.recordbuilder.core.RecordBuilder;
import joropo.core.arrangement.PartKind;
import joropo.core.material.CureQuarter;
import org.jspecify.annotations.Nullable;

/** A lot that is to be received. */
@RecordBuilder
record NewLot(
        PartKind kind,
        String name,
        String size,
        @Nullable String material,
        String batch,
        @Nullable CureQuarter cured,
        String place,
        String source,
        int count) {
    /** Whether it would be the same parts in the same place. */
    boolean liesWith(Lot lot) {
        return lot.kind() == kind
                && lot.size().equals(size)
                && lot.batch().equals(batch)
                && lot.place().equals(place);
    }

    boolean liesWith(NewLot lot) {
        return lot.kind() == kind
                && lot.size().equals(size)
                && lot.batch().equals(batch)
                && lot.place().equals(place);
    }
}
