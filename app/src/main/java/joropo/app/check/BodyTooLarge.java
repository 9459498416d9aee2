package joropo.app.check;

import java.io.IOException;

/** More was sent than a check ever needs. */
final class BodyTooLarge extends IOException {
    static final int MOST_BYTES = 256 * 1024;
    static final String MESSAGE = "The body is larger than " + MOST_BYTES / 1024 + " KiB";

    BodyTooLarge() {
        super(MESSAGE);
    }
}
