package joropo.app.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.drawing.Look;
import joropo.app.job.Snapshot.Line;
import joropo.app.job.Snapshot.Sheet;
import joropo.app.job.Snapshot.StepLine;
import joropo.app.ui.Field;
import joropo.core.lipseal.FittingPlan;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.surface.RunningSurfaceResult.Offer;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.Unit;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Gathers all that a bench card shows into one record. */
@Component
class SnapshotMaker {
    private static final String ALWAYS =
            "This card does not replace the maker's instruction, the works' rules, local codes or licensed practice.";

    Snapshot of(JobState state, JobEvaluation evaluation, @Nullable String signer, @Nullable Instant signedAt) {
        Decided decided = evaluation.decided();
        Offer remedy = evaluation.surface().remedy();
        String seal = Stream.of(
                        decided.layout() == null ? null : decided.layout().words(),
                        decided.material() == null ? null : decided.material().code(),
                        decided.caseType() == null ? null : decided.caseType().words())
                .filter(Objects::nonNull)
                .collect(Collectors.joining(", "));
        var shown = evaluation.findingsTo(Stage.SIGN).stream()
                .map(JobFinding::finding)
                .filter(f -> state.isOpen() || f.status() != Status.MISSING || signer != null)
                .toList();
        boolean planned = !evaluation.plan().isEmpty();
        return new Snapshot(
                state.job().number(),
                state.position().machineName(),
                state.position().machinePlace(),
                state.position().name(),
                state.job().openedAt(),
                state.job().openedBy(),
                decided.size() == null ? null : decided.size().words(),
                seal.isEmpty() ? null : seal,
                remedy == null ? null : remedy.remedy().words() + ": " + remedy.reason(),
                planned ? FittingPlan.wayRound(evaluation.sketch().section()) : null,
                evaluation.window() == null ? null : Length.show(evaluation.targetMm(), 2),
                sheets(state, evaluation),
                shown,
                JobDrawing.svg(evaluation, shown, Look.Paper.SHEET, null),
                JobParts.of(state, evaluation).stream()
                        .map(SnapshotMaker::words)
                        .toList(),
                state.kept().entries().stream().map(SnapshotMaker::words).toList(),
                state.kept().lists().log().stream().map(StripPart::fate).toList(),
                steps(state, evaluation),
                cautions(evaluation),
                concession(evaluation.values()),
                signer,
                signedAt);
    }

    private static String words(JobEntry entry) {
        return entry.what() + ": "
                + switch (entry.state()) {
                    case IN -> "put in, not counted out";
                    case OUT -> "counted out";
                    case TRIAL -> "on trial";
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

    private static @Nullable String concession(Values values) {
        return values.text("concession") == null
                ? null
                : Stream.of("concession", "concessionWhy", "concessionExpected", "concessionFallback", "concessionLook")
                        .map(values::text)
                        .filter(Objects::nonNull)
                        .collect(Collectors.joining("; "));
    }

    private static List<Sheet> sheets(JobState state, JobEvaluation evaluation) {
        List<Sheet> out = new ArrayList<>();
        for (Stage stage : Stage.values()) {
            Map<String, Typed> texts = state.sheet(stage);
            List<Line> lines = lines(stage, texts, evaluation);
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

    /** Every field of a stage that holds something, or held a reading that was struck. */
    static List<Line> lines(Stage stage, Map<String, Typed> texts, JobEvaluation evaluation) {
        return SheetFields.cards(stage).stream()
                .flatMap(c -> c.fields().stream()
                        .map(f -> line(c, f, texts.getOrDefault(f.name(), Typed.NOTHING), evaluation)))
                .filter(l -> !l.text().isBlank() || !l.struck().isEmpty())
                .toList();
    }

    private static Line line(Card card, Field field, Typed typed, JobEvaluation evaluation) {
        Double mm = field.kind().isLength() ? evaluation.values().number(field.name()) : null;
        String text =
                switch (field.kind()) {
                    case CHOICE ->
                        field.offered(evaluation.values().shop(), typed.text()).stream()
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

    private static List<StepLine> steps(JobState state, JobEvaluation evaluation) {
        Map<String, StepDone> done = state.done(evaluation.plan());
        return evaluation.plan().stream()
                .map(s -> {
                    StepDone d = done.get(s.id());
                    return new StepLine(
                            s.act(),
                            s.hold(),
                            s.caution(),
                            d == null ? null : d.personName(),
                            d == null ? null : d.doneAt(),
                            d == null ? null : d.skippedWhy());
                })
                .toList();
    }

    private static List<String> cautions(JobEvaluation evaluation) {
        Set<String> out = new LinkedHashSet<>();
        out.add("Isolated, locked and proved dead before anything is opened; pressure off, weight held.");
        evaluation.plan().stream().map(Step::caution).filter(c -> !c.isEmpty()).forEach(out::add);
        out.add(ALWAYS);
        return List.copyOf(out);
    }
}
