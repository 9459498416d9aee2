package joropo.core.oring;

/** How the parts that a ring seals move against each other. */
public enum RingMotion {
    STATIC("not moving"),
    RECIPROCATING("moving along the axis"),
    ROTARY("turning");

    private final String words;

    RingMotion(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
