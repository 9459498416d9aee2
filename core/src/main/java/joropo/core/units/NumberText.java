package joropo.core.units;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A plain decimal number followed by a unit or nothing; comma and point are both decimal marks, exponents are refused.
 */
record NumberText(double value, String unit) {
    private static final int LONGEST = 40;
    private static final Pattern FORM =
            Pattern.compile("([+\\-]?)(\\d{1,12}(?:[.,]\\d{1,12})?|[.,]\\d{1,12})\\s*(\\D*)");

    /** The text split into number and unit, or null when it is no such thing. */
    static @Nullable NumberText of(String text) {
        Matcher m = FORM.matcher(tidy(text));
        if (!m.matches()) {
            return null;
        }
        double size = Double.parseDouble(m.group(2).replace(',', '.'));
        return new NumberText(m.group(1).equals("-") ? -size : size, m.group(3).strip());
    }

    /** Outer blanks off, the typographic minus and no-break space as plain ones. */
    static String tidy(String text) {
        return text.length() > 4 * LONGEST
                ? ""
                : text.replace('\u2212', '-').replace('\u00a0', ' ').strip();
    }

    /** The text as it can be quoted in a sentence, cut when long. */
    static String quote(String text) {
        String oneLine = text.strip().replaceAll("\\s+", " ");
        return oneLine.length() <= LONGEST
                ? "'" + oneLine + "'"
                : "'" + oneLine.substring(0, LONGEST) + "…' (" + text.length() + " characters)";
    }
}
