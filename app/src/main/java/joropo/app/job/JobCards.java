package joropo.app.job;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import joropo.app.family.Card;
import joropo.app.family.Families;
import joropo.app.family.Family;
import joropo.app.family.Stage;
import joropo.app.ui.Field;

/** The cards of a job's sheets: those that every job has, then those of each item in turn. */
final class JobCards {
    private final List<JobItem> items;
    private final Families families;

    JobCards(List<JobItem> items, Families families) {
        this.items = items;
        this.families = families;
    }

    List<Card> of(Stage stage) {
        return Stream.concat(CommonCards.of(stage).stream(), items.stream().flatMap(i -> of(stage, i).stream()))
                .toList();
    }

    /** Those of one item, also of one that was taken out. */
    List<Card> of(Stage stage, JobItem item) {
        Family family = families.need(item.kind());
        return (item.equals(JobItem.first(items, item)) ? family.cards(stage) : family.further(stage))
                .stream().map(c -> c.under(item.prefix())).toList();
    }

    Stream<Field<?>> fields(Stage stage) {
        return of(stage).stream().flatMap(c -> c.fields().stream());
    }

    /** Every field of every stage. */
    List<Field<?>> fields() {
        return Arrays.stream(Stage.values()).<Field<?>>flatMap(this::fields).toList();
    }
}
