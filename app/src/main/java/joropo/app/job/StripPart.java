package joropo.app.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.ui.Field;
import joropo.app.ui.FieldReader;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.PartKind.Line;
import joropo.core.assembly.ShimPack;
import joropo.core.plan.StripLog;
import joropo.core.shaft.Side;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * One part that came off, in the order of removal.
 *
 * @param number in the job, by which its fields are named, @param cameWith the part that brought it along, absent: it
 *     came by itself, @param texts what was noted of it, by field; lengths with their unit
 * @param back what became of it, @param backReason why, or what an inspection found, @param backBy, @param backAt who
 *     said so, and when, @param struckWhy absent: it stands
 */
@RecordBuilder
public record StripPart(
        long id,
        int number,
        PartKind kind,
        String name,
        @Nullable Long cameWith,
        String personName,
        Instant removedAt,
        @Nullable String struckWhy,
        Map<String, String> texts,
        Back back,
        String backReason,
        @Nullable String backBy,
        @Nullable Instant backAt) {
    /** What became of a part that was taken off. */
    public enum Back {
        OUT("not back yet"),
        BACK("back in"),
        RENEWED("a new one went in"),
        LEFT_OUT("left out");

        private final String words;

        Back(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    static final Field<Side> FACED = Field.choice("faced", "its open or marked side faced", Side.class, Side::words);
    static final Field<Double> PLACE = Field.place("place", "depth from housing face");
    static final Field<Line> LINE = Field.choice(
            "line", "it stood", Line.class, Field.choices(new Line[] {Line.BORE, Line.SHAFT}, Line::words));
    static final Field<Double> THICKNESS = Field.size("thickness", "its length along the shaft");
    static final Field<Double> OPENING = Field.size("opening", "its opening");
    static final Field<Double> OUTSIDE = Field.size("outside", "its outside");
    private static final Field<Double> CLOCK = Field.number("clock", "clock position", "", 0, 12);
    static final Field<String> SHIMS = Field.line("shims", "each shim, mm").hint("such as 0.5 0.2 2x0.1");

    private static final Field<String> MARK = Field.line("mark", "match mark");
    static final Field<String> MARKING = Field.line("marking", "marking read");
    static final Field<String> CONDITION = Field.line("condition", "condition");

    /** Which item it was, by its number in the job. */
    private static final String ITEM = "item";

    /** Whether that item came into the job with it. */
    private static final String BROUGHT = "brought";

    /** What may be noted of a part. */
    static final List<Field<?>> FIELDS =
            List.of(FACED, PLACE, THICKNESS, OPENING, OUTSIDE, LINE, SHIMS, CLOCK, MARK, MARKING, CONDITION);

    String text(Field<?> field) {
        return texts.getOrDefault(field.name(), "");
    }

    /** What was noted, in one line. */
    public String words() {
        return Stream.concat(
                        FIELDS.stream().filter(f -> !text(f).isBlank()).map(this::words),
                        Stream.ofNullable(texts.containsKey("photo") ? "photo" : null))
                .collect(Collectors.joining(", "));
    }

    private String words(Field<?> field) {
        String text = text(field);
        return switch (field.name()) {
            case "faced" -> "faced " + Side.valueOf(text).words();
            case "line" -> Line.valueOf(text).words();
            case "place" -> "at " + text;
            case "thickness" -> text + " long";
            case "opening" -> "opening " + text;
            case "outside" -> text + " outside";
            case "clock" -> "at " + text + " o'clock";
            case "shims" -> Objects.requireNonNull(shims()).words();
            default -> field.label() + ": " + text;
        };
    }

    boolean stands() {
        return struckWhy == null;
    }

    /** What binds a part to an item. @param brought whether the item came into the job with it */
    static Map<String, String> textsOf(int item, boolean brought) {
        return brought ? Map.of(ITEM, Integer.toString(item), BROUGHT, "yes") : Map.of(ITEM, Integer.toString(item));
    }

    /** Number of the item that it was; absent: the log was kept before that was noted, or it was none. */
    @Nullable
    Integer item() {
        String text = texts.getOrDefault(ITEM, "");
        return text.matches("[1-9]\\d{0,3}") ? Integer.valueOf(text) : null;
    }

    /** Whether its item goes when it is struck. */
    boolean broughtItsItem() {
        return texts.containsKey(BROUGHT);
    }

    /** What is known of it beside what people note: its photo, its item. */
    Map<String, String> beside() {
        Map<String, String> out = new LinkedHashMap<>(texts);
        FIELDS.forEach(f -> out.remove(f.name()));
        return out;
    }

    /** As the rules read it. */
    StripLog.Removed removed() {
        return new StripLog.Removed(
                kind,
                name,
                value(FACED),
                new StripLog.Read(
                        value(PLACE),
                        value(THICKNESS),
                        kind.isDisc() ? value(OPENING) : null,
                        kind.isDisc() ? value(OUTSIDE) : null),
                shims(),
                back == Back.LEFT_OUT,
                kind.wantsLine() ? value(LINE) : null);
    }

    /** The shims of a pack as they were counted; absent: not counted. */
    @Nullable
    ShimPack shims() {
        return text(SHIMS).isBlank() ? null : ShimPack.parse(text(SHIMS), LengthUnit.MM);
    }

    /** Whether what was noted, by field, can be shown and reckoned with. */
    public static boolean canBeRead(Map<String, String> texts) {
        try {
            for (Field<?> field : FIELDS) {
                String text = texts.getOrDefault(field.name(), "");
                if (field == SHIMS && !text.isBlank()) {
                    ShimPack.parse(text, LengthUnit.MM);
                } else if (!text.isBlank()) {
                    FieldReader.read(field, text, LengthUnit.MM, Field.ShopLists.NONE);
                }
            }
            return true;
        } catch (RefusedInput e) {
            return false;
        }
    }

    /** Absent where nothing was noted, or what older rules took and today's do not. */
    private <T> @Nullable T value(Field<T> field) {
        try {
            return text(field).isBlank()
                    ? null
                    : FieldReader.read(field, text(field), LengthUnit.MM, Field.ShopLists.NONE);
        } catch (RefusedInput e) {
            return null;
        }
    }

    /** Number of the photo that was taken of it, absent: none. */
    public @Nullable String photo() {
        return texts.get("photo");
    }

    /** What keeps the job from being signed. */
    boolean isMissing() {
        return stands() && back == Back.OUT;
    }

    /** Words of its fate for the card. */
    String fate() {
        return name + (words().isEmpty() ? "" : ", " + words()) + ": " + back.words()
                + (backReason.isBlank() ? "" : ", " + backReason)
                + (Objects.requireNonNullElse(backBy, "").isEmpty() ? "" : ", " + backBy);
    }
}
