package joropo.app.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import joropo.app.family.CommonFields;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.ui.Field;

/**
 * What stood on the same sheet last time and belongs to the place rather than to the day, offered where nothing stands
 * yet: taken by one tap, never by itself.
 *
 * @param number of the last job that was signed here, empty: the person's own gauges alone, @param texts by field
 * @param words what it is, in short, @param cause why it failed then, in words, empty: nobody said, or it is not asked
 *     here
 */
public record AsLastTime(String number, Map<String, Typed> texts, String words, String cause) {
    static final AsLastTime NOTHING = new AsLastTime("", Map.of(), "", "");

    private static final int MOST_WORDS = 3;

    /**
     * @param last texts of the last job that was signed here, of this stage, @param gauges those that the person used
     *     last, for what that job does not tell
     */
    static AsLastTime of(
            Stage stage,
            JobState state,
            JobWork work,
            String number,
            Map<String, Typed> last,
            String cause,
            Map<String, Typed> gauges) {
        Map<String, Typed> sheet = state.sheet(stage);
        Map<String, Typed> out = new LinkedHashMap<>();
        Map<String, String> words = new LinkedHashMap<>();
        work.cards().fields(stage).forEach(f -> {
            boolean gauge = CommonFields.isGauge(f.name()) && f.kind() == Field.Kind.CHOICE;
            Typed before =
                    f.mayStay() && !last.getOrDefault(f.name(), Typed.NOTHING).isBlank()
                            ? last.get(f.name())
                            : gauge ? gauges.getOrDefault(f.name(), Typed.NOTHING) : Typed.NOTHING;
            if (!before.isBlank() && sheet.getOrDefault(f.name(), Typed.NOTHING).isBlank()) {
                words(f, work, before.text()).ifPresent(w -> {
                    out.put(f.name(), new Typed(before.text(), before.unit(), List.of()));
                    words.put(f.name(), w);
                });
            }
        });
        return out.isEmpty() && cause.isEmpty()
                ? NOTHING
                : new AsLastTime(number, out, inShort(List.copyOf(words.values())), cause);
    }

    /** As people say it; empty where it is no answer of the list any more. */
    private static Optional<String> words(Field<?> field, JobWork work, String text) {
        return field.kind() != Field.Kind.CHOICE
                ? Optional.of(field.kind() == Field.Kind.SEAL_SIZE ? text : field.label() + " " + text)
                : field.offered(work.read().shop(), text).stream()
                        .filter(c -> c.value().equals(text))
                        .map(Field.Choice::words)
                        .findFirst();
    }

    private static String inShort(List<String> words) {
        List<String> different = words.stream().distinct().toList();
        return different.size() <= MOST_WORDS
                ? String.join(", ", different)
                : different.stream().limit(MOST_WORDS).collect(Collectors.joining(", ")) + " and "
                        + (words.size() - MOST_WORDS) + " more";
    }
}
