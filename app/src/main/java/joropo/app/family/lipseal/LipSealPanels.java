package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.app.family.Panel;
import joropo.app.family.Panel.Choices;
import joropo.app.family.Panel.Fold;
import joropo.app.family.Panel.Image;
import joropo.app.family.Panel.Line;
import joropo.app.family.Panel.Listing;
import joropo.app.family.Panel.Note;
import joropo.app.family.Panel.Option;
import joropo.app.family.Stage;
import joropo.app.ui.Judged;
import joropo.app.ui.Show;
import joropo.core.lipseal.DriverResult;
import joropo.core.lipseal.LipSealResult;
import joropo.core.lipseal.LipSealResult.Candidate;
import joropo.core.removal.Cleaning;
import joropo.core.removal.RemovalResult;
import joropo.core.sizes.SealSize;
import joropo.core.surface.RunningSurfaceResult.Offer;
import org.jspecify.annotations.Nullable;

/** What a stage offers and shows beside its fields, from what follows of the texts of a lip seal. */
final class LipSealPanels {
    private static final int MOST_SIZES = 6;
    private static final int BEST = 1;
    private static final int BEST_REMEDIES = 2;
    private static final String DESTROYED =
            "Every removed seal counts as destroyed: have the new one in hand before you pull.";

    private final LipSealWork work;
    private final Show show;

    LipSealPanels(LipSealWork work, Show show) {
        this.work = work;
        this.show = show;
    }

    List<Panel> of(Stage stage) {
        return switch (stage) {
            case INTAKE -> List.of(assumed("assumed", "duty"));
            case STRIP -> List.of(ways());
            case MEASURE -> List.of(track("eye", true), cleaning());
            case DECIDE ->
                List.of(
                        track("work", work.track().remedy() != null),
                        remedies(),
                        sizes(),
                        assumed("assumed", "seal"),
                        seals(),
                        struckOut(),
                        wayRound("way-round", "way"),
                        driver());
            case FIT -> List.of(new Image("dial", "square", work.seat().dial(), List.of(), ""));
            default -> List.of();
        };
    }

    private Note assumed(String id, String card) {
        List<String> assumed = work.duty().assumed();
        return new Note(id, card, assumed.isEmpty() ? "" : "assumed: " + String.join("; ", assumed), true);
    }

    private Note wayRound(String id, String card) {
        return new Note(id, card, work.plan().isEmpty() ? "" : work.wayRound(), false);
    }

    private Image track(String card, boolean drawn) {
        return new Image("track", card, drawn ? LipSealPicture.track(work) : "", List.of(), "");
    }

    /** What the remedy leads to, else what fits the readings. */
    private Choices sizes() {
        Offer remedy = work.track().remedy();
        List<SealSize> fit = remedy != null && !remedy.ruledOut() && remedy.sizes() != null
                ? remedy.sizes()
                : work.measured().sizes() == null
                        ? List.of()
                        : work.measured().sizes().sizes();
        return new Choices(
                "sizes",
                "seal",
                "listed sizes that fit what was read",
                true,
                fit.stream()
                        .limit(MOST_SIZES)
                        .map(s -> new Option(
                                0,
                                s.words(),
                                s.listed().equals("standard") ? "ISO 6194-1" : "common",
                                "",
                                null,
                                LipSealFields.SIZE.name() + "=" + s.words(),
                                false))
                        .toList(),
                0);
    }

    /**
     * One line for each layout and material with the case that suits best, the others named; what was taken stands as
     * it was taken.
     */
    private Choices seals() {
        LipSealResult choosing = work.decided().choosing();
        Map<String, List<Candidate>> kinds = new LinkedHashMap<>();
        if (choosing != null) {
            choosing.candidates()
                    .forEach(c -> kinds.computeIfAbsent(c.layout() + " " + c.material(), k -> new ArrayList<>())
                            .add(c));
        }
        Candidate taken = work.decided().candidate().orElse(null);
        List<Option> options = kinds.values().stream()
                .sorted(Comparator.comparing(same -> same.contains(taken) ? 0 : 1))
                .map(same -> seal(same.contains(taken) ? taken : same.get(0), same, taken))
                .toList();
        return new Choices(
                "seals",
                "seal",
                "recommended first, then what else may be taken",
                false,
                options,
                folded(options, BEST));
    }

    /** How many of the last are folded: what was taken stands alone. */
    private static int folded(List<Option> options, int best) {
        boolean taken = !options.isEmpty() && options.get(0).taken();
        return Math.max(0, options.size() - (taken ? 1 : best));
    }

    private Option seal(Candidate shown, List<Candidate> same, @Nullable Candidate taken) {
        List<String> reasons = new ArrayList<>(shown.reasons());
        String others = same.stream()
                .filter(c -> !c.equals(shown))
                .map(c -> c.caseType().words())
                .collect(Collectors.joining(", "));
        if (!others.isEmpty()) {
            reasons.add("also possible: " + others);
        }
        return new Option(
                shown.rank(),
                shown.words(),
                String.join("; ", reasons),
                "",
                show.mark(shown.verdict(), Judged.ARRANGEMENT),
                LipSealFields.LAYOUT.name() + "=" + shown.layout() + ";" + LipSealFields.MATERIAL.name() + "="
                        + shown.material() + ";" + LipSealFields.CASE_TYPE.name() + "=" + shown.caseType()
                        + sizeOfPosition(),
                shown.equals(taken));
    }

    /** The size that belongs at the position goes with the seal while none is typed and the shaft keeps its own. */
    private String sizeOfPosition() {
        SealSize size = work.position().size().seal();
        Offer remedy = work.track().remedy();
        return size == null
                        || work.decided().size() != null
                        || remedy != null
                                && remedy.sizes() != null
                                && !remedy.sizes().contains(size)
                ? ""
                : ";" + LipSealFields.SIZE.name() + "=" + size.words();
    }

    private Listing struckOut() {
        LipSealResult choosing = work.decided().choosing();
        List<Line> lines = choosing == null
                ? List.of()
                : StruckOutLine.of(choosing.struckOut()).stream()
                        .map(s -> new Line(null, s.reason(), "", "", s.seals(), List.of()))
                        .toList();
        boolean nothingElse = choosing != null && choosing.candidates().isEmpty();
        return new Listing(
                "struck-out", "seal", "ruled out, and why", nothingElse ? Fold.OPEN : Fold.CLOSED, lines, "");
    }

    private Choices remedies() {
        Offer taken = work.track().remedy();
        List<Option> options = work.track().result().remedies().stream()
                .sorted(Comparator.comparing(
                        o -> taken != null && taken.remedy() == o.remedy() ? 0 : o.ruledOut() ? 2 : 1))
                .map(o -> new Option(
                        0,
                        o.remedy().words(),
                        o.reason(),
                        o.ruledOut() ? "" : o.precondition() + ". " + o.caution() + ".",
                        show.mark(o.verdict(), Judged.ARRANGEMENT),
                        o.ruledOut() ? "" : LipSealFields.REMEDY.name() + "=" + o.remedy(),
                        taken != null && taken.remedy() == o.remedy()))
                .toList();
        return new Choices("remedies", "work", "", false, options, folded(options, BEST_REMEDIES));
    }

    /** Surface by surface, of all that the section or the strip log names. */
    private Listing cleaning() {
        return new Listing(
                "cleaning",
                "clean",
                "surface by surface",
                Fold.CLOSED,
                Cleaning.of(work.partsThere()).stream()
                        .map(c -> new Line(null, c.surface(), "", "", c.use(), List.of()))
                        .toList(),
                "");
    }

    private Listing ways() {
        RemovalResult removal = work.removal();
        List<Line> lines = removal == null
                ? List.of()
                : removal.ways().stream()
                        .map(w -> new Line(
                                show.mark(w.verdict(), Judged.ARRANGEMENT),
                                w.way().words(),
                                "",
                                "",
                                w.reason(),
                                w.cautions()))
                        .toList();
        return new Listing("ways", "out", "", Fold.NONE, lines, removal == null ? "" : DESTROYED);
    }

    private Image driver() {
        DriverResult driver = work.fitting().driver();
        return driver == null
                ? new Image(LipSealWork.DRIVER, "driving", "", List.of(), "")
                : new Image(
                        LipSealWork.DRIVER,
                        "driving",
                        work.driver().svg("d-", "Driver, cut along its axis"),
                        DriverFigures.of(driver),
                        LipSealWork.DRIVER);
    }
}
