package joropo.app.family;

import java.util.List;
import java.util.Optional;
import joropo.core.arrangement.PartKind;
import joropo.core.plan.Part;
import joropo.core.units.LengthUnit;

/** One kind of sealing: what is asked of it and what follows. One bean each, found by its kind. */
public interface Family {
    PartKind kind();

    /** Its own cards of a stage, in their order; those that every job has stand before them. */
    List<Card> cards(Stage stage);

    /** Its own cards of the first of several in one job. */
    default List<Card> among(Stage stage) {
        return cards(stage);
    }

    /** Its own cards of one more in the same job: what the first says for all of them is not asked again. */
    default List<Card> further(Stage stage) {
        return cards(stage);
    }

    /** What usually comes off where such a thing is sealed, the likeliest first. */
    default List<PartKind> comesOff() {
        return List.of(
                PartKind.COVER,
                PartKind.BOLT,
                PartKind.GASKET,
                PartKind.RETAINING_RING,
                PartKind.WASHER,
                PartKind.SPACER,
                PartKind.SLEEVE,
                PartKind.BEARING,
                PartKind.KEY,
                PartKind.COUPLING,
                PartKind.SHAFT);
    }

    /** Whether what it seals turns in bearings: only then is there an axial play to read. */
    default boolean turns() {
        return true;
    }

    /** Things of this kind that usually stand together. */
    default List<ItemSet> sets() {
        return List.of();
    }

    /** What follows from what was typed of all of its kind in a job, in their order; nothing is changed by it. */
    List<? extends Work> evaluate(List<JobFacts> alike);

    /**
     * One that somebody puts on a parts list by hand, as the plan will name it too; empty: it goes there under a name
     * of its own.
     *
     * @param size as typed, @param words beside it, empty: none
     * @throws joropo.core.units.RefusedInput where the size cannot be read
     */
    default Optional<Part> byHand(String size, LengthUnit unit, int count, String words) {
        return Optional.empty();
    }
}
