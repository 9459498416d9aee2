package joropo.app.database;

import java.io.IOException;

/** What could not be done with the records, in a sentence that says what to do. */
public final class NotDone extends IOException {
    private static final long serialVersionUID = 1;

    public NotDone(String sentence) {
        super(sentence);
    }
}
