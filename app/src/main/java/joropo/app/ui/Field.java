package joropo.app.ui;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import joropo.core.sizes.SealSize;
import org.jspecify.annotations.Nullable;

/**
 * One field of a sheet or of a quick check.
 *
 * @param <T> what its text is read as
 */
public final class Field<T> {
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
    public interface ShopLists {
        /** For a workshop that has nothing of its own. */
        ShopLists NONE = own -> List.of();

        List<Choice> of(Own own);

        /** What was withdrawn: still known where a sheet names it. */
        default List<Choice> gone(Own own) {
            return List.of();
        }
    }

    private static final List<Choice> YES_NO = List.of(new Choice("YES", "yes"), new Choice("NO", "no"));

    private final String name;
    private final String label;
    private final Kind kind;
    private final List<Choice> choices;
    private final Function<Object, T> meaning;
    private @Nullable Range range;
    private @Nullable Own own;
    private boolean stays;
    private boolean shared;
    private boolean needed;
    private String hint = "";

    private Field(String name, String label, Kind kind, List<Choice> choices, Function<Object, T> meaning) {
        this.name = name;
        this.label = label;
        this.kind = kind;
        this.choices = choices;
        this.meaning = meaning;
    }

    private Field(Field<T> of) {
        this(of.name, of.label, of.kind, of.choices, of.meaning);
        range = of.range;
        own = of.own;
        needed = of.needed;
        hint = of.hint;
        stays = of.stays;
        shared = of.shared;
    }

    /** @param kind one whose text is read as a figure */
    private static Field<Double> figure(String name, String label, Kind kind) {
        return new Field<>(name, label, kind, List.of(), Double.class::cast);
    }

    private static Field<String> words(String name, String label, Kind kind) {
        return new Field<>(name, label, kind, List.of(), String.class::cast);
    }

    public static Field<Double> size(String name, String label) {
        return figure(name, label, Kind.SIZE);
    }

    public static Field<Double> place(String name, String label) {
        return figure(name, label, Kind.PLACE);
    }

    public static Field<Double> play(String name, String label) {
        return figure(name, label, Kind.PLAY);
    }

    public static Field<Double> hours(String name, String label) {
        return figure(name, label, Kind.HOURS);
    }

    public static Field<Double> speed(String name, String label) {
        return figure(name, label, Kind.SPEED);
    }

    public static Field<Double> pressure(String name, String label) {
        return figure(name, label, Kind.PRESSURE);
    }

    public static Field<Double> temperature(String name, String label) {
        return figure(name, label, Kind.TEMPERATURE);
    }

    public static Field<Double> number(String name, String label, String unit, double low, double high) {
        Field<Double> out = figure(name, label, Kind.NUMBER);
        out.range = new Range(unit, low, high);
        out.hint = unit;
        return out;
    }

    public static Field<SealSize> sealSize(String name, String label) {
        return new Field<>(name, label, Kind.SEAL_SIZE, List.of(), SealSize.class::cast);
    }

    public static Field<String> date(String name, String label) {
        return words(name, label, Kind.DATE);
    }

    public static Field<String> line(String name, String label) {
        return words(name, label, Kind.LINE);
    }

    public static Field<String> note(String name, String label) {
        return words(name, label, Kind.NOTE);
    }

    /** A note that grows line by line. @param most characters */
    public static Field<String> series(String name, String label, int most) {
        Field<String> out = words(name, label, Kind.NOTE);
        out.range = new Range("", 0, most);
        return out;
    }

    public static Field<Boolean> tick(String name, String label) {
        return new Field<>(name, label, Kind.TICK, List.of(), ticked -> true);
    }

    public static Field<Boolean> yesNo(String name, String label) {
        return new Field<>(name, label, Kind.CHOICE, YES_NO, "YES"::equals);
    }

    /** One of a list, known by its value. */
    public static Field<String> choice(String name, String label, List<Choice> choices) {
        return new Field<>(name, label, Kind.CHOICE, choices, String.class::cast);
    }

    /** One of what there is of a kind, in its order. */
    public static <E extends Enum<E>> Field<E> choice(
            String name, String label, Class<E> kind, Function<E, String> words) {
        return choice(name, label, kind, choices(kind.getEnumConstants(), words));
    }

    /** One of some of a kind, each with words of its own. */
    public static <E extends Enum<E>> Field<E> choice(String name, String label, Class<E> kind, List<Choice> some) {
        return new Field<>(name, label, Kind.CHOICE, some, value -> Enum.valueOf(kind, (String) value));
    }

    /** @param valueAndWords each answer's value and its words */
    public static List<Choice> pairs(String... valueAndWords) {
        Choice[] out = new Choice[valueAndWords.length / 2];
        Arrays.setAll(out, i -> new Choice(valueAndWords[2 * i], valueAndWords[2 * i + 1]));
        return List.of(out);
    }

    public static <E extends Enum<E>> List<Choice> choices(E[] all, Function<E, String> words) {
        return Arrays.stream(all).map(e -> new Choice(e.name(), words.apply(e))).toList();
    }

    /** Unique on its form. */
    public String name() {
        return name;
    }

    public String label() {
        return label;
    }

    public Kind kind() {
        return kind;
    }

    public List<Choice> choices() {
        return choices;
    }

    public boolean needed() {
        return needed;
    }

    /** What would be understood, or what is assumed when it is left empty. */
    public String hint() {
        return hint;
    }

    /** Ends and unit of a plain number; absent for every other kind. */
    public @Nullable Range range() {
        return range;
    }

    public Field<T> need() {
        var out = new Field<>(this);
        out.needed = true;
        return out;
    }

    public Field<T> hint(String text) {
        var out = new Field<>(this);
        out.hint = text;
        return out;
    }

    /** What belongs to the place and not to the day: it may be taken as the last job here had it. */
    public Field<T> stays() {
        var out = new Field<>(this);
        out.stays = true;
        return out;
    }

    public boolean mayStay() {
        return stays;
    }

    /** What several of a kind in one place have together: of a further one, left empty, it is as of the first. */
    public Field<T> shared() {
        var out = new Field<>(this);
        out.shared = true;
        return out;
    }

    public boolean isShared() {
        return shared;
    }

    /** With a list of the workshop offered beside the choices. */
    public Field<T> with(Own list) {
        var out = new Field<>(this);
        out.own = list;
        return out;
    }

    /** The same of one item among several. @param prefix that tells the item apart, empty for the first */
    public Field<T> under(String prefix) {
        if (prefix.isEmpty()) {
            return this;
        }
        var out = new Field<>(prefix + name, label, kind, choices, meaning);
        out.range = range;
        out.own = own;
        out.stays = stays;
        out.shared = shared;
        out.needed = needed;
        out.hint = hint;
        return out;
    }

    /** What was read, as what it means. @param read as {@link FieldReader} gives it */
    T meaning(Object read) {
        return meaning.apply(read);
    }

    /**
     * What is offered: the workshop's own first. @param current the answer that stands there, offered even where it was
     * withdrawn
     */
    public List<Choice> offered(ShopLists lists, String current) {
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
