package joropo.app.job;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.app.family.Card;
import joropo.app.family.Families;
import joropo.app.family.Family;
import joropo.app.family.Stage;
import joropo.app.family.Typed;
import joropo.app.ui.Field;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Medium;

/**
 * The cards of a job's sheets: those that every job has, then those of each item in turn. Made once an evaluation, for
 * every step of the plan asks for them.
 */
final class JobCards {
    private final List<JobItem> items;
    private final List<String> joints;
    private final List<StripPart> log;
    private final Medium medium;
    private final Families families;
    private final Map<Stage, List<Card>> common = new EnumMap<>(Stage.class);
    private final Map<Stage, List<Card>> all = new EnumMap<>(Stage.class);
    private final Map<String, Stage> stages = new HashMap<>();
    private List<Field<?>> fields = List.of();

    /**
     * @param log what came off, @param texts by name of the field: they say how many joints there are, @param medium
     *     inside: what is filled goes by it
     */
    JobCards(List<JobItem> items, List<StripPart> log, Map<String, Typed> texts, Medium medium, Families families) {
        this.medium = medium;
        this.items = items;
        this.joints = Joints.keys(texts);
        this.log = log;
        this.families = families;
    }

    List<Card> of(Stage stage) {
        return all.computeIfAbsent(
                stage, s -> Stream.concat(common(s).stream(), items.stream().flatMap(i -> of(s, i).stream()))
                        .toList());
    }

    /** Those of the job itself, whatever is sealed. */
    List<Card> common(Stage stage) {
        return common.computeIfAbsent(stage, s -> CommonCards.of(s, joints, log, turns(), medium));
    }

    /** Whether something here turns. */
    boolean turns() {
        return items.stream().anyMatch(i -> families.need(i.kind()).turns());
    }

    boolean isCommon(Card card) {
        return Arrays.stream(Stage.values()).anyMatch(s -> common(s).contains(card));
    }

    Medium medium() {
        return medium;
    }

    List<String> joints() {
        return joints;
    }

    /** What usually comes off where such a thing is sealed. */
    List<PartKind> comesOff() {
        return families.need(items.get(0).kind()).comesOff();
    }

    /** What came off, without small parts that another brought along. */
    List<StripPart> log() {
        return log;
    }

    /** Those of one item, also of one that was taken out. */
    List<Card> of(Stage stage, JobItem item) {
        Family family = families.need(item.kind());
        List<Card> own = !item.equals(JobItem.first(items, item))
                ? family.further(stage).stream().map(Card::asOfTheFirst).toList()
                : item.isOneOfSeveral(items) ? family.among(stage) : family.cards(stage);
        return own.stream().map(c -> c.under(item.prefix())).toList();
    }

    /** Fields of an item that adding a set of items fills: they say which one it is, nobody read them. */
    Set<String> saidBySet(JobItem item) {
        return families.need(item.kind()).sets().stream()
                .flatMap(s -> s.members().stream())
                .flatMap(m -> m.texts().keySet().stream())
                .map(f -> item.prefix() + f)
                .collect(Collectors.toSet());
    }

    Stream<Field<?>> fields(Stage stage) {
        return of(stage).stream().flatMap(c -> c.fields().stream());
    }

    /** The stage on which a field stands; Intake where it stands on none. */
    Stage stageOf(String field) {
        if (stages.isEmpty()) {
            Arrays.stream(Stage.values()).forEach(s -> fields(s).forEach(f -> stages.putIfAbsent(f.name(), s)));
        }
        return stages.getOrDefault(field, Stage.INTAKE);
    }

    /** Every field of every stage. */
    List<Field<?>> fields() {
        if (fields.isEmpty()) {
            fields = Arrays.stream(Stage.values())
                    .<Field<?>>flatMap(this::fields)
                    .toList();
        }
        return fields;
    }
}
