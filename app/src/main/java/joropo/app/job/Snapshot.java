package joropo.app.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import joropo.app.family.JobFinding;
import joropo.app.family.Stage;
import joropo.app.ui.Figure;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Everything a bench card shows, so that a signed job reads the same for ever, whatever rules or tables say later.
 *
 * @param caseType layout, material and outside of the case; in older records the outside alone
 * @param items each of them where there are several, @param remedy what is done about the running surface, @param parts
 *     what has to be in hand, @param counted what was put in for a time or tightened, and how it stands, @param
 *     stripped what came off and what became of it; all unknown to older records
 * @param places where each finding stands in the job, in the order of the findings, @param figures what was computed on
 *     the cards; both unknown to older records
 * @param drawing the section as SVG, @param wayRound the sentence that says which way the seal faces
 * @param signer absent while the job is open, @param signedAt likewise
 */
@RecordBuilder
public record Snapshot(
        String number,
        String machine,
        String place,
        String position,
        Instant openedAt,
        String openedBy,
        @Nullable String size,
        @Nullable String caseType,
        @Nullable String remedy,
        @Nullable String wayRound,
        @Nullable String target,
        List<Sheet> sheets,
        List<Finding> findings,
        @Nullable List<Place> places,
        @Nullable List<OnCard> figures,
        String drawing,
        @Nullable List<Item> items,
        @Nullable List<String> parts,
        @Nullable List<String> counted,
        @Nullable List<String> stripped,
        List<StepLine> steps,
        List<String> cautions,
        @Nullable String concession,
        @Nullable String signer,
        @Nullable Instant signedAt) {
    /** Characters that the last, half-filled line of a row is worth. */
    private static final int A_ROW = 35;
    /** Characters of a written time. */
    private static final int A_MOMENT = 7;

    public Snapshot {
        places = places == null ? List.of() : List.copyOf(places);
        figures = figures == null ? List.of() : List.copyOf(figures);
        items = items == null ? List.of() : List.copyOf(items);
        parts = parts == null ? List.of() : List.copyOf(parts);
        counted = counted == null ? List.of() : List.copyOf(counted);
        stripped = stripped == null ? List.of() : List.copyOf(stripped);
    }

    /** Steps of the plan; of an older record those of taking apart too. */
    public List<StepLine> plan() {
        return steps.stream().filter(s -> !Boolean.TRUE.equals(s.stripping())).toList();
    }

    /** Taking apart in one line; empty: no step of it was done. */
    public String takenApart() {
        List<StepLine> apart =
                steps.stream().filter(s -> Boolean.TRUE.equals(s.stripping())).toList();
        long skipped = apart.stream().filter(s -> s.skippedWhy() != null).count();
        return apart.isEmpty()
                ? ""
                : "Taken apart in " + apart.size() + (apart.size() == 1 ? " step" : " steps") + " by "
                        + apart.stream().map(StepLine::doneBy).distinct().collect(Collectors.joining(", "))
                        + (skipped == 0
                                ? "."
                                : "; skipped: "
                                        + apart.stream()
                                                .filter(s -> s.skippedWhy() != null)
                                                .map(s -> s.act() + " (" + s.skippedWhy() + ")")
                                                .collect(Collectors.joining(" ")));
    }

    /** How many steps of the plan stand in the left column of two, so that both are about as long. */
    public int leftSteps() {
        List<StepLine> plan = plan();
        int all = plan.stream().mapToInt(StepLine::length).sum();
        int left = 0;
        int count = 0;
        while (count < plan.size() && left + plan.get(count).length() / 2 < all / 2) {
            left += plan.get(count++).length();
        }
        return count;
    }

    /**
     * Where a finding stands. @param number that it had while the job lived, 0: none, @param stage whose readings it
     * rests on, @param at stage and field in which it is answered, as a link has them
     */
    public record Place(int number, Stage stage, String at) {}

    /** What was computed from the readings of a card. */
    public record OnCard(String card, List<Figure> figures) {}

    /** Its findings, each with its place; of an older record, which did not know it, at the first stage. */
    List<JobFinding> found() {
        return IntStream.range(0, findings.size())
                .mapToObj(i -> new JobFinding(
                        places.isEmpty() ? Stage.INTAKE : places.get(i).stage(), findings.get(i)))
                .toList();
    }

    /** The number of one of its findings as a card prints it, empty: none. */
    public String numberWords(int finding) {
        return number(finding) == 0 ? "" : Integer.toString(number(finding));
    }

    /** The number of one of its findings, 0: none. */
    public int number(int finding) {
        return places.isEmpty() ? 0 : places.get(finding).number();
    }

    /** One stage as it was kept. */
    public record Sheet(
            String title,
            int revision,
            @Nullable String keptBy,
            @Nullable Instant keptAt,
            List<Line> lines) {}

    /** One of several things that are sealed, with what a card says of it in one breath. */
    public record Item(
            String name,
            @Nullable String size,
            @Nullable String words,
            @Nullable String wayRound,
            @Nullable String target,
            @Nullable String remedy) {}

    /** One field with what was typed, how it was understood, and the readings that were struck. */
    public record Line(String card, String label, String text, String understood, List<String> struck) {
        /** The same as of one among several items. */
        Line of(String item) {
            return new Line(item + ": " + card, label, text, understood, struck);
        }
    }

    /**
     * One step of the plan, done, skipped or open. @param stripping whether it was of taking apart, absent: not known
     */
    public record StepLine(
            @Nullable Boolean stripping,
            String act,
            boolean hold,
            String caution,
            @Nullable String doneBy,
            @Nullable Instant doneAt,
            @Nullable String skippedWhy) {
        /** Whether the same person did it as this one before it; a card then leaves the name out. */
        public boolean doneAs(@Nullable StepLine before) {
            return before != null && doneBy != null && doneBy.equals(before.doneBy);
        }

        /** About how many characters it takes on the card. */
        int length() {
            return A_ROW
                    + act.length()
                    + (doneBy == null ? 0 : A_MOMENT)
                    + (skippedWhy == null ? 0 : skippedWhy.length());
        }
    }
}
