package joropo.core.diagnosis;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import joropo.core.material.Medium;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What was seen, and what was looked for and is not there; codes of the table of signs. @param absent left out: nothing
 * was looked for in vain,
 *
 * @param ruledOut codes of causes that were looked at themselves and are not so; left out: none
 * @param medium what is kept there: grease has no level and no breather; left out: any
 * @param position what seals there; left out: any
 */
public record DiagnosisInput(
        List<String> signs,
        @Nullable List<String> absent,
        @Nullable List<String> ruledOut,
        @Nullable Medium medium,
        @Nullable PositionKind position) {
    /** What seals there: each kind asks its own signs. */
    public enum PositionKind {
        LIP_SEAL,
        PACKING,
        MECHANICAL
    }

    public DiagnosisInput(List<String> signs, @Nullable List<String> absent, @Nullable List<String> ruledOut) {
        this(signs, absent, ruledOut, null, null);
    }

    public DiagnosisInput {
        List<String> none = absent == null ? List.of() : absent;
        Set<String> both = new HashSet<>(none);
        both.retainAll(signs == null ? List.of() : signs);
        new Needs()
                .given("signs", signs)
                .that("signs", signs == null || known(signs), "names a sign that the table has not")
                .that(
                        "ruledOut",
                        ruledOut == null
                                || ruledOut.stream()
                                        .allMatch(c -> c != null && Cause.of(c).isPresent()),
                        "names a cause that the table has not")
                .that("absent", known(none), "names a sign that the table has not")
                .that("absent", both.isEmpty(), "names what was seen too: " + String.join(", ", both))
                .done();
        signs = List.copyOf(new LinkedHashSet<>(signs));
        absent = List.copyOf(new LinkedHashSet<>(none));
        ruledOut = ruledOut == null ? List.of() : List.copyOf(new LinkedHashSet<>(ruledOut));
    }

    private static boolean known(List<String> codes) {
        return codes.stream().allMatch(c -> c != null && Symptom.of(c).isPresent());
    }
}
