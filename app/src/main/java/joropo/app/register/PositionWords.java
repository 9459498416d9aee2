package joropo.app.register;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.core.plan.Care;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/** Facts of a position in words, for the record of acts. */
final class PositionWords {
    private static final String NOT_SAID = "not known";

    private PositionWords() {}

    static String of(NewPosition position) {
        return facts(position).entrySet().stream()
                .filter(f -> !f.getValue().equals(NOT_SAID))
                .map(f -> f.getKey() + " " + f.getValue())
                .collect(Collectors.joining(", "));
    }

    /** Each fact that changes, as it was and as it is; empty where none does. */
    static String changes(Position before, NewPosition after) {
        Map<String, String> was = facts(NewPositionBuilder.builder()
                .kind(before.kind())
                .name(before.name())
                .shaftMm(before.shaftMm())
                .boreMm(before.boreMm())
                .widthMm(before.widthMm())
                .medium(before.medium())
                .dirt(before.dirt())
                .rotation(before.rotation())
                .speedRpm(before.speedRpm())
                .oneWay(before.oneWay())
                .cares(before.cares())
                .note(before.note())
                .build());
        return facts(after).entrySet().stream()
                .filter(f -> !f.getValue().equals(was.get(f.getKey())))
                .map(f -> f.getKey() + " was " + was.get(f.getKey()) + ", is " + f.getValue())
                .collect(Collectors.joining("; "));
    }

    private static Map<String, String> facts(NewPosition p) {
        Map<String, String> out = new LinkedHashMap<>();
        out.put("name", "\"" + p.name().strip() + "\"");
        out.put("what seals there", p.kind().words());
        out.put("shaft", figure(p.shaftMm(), "mm"));
        out.put("bore", figure(p.boreMm(), "mm"));
        out.put("width", figure(p.widthMm(), "mm"));
        out.put("inside", p.medium().words());
        out.put("outside", p.dirt().words());
        out.put("turns", p.rotation() == null ? NOT_SAID : p.rotation().words());
        out.put("speed", figure(p.speedRpm(), "rpm"));
        out.put("turned one way only", p.oneWay() ? "yes" : "no");
        out.put("care", p.cares().isEmpty() ? NOT_SAID : Care.words(p.cares()));
        out.put("note", p.note().isBlank() ? NOT_SAID : "\"" + p.note().strip() + "\"");
        return out;
    }

    private static String figure(@Nullable Double value, String unit) {
        return value == null ? NOT_SAID : Length.show(value, value % 1 == 0 ? 0 : 3) + " " + unit;
    }
}
