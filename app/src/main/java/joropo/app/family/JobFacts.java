package joropo.app.family;

import java.util.List;
import java.util.function.UnaryOperator;
import joropo.app.register.Position;
import joropo.core.arrangement.Arrangement;
import joropo.core.plan.StripLog;
import joropo.core.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * What is known of one item of a job, for its family to judge.
 *
 * @param log what came off, in its order, without what another part brought along
 * @param stripped its parts and what the log knows of them
 * @param read what was typed on its own cards and on those of the job, @param sections what was arranged beyond the
 *     sheets, and what stood there before, @param alike itself among the items of its kind
 */
public record JobFacts(
        Position position,
        ReadFields read,
        List<StripLog.Removed> log,
        Arrangement stripped,
        Arranged sections,
        Alike alike) {
    /**
     * Items of one kind in a job.
     *
     * @param name of this one, by which people tell it from the others, @param index of this one, from 0, in the order
     *     in which they were added, @param keys of each in the arrangement, @param reads what was typed of each
     */
    public record Alike(String name, int index, List<String> keys, List<ReadFields> reads) {
        public static Alike alone(ReadFields read) {
            return new Alike("", 0, List.of("i1"), List.of(read));
        }

        public String key() {
            return keys.get(index);
        }

        public boolean isAlone() {
            return reads.size() == 1;
        }
    }

    /**
     * What a job rests on beside its sheets.
     *
     * @param found as it was found, arranged on the bench before strip log and sheets said so, absent: they do, @param
     *     before as the last job that was signed here left it, absent: there was none
     * @param moved puts on a section that follows from the sheets what was arranged beyond them
     */
    public record Arranged(
            @Nullable Section found, @Nullable Section before, UnaryOperator<Section> moved) {
        public static final Arranged NONE = new Arranged(null, null, s -> s);
    }
}
