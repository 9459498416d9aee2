package joropo.app.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.drawing.Paper;
import joropo.app.family.Card;
import joropo.app.family.CommonFields;
import joropo.app.family.JobFinding;
import joropo.app.family.Picture;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.family.Summary;
import joropo.app.family.Typed;
import joropo.app.job.Snapshot.Item;
import joropo.app.job.Snapshot.Line;
import joropo.app.job.Snapshot.Sheet;
import joropo.app.job.Snapshot.StepLine;
import joropo.app.ui.Field;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Unit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Gathers all that a bench card shows into one record. */
@Component
class SnapshotMaker {
    private static final String ALWAYS =
            "This card does not replace the maker's instruction, the works' rules, local codes or licensed practice.";

    Snapshot of(JobState state, JobWork work, @Nullable String signer, @Nullable Instant signedAt) {
        Summary summary = work.main().summary();
        List<JobFinding> shown = work.findingsTo(Stage.SIGN);
        Numbers numbers = Numbers.of(state.job().numbered()).with(work.findings());
        return SnapshotBuilder.builder()
                .number(state.job().number())
                .machine(state.position().machineName())
                .place(state.position().machinePlace())
                .position(state.position().name())
                .openedAt(state.job().openedAt())
                .openedBy(state.job().openedBy())
                .size(summary.size())
                .caseType(summary.words())
                .remedy(summary.remedy())
                .wayRound(summary.wayRound())
                .target(depth(summary))
                .sheets(sheets(state, work))
                .findings(shown.stream().map(JobFinding::finding).toList())
                .places(shown.stream()
                        .map(f -> new Snapshot.Place(numbers.of(f), f.stage(), work.answeredAt(f)))
                        .toList())
                .figures(figures(work))
                .drawing(work.main()
                        .picture(Paper.SHEET, numbers.inOrder(shown), null)
                        .map(Picture::svg)
                        .orElse(""))
                .items(
                        work.items().size() < 2
                                ? List.of()
                                : work.items().stream().map(SnapshotMaker::item).toList())
                .parts(JobParts.of(state, work).stream()
                        .map(SnapshotMaker::words)
                        .toList())
                .counted(Stream.of(
                                state.beside().things().stream().map(SnapshotMaker::words),
                                state.beside().entered().undoneTurns().stream(),
                                state.beside().steps().stream()
                                        .filter(t -> t.undoneWhy() != null)
                                        .map(t -> "step taken back by " + t.personName() + ", " + t.undoneWhy() + ": "
                                                + t.act()))
                        .flatMap(s -> s)
                        .toList())
                .stripped(state.beside().log().stream().map(StripPart::fate).toList())
                .steps(steps(state, work))
                .cautions(cautions(work))
                .concession(concession(work.read()))
                .signer(signer)
                .signedAt(signedAt)
                .build();
    }

    private static List<Snapshot.OnCard> figures(JobWork work) {
        return Arrays.stream(Stage.values())
                .flatMap(s -> work.cards().of(s).stream())
                .map(c -> new Snapshot.OnCard(c.id(), work.figures(c.id())))
                .filter(c -> !c.figures().isEmpty())
                .toList();
    }

    /** How deep it was to go and how deep it was read to stand; absent where neither is known. */
    private static @Nullable String depth(Summary summary) {
        String target = summary.targetMm() == null ? "" : Length.show(summary.targetMm(), 2) + " mm";
        String read = summary.placedMm() == null ? "" : "read " + Length.show(summary.placedMm(), 2) + " mm";
        String both = Stream.of(target, read).filter(t -> !t.isEmpty()).collect(Collectors.joining(", "));
        return both.isEmpty() ? null : both;
    }

    private static Item item(JobWork.Named item) {
        Summary summary = item.work().summary();
        return new Item(
                item.name(), summary.size(), summary.words(), summary.wayRound(), depth(summary), summary.remedy());
    }

    private static String words(JobEntry entry) {
        return entry.what() + ": "
                + switch (entry.state()) {
                    case IN -> "put in, not counted out";
                    case OUT -> "counted out";
                    case TRIAL -> "finger-tight, not final";
                    case FINAL -> "final";
                }
                + ", " + entry.personName();
    }

    private static String words(PartLine line) {
        Part part = line.part();
        return part.count() + " " + part.name()
                + (part.together() == null ? "" : ", renewed together with the " + part.together())
                + (line.entry() == null ? "" : ": " + line.entry().words());
    }

    private static @Nullable String concession(ReadFields read) {
        return read.get(CommonFields.CONCESSION) == null
                ? null
                : Stream.concat(Stream.of(CommonFields.CONCESSION), CommonWork.CONCESSION.stream())
                        .map(read::get)
                        .filter(Objects::nonNull)
                        .collect(Collectors.joining("; "));
    }

    private static List<Sheet> sheets(JobState state, JobWork work) {
        List<Sheet> out = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            Map<String, Typed> texts = state.sheet(stage);
            List<Line> lines = new ArrayList<>(lines(stage, texts, work));
            state.job().takenOut().forEach(i -> lines(work.cards().of(stage, i), texts, work).stream()
                    .map(l -> l.of(i.calledAmong(state.items()) + ", taken out: " + i.withdrawnWhy()))
                    .forEach(lines::add));
            Revision last = state.lastRevision(stage).orElse(null);
            if (!lines.isEmpty()) {
                out.add(new Sheet(
                        stage.title(),
                        last == null ? 0 : last.revision(),
                        last == null ? null : last.personName(),
                        last == null ? null : last.keptAt(),
                        lines));
            }
        }
        return out;
    }

    /** A sheet as it was kept: of what is asked no more, or of an item that was taken out since, too. */
    static List<Line> keptLines(Job job, Stage stage, Map<String, Typed> texts, JobWork work) {
        List<Line> out = new ArrayList<>(lines(stage, texts, work));
        Set<String> shown = work.cards().fields(stage).map(Field::name).collect(Collectors.toCollection(HashSet::new));
        for (JobItem gone : job.takenOut()) {
            List<Card> cards = work.cards().of(stage, gone);
            lines(cards, texts, work).stream()
                    .map(l -> l.of(gone.calledAmong(job.items())))
                    .forEach(out::add);
            cards.forEach(c -> c.fields().forEach(f -> shown.add(f.name())));
        }
        texts.forEach((name, typed) -> {
            if (!shown.contains(name) && !name.startsWith(SectionOnSheets.BENCH) && !typed.isBlank()) {
                out.add(new Line("asked no more", name, typed.text(), "", List.of()));
            }
        });
        return out;
    }

    /** Every field of a stage that holds something, or held a reading that was struck. */
    static List<Line> lines(Stage stage, Map<String, Typed> texts, JobWork work) {
        boolean several = work.items().size() > 1;
        List<Line> out = new ArrayList<>(lines(work.cards().common(stage), texts, work));
        for (JobWork.Named item : work.items()) {
            List<Line> own = lines(work.cards().of(stage, item.item()), texts, work);
            out.addAll(several ? own.stream().map(l -> l.of(item.name())).toList() : own);
        }
        out.addAll(SectionOnSheets.lines(texts));
        return out;
    }

    /** Every field of these cards that holds something, or held a reading that was struck. */
    static List<Line> lines(List<Card> cards, Map<String, Typed> texts, JobWork work) {
        return cards.stream()
                .flatMap(c ->
                        c.fields().stream().map(f -> line(c, f, texts.getOrDefault(f.name(), Typed.NOTHING), work)))
                .filter(l -> !l.text().isBlank() || !l.struck().isEmpty())
                .toList();
    }

    private static Line line(Card card, Field<?> field, Typed typed, JobWork work) {
        Double mm = field.kind().isLength() ? (Double) work.read().get(field) : null;
        String text =
                switch (field.kind()) {
                    case CHOICE ->
                        field.offered(work.read().shop(), typed.text()).stream()
                                .filter(c -> c.value().equals(typed.text()))
                                .map(Field.Choice::words)
                                .findFirst()
                                .orElse("");
                    case TICK -> typed.isBlank() ? "" : "yes";
                    case SPEED -> withUnit(typed, Unit.RPM.symbol());
                    case PRESSURE -> withUnit(typed, Unit.MPA.symbol());
                    case TEMPERATURE -> withUnit(typed, Unit.CELSIUS.symbol());
                    case HOURS -> withUnit(typed, Unit.HOUR.symbol());
                    case NUMBER ->
                        typed.isBlank() || typed.text().endsWith(field.range().unit())
                                ? typed.text()
                                : typed.text() + " " + field.range().unit();
                    default ->
                        mm == null ? typed.text() : withUnit(typed, unit(typed).symbol());
                };
        return new Line(
                card.title(),
                field.label(),
                text,
                mm == null ? "" : Length.show(mm, 3) + " mm",
                typed.struck().stream()
                        .map(s -> s.text() + ", struck: " + s.why())
                        .toList());
    }

    private static String withUnit(Typed typed, String symbol) {
        return typed.isBlank() || Length.namesUnit(typed.text()) ? typed.text() : typed.text() + " " + symbol;
    }

    private static LengthUnit unit(Typed typed) {
        return typed.unit() == null ? LengthUnit.MM : typed.unit();
    }

    private static List<StepLine> steps(JobState state, JobWork work) {
        List<Step> stripping = work.stripping();
        Map<String, StepDone> done = new HashMap<>(state.done(stripping, work));
        done.putAll(state.done(work.plan(), work));
        return Stream.concat(stripping.stream().filter(s -> done.containsKey(s.id())), work.plan().stream())
                .map(s -> {
                    StepDone d = done.get(s.id());
                    return new StepLine(
                            s.isStripping(),
                            s.instruction(),
                            s.hold(),
                            s.caution(),
                            d == null ? null : d.personName(),
                            d == null ? null : d.doneAt(),
                            d == null ? null : d.skippedWhy());
                })
                .toList();
    }

    private static List<String> cautions(JobWork work) {
        Set<String> out = new LinkedHashSet<>();
        out.add("Isolated, locked and proved dead before anything is opened; pressure off, weight held.");
        work.plan().stream().map(Step::caution).filter(c -> !c.isEmpty()).forEach(out::add);
        out.add(ALWAYS);
        return List.copyOf(out);
    }
}
