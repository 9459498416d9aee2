package joropo.core.assembly;

/** The seal after the first run, warm. */
public enum FirstRun {
    DRY("dry"),
    SWEATING("sweating: a film, no drop"),
    SEEPING("seeping: a drop within 10 min"),
    DRIPPING("dripping"),
    RUNNING("running");

    private final String words;

    FirstRun(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
