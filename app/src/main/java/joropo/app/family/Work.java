package joropo.app.family;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import joropo.app.drawing.LineDrawing;
import joropo.app.drawing.Paper;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.core.assembly.FirstRun;
import joropo.core.assembly.ProvingCheck;
import joropo.core.plan.Part;
import joropo.core.plan.Step;
import joropo.core.section.Joint;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/** What follows from the sheets of one item of a job. Immutable; a family says only what it has. */
public interface Work {
    /** What cannot be so, by name of the field at which it is said: rules that look at more than one field. */
    default Map<String, String> errors() {
        return Map.of();
    }

    List<JobFinding> findings();

    /** What the look after the first run says of it; most have to be dry. */
    default Finding firstRun(@Nullable FirstRun seen) {
        return ProvingCheck.firstRun(seen);
    }

    /** The field in which a finding is answered, by its rule; empty: none in particular. */
    default Optional<String> fieldOf(String rule) {
        return Optional.empty();
    }

    /** What is suspected of a reading before anything is judged by it, by name of the field. */
    default Map<String, String> doubts() {
        return Map.of();
    }

    /** What has to be typed before a stage is kept, by name of the field: in words what is missing. */
    default Map<String, String> wanted(Stage stage) {
        return Map.of();
    }

    /** What the sheets show of why it leaks, beside what was asked for. */
    default List<String> symptoms() {
        return List.of();
    }

    /** Steps of the plan; none before enough is decided. */
    default List<Step> plan() {
        return List.of();
    }

    /** What it knows of the parts of the job beside what the list of what came off tells; empty: nothing. */
    default Optional<Laid> laid() {
        return Optional.empty();
    }

    /** Steps of taking apart. */
    default List<Step> stripping() {
        return List.of();
    }

    /**
     * What a step names: figures, answers and counts that have to be on the sheets before it is done; none: it names
     * nothing that is asked there.
     *
     * @param step as the plan of this item has it
     */
    default List<Field<?>> names(Step step) {
        return List.of();
    }

    /**
     * Why a step cannot be ticked as done though all that it names is there: what was read says that it is not done;
     * empty: it can.
     *
     * @param step as the plan of this item has it
     */
    default Optional<String> stopped(Step step) {
        return Optional.empty();
    }

    /** How the old one came out, in words; empty: nobody said. */
    default Optional<String> foundState() {
        return Optional.empty();
    }

    /** What ways beside the lip, that were opened and are closed again or not, let through. */
    default List<Finding> beside(List<Joint> opened) {
        return List.of();
    }

    /** What has to be in hand. */
    default List<Part> parts() {
        return List.of();
    }

    /** What was computed from the readings of a card. */
    default List<Figure> figures(String card) {
        return List.of();
    }

    /** What a stage offers and shows beside its fields, each under its card. */
    default List<Panel> panels(Stage stage) {
        return List.of();
    }

    /** Closed cards that something typed asks for. */
    default List<String> asks() {
        return List.of();
    }

    /** Cards that stay closed while nothing calls for them. */
    default List<String> idle() {
        return List.of();
    }

    /**
     * The picture of it; absent where it has none.
     *
     * @param numbered findings as they are listed beside it: each tag bears the number of its finding there
     * @param next id of the part that is now to go in, absent: none stands out
     */
    default Optional<Picture> picture(Paper paper, List<Finding> numbered, @Nullable String next) {
        return Optional.empty();
    }

    /** A drawing of a tool or part that can be had as a file. @param name as a panel's links name it */
    default Optional<LineDrawing> drawing(String name) {
        return Optional.empty();
    }

    /** Its section; absent for a kind that is arranged in none. */
    default Optional<WorkSection> section() {
        return Optional.empty();
    }

    /** The part of its picture that it is; absent where nothing tells it from what else is there. */
    default @Nullable String part() {
        return null;
    }

    Summary summary();
}
