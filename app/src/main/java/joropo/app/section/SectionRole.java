package joropo.app.section;

/** What a section on the bench stands for: one's own trial, or one of the two of a job. */
public enum SectionRole {
    OWN("own"),
    AS_FOUND("as found"),
    PLANNED("as planned");

    private final String words;

    SectionRole(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
