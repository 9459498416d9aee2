package joropo.core.section;

/** How a space is fed with grease. */
public enum GreaseFeed {
    NONE("not fed"),
    METERED("metered shots"),
    GUN("grease gun"),
    AUTOMATIC("automatic feed");

    private final String words;

    GreaseFeed(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
