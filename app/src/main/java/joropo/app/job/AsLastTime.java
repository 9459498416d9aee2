package joropo.app.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.family.CommonFields;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.ui.Field;

/**
 * What stood on the same sheet last time, offered where nothing stands yet: taken by one tap, never by itself.
 *
 * @param take what the tap sends, {@code field=text} parted by semicolons; empty: nothing to offer, @param words what
 *     it is
 */
public record AsLastTime(String take, String words) {
    static final AsLastTime NOTHING = new AsLastTime("", "");

    /** The gauges that a person used last. @param last the newest sheet that the person has kept, in any job */
    static AsLastTime gauges(JobState state, JobWork work, Map<String, Typed> last) {
        return of(
                Stage.MEASURE,
                state,
                work,
                work.cards()
                        .fields(Stage.MEASURE)
                        .filter(f -> CommonFields.isGauge(f.name()) && f.kind() == Field.Kind.CHOICE)
                        .<Field<?>>map(f -> f)
                        .toList(),
                last);
    }

    /** What was decided at the last job that was signed here. @param last its sheet */
    static AsLastTime decided(JobState state, JobWork work, Map<String, Typed> last) {
        return of(Stage.DECIDE, state, work, work.main().asLastTime(), last);
    }

    private static AsLastTime of(
            Stage stage, JobState state, JobWork work, List<Field<?>> fields, Map<String, Typed> last) {
        Map<String, Typed> sheet = state.sheet(stage);
        Map<String, Field.Choice> out = new LinkedHashMap<>();
        fields.stream()
                .filter(f -> sheet.getOrDefault(f.name(), Typed.NOTHING).isBlank())
                .forEach(f -> {
                    String before = last.getOrDefault(f.name().replaceFirst("^i\\d+-", ""), Typed.NOTHING)
                            .text();
                    if (f.kind() != Field.Kind.CHOICE && !before.isBlank()) {
                        out.put(f.name(), new Field.Choice(before, before));
                        return;
                    }
                    f.offered(work.read().shop(), before).stream()
                            .filter(c -> c.value().equals(before))
                            .findFirst()
                            .ifPresent(c -> out.put(f.name(), c));
                });
        return out.isEmpty()
                ? NOTHING
                : new AsLastTime(
                        out.entrySet().stream()
                                .map(e -> e.getKey() + "=" + e.getValue().value())
                                .collect(Collectors.joining(";")),
                        out.values().stream()
                                .map(Field.Choice::words)
                                .distinct()
                                .collect(Collectors.joining(", ")));
    }
}
