package joropo.app.job;

import java.util.List;
import java.util.stream.Collectors;
import joropo.app.family.CommonFields;
import joropo.app.family.ReadFields;
import joropo.app.family.Summary.FittedItem;
import joropo.app.family.WorkSection;
import joropo.core.diagnosis.Cause;
import joropo.core.diagnosis.DiagnosisResult.Ranked;
import joropo.core.section.Section;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * What a signature freezes, and what it leaves at the position.
 *
 * @param fitted the section that stands there now, absent for a kind that has none, @param causes the likeliest causes
 *     of the leak, more than one where nothing parted them, none where nobody looked
 * @param concession what does not hold and is accepted, absent: nothing, @param recommendation what the owner was
 *     advised, absent: nothing
 */
record Signing(
        String snapshot,
        String sha256,
        @Nullable Section fitted,
        List<String> causes,
        List<Life> lives,
        @Nullable Concession concession,
        @Nullable Recommendation recommendation,
        @Nullable String nextLook,
        Status verdict) {
    /**
     * What begins a life here, and how the last one ended. @param item its number, @param hoursOfLast absent: not known
     */
    record Life(
            int item,
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

    static Signing of(JobWork work, String snapshot, String sha256, String signer) {
        ReadFields read = work.read();
        List<String> causes = causes(work);
        Concession concession = read.get(CommonFields.CONCESSION) == null
                ? null
                : new Concession(
                        read.get(CommonFields.CONCESSION),
                        read.get(CommonFields.CONCESSION_WHY),
                        read.get(CommonFields.CONCESSION_EXPECTED),
                        read.get(CommonFields.CONCESSION_FALLBACK),
                        read.get(CommonFields.CONCESSION_LOOK),
                        signer);
        Recommendation recommendation = read.get(CommonFields.RECOMMENDATION) == null
                ? null
                : new Recommendation(
                        read.get(CommonFields.RECOMMENDATION),
                        read.get(CommonFields.RECOMMENDATION_ANSWER),
                        read.get(CommonFields.RECOMMENDATION_ON));
        return new Signing(
                snapshot,
                sha256,
                work.main().section().map(WorkSection::fitted).orElse(null),
                causes,
                lives(work, causes),
                concession,
                recommendation,
                read.get(CommonFields.NEXT_LOOK),
                work.verdict());
    }

    /** The cause that was confirmed, else the one that leads; none where neither is there: history guesses nothing. */
    private static List<String> causes(JobWork work) {
        String confirmed = work.read().get(CommonFields.CAUSE_CONFIRMED);
        return confirmed != null
                ? List.of(confirmed)
                : work.diagnosis() == null
                        ? List.of()
                        : work.diagnosis().leading().map(Ranked::cause).stream().toList();
    }

    /** Of every item of which it is said what was fitted. */
    private static List<Life> lives(JobWork work, List<String> causes) {
        String symptom = work.read().get(CommonFields.SYMPTOM);
        String reason = causes.isEmpty()
                ? symptom == null ? "" : CommonFields.words(CommonFields.SYMPTOM, symptom)
                : causes.stream()
                        .map(c -> Cause.of(c).map(Cause::words).orElse(""))
                        .collect(Collectors.joining(" or "));
        Double hours = work.read().get(CommonFields.HOURS);
        return work.items().stream()
                .filter(i -> i.work().summary().fitted() != null)
                .map(i -> life(i.item().number(), i.work().summary().fitted(), hours, reason))
                .toList();
    }

    private static Life life(int item, FittedItem fitted, @Nullable Double hours, String reason) {
        return new Life(item, fitted.words(), fitted.size(), fitted.material(), hours, reason);
    }
}
