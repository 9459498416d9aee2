package joropo.app.family.packing;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.packing.RunInInput.Look;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * Looks at a packing that runs in, as they are typed: minute, drops in a minute, box °C, flats turned then, the gap of
 * the gland at four places; the next one after a semicolon, or on the next line. A dash: not read. A line without drops
 * and with flats is a turn that came just after the look before it.
 */
final class LooksText {
    static final String LABEL = "minute, drops in a minute, box °C, flats turned then, gland gaps; the next";
    static final String HINT = "0 60 40; 12 58 41 1 9/9.1/9/9.2; 22 30 45; - is not read";
    /** A turn that comes later than this after its look was made blind (min). */
    static final double SOON_MIN = 2;

    /** Two in the same breath stand one after the other (min). */
    private static final double NEXT_MIN = 0.01;

    private static final int LEAST = 2;
    private static final int BEFORE_GAPS = 4;
    private static final int MOST = 5;
    /** The four gaps as words of their own. */
    private static final int GAPS_APART = BEFORE_GAPS + 4;

    private LooksText() {}

    /** @throws RefusedInput at no field of its own when one is no look */
    static List<Look> read(String text) {
        List<Look> out = new ArrayList<>();
        for (String line : lines(text)) {
            add(out, line.strip());
        }
        return out;
    }

    private static List<String> lines(String text) {
        return Arrays.stream(text.split("[;\n]")).filter(l -> !l.isBlank()).toList();
    }

    private static void add(List<Look> looks, String text) {
        List<String> words = words(text);
        if (words.size() < LEAST || words.size() > MOST) {
            throw new RefusedInput(
                    "", "needs minute and drops of each look, such as 12 58 41 1 9/9.1/9/9.2, got '" + text + "'");
        }
        Double minute = number(words.get(0));
        Double drops = number(words.get(1));
        Double flats = at(words, 3);
        if (drops == null && flats != null && minute != null && !looks.isEmpty()) {
            looks.add(turned(looks.remove(looks.size() - 1), minute, flats));
            return;
        }
        looks.add(new Look(minute, flats, drops, null, at(words, 2), words.size() < MOST ? null : gaps(words.get(4))));
    }

    /** Parted by spaces, with or without a comma; the gaps are one word, however they were parted. */
    private static List<String> words(String text) {
        List<String> words = List.of(text.replaceAll(",(?=\\s|$)", " ").strip().split("\\s+"));
        return words.size() != GAPS_APART
                ? words
                : Stream.concat(
                                words.subList(0, BEFORE_GAPS).stream(),
                                Stream.of(String.join("/", words.subList(BEFORE_GAPS, GAPS_APART))))
                        .toList();
    }

    private static Look turned(Look look, double minute, double flats) {
        if (minute < look.minute() || minute > look.minute() + SOON_MIN) {
            throw new RefusedInput("", "was turned without a look just before: count the drops first");
        }
        double all = flats + (look.flats() == null ? 0 : look.flats());
        return new Look(look.minute(), all, look.dropsPerMinute(), look.mlPerMinute(), look.boxC(), look.gapsMm());
    }

    /** A text with one more line at its place in time; one that it holds already is left alone. */
    static String with(String text, String line) {
        List<String> lines =
                new ArrayList<>(lines(text).stream().map(String::strip).toList());
        if (lines.contains(line)) {
            return text;
        }
        double minute = minute(line);
        if (lines.stream().anyMatch(l -> minute(l) == minute)) {
            return with(text, text(minute + NEXT_MIN) + line.substring(line.indexOf(' ')));
        }
        int at = lines.size();
        while (at > 0 && minute(lines.get(at - 1)) > minute) {
            at--;
        }
        lines.add(at, line);
        return String.join("\n", lines);
    }

    private static double minute(String line) {
        Double minute = number(words(line).get(0));
        return minute == null ? 0 : minute;
    }

    /** @param drops absent: a turn alone */
    static String line(
            double minute,
            @Nullable Double drops,
            @Nullable Double boxC,
            @Nullable Double flats,
            @Nullable List<Double> gapsMm) {
        List<String> words = new ArrayList<>(List.of(
                text(minute),
                dash(drops),
                dash(boxC),
                dash(flats == null || flats == 0 ? null : flats),
                gapsMm == null ? "-" : gapsMm.stream().map(LooksText::text).collect(Collectors.joining("/"))));
        while (words.size() > LEAST + 1 && words.get(words.size() - 1).equals("-")) {
            words.remove(words.size() - 1);
        }
        return String.join(" ", words);
    }

    private static String dash(@Nullable Double value) {
        return value == null ? "-" : text(value);
    }

    static String text(double value) {
        return BigDecimal.valueOf(Math.rint(value * 100) / 100)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static @Nullable List<Double> gaps(String text) {
        if (text.equals("-")) {
            return null;
        }
        List<@Nullable Double> all =
                Stream.of(text.split("/")).map(LooksText::number).toList();
        return all.stream().anyMatch(g -> g == null) ? List.of() : List.copyOf(all);
    }

    private static @Nullable Double at(List<String> words, int place) {
        return place < words.size() ? number(words.get(place)) : null;
    }

    private static @Nullable Double number(String text) {
        if (text.equals("-")) {
            return null;
        }
        try {
            return Double.valueOf(text.replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new RefusedInput("", "has '" + text + "' where a number belongs");
        }
    }
}
