package joropo.app.job;

import java.util.List;

/**
 * One field of a sheet.
 * @param name unique over all stages, @param hint what would be understood, or what is assumed when left empty
 */
record Field(String name, String label, Kind kind, List<Choice> choices, boolean needed, String hint) {
    /** How a field's text is read. */
    enum Kind {
        /** A length above zero. */
        SIZE,
        /** A place along the axis, any sign. */
        PLACE,
        /** A length of zero or more. */
        PLAY,
        HOURS, SPEED, PRESSURE, TEMPERATURE,
        /** A seal size such as 45x62x8. */
        SEAL_SIZE,
        DATE, LINE, NOTE, CHOICE, TICK;

        boolean isLength() {
            return this == SIZE || this == PLACE || this == PLAY;
        }
    }

    /** One answer of a short list. */
    record Choice(String value, String words) { }

    static Field of(String name, String label, Kind kind) {
        return new Field(name, label, kind, List.of(), false, "");
    }

    static Field choice(String name, String label, List<Choice> choices) {
        return new Field(name, label, Kind.CHOICE, choices, false, "");
    }

    static Field tick(String name, String label) {
        return of(name, label, Kind.TICK);
    }

    Field need() {
        return new Field(name, label, kind, choices, true, hint);
    }

    Field hint(String text) {
        return new Field(name, label, kind, choices, needed, text);
    }
}
