package joropo.app.ui;

import java.util.regex.Pattern;

/** Text without characters that no page can show and no print can take. */
public final class PlainText {
    /** Control characters other than tab and line ends, halves of a pair, and what is no character at all. */
    private static final Pattern UNFIT =
            Pattern.compile("[\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\x7F-\\x84\\x86-\\x9F\\uFFFE\\uFFFF]|\\p{Cs}");

    private PlainText() {}

    public static String of(String text) {
        return UNFIT.matcher(text).replaceAll("");
    }
}
