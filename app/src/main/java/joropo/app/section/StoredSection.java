package joropo.app.section;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A section on the bench with the move it stands at.
 *
 * @param atMove number of that move, @param what it did, in words, @param section as it is since, as JSON
 * @param beforeId the move before it, absent: it is the first, @param run name of a run of typing or nudging that
 *     counts as one move, @param wrote what it wrote on the sheets of its job, as JSON; absent: nothing, or it is older
 */
record StoredSection(
        long id,
        @Nullable Long jobId,
        @Nullable String jobNumber,
        @Nullable String jobState,
        SectionRole role,
        String madeBy,
        Instant madeAt,
        long atMove,
        @Nullable String withdrawnWhy,
        String what,
        String section,
        Instant movedAt,
        @Nullable Long beforeId,
        @Nullable String run,
        @Nullable String wrote) {

    /** A section of a signed or withdrawn job, and one that was put away, stays as it is. */
    public boolean isOpen() {
        return withdrawnWhy == null && (jobState == null || jobState.equals("OPEN"));
    }
}
