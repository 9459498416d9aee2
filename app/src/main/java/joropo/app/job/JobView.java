package joropo.app.job;

import java.time.Instant;
import java.util.List;
import joropo.app.register.Position;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.app.ui.FindingLine;
import joropo.app.ui.Sign;
import joropo.core.plan.Step;
import joropo.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** One stage of a job as its page shows it. @param assumed what is taken where nobody said anything, in words, @param asks closed cards that something typed asks for */
public record JobView(Job job, Position position, Stage stage, List<StageView> stages, List<CardView> cards, List<FindingLine> rail, String drawing,
                      String tab, long seq, LengthUnit unit, int revision, boolean editable, @Nullable String held, OffersView offers, List<String> assumed, List<String> asks, List<StepView> steps,
                      @Nullable String wayRound, List<String> open, @Nullable Signature signature, List<Addendum> addenda, List<AsideView> aside) {
    /** One journal of the shaft line. */
    public record StageView(Stage stage, Sign sign, boolean kept) { }

    /** One card with its figures. */
    public record CardView(String id, String title, String layout, boolean folded, List<FieldView> fields, List<Figure> figures) {
        public FieldView field(String name) {
            return fields.stream().filter(f -> f.name().equals(name)).findFirst().orElseThrow();
        }
    }

    /** One field with its text, how it was understood, and what is wrong with it. */
    public record FieldView(String name, String label, String kind, String text, List<Field.Choice> choices, boolean needed, String hint,
                            @Nullable String error, String echo, String echoOther, List<Typed.Struck> struck) {
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

    /** A step of the plan. @param ready whether every hold point before it is done */
    public record StepView(int number, Step step, @Nullable StepDone done, boolean ready) { }

    /** Typing of another window. */
    public record AsideView(String tab, String personName, Instant savedAt, List<Difference> differences) { }

    /** One field that two windows hold differently. */
    public record Difference(String label, String here, String there) { }
}
