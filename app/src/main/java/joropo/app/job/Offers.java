package joropo.app.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.app.drawing.DriverDrawing;
import joropo.app.drawing.LineDrawing;
import joropo.app.job.OffersView.CauseView;
import joropo.app.job.OffersView.DiagnosisView;
import joropo.app.job.OffersView.DriverView;
import joropo.app.job.OffersView.NextView;
import joropo.app.job.OffersView.RemedyView;
import joropo.app.job.OffersView.SealView;
import joropo.app.job.OffersView.WayView;
import joropo.app.ui.DriverFigures;
import joropo.app.ui.Sign;
import joropo.app.ui.SignFields;
import joropo.app.ui.StruckOutLine;
import joropo.core.diagnosis.Cause;
import joropo.core.diagnosis.DiagnosisCheck;
import joropo.core.diagnosis.DiagnosisInput;
import joropo.core.diagnosis.DiagnosisResult;
import joropo.core.lipseal.DriverResult;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.removal.RemovalResult;
import joropo.core.sizes.SealSize;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.units.Length;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Makes what a stage offers beside its fields from what follows of the job's texts. */
final class Offers {
    private static final int MOST_SIZES = 6;
    private static final int BEST = 4;
    private static final String DESTROYED =
            "Every removed seal counts as destroyed: have the new one in hand before you pull.";

    private final JobEvaluation evaluation;
    private final Stage stage;
    private final Function<Status, Sign> signs;

    Offers(JobEvaluation evaluation, Stage stage, Function<Status, Sign> signs) {
        this.evaluation = evaluation;
        this.stage = stage;
        this.signs = signs;
    }

    OffersView view() {
        boolean decide = stage == Stage.DECIDE;
        List<SealView> seals = decide ? seals() : List.of();
        return new OffersView(
                decide ? sizes() : List.of(),
                seals.stream().limit(BEST).toList(),
                seals.stream().skip(BEST).toList(),
                decide && evaluation.decided().choosing() != null
                        ? StruckOutLine.of(evaluation.decided().choosing().struckOut())
                        : List.of(),
                decide ? remedies() : List.of(),
                stage == Stage.STRIP ? ways() : List.of(),
                evaluation.removal() == null ? "" : DESTROYED,
                decide || stage == Stage.MEASURE ? JobDrawing.track(evaluation) : "",
                decide && evaluation.fitting().driver() != null
                        ? driver(evaluation.fitting().driver())
                        : null,
                stage == Stage.INTAKE || stage == Stage.STRIP ? diagnosis() : null);
    }

    /**
     * The likeliest causes, and what to look at next where this stage can answer it; before anybody has looked it asks
     * the first question.
     */
    private DiagnosisView diagnosis() {
        DiagnosisResult result = evaluation.diagnosis() == null
                ? DiagnosisCheck.check(new DiagnosisInput(List.of(), null, null))
                : evaluation.diagnosis();
        List<CauseView> causes = result.causes().stream()
                .limit(BEST)
                .map(r -> {
                    Cause cause = Cause.of(r.cause()).orElseThrow();
                    return new CauseView(
                            cause.words(),
                            Length.show(r.score(), 1),
                            cause.ofTheSeal(),
                            String.join("; ", r.why()),
                            cause.remedy());
                })
                .toList();
        NextView next = result.nextCheck() == null
                ? null
                : joropo.core.diagnosis.Symptom.of(result.nextCheck())
                        .filter(s ->
                                SheetFields.fields(stage).anyMatch(f -> f.name().equals(SignFields.name(s))))
                        .map(s -> new NextView(s.words(), s.check(), SignFields.name(s)))
                        .orElse(null);
        return new DiagnosisView(causes, next);
    }

    /** What the remedy leads to, else what fits the readings. */
    private List<SealSize> sizes() {
        Offer remedy = evaluation.surface().remedy();
        if (remedy != null && !remedy.ruledOut() && remedy.sizes() != null) {
            return remedy.sizes().stream().limit(MOST_SIZES).toList();
        }
        return evaluation.measured().sizes() == null
                ? List.of()
                : evaluation.measured().sizes().sizes().stream()
                        .limit(MOST_SIZES)
                        .toList();
    }

    /**
     * One line for each layout and material with the case that suits best, the others named; what was taken stands as
     * it was taken.
     */
    private List<SealView> seals() {
        LipSealResult choosing = evaluation.decided().choosing();
        if (choosing == null) {
            return List.of();
        }
        Candidate taken = evaluation.decided().candidate().orElse(null);
        Map<String, List<Candidate>> kinds = new LinkedHashMap<>();
        choosing.candidates()
                .forEach(c -> kinds.computeIfAbsent(c.layout() + " " + c.material(), k -> new ArrayList<>())
                        .add(c));
        return kinds.values().stream()
                .map(same -> seal(same.contains(taken) ? taken : same.get(0), same, taken))
                .toList();
    }

    private SealView seal(Candidate shown, List<Candidate> same, @Nullable Candidate taken) {
        List<String> reasons = new ArrayList<>(shown.reasons());
        String others = same.stream()
                .filter(c -> !c.equals(shown))
                .map(c -> c.caseType().words())
                .collect(Collectors.joining(", "));
        if (!others.isEmpty()) {
            reasons.add("may have instead: " + others);
        }
        return new SealView(
                shown.rank(),
                shown.words(),
                "layout=" + shown.layout() + ";material=" + shown.material() + ";caseType=" + shown.caseType(),
                signs.apply(shown.verdict()),
                reasons,
                shown.equals(taken));
    }

    private List<RemedyView> remedies() {
        Offer taken = evaluation.surface().remedy();
        return evaluation.surface().result().remedies().stream()
                .map(o -> new RemedyView(
                        o.remedy().words(),
                        "remedy=" + o.remedy(),
                        signs.apply(o.verdict()),
                        o.reason(),
                        o.precondition(),
                        o.caution(),
                        taken != null && taken.remedy() == o.remedy(),
                        o.ruledOut()))
                .toList();
    }

    private List<WayView> ways() {
        RemovalResult removal = evaluation.removal();
        return removal == null
                ? List.of()
                : removal.ways().stream()
                        .map(w -> new WayView(w.way().words(), signs.apply(w.verdict()), w.reason(), w.cautions()))
                        .toList();
    }

    private DriverView driver(DriverResult d) {
        return new DriverView(DriverFigures.of(d), drawing(evaluation).svg("d-", "Driver, cut along its axis"));
    }

    /** The driver's drawing; only where there is a driver. */
    static LineDrawing drawing(JobEvaluation evaluation) {
        return DriverDrawing.of(
                evaluation.fitting().driver(),
                "Driver for lip seal " + evaluation.decided().size().words());
    }
}
