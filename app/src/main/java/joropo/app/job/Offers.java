package joropo.app.job;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.app.drawing.DriverDrawing;
import joropo.app.drawing.LineDrawing;
import joropo.app.job.JobView.Figure;
import joropo.app.job.JobView.Sign;
import joropo.app.job.OffersView.DriverView;
import joropo.app.job.OffersView.RemedyView;
import joropo.app.job.OffersView.SealView;
import joropo.app.job.OffersView.StruckView;
import joropo.app.job.OffersView.WayView;
import joropo.core.lipseal.CaseType;
import joropo.core.lipseal.DriverResult;
import joropo.core.lipseal.Layout;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.lipseal.LipSealResult.StruckOut;
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
        return new OffersView(decide ? sizes() : List.of(), seals.stream().limit(BEST).toList(), seals.stream().skip(BEST).toList(), decide ? struckOut() : List.of(),
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
        return choosing == null ? List.of() : choosing.candidates().stream().map(c -> new SealView(c.rank(), words(c.layout(), c.material(), c.caseType()),
                "layout=" + c.layout() + ";material=" + c.material() + ";caseType=" + c.caseType(), signs.apply(c.verdict()), c.reasons(), c.equals(taken))).toList();
    }

    private static String words(Layout layout, String material, CaseType caseType) {
        return layout.words() + ", " + material + ", " + caseType.words();
    }

    /** Struck-out seals by reason, each layout with its materials; a case is named only where not every case is struck. */
    private List<StruckView> struckOut() {
        LipSealResult choosing = evaluation.decided().choosing();
        Map<String, Map<Layout, Map<String, Set<CaseType>>>> byReason = new LinkedHashMap<>();
        if (choosing != null) {
            for (StruckOut s : choosing.struckOut()) {
                byReason.computeIfAbsent(s.reason(), r -> new EnumMap<>(Layout.class)).computeIfAbsent(s.layout(), l -> new LinkedHashMap<>())
                        .computeIfAbsent(s.material(), m -> new TreeSet<>()).add(s.caseType());
            }
        }
        return byReason.entrySet().stream().map(e -> new StruckView(e.getKey(), e.getValue().entrySet().stream().map(l -> l.getKey().words() + ": "
                + l.getValue().entrySet().stream().map(m -> m.getKey() + cases(m.getValue())).collect(Collectors.joining(", "))).collect(Collectors.joining("; ")))).toList();
    }

    private static String cases(Set<CaseType> struck) {
        return struck.size() == CaseType.values().length ? "" : " (" + struck.stream().map(CaseType::words).collect(Collectors.joining(", ")) + ")";
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
        return new DriverView(driverFigures(d), drawing(evaluation).svg("d-", "Driver, cut along its axis"));
    }

    static List<Figure> driverFigures(DriverResult d) {
        List<Figure> out = new ArrayList<>();
        figure(out, "outside Ø", d.outsideMm());
        figure(out, "bears from Ø", d.landFromMm());
        figure(out, "to Ø", d.landToMm());
        figure(out, "recess Ø", d.recessDiameterMm());
        figure(out, "recess deep", d.recessDepthMm());
        figure(out, "spigot long", d.spigotMm());
        figure(out, "hole through Ø", d.throughHoleMm());
        figure(out, "hollow deep", d.hollowToMm());
        figure(out, "own set: take Ø", d.pickMm());
        return out;
    }

    private static void figure(List<Figure> out, String label, @Nullable Double mm) {
        if (mm != null) {
            out.add(new Figure(label, Length.show(mm, 2), "mm", null));
        }
    }

    /** The driver's drawing; only where there is a driver. */
    static LineDrawing drawing(JobEvaluation evaluation) {
        return DriverDrawing.of(evaluation.fitting().driver(), List.of("Driver for lip seal " + evaluation.decided().size().words(), "pressing face left, flat and square to its axis; edges broken",
                "mild steel or hard plastic; all dimensions in mm"));
    }
}
