package joropo.core.shaft;

/** Turning direction of the shaft as seen from outside. */
public enum Rotation {
    CW("clockwise"),
    CCW("anticlockwise"),
    BOTH("both ways");

    private final String words;

    Rotation(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
