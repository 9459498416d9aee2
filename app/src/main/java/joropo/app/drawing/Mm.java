package joropo.app.drawing;

import joropo.core.units.Length;

/** Lengths on a drawing: marked, so that a reader who thinks in inches can be shown them in inches. */
final class Mm {
    /** Seen by nobody: it goes before a figure that is a length. */
    private static final char MARK = '\u2063';
    /** What a text of a picture bears that holds lengths. */
    private static final String ATTRIBUTE = " data-mm=\"\"";

    private Mm() {}

    static String show(double mm, int decimals) {
        return MARK + Length.show(mm, decimals);
    }

    /** The text as it is read. */
    static String plain(String text) {
        return text.indexOf(MARK) < 0 ? text : text.replace(String.valueOf(MARK), "");
    }

    /** For the element of a text, empty where it holds no length. */
    static String attribute(String text) {
        return text.indexOf(MARK) < 0 ? "" : ATTRIBUTE;
    }
}
