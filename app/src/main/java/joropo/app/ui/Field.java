package joropo.app.ui;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One field of a sheet or of a quick check.
 *
 * @param name unique on its form, @param hint what would be understood, or what is assumed when left empty
 * @param range ends and unit of a plain number, @param own list of the workshop that is offered beside the choices
 */
public record Field(
        String name,
        String label,
        Kind kind,
        List<Choice> choices,
        boolean needed,
        String hint,
        @Nullable Range range,
        @Nullable Own own) {
    /** How a field's text is read. */
    public enum Kind {
        /** A length above zero. */
        SIZE,
        /** A place along the axis, any sign. */
        PLACE,
        /** A length of zero or more. */
        PLAY,
        /** A number in the unit of its range. */
        NUMBER,
        HOURS,
        SPEED,
        PRESSURE,
        TEMPERATURE,
        /** A seal size such as 45x62x8. */
        SEAL_SIZE,
        DATE,
        LINE,
        NOTE,
        CHOICE,
        TICK;

        public boolean isLength() {
            return this == SIZE || this == PLACE || this == PLAY;
        }
    }

    /** One answer of a short list. */
    public record Choice(String value, String words) {}

    /** Ends of a plain number, both included. */
    public record Range(String unit, double low, double high) {}

    /** Lists that each workshop fills itself. */
    public enum Own {
        SHAFT_GAUGES,
        BORE_GAUGES,
        DEPTH_GAUGES,
        GAUGES,
        FLUIDS,
        MATERIALS
    }

    /** What a workshop has of each list. */
    public interface Lists {
        /** For a workshop that has nothing of its own. */
        Lists NONE = own -> List.of();

        List<Choice> of(Own own);

        /** What was withdrawn: still known where a sheet names it. */
        default List<Choice> gone(Own own) {
            return List.of();
        }
    }

    public static final List<Choice> YES_NO = List.of(new Choice("YES", "yes"), new Choice("NO", "no"));

    public static Field of(String name, String label, Kind kind) {
        return new Field(name, label, kind, List.of(), false, "", null, null);
    }

    public static Field number(String name, String label, String unit, double low, double high) {
        return new Field(name, label, Kind.NUMBER, List.of(), false, unit, new Range(unit, low, high), null);
    }

    public static Field choice(String name, String label, List<Choice> choices) {
        return new Field(name, label, Kind.CHOICE, choices, false, "", null, null);
    }

    /** @param valueAndWords each answer's value and its words */
    public static List<Choice> pairs(String... valueAndWords) {
        Choice[] out = new Choice[valueAndWords.length / 2];
        Arrays.setAll(out, i -> new Choice(valueAndWords[2 * i], valueAndWords[2 * i + 1]));
        return List.of(out);
    }

    public static Field tick(String name, String label) {
        return of(name, label, Kind.TICK);
    }

    public static Field yesNo(String name, String label) {
        return choice(name, label, YES_NO);
    }

    public static <E extends Enum<E>> List<Choice> choices(E[] all, Function<E, String> words) {
        return Arrays.stream(all).map(e -> new Choice(e.name(), words.apply(e))).toList();
    }

    public boolean isYesNo() {
        return choices.equals(YES_NO);
    }

    public Field need() {
        return new Field(name, label, kind, choices, true, hint, range, own);
    }

    public Field hint(String text) {
        return new Field(name, label, kind, choices, needed, text, range, own);
    }

    public Field with(Own list) {
        return new Field(name, label, kind, choices, needed, hint, range, list);
    }

    /**
     * What is offered: the workshop's own first. @param current the answer that stands there, offered even where it was
     * withdrawn
     */
    public List<Choice> offered(Lists lists, String current) {
        return own == null
                ? choices
                : Stream.of(
                                lists.of(own).stream(),
                                lists.gone(own).stream().filter(c -> c.value().equals(current)),
                                choices.stream())
                        .flatMap(Function.identity())
                        .toList();
    }
}
