package joropo.app.drawing;

/** Which way outside lies. The parts are drawn the same; the paper is turned. */
public enum Orientation {
    OUTSIDE_LEFT("outside left", 1, 0),
    OUTSIDE_RIGHT("outside right", -1, 0),
    OUTSIDE_UP("outside up", 0, 1),
    OUTSIDE_DOWN("outside down", 0, -1);

    private final String words;
    final int inwardX;
    final int inwardY;

    Orientation(String words, int inwardX, int inwardY) {
        this.words = words;
        this.inwardX = inwardX;
        this.inwardY = inwardY;
    }

    public String words() {
        return words;
    }

    /** The one that comes after it when the paper is turned on. */
    public Orientation next() {
        return values()[(ordinal() + 1) % values().length];
    }

    public boolean isUpright() {
        return inwardX == 0;
    }

    /** Whether the paper is turned over, left for right, before it is turned up. */
    boolean mirrors() {
        return this == OUTSIDE_RIGHT || this == OUTSIDE_UP;
    }
}
