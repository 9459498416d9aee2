package joropo.core.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A length as it was typed, and how it was understood. Accepted: {@code 40}, {@code 40.02}, {@code 40,02 mm},
 * {@code 1.575"}, {@code 1 9/16"}, {@code 1-9/16 in}, {@code 12 thou}, {@code 0.5 mil}, {@code 25 µm}; a bare number is
 * meant in the sheet's unit.
 *
 * @param mm millimetres; a size is above zero, a place may have either sign, neither is beyond {@link #MAX_MM}
 * @param typed what the person wrote, outer blanks off
 */
public record Length(double mm, String typed) {
    /** Millimetres in one inch, exact (standard, ISO 31-1 and the inch agreement of 1959). */
    public static final double MM_PER_INCH = 25.4;
    /** The longest length that is believed (mm, guide): beyond it the unit was surely another one. */
    public static final double MAX_MM = 5000;

    /** The smallest size that is taken (mm): a micrometre, below what a bench reads. */
    public static final double MIN_MM = 0.001;

    private static final long[] POWERS = {1, 10, 100, 1_000, 10_000};
    /** Written by hand below this, where a double still carries every digit asked for. */
    private static final double LARGEST_SHOWN = 1e9;

    private static final Pattern FRACTION =
            Pattern.compile("([+\\-]?)(?:(\\d{1,4})[\\s-])?\\s*(\\d{1,4})/(\\d{1,4})\\s*(\\D*)");
    private static final String UNDERSTOOD = "write 40, 40.02 mm, 1.575\", 1 9/16\", 12 thou or 25 µm";

    /**
     * A size such as a diameter, a width or a depth.
     *
     * @throws RefusedInput with one sentence when the text is no length, not above zero, or beyond 5 m
     */
    public static Length parseSize(String text, LengthUnit sheetUnit) {
        Length length = parsePlace(text, sheetUnit);
        if (length.mm <= 0) {
            throw refuse(NumberText.quote(text) + " is not above zero: a size is "
                    + UNDERSTOOD.replace("write ", "written "));
        }
        if (length.mm < MIN_MM) {
            throw refuse(NumberText.quote(text) + " is less than a thousandth of a millimetre: look at the unit");
        }
        return length;
    }

    /**
     * A place along the axis, a move, a protrusion or a deviation: zero and negative are allowed.
     *
     * @throws RefusedInput with one sentence when the text is no length or beyond 5 m either way
     */
    public static Length parsePlace(String text, LengthUnit sheetUnit) {
        double mm = snap(read(text, sheetUnit));
        if (Math.abs(mm) > MAX_MM) {
            throw refuse(NumberText.quote(text) + " is " + show(mm / 1000, 1) + " m, more than 5 m: look at the unit");
        }
        return new Length(mm, text.strip());
    }

    /** Whether the text names its own unit, so that the sheet's unit does not matter to it. */
    public static boolean namesUnit(String text) {
        String tail = text.strip();
        return !tail.isEmpty() && !Character.isDigit(tail.charAt(tail.length() - 1));
    }

    /** Off with the noise of binary fractions: to 1e-6 mm, before a difference meets a limit. */
    public static double snap(double mm) {
        double snapped = Math.rint(mm * 1e6) / 1e6;
        return snapped == 0 ? 0 : snapped;
    }

    /** The number with a fixed count of decimals and a decimal point, whatever the machine's language. */
    public static String show(double value, int decimals) {
        if (!(Math.abs(value) < LARGEST_SHOWN) || decimals >= POWERS.length) {
            return Double.isFinite(value)
                    ? BigDecimal.valueOf(value)
                            .setScale(decimals, RoundingMode.HALF_UP)
                            .toPlainString()
                    : String.valueOf(value);
        }
        // by hand, since a page has hundreds of them: half up, the last bits of a binary fraction not counted
        long scaled = (long) Math.floor(Math.abs(value) * POWERS[decimals] + 0.5 + 1e-7);
        String digits = Long.toString(scaled % POWERS[decimals] + POWERS[decimals]);
        return (value < 0 && scaled > 0 ? "-" : "")
                + scaled / POWERS[decimals]
                + (decimals == 0 ? "" : "." + digits.substring(1));
    }

    /** @throws IllegalArgumentException when the value (mm) is negative or not a number */
    public static double notNegative(String what, double mm) {
        if (!(mm >= 0)) {
            throw new IllegalArgumentException("Need " + what + " >= 0, got " + mm + " mm");
        }
        return mm;
    }

    private static double read(String text, LengthUnit sheetUnit) {
        String tidy = NumberText.tidy(text);
        Matcher fraction = FRACTION.matcher(tidy);
        if (fraction.matches()) {
            return fractionMm(fraction, text, sheetUnit);
        }
        NumberText number = NumberText.of(tidy);
        Double unitMm = number == null ? null : unitMm(number.unit(), sheetUnit);
        if (number == null || unitMm == null) {
            throw refuse(NumberText.quote(text) + " is not understood as a length: " + UNDERSTOOD);
        }
        return number.value() * unitMm;
    }

    private static double fractionMm(Matcher m, String text, LengthUnit sheetUnit) {
        boolean marked = !m.group(5).isBlank();
        Double unitMm = unitMm(m.group(5).strip(), sheetUnit);
        if (!marked && sheetUnit == LengthUnit.MM) {
            throw refuse(NumberText.quote(text)
                    + " is a fraction without an inch mark on a mm sheet: write it with \" or in");
        }
        double whole = m.group(2) == null ? 0 : Double.parseDouble(m.group(2));
        double numerator = Double.parseDouble(m.group(3));
        double denominator = Double.parseDouble(m.group(4));
        boolean proper = denominator > 0 && (m.group(2) == null || numerator < denominator);
        if (unitMm == null || unitMm != MM_PER_INCH || !proper) {
            throw refuse(NumberText.quote(text)
                    + " is not understood as a fraction of an inch: write 1 9/16\", 1-9/16 in or 63/64\"");
        }
        double inches = whole + numerator / denominator;
        return (m.group(1).equals("-") ? -inches : inches) * MM_PER_INCH;
    }

    private static @Nullable Double unitMm(String unit, LengthUnit sheetUnit) {
        return switch (unit.toLowerCase(Locale.ROOT)) {
            case "" -> sheetUnit.mm();
            case "mm" -> 1.0;
            case "\"", "\u2033", "\u201d", "in", "in.", "inch" -> MM_PER_INCH;
            case "thou", "mil" -> MM_PER_INCH / 1000;
            case "\u00b5m", "\u03bcm", "um" -> 0.001;
            default -> null;
        };
    }

    private static RefusedInput refuse(String sentence) {
        return new RefusedInput("", sentence);
    }
}
