package joropo.core.bearing;

/** The two rings of a bearing. */
public enum Ring {
    INNER("inner ring"),
    OUTER("outer ring");

    private final String words;

    Ring(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public Ring other() {
        return this == INNER ? OUTER : INNER;
    }
}
