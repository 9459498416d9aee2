package joropo.app.ui;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.core.diagnosis.Symptom;
import org.jspecify.annotations.Nullable;

/** Signs as fields: seen, looked for and not there, or not looked at. */
public final class SymptomFields {
    public static final String SEEN = "SEEN";
    public static final String ABSENT = "ABSENT";

    private static final Map<Symptom, Field<String>> FIELDS = Symptom.all().stream()
            .collect(Collectors.toMap(s -> s, SymptomFields::field, (a, b) -> a, LinkedHashMap::new));

    private SymptomFields() {}

    public static String name(Symptom sign) {
        return "sign" + sign.code();
    }

    public static Field<String> of(Symptom sign) {
        return FIELDS.get(sign);
    }

    private static Field<String> field(Symptom sign) {
        return Field.choice(name(sign), sign.words(), Field.pairs(SEEN, "seen", ABSENT, "looked, not there"))
                .hint(sign.check());
    }

    /** Every sign of these groups, in the order of the table. */
    public static List<Field<?>> of(Symptom.Group... groups) {
        return Symptom.all().stream()
                .filter(s -> Arrays.asList(groups).contains(s.group()))
                .<Field<?>>map(SymptomFields::of)
                .toList();
    }

    /** Codes of the signs that got this answer. @param read what stands in a field, absent where nothing was said */
    public static List<String> answered(Function<Field<String>, @Nullable String> read, String answer) {
        return FIELDS.entrySet().stream()
                .filter(f -> answer.equals(read.apply(f.getValue())))
                .map(f -> f.getKey().code())
                .toList();
    }
}
