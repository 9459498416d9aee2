package joropo.core.lipseal;

/** The shaft's end that passes under the lip, as the eye and a finger find it: the worst edge on the way. */
public enum ShaftEnd {
    FULL_CHAMFER("full chamfer, smooth"),
    ROUNDED("edge rounded only"),
    SHARP("sharp edge or burr"),
    KEYWAY_OR_THREAD("keyway or thread on the way"),
    SPLINE("splines on the way"),
    RING_GROOVE("ring groove on the way"),
    CROSS_HOLE("cross hole on the way"),
    STEP("step without chamfer on the way");

    private final String words;

    ShaftEnd(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether a chamfer at the end does not help, since the edge lies further along. */
    boolean liesOnTheWay() {
        return compareTo(SHARP) > 0;
    }
}
