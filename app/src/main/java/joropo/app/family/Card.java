package joropo.app.family;

import java.util.List;
import joropo.app.ui.Field;

/**
 * One card of a stage: a thing that is measured or decided.
 *
 * @param folded whether it is closed until asked for, since the usual case can do without
 * @param causes whether what it shows of the cause of a leak is listed under it, @param atOnce what the one act says
 *     that ticks all of it, empty: each is ticked by itself, as what holds or keeps people safe always is
 */
public record Card(
        String id, String title, Shape shape, List<Field<?>> fields, boolean folded, boolean causes, String atOnce) {
    /** How the card's fields stand. */
    public enum Shape {
        /** One below the other, or two beside each other. */
        LIST,
        /** Readings: planes down, directions across. */
        PLANES,
        /** Depths round the circumference. */
        CLOCK,
        /** Twelve readings round a turn, as hours of a clock; what else there is stands below. */
        DIAL,
        /** Things to be ticked. */
        TICKS
    }

    public static Card of(String id, String title, Shape shape, Field<?>... fields) {
        return new Card(id, title, shape, List.of(fields), false, false, "");
    }

    public static Card of(String id, String title, Shape shape, List<Field<?>> fields) {
        return new Card(id, title, shape, List.copyOf(fields), false, false, "");
    }

    public Card fold() {
        return new Card(id, title, shape, fields, true, causes, atOnce);
    }

    public Card withCauses() {
        return new Card(id, title, shape, fields, folded, true, atOnce);
    }

    /** Its ticks by one act, beside each by itself. */
    public Card atOnce(String words) {
        return new Card(id, title, shape, fields, folded, causes, words);
    }

    /** The same under another title. */
    public Card titled(String newTitle) {
        return new Card(id, newTitle, shape, fields, folded, causes, atOnce);
    }

    /** The same card of one more of its kind: what it shares with the first says so while it is empty. */
    public Card asOfTheFirst() {
        return new Card(
                id,
                title,
                shape,
                fields.stream()
                        .<Field<?>>map(f -> f.isShared() ? f.hint("empty: as the first") : f)
                        .toList(),
                folded,
                causes,
                atOnce);
    }

    /** The same card of one item among several. @param prefix that tells the item apart, empty for the first */
    public Card under(String prefix) {
        return prefix.isEmpty()
                ? this
                : new Card(
                        prefix + id,
                        title,
                        shape,
                        fields.stream().<Field<?>>map(f -> f.under(prefix)).toList(),
                        folded,
                        causes,
                        atOnce);
    }
}
