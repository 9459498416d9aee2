package joropo.core.bearing;

import java.util.Set;

/** What thickens a grease; greases of different families do not mix (guide). */
public enum Soap {
    LITHIUM("lithium"),
    LITHIUM_COMPLEX("lithium complex"),
    CALCIUM("calcium"),
    CALCIUM_SULFONATE("calcium sulfonate"),
    POLYUREA("polyurea"),
    BENTONITE("bentonite"),
    SODIUM("sodium");

    private static final Set<Soap> MIX = Set.of(LITHIUM, LITHIUM_COMPLEX);

    private final String words;

    Soap(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    boolean mixesWith(Soap other) {
        return this == other || MIX.contains(this) && MIX.contains(other);
    }
}
