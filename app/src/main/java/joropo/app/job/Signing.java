package joropo.app.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import joropo.app.ui.Field;
import joropo.core.diagnosis.Cause;
import joropo.core.diagnosis.DiagnosisResult.Ranked;
import joropo.core.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * What a signature freezes, and what it leaves at the position.
 *
 * @param fitted the section that stands there now, @param causes the likeliest causes of the leak, more than one where
 *     nothing parted them, none where nobody looked
 * @param concession what does not hold and is accepted, absent: nothing, @param recommendation what the owner was
 *     advised, absent: nothing
 */
record Signing(
        String snapshot,
        String sha256,
        Section fitted,
        List<Ranked> causes,
        Life life,
        @Nullable Concession concession,
        @Nullable Recommendation recommendation) {
    /** The seal that begins a life here, and how the last one ended. @param hoursOfLast absent: nobody has said */
    record Life(
            String seal,
            String size,
            @Nullable String material,
            @Nullable Double hoursOfLast,
            String reasonOfLast) {}

    /** A named defect that is accepted for a time. @param nextLook day, year-month-day, @param agreedBy a lead */
    record Concession(String defect, String why, String expected, String fallback, String nextLook, String agreedBy) {}

    /** What the owner was advised. @param answer absent: none yet, @param answeredOn day, absent likewise */
    record Recommendation(
            String text, @Nullable String answer, @Nullable String answeredOn) {}

    static Signing of(JobEvaluation evaluation, String snapshot, String sha256, String signer) {
        Values values = evaluation.values();
        List<Ranked> causes = evaluation.diagnosis() == null
                ? List.of()
                : evaluation.diagnosis().first();
        Concession concession = values.text("concession") == null
                ? null
                : new Concession(
                        values.text("concession"),
                        values.text("concessionWhy"),
                        values.text("concessionExpected"),
                        values.text("concessionFallback"),
                        values.text("concessionLook"),
                        signer);
        Recommendation recommendation = values.text("recommendation") == null
                ? null
                : new Recommendation(
                        values.text("recommendation"),
                        values.text("recommendationAnswer"),
                        values.text("recommendationOn"));
        return new Signing(
                snapshot, sha256, evaluation.fitted(), causes, life(evaluation, causes), concession, recommendation);
    }

    private static Life life(JobEvaluation evaluation, List<Ranked> causes) {
        Decided decided = evaluation.decided();
        String size = decided.size().words();
        String material = decided.material() == null ? null : decided.material().code();
        String seal = size
                + (decided.layout() == null ? "" : ", " + decided.layout().words())
                + (material == null ? "" : ", " + material);
        String reason = !causes.isEmpty()
                ? causes.stream()
                        .map(c -> Cause.of(c.cause()).map(Cause::words).orElse(""))
                        .collect(Collectors.joining(" or "))
                : Optional.ofNullable(evaluation.values().text("symptom"))
                        .map(s -> SheetFields.fields(Stage.INTAKE)
                                .filter(f -> f.name().equals("symptom"))
                                .flatMap(f -> f.choices().stream())
                                .filter(c -> c.value().equals(s))
                                .map(Field.Choice::words)
                                .findFirst()
                                .orElse(""))
                        .orElse("");
        return new Life(seal, size, material, evaluation.values().number("hours"), reason);
    }
}
