package joropo.app.settings;

import org.jspecify.annotations.Nullable;

/**
 * A driver of the workshop's set, or one made for a position.
 *
 * @param note what it is, such as "disc" or "turned for the mill 2 reducer", @param positionId absent: of the set
 */
public record OwnDriver(
        long id,
        double outsideMm,
        String note,
        @Nullable Long positionId,
        @Nullable String positionName,
        @Nullable String withdrawnWhy) {}
