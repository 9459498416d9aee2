package joropo.core.lipseal;

/** The shaft's end that passes under the lip, as the eye and a finger find it. */
public enum ShaftEnd {
    FULL_CHAMFER("full chamfer, smooth"),
    ROUNDED("edge rounded only"),
    SHARP("sharp edge or burr"),
    KEYWAY_OR_THREAD("keyway, spline or thread on the way");

    private final String words;

    ShaftEnd(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
