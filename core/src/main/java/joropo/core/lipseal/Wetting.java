package joropo.core.lipseal;

import joropo.core.material.Medium;
import org.jspecify.annotations.Nullable;

/** How the medium reaches the lip, with how much hotter than in oil the lip then runs (guide). */
public enum Wetting {
    BATH("oil bath", 1),
    SPLASH("splashed", 1),
    GREASE("greased", 1.5),
    POOR("hardly wetted", 2);

    private final String words;
    private final double heat;

    Wetting(String words, double heat) {
        this.words = words;
        this.heat = heat;
    }

    public String words() {
        return words;
    }

    /**
     * Whether it can be so: grease is no bath, and where a liquid is kept the lip is not greased.
     *
     * @param outside absent: air
     */
    public boolean goesWith(Medium inside, @Nullable Medium outside) {
        boolean keepsInside = inside != Medium.AIR && inside != Medium.VACUUM;
        Medium wets = keepsInside || outside == null ? inside : outside;
        return switch (this) {
            case GREASE -> !wets.isLiquid();
            case BATH, SPLASH -> wets != Medium.GREASE;
            case POOR -> true;
        };
    }

    double heat() {
        return heat;
    }

    boolean isDry() {
        return this == GREASE || this == POOR;
    }
}
