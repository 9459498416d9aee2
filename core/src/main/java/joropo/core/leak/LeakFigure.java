package joropo.core.leak;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Quantity;
import joropo.core.units.RefusedInput;
import joropo.core.units.Unit;
import org.jspecify.annotations.Nullable;

/** A reading of a leak watch as it is typed: one number, or what was counted. */
public final class LeakFigure {
    /** Grease, in g of a mL (guide). */
    private static final double GREASE_G_PER_ML = 0.9;
    /** Litres typed for millilitres, or the other way round: so far apart, give or take this factor. */
    private static final double THOUSAND = 1000;

    private static final double ABOUT = 4;
    private static final double SECONDS = 60;
    private static final Pattern COUNTED =
            Pattern.compile("(\\d{1,4})\\s*(?:drops?)?\\s+in\\s+(\\d{1,3}(?:[.,]\\d)?)\\s*(min|s)");
    private static final Pattern SHOTS = Pattern.compile("(\\d{1,4})\\s*shots?");

    private LeakFigure() {}

    /**
     * Reads one figure: {@code 42}, {@code 42,5 mL}, {@code 0.4 L}, {@code 12 shots}, {@code 7 drops in 3 min},
     * {@code 118 mm}, {@code 5.8 bar}.
     *
     * @param shotG what the gun gives at one stroke (g), absent: shots are not understood
     * @param before figures read here before, in the kind's unit; a bare volume a thousand times off is asked back
     * @return in the kind's unit
     * @throws RefusedInput with one sentence at no field of its own
     */
    public static double parse(
            LeakKind kind, String text, LengthUnit unit, @Nullable Double shotG, List<Double> before) {
        return switch (kind) {
            case DROPS -> drops(text.strip());
            case BOTTLE, OIL_ADDED -> volume(text.strip(), shotG, before);
            case LEVEL -> Length.parsePlace(text, unit).mm();
            case PRESSURE -> Quantity.parse(text, Unit.MPA).base();
        };
    }

    private static double drops(String text) {
        Matcher m = COUNTED.matcher(text);
        if (!m.matches()) {
            return Quantity.plain(text.replaceAll("\\s*drops?(/min)?$", ""), "");
        }
        double time = Double.parseDouble(m.group(2).replace(',', '.'));
        double minutes = m.group(3).equals("s") ? time / SECONDS : time;
        if (minutes <= 0) {
            throw new RefusedInput("", "needs a time above 0");
        }
        return Integer.parseInt(m.group(1)) / minutes;
    }

    private static double volume(String text, @Nullable Double shotG, List<Double> before) {
        Matcher shots = SHOTS.matcher(text);
        if (shots.matches()) {
            if (shotG == null) {
                throw new RefusedInput("", "is told in shots, and what one shot gives is not known: write mL");
            }
            return Integer.parseInt(shots.group(1)) * shotG / GREASE_G_PER_ML;
        }
        double ml = Quantity.parse(text, Unit.ML).base();
        boolean bare = Character.isDigit(text.charAt(text.length() - 1));
        double usual = before.stream()
                .filter(b -> b > 0)
                .sorted()
                .skip(before.stream().filter(b -> b > 0).count() / 2)
                .findFirst()
                .orElse(0.0);
        if (bare && ml > 0 && usual > 0) {
            double off = usual / ml;
            if (off > THOUSAND / ABOUT && off < THOUSAND * ABOUT) {
                throw new RefusedInput("", "looks like litres, the readings before are millilitres: write the unit");
            }
            if (1 / off > THOUSAND / ABOUT && 1 / off < THOUSAND * ABOUT) {
                throw new RefusedInput("", "is a thousand times the readings before: write the unit");
            }
        }
        return ml;
    }
}
