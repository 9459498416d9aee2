package joropo.app.ui;

/** What was asked for changes something that is not changed any more: signed, withdrawn, put away. */
public class Closed extends RuntimeException {
    /** @param sentence that says so */
    public Closed(String sentence) {
        super(sentence);
    }
}
