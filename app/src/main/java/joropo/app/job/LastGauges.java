package joropo.app.job;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.ui.Field;

/**
 * The gauges that a person used last, offered where none is named yet: taken by one tap, never by themselves.
 *
 * @param take what the tap sends, {@code field=gauge} parted by semicolons; empty: nothing to offer, @param words the
 *     gauges
 */
public record LastGauges(String take, String words) {
    static final LastGauges NONE = new LastGauges("", "");

    private static final String GAUGE = "Gauge";
    /** @param last the newest sheet of this stage that the person has kept, in any job; empty: none */
    static LastGauges of(Stage stage, JobState state, JobWork work, Map<String, Typed> last) {
        Map<String, Typed> sheet = state.sheet(stage);
        Map<String, Field.Choice> out = new LinkedHashMap<>();
        work.cards()
                .fields(stage)
                .filter(f -> f.name().endsWith(GAUGE) && f.kind() == Field.Kind.CHOICE)
                .filter(f -> sheet.getOrDefault(f.name(), Typed.NOTHING).isBlank())
                .forEach(f -> {
                    String before = last.getOrDefault(f.name().replaceFirst("^i\\d+-", ""), Typed.NOTHING)
                            .text();
                    f.offered(work.read().shop(), before).stream()
                            .filter(c -> c.value().equals(before))
                            .findFirst()
                            .ifPresent(c -> out.put(f.name(), c));
                });
        return out.isEmpty()
                ? NONE
                : new LastGauges(
                        out.entrySet().stream()
                                .map(e -> e.getKey() + "=" + e.getValue().value())
                                .collect(Collectors.joining(";")),
                        out.values().stream()
                                .map(Field.Choice::words)
                                .distinct()
                                .collect(Collectors.joining(", ")));
    }
}
