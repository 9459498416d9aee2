package joropo.app.job;

import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import joropo.app.drawing.Look;
import joropo.app.register.Position;
import joropo.app.register.PositionLimit;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.FindingLine;
import joropo.app.ui.Sign;
import joropo.core.plan.Part;
import joropo.core.plan.PartKind;
import joropo.core.plan.Step;
import joropo.core.plan.StripLog;
import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * One stage of a job as its page shows it. @param assumed what is taken where nobody said anything, in words, @param
 * asks closed cards that something typed asks for, @param drawn the section on a paper, @param clock depths round the
 * circumference as a picture, empty while they are not read
 */
public record JobView(
        Job job,
        Position position,
        Stage stage,
        List<StageView> stages,
        List<CardView> cards,
        List<FindingLine> rail,
        Function<Look.Paper, String> drawn,
        String tab,
        long seq,
        LengthUnit unit,
        int revision,
        boolean editable,
        JobRules.@Nullable Held held,
        OffersView offers,
        List<String> assumed,
        List<String> asks,
        List<StepView> steps,
        @Nullable String wayRound,
        List<String> open,
        @Nullable Signature signature,
        List<Addendum> addenda,
        List<JobEntry> entries,
        List<PositionNote> notes,
        @Nullable TorqueView torque,
        JobSections sections,
        String clock,
        List<AsideView> aside,
        Lists lists) {
    /** @param paper name of one */
    public String drawing(String paper) {
        return drawn.apply(Look.Paper.valueOf(paper));
    }

    /** What other jobs left to the next fitter here. */
    public List<PositionNote> notesBefore() {
        return notes.stream().filter(n -> !n.jobNumber().equals(job.number())).toList();
    }

    /** What was entered of one kind. @param kind TEMPORARY or FASTENER */
    public List<JobEntry> entries(String kind) {
        return entries.stream().filter(e -> e.kind().name().equals(kind)).toList();
    }

    /**
     * The torque plan as far as it has come. @param bolt the next one, 0: all are done, @param nm torque of this pass
     * (N·m), @param figure the same in the unit of the sheet, @param other in the other units
     */
    public record TorqueView(
            String drawing,
            int pass,
            int passes,
            int bolt,
            double nm,
            String figure,
            String other,
            String wrench,
            int left) {}

    /**
     * What stands on lists beside the sheet; each empty where it does not belong to the stage.
     *
     * @param proposals parts that may be put on the list with one tap, @param log what came off, in its order, @param
     *     back the same in the order of building
     * @param known kinds and names to take from with one tap, @param now the moment of the page, for timers, @param
     *     safe whether anything may come off
     */
    public record Lists(
            List<PartView> parts,
            List<Part> proposals,
            List<StripPart> log,
            List<StripPart> back,
            List<PartKind> known,
            List<JobTimer> timers,
            List<ConcessionLine> concessions,
            List<RecommendationLine> recommendations,
            List<PositionLimit> limits,
            Instant now,
            boolean safe) {
        /** What may be noted of a part: only what a part of its kind has. */
        public List<Field> noteFields(StripPart part) {
            return StripPart.FIELDS.stream()
                    .filter(f -> part.kind().isFaced() || !f.name().equals("faced"))
                    .filter(f -> part.kind().isPlaced()
                            || !f.name().equals("place") && !f.name().equals("thickness"))
                    .toList();
        }

        public List<PartKind> kinds() {
            return List.of(PartKind.values());
        }

        /** What a cover or a plug brings along. */
        public List<PartKind> small() {
            return List.of(
                    PartKind.WASHER, PartKind.PIN, PartKind.KEY, PartKind.SHIM, PartKind.LOCK_TAB, PartKind.BOLT);
        }

        /** Parts of the bore of which nobody has read the place, by name. */
        public List<String> unplaced() {
            return log.stream()
                    .filter(p -> StripLog.isInBore(p.kind())
                            && p.cameWith() == null
                            && p.text("place").isBlank())
                    .map(StripPart::name)
                    .toList();
        }

        public long unsettled() {
            return parts.stream().filter(p -> !p.line().isSettled()).count();
        }

        public boolean isOver(JobTimer timer) {
            return !timer.runs(now);
        }
    }

    /** One part of the list with the lots that serve for it. */
    public record PartView(PartLine line, List<LotView> lots) {}

    /** A lot that serves. @param needsLead whether it is past its date or has none, @param life its date in words */
    public record LotView(long id, String words, Sign sign, String life, boolean needsLead, boolean enough) {}

    /** One journal of the shaft line. */
    public record StageView(Stage stage, Sign sign, boolean kept) {}

    /** One card with its figures. */
    public record CardView(
            String id, String title, String layout, boolean folded, List<FieldView> fields, List<Figure> figures) {
        public FieldView field(String name) {
            return fields.stream()
                    .filter(f -> f.name().equals(name))
                    .findFirst()
                    .orElseThrow();
        }
    }

    /** One field with its text, how it was understood, and what is wrong with it. */
    public record FieldView(
            String name,
            String label,
            String kind,
            String text,
            List<Field.Choice> choices,
            boolean needed,
            String hint,
            @Nullable String error,
            String echo,
            String echoOther,
            List<Typed.Struck> struck) {
        public boolean isChoice() {
            return kind.equals("CHOICE");
        }

        public boolean isTick() {
            return kind.equals("TICK");
        }

        public boolean isNote() {
            return kind.equals("NOTE");
        }

        public boolean isNumber() {
            return !isChoice() && !isTick() && !isNote() && !kind.equals("LINE") && !kind.equals("DATE");
        }
    }

    /**
     * A step of the plan. @param before its tick from when it said something else, absent: none, @param ready whether
     * every hold point before it is done
     */
    public record StepView(
            int number,
            Step step,
            @Nullable StepDone done,
            @Nullable StepDone before,
            boolean ready) {}

    /** Typing of another window. */
    public record AsideView(String tab, String personName, Instant savedAt, List<Difference> differences) {}

    /** One field that two windows hold differently. */
    public record Difference(String label, String here, String there) {}
}
