package joropo.app.family;

import java.util.List;
import java.util.stream.Stream;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * What was typed into one field.
 *
 * @param unit unit of the sheet while it was typed; it says what a bare length means, whatever the sheet's unit is now
 * @param struck readings taken wrong, kept with their reason
 */
public record Typed(String text, @Nullable LengthUnit unit, List<Struck> struck) {
    /** A reading that was struck, not overwritten. */
    public record Struck(String text, String why) {}

    public static final Typed NOTHING = new Typed("", null, List.of());

    public Typed {
        struck = struck == null ? List.of() : List.copyOf(struck);
    }

    public boolean isBlank() {
        return text.isBlank();
    }

    /** The text as it has to stand on a sheet of this unit, so that it still means the same length. */
    public String onSheet(LengthUnit sheetUnit) {
        return isBlank() || unit == null || unit == sheetUnit || Length.namesUnit(text)
                ? text
                : text.strip() + " " + unit.symbol();
    }

    /** With a new text from a sheet of this unit; the same text keeps the unit it was typed in. */
    public Typed retyped(String newText, LengthUnit sheetUnit) {
        return newText.equals(onSheet(sheetUnit)) ? this : new Typed(newText, sheetUnit, struck);
    }

    /** With the text of another; what was struck here stays. */
    public Typed takenAs(Typed other) {
        return new Typed(other.text, other.unit, struck);
    }

    /** The reading struck: it stays beside the empty field with its reason. */
    public Typed strike(String why) {
        return isBlank() ? this : new Typed("", unit, append(new Struck(unit == null ? text : withUnit(), why)));
    }

    private String withUnit() {
        return Length.namesUnit(text) ? text : text.strip() + " " + unit.symbol();
    }

    private List<Struck> append(Struck one) {
        return Stream.concat(struck.stream(), Stream.of(one)).toList();
    }
}
