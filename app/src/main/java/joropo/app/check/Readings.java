package joropo.app.check;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import joropo.core.assembly.ClockingInput;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Quantity;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/** Readings that are typed in one line, parted by blanks or semicolons, in mm. */
public final class Readings {
    public static final String HINT = "in turn from 12, clockwise, parted by blanks";

    private Readings() {}

    /** @throws RefusedInput at that field, when one is no length */
    private static @Nullable List<Double> of(Map<String, Object> values, String field) {
        if (!(values.get(field) instanceof String text)) {
            return null;
        }
        try {
            return of(text);
        } catch (RefusedInput e) {
            throw new RefusedInput(field, e.errors().get(0).message());
        }
    }

    /** @throws RefusedInput at no field of its own, when one is no length */
    public static List<Double> of(String text) {
        return Arrays.stream(text.strip().split("\\s*;\\s*|\\s+"))
                .map(t -> Length.parsePlace(t, LengthUnit.MM).mm())
                .toList();
    }

    /** Puts the list in the place of the text. */
    static void list(Map<String, Object> values, String... fields) {
        for (String field : fields) {
            List<Double> all = of(values, field);
            if (all != null) {
                values.put(field, all);
            }
        }
    }

    /** Puts a whole number in the place of a figure. @throws RefusedInput at that field, when it is none */
    static void whole(Map<String, Object> values, String field) {
        if (values.get(field) instanceof Double typed) {
            if (typed != Math.rint(typed)) {
                throw new RefusedInput(field, "must be a whole number, got " + typed);
            }
            values.put(field, typed.intValue());
        }
    }

    /** Evenly round a turn, each with its angle. @param name of the reading */
    static void round(Map<String, Object> values, String field, String name) {
        List<Double> all = of(values, field);
        if (all == null) {
            return;
        }
        List<Map<String, Object>> out = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            out.add(Map.of("angleDeg", 360.0 * i / all.size(), name, all.get(i)));
        }
        values.put(field, out);
    }

    /**
     * Places of a coupling with their whole readings, such as {@code 0 0.08; 3 0.05}.
     *
     * @throws RefusedInput at no field of its own, when one is no such pair
     */
    public static List<ClockingInput.Trial> trials(String text) {
        List<ClockingInput.Trial> out = new ArrayList<>();
        for (String trial : text.split("[;\n]")) {
            if (trial.isBlank()) {
                continue;
            }
            String[] words = trial.strip().split("\\s+");
            if (words.length != 2) {
                throw new RefusedInput("", "needs a place and its reading, got '" + trial.strip() + "'");
            }
            double mm = Length.parsePlace(words[1], LengthUnit.MM).mm();
            double place = Quantity.plain(words[0], "");
            if (place != Math.rint(place)) {
                throw new RefusedInput("", "needs whole numbers for places, got '" + words[0] + "'");
            }
            out.add(new ClockingInput.Trial((int) place, mm));
        }
        return out;
    }
}
