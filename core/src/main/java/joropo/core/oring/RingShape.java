package joropo.core.oring;

/** Section of an elastic ring. */
public enum RingShape {
    O("O-ring"),
    SQUARE("square ring");

    private final String words;

    RingShape(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
