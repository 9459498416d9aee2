package joropo.app.job;

import java.util.List;
import java.util.Map;
import joropo.app.ui.SignFields;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.surface.SurfaceByEye;
import org.jspecify.annotations.Nullable;

/**
 * Why it leaks, from every sign that the sheets of a job hold: those that were asked for, and what the old seal, the
 * oil and the shaft show anyway.
 */
final class Diagnosis {
    private static final Map<String, String> OLD_SEAL = Map.of(
            "HARD",
            "LIP_HARD",
            "WORN",
            "LIP_WIDE",
            "ONE_SIDED",
            "LIP_ONE_SIDED",
            "CUT",
            "LIP_CUT",
            "TURNED",
            "LIP_TURNED_UNDER",
            "SPRING_OUT",
            "SPRING_OUT",
            "SWOLLEN",
            "LIP_SWOLLEN",
            "CASE_BENT",
            "CASE_BENT");

    /** What each tick of the intake rules out. */
    private static final Map<String, List<String>> LOOKED_AT = Map.of(
            "levelSeen",
            List.of("LEVEL"),
            "breatherSeen",
            List.of("BLOCKED_BREATHER"),
            "aboveSeen",
            List.of("PLUG", "GASKET", "HOSE", "HIGHER_JOINT"));

    private Diagnosis() {}

    /** Absent while nothing was looked at. */
    static @Nullable DiagnosisResult of(Values values) {
        DiagnosisInput in = SignFields.input(
                field -> answer(field, values),
                LOOKED_AT.entrySet().stream()
                        .filter(l -> values.ticked(l.getKey()))
                        .flatMap(l -> l.getValue().stream())
                        .sorted()
                        .toList());
        return in.signs().isEmpty() && in.absent().isEmpty() ? null : DiagnosisCheck.check(in);
    }

    /** What was answered goes before what follows from another field. */
    private static @Nullable String answer(String field, Values values) {
        String said = values.text(field);
        return said != null ? said : follows(field.substring("sign".length()), values) ? SignFields.SEEN : null;
    }

    private static boolean follows(String sign, Values values) {
        return sign.equals(OLD_SEAL.get(values.text("foundState") == null ? "" : values.text("foundState")))
                || sign.equals("OIL_MILKY") && "MILKY".equals(values.text("drained"))
                || sign.equals("GROOVE_IN_SHAFT")
                        && values.choice("surface", SurfaceByEye.class) == SurfaceByEye.GROOVE_CATCHES;
    }
}
