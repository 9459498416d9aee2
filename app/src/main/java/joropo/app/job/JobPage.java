package joropo.app.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.app.drawing.Paper;
import joropo.app.family.Card;
import joropo.app.family.CommonFields;
import joropo.app.family.ItemSet;
import joropo.app.family.Panel;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.register.Position;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.FindingLine;
import joropo.app.ui.StatusMark;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Step;
import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * One stage of a job as its page shows it.
 *
 * @param lists what stands on lists beside the sheet, @param counted what is counted and ticked, @param ending what
 *     signing needs and left; each absent where an answer does not show it
 */
public record JobPage(
        Head head,
        Window window,
        Sheet sheet,
        Rail rail,
        Plan plan,
        @Nullable ListsView lists,
        @Nullable Counted counted,
        @Nullable End ending) {
    /**
     * What stands over every stage. @param held what keeps this stage from being kept, absent: nothing, @param sets of
     * items that can be added at once
     */
    public record Head(
            Job job,
            Position position,
            Stage stage,
            List<StageView> stages,
            boolean editable,
            JobRules.@Nullable Held held,
            List<PartKind> addable,
            List<ItemSet> sets) {}

    /**
     * The window that shows it. @param revision of the newest kept sheet, 0: none, @param aside typing of
     * others, @param gone names of items that were taken out and are still typed of here
     */
    public record Window(
            String tab, long seq, LengthUnit unit, int revision, List<AsideView> aside, List<String> gone) {}

    /**
     * The sheet. @param items that its cards are of, @param asks closed cards that something typed asks for, @param
     * drawn the picture on a paper, @param inSection whether that is a section, which may be broken off, @param
     * rearranged what was arranged on the bench beyond the fields
     */
    public record Sheet(
            List<CardView> cards,
            Items items,
            List<String> asks,
            Function<Paper, String> drawn,
            boolean inSection,
            List<Snapshot.Line> rearranged) {
        /** Cards of the job itself that are worked on first, or those that are opened when they are wanted. */
        public List<CardView> common(boolean folded) {
            return cardsOf(0).stream().filter(c -> c.card().folded() == folded).toList();
        }

        /** Cards of one item. @param item its number, 0: those of the job itself */
        public List<CardView> cardsOf(int item) {
            return cards.stream().filter(c -> c.item() == item).toList();
        }

        /** Of the items that have cards on this stage. */
        public List<Integer> itemNumbers() {
            return cards.stream()
                    .map(CardView::item)
                    .filter(n -> n > 0)
                    .distinct()
                    .toList();
        }

        /** @param paper name of one */
        public String drawing(String paper) {
            return drawn.apply(Paper.valueOf(paper));
        }

        /** Every panel of the stage once, in the order of its cards. */
        public List<Panel> panels() {
            List<Panel> out = new ArrayList<>();
            cards.stream()
                    .flatMap(c -> c.panels().stream())
                    .filter(p -> out.stream().noneMatch(o -> o.id().equals(p.id())))
                    .forEach(out::add);
            return out;
        }
    }

    /** What is sealed in the job. @param standing none where there is but one, @param takenOut with what was typed */
    public record Items(List<ItemView> standing, List<TakenOut> takenOut) {}

    /** One item. @param sign worst of this stage, @param part of the picture that it is, empty: none tells it apart */
    public record ItemView(int number, String name, String kind, StatusMark sign, String part) {}

    /** One that was taken out. @param lines what was typed of it on this stage: kept, never judged */
    public record TakenOut(String name, String why, List<Snapshot.Line> lines) {}

    /** What was found. @param open worst first, @param right in working order */
    public record Rail(List<RailLine> open, List<RailLine> right) {}

    /** One finding. @param href where it is answered, @param to what that is called */
    public record RailLine(FindingLine line, String href, String to) {}

    /**
     * The plan. @param wayRound which way it faces, absent while that is not decided, or nothing is fitted yet, @param
     * changed steps that were ticked and read otherwise now, in words, empty: none
     */
    public record Plan(
            String title, List<StepView> steps, @Nullable String wayRound, String changed) {}

    /** What was put in for a time and tightened. @param torque joints of which somebody has said how */
    public record Counted(List<JobEntry> entries, List<TorqueView> torque) {
        /** What was entered of one kind. @param kind TEMPORARY or FASTENER */
        public List<JobEntry> entries(String kind) {
            return entries.stream().filter(e -> e.kind().name().equals(kind)).toList();
        }
    }

    /**
     * What keeps the job from being signed, @param sum what is signed, @param asksPassword whether who signs says once
     * more who they are, and how it ended. @param notes to the next fitter here, newest first
     */
    public record End(
            List<String> open,
            List<String> sum,
            boolean asksPassword,
            @Nullable Signature signature,
            List<Addendum> addenda,
            List<Review> reviews,
            Review.@Nullable Waits waits,
            List<PositionNote> notes) {
        /** What other jobs left. @param number of this one */
        public List<PositionNote> notesBefore(String number) {
            Map<String, PositionNote> newest = new LinkedHashMap<>(); // the same words are said once
            notes.stream().filter(n -> !n.jobNumber().equals(number)).forEach(n -> newest.putIfAbsent(n.text(), n));
            return List.copyOf(newest.values());
        }
    }

    /**
     * The torque plan of one joint as far as it has come. @param key of the joint, @param name empty: the only one
     * needs none, @param set absent: there is no figure
     */
    public record TorqueView(
            String key,
            String name,
            String drawing,
            Turns turns,
            @Nullable Setting set) {}

    /**
     * Turns of the wrench. @param bolt the next one, 0: all are done, @param left to do, @param rest what one tap for
     * all of this pass says, @param undoable whether there is one that can be taken back
     */
    public record Turns(int pass, int passes, int bolt, int left, String rest, boolean undoable) {
        static final Turns NONE = new Turns(0, 0, 0, 0, "", false);
    }

    /**
     * What a wrench is set to. @param nm torque of this pass (N·m), @param figure the same in the unit of the sheet,
     *
     * @param other in the other units
     */
    public record Setting(double nm, String figure, String other, String wrench) {}

    /** One journal of the shaft line. @param wants what is still to be typed there, none while somebody is at it */
    public record StageView(Stage stage, StatusMark sign, boolean kept, List<String> wants) {}

    /**
     * One card with its figures and what is shown under it. @param item its number, 0: of the job itself, @param
     * contradicted ticks that something else contradicts, by field: what
     */
    public record CardView(
            Card card,
            int item,
            boolean folded,
            List<FieldView> fields,
            List<Figure> figures,
            List<Panel> panels,
            Map<String, String> contradicted) {
        public String id() {
            return card.id();
        }

        public String title() {
            return card.title();
        }

        public String layout() {
            return card.shape().name();
        }

        /** What stands on it in one line; empty where nothing does. */
        public String line() {
            boolean ticks = fields.stream().anyMatch(FieldView::isTick);
            return ticks
                            && fields.stream()
                                    .allMatch(f -> !f.isTick() || !f.text().isBlank())
                    ? "done"
                    : fields.stream()
                            .filter(f -> !f.text().isBlank() && !f.isTick() && !f.isGauge())
                            .map(FieldView::said)
                            .collect(Collectors.joining(", "));
        }

        public String atOnce() {
            return leftOut().isEmpty() ? card.atOnce() : "The rest is done";
        }

        /** What its one act sends; empty where there is none, or nothing that it may tick. */
        public String take() {
            return card.atOnce().isEmpty()
                    ? ""
                    : fields.stream()
                            .filter(f -> f.isTick() && !contradicted.containsKey(f.name()))
                            .map(f -> f.name() + "=yes")
                            .collect(Collectors.joining(";"));
        }

        /** What its one act does not tick, and why; empty: it ticks all. */
        public String leftOut() {
            return fields.stream()
                    .filter(f -> f.isTick() && contradicted.containsKey(f.name()))
                    .map(f -> f.label() + ": " + contradicted.get(f.name()))
                    .collect(Collectors.joining("; "));
        }
    }

    /** One field with its text, how it was understood, what is wrong with it, and what is suspected of it. */
    public record FieldView(
            Field<?> field,
            String text,
            List<Field.Choice> choices,
            @Nullable String error,
            String echo,
            String echoOther,
            @Nullable String doubt,
            List<Typed.Struck> struck) {
        public String name() {
            return field.name();
        }

        public String label() {
            return field.label();
        }

        public String hint() {
            return field.hint();
        }

        public boolean needed() {
            return field.needed();
        }

        public boolean isChoice() {
            return field.kind() == Field.Kind.CHOICE;
        }

        public boolean isTick() {
            return field.kind() == Field.Kind.TICK;
        }

        public boolean isGauge() {
            return isChoice() && CommonFields.isGauge(name());
        }

        /** Whether something is still to be entered where it is empty: its hint does not say what that means. */
        public boolean isWanted() {
            return !isNote() && field.kind() != Field.Kind.LINE && !hint().startsWith("empty: ");
        }

        /** What stands in it, a choice in its words. */
        public String said() {
            return choices.stream()
                    .filter(c -> c.value().equals(text))
                    .map(Field.Choice::words)
                    .findFirst()
                    .orElse(text);
        }

        public boolean isNote() {
            return field.kind() == Field.Kind.NOTE;
        }

        public boolean isPlace() {
            return field.kind() == Field.Kind.PLACE;
        }

        /** Whether a keyboard of digits serves it. */
        public boolean isFigure() {
            return isNumber() && field.kind() != Field.Kind.SEAL_SIZE;
        }

        public boolean isNumber() {
            return switch (field.kind()) {
                case CHOICE, TICK, NOTE, LINE, DATE -> false;
                default -> true;
            };
        }
    }

    /**
     * A step of the plan. @param before its tick from when it said something else, absent: none, @param ready whether
     * every hold point before it is done, @param stopped what it waits for as things are, absent: nothing, @param
     * answered where it is done by an answer, absent: it is ticked, @param carried numbers of the steps that are done
     * with it in one act
     */
    public record StepView(
            int number,
            Step step,
            @Nullable StepDone done,
            @Nullable StepDone before,
            boolean ready,
            @Nullable Waiting stopped,
            @Nullable Stage answered,
            List<Integer> carried) {
        /** What is done with it, in words; empty: nothing. */
        public String with() {
            return carried.isEmpty()
                    ? ""
                    : (carried.size() == 1 ? "with step " : "with steps ")
                            + carried.stream().map(String::valueOf).collect(Collectors.joining(", "));
        }
    }

    /** Typing of another window. */
    public record AsideView(String tab, String personName, Instant savedAt, List<Difference> differences) {}

    /** One field that two windows hold differently. */
    public record Difference(String label, String here, String there) {}
}
