package joropo.app.ui;

import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.core.units.Length;

/**
 * A page for somebody who thinks in inches: each length that it says in millimetres, in a sentence, beside its unit or
 * on a drawing, is said in inches. What was typed, and what stands as the second unit (class {@code as-is}), stays.
 */
public final class InInches {
    private static final String NUMBER = "(?<![\\w.])[-−+±]?\\d+(?:\\.\\d+)?(?![\\w.]*\\w)";
    private static final Pattern ONE = Pattern.compile("(?<![\\w.])([-−+±]?)(\\d+(?:\\.\\d+)?)(?![\\w.]*\\w)");
    private static final Pattern IN_WORDS = Pattern.compile("(" + NUMBER + "(?:(?: to | by | x | and | or |, )" + NUMBER
            + ")*) ?mm\\b(?![²³/])(, gauge " + NUMBER + ")?");
    private static final Pattern DIAMETER = Pattern.compile("Ø (" + NUMBER + ")(?! ?(?:mm|in)\\b)");
    /** What is left as it is; a figure with its unit in an element of its own; a text of a drawing; any other tag. */
    private static final Pattern PIECES =
            Pattern.compile("(?s)(?<asis><(?<tag>\\w+)\\b[^>]*\\bclass=\"[^\"]*\\bas-is\\b[^>]*>.*?</\\k<tag>>"
                    + "|<(?<raw>textarea|script|style)\\b.*?</\\k<raw>>)"
                    + "|(?<start><\\w+[^>]*\\bclass=\"(?:[^\"]* )?n(?: [^\"]*)?\"[^>]*>)(?<figure>[^<]*)"
                    + "(?<between></\\w+>\\s*<span class=\"u\"[^>]*>)mm(?=</span>)"
                    + "|<text(?<before>[^>]*) data-mm=\"\"(?<after>[^>]*)>(?<label>.*?)</text>"
                    + "|<(?<other>[^>]*)>");

    private static final Pattern SAID = Pattern.compile("\\b(aria-label|title|placeholder)=\"([^\"]*)\"");
    private static final Pattern POINT = Pattern.compile("<tspan dx=\"([^\"]*)\">(.*?)</tspan>");
    private static final int MOST_DECIMALS = 5;

    private InInches() {}

    /** @param html a page or a part of one */
    public static String page(String html) {
        var out = new StringBuilder(html.length() + 64);
        Matcher piece = PIECES.matcher(html);
        int at = 0;
        while (piece.find()) {
            out.append(words(html.substring(at, piece.start()))).append(piece(piece));
            at = piece.end();
        }
        return out.append(words(html.substring(at))).toString();
    }

    private static String piece(Matcher piece) {
        if (piece.group("asis") != null) {
            return piece.group();
        }
        if (piece.group("figure") != null) {
            return piece.group("start") + figures(piece.group("figure")) + piece.group("between") + "in";
        }
        if (piece.group("label") != null) {
            return "<text" + piece.group("before") + piece.group("after") + ">" + label(piece.group("label"))
                    + "</text>";
        }
        return SAID.matcher(piece.group())
                .replaceAll(m -> Matcher.quoteReplacement(m.group(1) + "=\"" + words(m.group(2)) + "\""));
    }

    /** A sentence. */
    public static String words(String text) {
        String converted = IN_WORDS.matcher(text)
                .replaceAll(m -> Matcher.quoteReplacement(
                        figures(m.group(1)) + " in" + (m.group(2) == null ? "" : figures(m.group(2)))));
        return DIAMETER.matcher(converted)
                .replaceAll(m -> Matcher.quoteReplacement("Ø " + figures(m.group(1)) + " in"));
    }

    private static String label(String drawn) {
        Matcher point = POINT.matcher(drawn);
        String by = point.find() ? point.group(1) : "";
        String figures = figures(point.replaceAll("$2"));
        int at = figures.indexOf('.');
        return by.isEmpty() || at < 0
                ? figures
                : figures.substring(0, at + 1) + "<tspan dx=\"" + by + "\">" + figures.substring(at + 1) + "</tspan>";
    }

    private static String figures(String text) {
        return ONE.matcher(text).replaceAll(InInches::inch);
    }

    private static String inch(MatchResult mm) {
        double value = Double.parseDouble(mm.group(2));
        int point = mm.group(2).indexOf('.');
        int decimals = point < 0 ? 0 : mm.group(2).length() - point - 1;
        int shown = decimals < 2 ? 3 : value >= 1 ? 4 : Math.min(MOST_DECIMALS, decimals + 2);
        return mm.group(1) + Length.show(value / Length.MM_PER_INCH, shown);
    }
}
