package joropo.core.bearing;

/** What the tool presses or pulls on. */
public enum Force {
    INNER("the inner ring"),
    OUTER("the outer ring"),
    BOTH("both rings, by a plate");

    private final String words;

    Force(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    boolean reaches(Ring ring) {
        return this == BOTH || name().equals(ring.name());
    }
}
