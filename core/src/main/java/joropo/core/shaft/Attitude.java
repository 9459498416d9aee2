package joropo.core.shaft;

/** How the shaft lies. */
public enum Attitude {
    HORIZONTAL("horizontal"),
    OUTSIDE_UP("upright, outside on top"),
    OUTSIDE_DOWN("upright, outside at the bottom");

    private final String words;

    Attitude(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
