package joropo.app.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import joropo.app.drawing.Paper;
import joropo.app.family.Card;
import joropo.app.family.JobFinding;
import joropo.app.family.Panel;
import joropo.app.family.Picture;
import joropo.app.family.Stage;
import joropo.app.job.JobPage.StepView;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.core.plan.Step;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** What the pages of a job show as found: what follows from its sheets while it lives, what was signed ever after. */
sealed interface Shows {
    /** One finding. @param number 0: none, @param at stage and field in which it is answered, empty: not known */
    record Found(int number, Finding finding, String at) {}

    boolean isLiving();

    /** Up to a stage, worst first. */
    List<Found> found(Stage stage);

    Status verdict(Stage stage);

    Status verdict(Stage stage, JobItem item);

    /** @param next id of the part that is now to go in, absent: none stands out */
    String picture(Paper paper, Stage stage, @Nullable String next);

    /** What was computed from the readings of a card. */
    List<Figure> figures(String card);

    List<Panel> panels(Stage stage);

    /**
     * What is said of a field. @param words of choices that were signed under its label on its card, empty: those of
     * today, @param error, @param doubt absent: none
     */
    record Said(
            List<String> words,
            @Nullable String error,
            @Nullable String doubt) {
        /** Choices as they are offered today; of what was signed the one alone, in its words of then. */
        List<Field.Choice> of(String chosen, List<Field.Choice> today) {
            return words.isEmpty()
                    ? today
                    : List.of(today.stream()
                            .filter(c -> c.value().equals(chosen) && words.contains(c.words()))
                            .findFirst()
                            .orElse(new Field.Choice(chosen, words.get(0))));
        }
    }

    Said saidOf(Card card, Field<?> field);

    /** As it follows from the sheets today. */
    final class Living implements Shows {
        private final JobWork work;
        private final Numbers numbers;
        private final Map<String, String> doubts;

        Living(JobState state, JobWork work) {
            this.work = work;
            numbers = Numbers.of(state.job().numbered()).with(work.findings());
            doubts = work.doubts();
        }

        @Override
        public boolean isLiving() {
            return true;
        }

        @Override
        public List<Found> found(Stage stage) {
            return work.findingsTo(stage).stream()
                    .map(f -> new Found(numbers.of(f), f.finding(), work.answeredAt(f)))
                    .toList();
        }

        @Override
        public Status verdict(Stage stage) {
            return work.verdict(stage);
        }

        @Override
        public Status verdict(Stage stage, JobItem item) {
            return work.verdict(stage, item);
        }

        @Override
        public String picture(Paper paper, Stage stage, @Nullable String next) {
            return work.main()
                    .picture(paper, numbers.inOrder(work.findingsTo(stage)), next)
                    .map(Picture::svg)
                    .orElse("");
        }

        @Override
        public List<Figure> figures(String card) {
            return work.figures(card);
        }

        @Override
        public List<Panel> panels(Stage stage) {
            return work.panels(stage);
        }

        @Override
        public Said saidOf(Card card, Field<?> field) {
            return new Said(List.of(), work.errors().get(field.name()), doubts.get(field.name()));
        }
    }

    /** As it was signed, whatever rules, tables and gauges say today. */
    final class Frozen implements Shows {
        private final Snapshot signed;
        private final JobState state;
        private final List<JobFinding> found;

        Frozen(Snapshot signed, JobState state) {
            this.signed = signed;
            this.state = state;
            found = signed.found();
        }

        @Override
        public boolean isLiving() {
            return false;
        }

        @Override
        public List<Found> found(Stage stage) {
            return IntStream.range(0, found.size())
                    .filter(i -> found.get(i).stage().compareTo(stage) <= 0)
                    .boxed()
                    .sorted(Comparator.<Integer, Status>comparing(
                                    i -> found.get(i).status())
                            .thenComparing(i -> found.get(i).stage() == stage ? 0 : 1))
                    .map(i -> new Found(
                            signed.number(i),
                            found.get(i).finding(),
                            signed.places().isEmpty()
                                    ? ""
                                    : signed.places().get(i).at()))
                    .toList();
        }

        /** Of an older record, which did not know where a finding stands, as the sheet was kept. */
        @Override
        public Status verdict(Stage stage) {
            return signed.places().isEmpty()
                    ? state.lastRevision(stage).map(Revision::verdict).orElse(Status.MISSING)
                    : worst(stage, "", state.isTyped(stage));
        }

        @Override
        public Status verdict(Stage stage, JobItem item) {
            return worst(stage, item.prefix(), state.isTyped(stage));
        }

        private Status worst(Stage stage, String prefix, boolean read) {
            Status worst = found.stream()
                    .filter(f -> f.stage() == stage)
                    .filter(f -> f.finding().id().startsWith(prefix))
                    .map(JobFinding::status)
                    .reduce(Status::worse)
                    .orElse(Status.MISSING);
            return read ? worst : worst.worse(Status.MISSING);
        }

        @Override
        public String picture(Paper paper, Stage stage, @Nullable String next) {
            return signed.drawing();
        }

        @Override
        public List<Figure> figures(String card) {
            return signed.figures().stream()
                    .filter(f -> f.card().equals(card))
                    .flatMap(f -> f.figures().stream())
                    .toList();
        }

        /** Nothing can be taken any more. */
        @Override
        public List<Panel> panels(Stage stage) {
            return List.of();
        }

        /** A gauge or material of the works goes on being called as it was. */
        @Override
        public Said saidOf(Card card, Field<?> field) {
            List<String> words = field.kind() != Field.Kind.CHOICE
                    ? List.of()
                    : signed.sheets().stream()
                            .flatMap(s -> s.lines().stream())
                            .filter(l -> l.label().equals(field.label()) && isOn(l, card, field))
                            .map(Snapshot.Line::text)
                            .toList();
            return new Said(words, null, null);
        }

        /** Cards of one of several bear its name before theirs. */
        private boolean isOn(Snapshot.Line line, Card card, Field<?> field) {
            return line.card().equals(card.title())
                    || state.job().items().stream()
                            .filter(i -> field.name().startsWith(i.prefix()))
                            .max(Comparator.comparingInt(i -> i.prefix().length()))
                            .filter(i ->
                                    line.card().equals(i.calledAmong(state.job().items()) + ": " + card.title()))
                            .isPresent();
        }

        /** Of taking apart at that stage, else of the plan; an older record did not part them. */
        List<StepView> steps(Stage stage) {
            List<StepView> out = new ArrayList<>();
            for (Snapshot.StepLine line : signed.steps()) {
                if (Boolean.TRUE.equals(line.stripping()) == (stage == Stage.STRIP)) {
                    Step step = new Step(
                            "signed-" + (out.size() + 1),
                            Step.When.FIT,
                            line.act(),
                            "",
                            line.hold(),
                            line.caution(),
                            null,
                            "");
                    StepDone done = line.doneBy() == null || line.doneAt() == null
                            ? null
                            : new StepDone(
                                    step.id(), line.act(), line.doneBy(), line.doneAt(), line.skippedWhy(), null);
                    out.add(new StepView(out.size() + 1, step, done, null, false, null, null, List.of()));
                }
            }
            return out;
        }
    }
}
