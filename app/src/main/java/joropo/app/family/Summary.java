package joropo.app.family;

import org.jspecify.annotations.Nullable;

/**
 * What a card and a history say of an item in one breath.
 *
 * @param words what is sealed with, absent while it is not decided
 * @param remedy what is done about what it runs on, @param wayRound the sentence that says which way it faces,
 * @param targetMm how deep it goes, @param placedMm how deep it was read to stand; each absent where there is none
 * @param fitted what a signed job leaves at its position, absent while it is not decided
 */
public record Summary(
        @Nullable String size,
        @Nullable String words,
        @Nullable String remedy,
        @Nullable String wayRound,
        @Nullable Double targetMm,
        @Nullable Double placedMm,
        @Nullable FittedItem fitted) {
    /** Nothing is decided yet. */
    public static final Summary EMPTY = new Summary(null, null, null, null, null, null, null);

    /** What begins a life at a position. @param material code, absent while not decided */
    public record FittedItem(
            String words, String size, @Nullable String material) {}
}
