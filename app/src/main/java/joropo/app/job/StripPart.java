package joropo.app.job;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.ui.Field;
import joropo.app.ui.FieldReader;
import joropo.core.plan.PartKind;
import joropo.core.plan.StripLog;
import joropo.core.shaft.Side;
import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * One part that came off, in the order of removal.
 *
 * @param cameWith the part that brought it along, absent: it came by itself, @param texts what was noted of it, by
 *     field; lengths with their unit
 * @param back what became of it, @param backReason why, or what an inspection found, @param struckWhy absent: it stands
 */
public record StripPart(
        long id,
        PartKind kind,
        String name,
        @Nullable Long cameWith,
        String personName,
        Instant removedAt,
        @Nullable String struckWhy,
        Map<String, String> texts,
        Back back,
        String backReason,
        @Nullable String backBy) {
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

    /** Longest thing that is kept of one field. */
    static final List<Field> FIELDS = List.of(
            Field.choice("faced", "its open or marked side faced", Field.pairs("OUT", "outside", "IN", "inside")),
            Field.of("place", "its outer face from the housing's face", Field.Kind.PLACE),
            Field.of("thickness", "its length along the shaft", Field.Kind.SIZE),
            Field.number("clock", "clock position", "", 0, 12),
            Field.of("mark", "match mark", Field.Kind.LINE),
            Field.of("marking", "marking read", Field.Kind.LINE),
            Field.of("condition", "condition", Field.Kind.LINE));

    String text(String field) {
        return texts.getOrDefault(field, "");
    }

    /** What was noted, in one line. */
    public String words() {
        return Stream.concat(
                        FIELDS.stream().filter(f -> !text(f.name()).isBlank()).map(f -> switch (f.name()) {
                            case "faced" -> "faced " + (text("faced").equals("IN") ? "inside" : "outside");
                            case "place" -> "at " + text("place");
                            case "thickness" -> text("thickness") + " long";
                            case "clock" -> "at " + text("clock") + " o'clock";
                            default -> f.label() + ": " + text(f.name());
                        }),
                        Stream.ofNullable(texts.containsKey("photo") ? "photo" : null))
                .collect(Collectors.joining(", "));
    }

    boolean stands() {
        return struckWhy == null;
    }

    /** As the rules read it. */
    StripLog.Removed removed() {
        String faced = text("faced");
        return new StripLog.Removed(kind, faced.isBlank() ? null : Side.valueOf(faced), mm("place"), mm("thickness"));
    }

    private @Nullable Double mm(String field) {
        return text(field).isBlank()
                ? null
                : (Double) FieldReader.read(
                        FIELDS.stream()
                                .filter(f -> f.name().equals(field))
                                .findFirst()
                                .orElseThrow(),
                        text(field),
                        LengthUnit.MM,
                        Field.Lists.NONE);
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
