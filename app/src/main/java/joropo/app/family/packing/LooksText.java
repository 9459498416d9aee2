package joropo.app.family.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import joropo.core.packing.RunInInput.Look;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * Looks at a packing that runs in, as they are typed: minute, drops in a minute, box °C, flats turned then; the next
 * one after a semicolon, or on the next line. A dash: not read.
 */
final class LooksText {
    static final String LABEL = "minute, drops in a minute, box °C, flats turned then; the next";
    static final String HINT = "0 60 40; 12 58 41 1; 22 30 45 - is not read";

    private static final int LEAST = 2;
    private static final int MOST = 4;

    private LooksText() {}

    /** @throws RefusedInput at no field of its own when one is no look */
    static List<Look> read(String text) {
        List<Look> out = new ArrayList<>();
        for (String look : text.split("[;\n]")) {
            if (!look.isBlank()) {
                out.add(look(look.strip()));
            }
        }
        return out;
    }

    private static Look look(String text) {
        List<@Nullable Double> figures =
                Stream.of(text.split("\\s+")).map(LooksText::number).toList();
        if (figures.size() < LEAST || figures.size() > MOST) {
            throw new RefusedInput("", "needs minute and drops of each look, got '" + text + "'");
        }
        return new Look(figures.get(0), at(figures, 3), figures.get(1), null, at(figures, 2), null);
    }

    private static @Nullable Double at(List<@Nullable Double> figures, int place) {
        return place < figures.size() ? figures.get(place) : null;
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
