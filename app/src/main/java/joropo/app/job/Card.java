package joropo.app.job;

import java.util.List;
import joropo.app.ui.Field;

/**
 * One card of a stage: a thing that is measured or decided.
 *
 * @param folded whether it is closed until asked for, since the usual case can do without
 */
record Card(String id, String title, Shape shape, List<Field> fields, boolean folded) {
    /** How the card's fields stand. */
    enum Shape {
        /** One below the other, or two beside each other. */
        LIST,
        /** Readings: planes down, directions across. */
        PLANES,
        /** Four depths round the circumference. */
        CLOCK,
        /** Things to be ticked. */
        TICKS
    }

    static Card of(String id, String title, Shape shape, Field... fields) {
        return new Card(id, title, shape, List.of(fields), false);
    }

    Card fold() {
        return new Card(id, title, shape, fields, true);
    }
}
