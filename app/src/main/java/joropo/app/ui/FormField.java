package joropo.app.ui;

import java.util.List;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * One field of a plain form as its page shows it. @param echo how it was understood, @param word whether it holds
 * words, not a figure
 */
public record FormField(
        String name,
        String label,
        boolean choice,
        boolean word,
        String text,
        List<Field.Choice> choices,
        boolean needed,
        String hint,
        @Nullable String error,
        String echo) {

    /** @param text as it is shown, @param mm of a length that was understood, else absent */
    public static FormField of(
            Field<?> f, String text, List<Field.Choice> choices, @Nullable String error, @Nullable Double mm) {
        return new FormField(
                f.name(),
                f.label(),
                f.kind() == Field.Kind.CHOICE,
                f.kind() == Field.Kind.LINE,
                text,
                choices,
                f.needed(),
                f.hint(),
                error,
                mm == null ? "" : Length.show(mm, 3) + " mm, " + Length.show(mm / Length.MM_PER_INCH, 4) + " in");
    }
}
