package joropo.app.access;

import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * Someone who signs in.
 *
 * @param unit unit in which a bare number is meant on this person's sheets, @param shop whose person it is, absent:
 *     this one's; somebody of another shop was brought in with what they did there, and does not sign in here
 */
public record Person(
        long id,
        String name,
        String fullName,
        Role role,
        String passwordHash,
        LengthUnit unit,
        Theme theme,
        @Nullable String withdrawnWhy,
        @Nullable String shop) {
    public boolean isOfHere() {
        return shop == null;
    }

    public boolean isLead() {
        return role == Role.LEAD;
    }

    public boolean mayWork() {
        return role != Role.VIEWER;
    }
}
