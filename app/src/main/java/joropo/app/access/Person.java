package joropo.app.access;

import java.time.Instant;
import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * Someone who signs in.
 *
 * @param failures refused sign-ins since the last good one, @param lockedUntil no sign-in before this moment
 * @param unit unit in which a bare number is meant on this person's sheets
 */
public record Person(
        long id,
        String name,
        String fullName,
        Role role,
        String passwordHash,
        int failures,
        @Nullable Instant lockedUntil,
        LengthUnit unit,
        Theme theme,
        @Nullable String withdrawnWhy) {
    public boolean isLead() {
        return role == Role.LEAD;
    }

    public boolean mayWork() {
        return role != Role.VIEWER;
    }
}
