package joropo.core.assembly;

/** One full turn by hand. */
public enum HandTurn {
    EVEN("even drag, no scrape"),
    TIGHT_PLACE("tight in one place"),
    SCRAPE("scrapes"),
    CLICK("clicks");

    private final String words;

    HandTurn(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
