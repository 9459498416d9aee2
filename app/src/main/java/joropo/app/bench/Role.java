package joropo.app.bench;

/** What a section on the bench stands for: one's own trial, or one of the two of a job. */
public enum Role {
    OWN("own"),
    AS_FOUND("as found"),
    PLANNED("as planned");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
