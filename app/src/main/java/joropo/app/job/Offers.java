package joropo.app.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import joropo.app.drawing.DriverDrawing;
import joropo.app.drawing.LineDrawing;
import joropo.app.job.OffersView.DriverView;
import joropo.app.job.OffersView.RemedyView;
import joropo.app.job.OffersView.SealView;
import joropo.app.job.OffersView.WayView;
import joropo.app.ui.DriverFigures;
import joropo.app.ui.Sign;
import joropo.app.ui.StruckOutLine;
import joropo.core.lipseal.DriverResult;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.removal.RemovalResult;
import joropo.core.sizes.SealSize;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.verdict.Status;

/** Makes what a stage offers beside its fields from what follows of the job's texts. */
final class Offers {
    private static final int MOST_SIZES = 6;
    private static final int BEST = 4;
    private static final String DESTROYED = "Every removed seal counts as destroyed: have the new one in hand before you pull.";

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
        List<SealView> best = best(seals);
        return new OffersView(decide ? sizes() : List.of(), best, seals.stream().filter(s -> !best.contains(s)).toList(), decide && evaluation.decided().choosing() != null ? StruckOutLine.of(evaluation.decided().choosing().struckOut()) : List.of(),
                decide ? remedies() : List.of(), stage == Stage.STRIP ? ways() : List.of(), evaluation.removal() == null ? "" : DESTROYED,
                decide || stage == Stage.FIT ? evaluation.fitting().parts() : List.of(), decide || stage == Stage.MEASURE ? JobDrawing.track(evaluation) : "",
                decide && evaluation.fitting().driver() != null ? driver(evaluation.fitting().driver()) : null);
    }

    /** What the remedy leads to, else what fits the readings. */
    private List<SealSize> sizes() {
        Offer remedy = evaluation.surface().remedy();
        if (remedy != null && !remedy.ruledOut() && remedy.sizes() != null) {
            return remedy.sizes().stream().limit(MOST_SIZES).toList();
        }
        return evaluation.measured().sizes() == null ? List.of() : evaluation.measured().sizes().sizes().stream().limit(MOST_SIZES).toList();
    }

    private List<SealView> seals() {
        LipSealResult choosing = evaluation.decided().choosing();
        Candidate taken = evaluation.decided().candidate().orElse(null);
        return choosing == null ? List.of() : choosing.candidates().stream().map(c -> new SealView(c.rank(), c.words(),
                "layout=" + c.layout() + ";material=" + c.material() + ";caseType=" + c.caseType(), signs.apply(c.verdict()), c.reasons(), c.equals(taken))).toList();
    }

    /** The recommended one and the next that differ in layout or material, not only in the outside of the case; and what was taken. */
    private static List<SealView> best(List<SealView> seals) {
        Set<String> kinds = new HashSet<>();
        List<SealView> out = new ArrayList<>();
        for (SealView seal : seals) {
            boolean other = kinds.add(seal.take().substring(0, seal.take().lastIndexOf(';')));
            if (seal.taken() || other && kinds.size() <= BEST) {
                out.add(seal);
            }
        }
        return out;
    }

    private List<RemedyView> remedies() {
        Offer taken = evaluation.surface().remedy();
        return evaluation.surface().result().remedies().stream().map(o -> new RemedyView(o.remedy().words(), "remedy=" + o.remedy(), signs.apply(o.verdict()), o.reason(),
                o.precondition(), o.caution(), taken != null && taken.remedy() == o.remedy(), o.ruledOut())).toList();
    }

    private List<WayView> ways() {
        RemovalResult removal = evaluation.removal();
        return removal == null ? List.of() : removal.ways().stream().map(w -> new WayView(w.way().words(), signs.apply(w.verdict()), w.reason(), w.cautions())).toList();
    }

    private DriverView driver(DriverResult d) {
        return new DriverView(DriverFigures.of(d), drawing(evaluation).svg("d-", "Driver, cut along its axis"));
    }

    /** The driver's drawing; only where there is a driver. */
    static LineDrawing drawing(JobEvaluation evaluation) {
        return DriverDrawing.of(evaluation.fitting().driver(), "Driver for lip seal " + evaluation.decided().size().words());
    }
}
