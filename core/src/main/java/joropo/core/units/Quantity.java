package joropo.core.units;

import org.jspecify.annotations.Nullable;

/**
 * A pressure, temperature, torque, mass, volume or speed as it was typed.
 *
 * @param base the value in the first unit of its kind (MPa, °C, N·m, kg, mL, rpm, m/s)
 * @param unit the unit that was written, or the sheet's when none was
 * @param typed what the person wrote, outer blanks off
 */
public record Quantity(double base, Unit unit, String typed) {
    /**
     * Reads a number with a unit of the same kind as {@code sheetUnit}, or without one. "drops" is understood only
     * where the sheet's unit says drops of what.
     *
     * @throws RefusedInput with one sentence when it is no such quantity, or below what can be
     */
    public static Quantity parse(String text, Unit sheetUnit) {
        NumberText number = NumberText.of(text);
        Unit unit = number == null ? null : unitOf(number.unit(), sheetUnit);
        Unit.Kind kind = sheetUnit.kind();
        if (number == null || unit == null) {
            throw new RefusedInput(
                    "",
                    NumberText.quote(text) + " is not understood as a " + kind.word() + ": write a number, with "
                            + sheetUnit.symbol() + " or another unit of " + kind.word() + " behind it");
        }
        double base = unit.toBase(number.value());
        if (base < kind.least() - 1e-9) {
            throw new RefusedInput(
                    "",
                    NumberText.quote(text) + " is below " + Length.show(sheetUnit.fromBase(kind.least()), 1) + " "
                            + sheetUnit.symbol() + ", the least " + kind.word() + " there is");
        }
        return new Quantity(base, unit, text.strip());
    }

    /**
     * Reads a number of a kind that has one unit only, written behind it or not.
     *
     * @param symbol the unit, empty for a bare count
     * @throws RefusedInput with one sentence when it is no number
     */
    public static double plain(String text, String symbol) {
        NumberText number = NumberText.of(text);
        if (number == null
                || !number.unit().isEmpty()
                        && !number.unit().equals(symbol)
                        && !(number.unit() + symbol).equals("um\u00b5m")) {
            throw new RefusedInput(
                    "",
                    NumberText.quote(text) + " is not understood: write a number"
                            + (symbol.isEmpty() ? "" : " in " + symbol));
        }
        return number.value();
    }

    private static @Nullable Unit unitOf(String written, Unit sheetUnit) {
        if (written.isEmpty() || written.equals(sheetUnit.symbol())) {
            return sheetUnit;
        }
        for (Unit unit : Unit.values()) {
            if (unit.kind() == sheetUnit.kind() && unit.isSpelled(written)) {
                return unit;
            }
        }
        return null;
    }
}
