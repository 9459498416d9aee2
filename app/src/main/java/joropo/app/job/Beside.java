package joropo.app.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What stands beside the sheets of a job, as far as it was read: asking for what was not read is a mistake in the
 * program, never an empty list.
 *
 * @param steps of the plan that were done, @param ticks bolts tightened, @param things put in for a time and fasteners,
 *     as they stand now, @param parts of the parts list, @param removed what came off, in its order: always read, since
 *     what follows rests on it
 */
@RecordBuilder
record Beside(
        @Nullable List<StepDone> steps,
        @Nullable List<TorqueProgress.Tick> ticks,
        @Nullable List<JobEntry> things,
        @Nullable Entered entered,
        @Nullable Earlier earlier,
        @Nullable OnList parts,
        List<StripPart> removed,
        @Nullable Ending ending) {
    /** What may be read of it. */
    enum Group {
        /** What was ticked and counted: steps, bolts, things. */
        MARKS,
        ENTERED,
        EARLIER,
        PARTS,
        ENDING;

        static final Set<Group> ALL = EnumSet.allOf(Group.class);
    }

    /** What was entered by hand. @param undoneTurns of the wrench that were taken back, in words */
    record Entered(List<JobTimer> timers, List<String> undoneTurns) {}

    /**
     * What earlier jobs left here. @param notes newest first, @param last what was fitted last, item by item, none:
     * nobody knows
     */
    record Earlier(List<PositionNote> notes, List<ListsMapper.LastSeal> last) {}

    /** What is on the parts list by hand, and the newest decision of each part. */
    record OnList(List<ListedPart> listed, List<PartEntry> decided) {
        static OnList of(List<PartRow> rows) {
            return new OnList(
                    rows.stream()
                            .filter(r -> !r.isDecision())
                            .map(PartRow::listed)
                            .toList(),
                    rows.stream()
                            .filter(PartRow::isDecision)
                            .map(PartRow::decided)
                            .toList());
        }
    }

    /** How it ended. @param signature absent while it is not signed */
    record Ending(
            @Nullable Signature signature,
            List<Addendum> addenda,
            List<Review> reviews,
            Review.@Nullable Waits waits) {}

    @Override
    public List<StepDone> steps() {
        return read(steps);
    }

    @Override
    public List<TorqueProgress.Tick> ticks() {
        return read(ticks);
    }

    @Override
    public List<JobEntry> things() {
        return read(things);
    }

    @Override
    public Entered entered() {
        return read(entered);
    }

    @Override
    public Earlier earlier() {
        return read(earlier);
    }

    @Override
    public OnList parts() {
        return read(parts);
    }

    @Override
    public Ending ending() {
        return read(ending);
    }

    /** What came off and was not struck. */
    List<StripPart> log() {
        return removed.stream().filter(StripPart::stands).toList();
    }

    /** The same without small parts that another brought along, as the order of building goes by it. */
    List<StripPart> order() {
        return log().stream().filter(p -> p.cameWith() == null).toList();
    }

    private static <T> T read(@Nullable T group) {
        if (group == null) {
            throw new IllegalStateException("This was not read with the job");
        }
        return group;
    }
}
