package joropo.app.access;

import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * Someone who signs in.
 *
 * @param unit unit in which a bare number is meant on this person's sheets
 */
public record Person(
        long id,
        String name,
        String fullName,
        Role role,
        String passwordHash,
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
