package joropo.app.section;

import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import joropo.app.access.Person;
import joropo.app.drawing.DrawingStyle;
import joropo.app.drawing.Orientation;
import joropo.app.drawing.Paper;
import joropo.app.drawing.Pin;
import joropo.app.drawing.SectionDrawing;
import joropo.app.drawing.SectionPicture;
import joropo.app.ui.FindingLine;
import joropo.app.ui.Judged;
import joropo.app.ui.NotFound;
import joropo.app.ui.Show;
import joropo.app.ui.StatusMark;
import joropo.core.lipseal.LipSealRules;
import joropo.core.material.Medium;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Comparison;
import joropo.core.section.Section;
import joropo.core.section.SectionBuilder;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What lies on the bench: own sections, beginnings, files, two laid side by side, what is fitted at a position. */
@Service
class SectionLibrary {
    private static final int LONGEST_REASON = 200;

    private final BenchStore store;
    private final BenchMoves moves;
    private final SectionText json;
    private final Show show;

    SectionLibrary(BenchStore store, BenchMoves moves, SectionText json, Show show) {
        this.store = store;
        this.moves = moves;
        this.json = json;
        this.show = show;
    }

    /** One own section in the list. */
    public record Line(long id, String name, String madeBy, Instant movedAt, StatusMark sign) {}

    /** A starting arrangement with its picture. */
    public record StartView(String path, String title, String words, String drawing) {}

    List<Line> own() {
        return store.own().stream()
                .map(s -> {
                    Section section = json.read(s.section());
                    return new Line(
                            s.id(),
                            section.name().isBlank() ? "Section " + s.id() : section.name(),
                            s.madeBy(),
                            s.movedAt(),
                            show.mark(
                                    Finding.worst(LipSealRules.section(section).findings())));
                })
                .toList();
    }

    List<StartView> starts() {
        return Arrays.stream(StarterArrangement.values())
                .map(s -> new StartView(
                        s.path(),
                        s.title(),
                        s.words(),
                        SectionDrawing.svg(
                                SectionPicture.of(json.read(s.json()))
                                        .with(new DrawingStyle(Paper.NARROW, Orientation.OUTSIDE_LEFT, false, null)),
                                s.path() + "-")))
                .toList();
    }

    long begin(String start, Person person) {
        StarterArrangement chosen =
                StarterArrangement.ofPath(start).orElseThrow(() -> new NotFound("starting arrangement " + start));
        return store.open(
                null,
                SectionRole.OWN,
                json.read(chosen.json()),
                "began with " + chosen.title().toLowerCase(Locale.ROOT),
                person);
    }

    /** From nothing: a shaft in a bore, and the first seal. @throws RefusedInput naming the field that will not do */
    long beginWith(String name, double shaftMm, double boreMm, double widthMm, Person person) {
        var seal = BoreItemSealBuilder.builder()
                .id("s1")
                .fromMm(0.0)
                .widthMm(widthMm)
                .outsideDiameterMm(boreMm)
                .insideDiameterMm(shaftMm)
                .mainLip(Side.IN)
                .spring(true)
                .build();
        var section = SectionBuilder.builder()
                .name(name.strip())
                .shaftDiameterMm(shaftMm)
                .boreDiameterMm(boreMm)
                .spaces(List.of(new Space(Medium.AIR, null, null, null), new Space(Medium.OIL, null, null, null)))
                .boreItems(List.of(seal))
                .shaftItems(List.of())
                .build();
        return store.open(null, SectionRole.OWN, section, "began from nothing", person);
    }

    /** What stands at a position, with its picture. */
    public record FittedView(long positionId, String name, String drawing, List<FindingLine> findings) {}

    FittedView fitted(long positionId) {
        Section section = store.fittedAt(positionId)
                .orElseThrow(() -> new NotFound("section as fitted at position " + positionId));
        List<Finding> findings = LipSealRules.section(section).findings().stream()
                .filter(f -> f.status() != Status.PASS)
                .sorted(Comparator.comparing(Finding::status))
                .toList();
        List<FindingLine> lines = IntStream.range(0, findings.size())
                .mapToObj(i -> show.line(i + 1, findings.get(i)))
                .toList();
        var pins = lines.stream()
                .map(l -> Pin.of(
                        l.number(),
                        l.finding().status(),
                        l.finding().id(),
                        l.finding().part()))
                .toList();
        return new FittedView(
                positionId,
                section.name(),
                SectionDrawing.svg(SectionPicture.of(section).with(pins), "s-"),
                lines);
    }

    /** A trial of one's own with what stands at a position. */
    long tryFitted(long positionId, Person person) {
        return store.open(
                null,
                SectionRole.OWN,
                store.fittedAt(positionId)
                        .orElseThrow(() -> new NotFound("section as fitted at position " + positionId)),
                "began with what is fitted",
                person);
    }

    /**
     * A section as the kit, laid beside another one as what was found.
     *
     * @param other number of that one; absent: the one found in the same job, or the one that lies in the section
     *     itself
     */
    ComparisonPage against(long id, @Nullable Long other) {
        StoredSection kit = store.sheet(id);
        Section planned = moves.section(kit);
        Section found =
                other == null ? moves.found(kit).orElseGet(planned::asFound) : moves.section(store.sheet(other));
        List<Line> others = own().stream().filter(l -> l.id() != id).toList();
        String name = planned.name().isBlank() ? "Section " + id : planned.name();
        if (found == null) {
            return ComparisonPageBuilder.builder()
                    .id(id)
                    .kitName(name)
                    .foundName("")
                    .kitDrawing("")
                    .foundDrawing("")
                    .totalWords("")
                    .rules(List.of())
                    .others(others)
                    .build();
        }
        Comparison comparison = Comparison.of(planned, found);
        double total = comparison.totalMm();
        String words = total == 0
                ? "as thick as what was found"
                : Length.show(Math.abs(total), 2) + " mm " + (total > 0 ? "thicker" : "thinner")
                        + " than what was found";
        List<ComparisonPage.RuleLine> rules = LipSealRules.compared(planned, found).stream()
                .map(r -> new ComparisonPage.RuleLine(
                        r.id(),
                        r.kit() == null ? null : show.mark(r.kit(), Judged.ARRANGEMENT),
                        r.found() == null ? null : show.mark(r.found(), Judged.ARRANGEMENT)))
                .toList();
        return ComparisonPageBuilder.builder()
                .id(id)
                .kitName(name)
                .other(other)
                .foundName(found.name().isBlank() ? "as found" : found.name())
                .kitDrawing(drawn(planned, "k-"))
                .foundDrawing(drawn(found, "f-"))
                .comparison(comparison)
                .totalWords(words)
                .rules(rules)
                .others(others)
                .build();
    }

    private static String drawn(Section section, String prefix) {
        return section.shaftDiameterMm() == null || section.boreDiameterMm() == null
                ? ""
                : SectionDrawing.svg(SectionPicture.of(section), prefix);
    }

    /** @throws RefusedInput when the reason is no reason */
    void putAway(long id, String why, Person person) {
        if (why.isBlank() || why.length() > LONGEST_REASON) {
            throw new RefusedInput("why", "needs 1 to " + LONGEST_REASON + " characters");
        }
        store.withdraw(id, why.strip(), person);
    }

    /** Section and name of a file. */
    record File(Section section, String text, String name, String place) {}

    File file(long id) {
        StoredSection sheet = store.sheet(id);
        Section section = moves.section(sheet);
        String name = section.name().isBlank()
                ? "section-" + id
                : section.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return new File(
                section,
                json.write(section),
                name,
                sheet.jobNumber() == null
                        ? ""
                        : "Job " + sheet.jobNumber() + ", " + sheet.role().words());
    }
}
