package joropo.core.section;

/** How full a space stands of its medium. */
public enum Level {
    FULL("full"),
    SPLASH("splashed"),
    PARTIAL("a third to a half"),
    DRY("dry");

    private final String words;

    Level(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
