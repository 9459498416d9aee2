package joropo.app.access;

/**
 * What a person may do: a viewer reads, a fitter works on jobs, a lead also looks after people and agrees to
 * concessions.
 */
public enum Role {
    FITTER("fitter"),
    LEAD("lead"),
    VIEWER("viewer");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
