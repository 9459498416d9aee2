package joropo.app.ui;

import joropo.core.shaft.SurfaceSpeed;
import joropo.core.sizes.SealSize;
import joropo.core.units.Day;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Quantity;
import joropo.core.units.RefusedInput;
import joropo.core.units.Unit;

/** Reads what was typed into a field: a number, a size, a date, a choice. */
public final class FieldReader {
    private static final int LONGEST_LINE = 120;
    private static final int LONGEST_NOTE = 1000;
    private static final double MOST_HOURS = 1_000_000;
    private static final double HOTTEST_C = 400;
    private static final double COLDEST_C = -100;
    private static final double MOST_MPA = 100;

    private FieldReader() {}

    /**
     * What a text means: a figure, a {@link SealSize}, words, a choice; a date is its ISO text.
     *
     * @param typed not blank, @param unit what a bare length means
     * @throws RefusedInput saying what would have been understood
     */
    public static <T> T read(Field<T> field, String typed, LengthUnit unit, Field.ShopLists lists) {
        return field.meaning(raw(field, typed.strip(), unit, lists));
    }

    private static Object raw(Field<?> field, String text, LengthUnit unit, Field.ShopLists lists) {
        return switch (field.kind()) {
            case SIZE -> Length.parseSize(text, unit).mm();
            case PLACE -> Length.parsePlace(text, unit).mm();
            case PLAY -> atLeastZero(Length.parsePlace(text, unit).mm());
            case NUMBER -> number(field.range(), text);
            case HOURS -> within(Quantity.parse(text, Unit.HOUR).base(), 0, MOST_HOURS, "h");
            case SPEED -> within(Quantity.parse(text, Unit.RPM).base(), 0, SurfaceSpeed.MOST_RPM, "rpm");
            case PRESSURE -> within(Quantity.parse(text, Unit.MPA).base(), -1, MOST_MPA, "MPa");
            case TEMPERATURE -> within(Quantity.parse(text, Unit.CELSIUS).base(), COLDEST_C, HOTTEST_C, "°C");
            case SEAL_SIZE -> SealSize.parse(text, unit);
            case DATE -> Day.parse(text).toString();
            case LINE -> within(text, LONGEST_LINE);
            case NOTE ->
                within(
                        text,
                        field.range() == null
                                ? LONGEST_NOTE
                                : (int) field.range().high());
            case TICK -> "yes";
            case CHOICE -> listed(field, text, lists);
        };
    }

    private static Double number(Field.Range range, String text) {
        return within(Quantity.plain(text, range.unit()), range.low(), range.high(), range.unit());
    }

    private static Double atLeastZero(double mm) {
        if (mm < 0) {
            throw new RefusedInput("", "cannot be below zero, got " + Length.show(mm, 3) + " mm");
        }
        return mm;
    }

    private static Double within(double value, double low, double high, String unit) {
        if (value < low || value > high) {
            throw new RefusedInput(
                    "",
                    "must lie between " + Length.show(low, 0) + " and " + Length.show(high, 0) + " " + unit
                            + ": look at the figure");
        }
        return value;
    }

    private static String within(String text, int most) {
        if (text.length() > most) {
            throw new RefusedInput("", "has room for " + most + " characters, got " + text.length());
        }
        return text;
    }

    private static String listed(Field<?> field, String text, Field.ShopLists lists) {
        if (field.offered(lists, text).stream().noneMatch(c -> c.value().equals(text))) {
            throw new RefusedInput("", "is not one of the list");
        }
        return text;
    }
}
