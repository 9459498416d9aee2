package joropo.app.ui;

import java.util.List;
import java.util.function.Function;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.diagnosis.Symptom;
import org.jspecify.annotations.Nullable;

/** Signs as fields: seen, looked for and not there, or not looked at. */
public final class SignFields {
    public static final String SEEN = "SEEN";
    public static final String ABSENT = "ABSENT";

    private SignFields() {}

    public static String name(Symptom sign) {
        return "sign" + sign.code();
    }

    public static Field of(Symptom sign) {
        return Field.choice(name(sign), sign.words(), Field.pairs(SEEN, "seen", ABSENT, "looked, not there"))
                .hint(sign.check());
    }

    /**
     * What was answered. @param answers text by field, absent where nothing was said, @param ruledOut causes that were
     * looked at themselves and are not so
     */
    public static DiagnosisInput input(Function<String, @Nullable String> answers, List<String> ruledOut) {
        return new DiagnosisInput(codes(answers, SEEN), codes(answers, ABSENT), ruledOut);
    }

    private static List<String> codes(Function<String, @Nullable String> answers, String answer) {
        return Symptom.all().stream()
                .filter(s -> answer.equals(answers.apply(name(s))))
                .map(Symptom::code)
                .toList();
    }
}
