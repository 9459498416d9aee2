package joropo.app.job;

import java.util.List;
import joropo.app.family.Panel;
import joropo.app.family.Panel.Fold;
import joropo.app.family.Panel.Line;
import joropo.app.family.Panel.Listing;
import joropo.app.family.Panel.Question;
import joropo.app.family.Stage;
import joropo.app.ui.SymptomFields;
import joropo.core.diagnosis.Cause;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.diagnosis.Symptom;
import joropo.core.units.Length;

/**
 * The likeliest causes, and what to look at next where this stage can answer it; before anybody has looked it asks the
 * first question.
 */
final class CausesPanel {
    private static final int BEST = 2;

    private CausesPanel() {}

    static List<Panel> of(Stage stage, JobWork work) {
        DiagnosisResult result = work.diagnosis() == null
                ? DiagnosisCheck.check(new DiagnosisInput(List.of(), null, null))
                : work.diagnosis();
        List<Line> causes = result.causes().stream()
                .limit(BEST)
                .map(r -> {
                    Cause cause = Cause.of(r.cause()).orElseThrow();
                    return new Line(
                            null,
                            cause.words(),
                            Length.show(r.score(), 1),
                            cause.ofTheSeal() ? "" : "not the seal",
                            String.join("; ", r.why()) + "; so: " + cause.remedy() + ".",
                            List.of());
                })
                .toList();
        return List.of(next(stage, work, result), new Listing("causes", "", "", Fold.NONE, causes, ""));
    }

    private static Question next(Stage stage, JobWork work, DiagnosisResult result) {
        return Symptom.of(result.nextCheck() == null ? "" : result.nextCheck())
                .filter(s -> work.cards().fields(stage).anyMatch(f -> f.name().equals(SymptomFields.name(s))))
                .map(s -> new Question("ask-next", "", s.words(), s.check(), SymptomFields.name(s)))
                .orElse(new Question("ask-next", "", "", "", ""));
    }
}
