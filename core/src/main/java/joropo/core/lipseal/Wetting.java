package joropo.core.lipseal;

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

    double heat() {
        return heat;
    }

    boolean isDry() {
        return this == GREASE || this == POOR;
    }
}
