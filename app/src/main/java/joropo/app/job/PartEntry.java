package joropo.app.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import joropo.core.material.CureQuarter;
import joropo.core.plan.Part;
import joropo.core.plan.PartState;
import joropo.core.plan.StockMatch;
import org.jspecify.annotations.Nullable;

/**
 * What was decided about a part of the list. @param lotId where it was taken from, absent: not from the store, @param
 * count for how many,
 *
 * @param size, @param material what it was decided for; absent: whatever it is made of, @param followUp what is to
 *     follow where it could not be had
 */
@RecordBuilder
public record PartEntry(
        String part,
        PartState state,
        @Nullable Long lotId,
        @Nullable String batch,
        @Nullable CureQuarter cured,
        int count,
        String size,
        @Nullable String material,
        String reason,
        String followUp,
        String personName,
        Instant enteredAt) {
    /**
     * Whether it still speaks of this part: more of them, another size or another material may have been decided since.
     */
    boolean isFor(Part part) {
        return count >= part.count()
                && StockMatch.sameFigures(size, part.size())
                && (material == null || part.material() == null || material.equals(part.material()));
    }

    /** All of it in words, as it stands on the card. */
    public String words() {
        return state.words()
                + (batch == null ? "" : ", batch " + batch)
                + (cured == null ? "" : ", cured " + cured)
                + (reason.isBlank() ? "" : ": " + reason)
                + (followUp.isBlank() ? "" : "; to follow: " + followUp);
    }
}
