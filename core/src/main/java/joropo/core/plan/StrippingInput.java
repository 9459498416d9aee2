package joropo.core.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import joropo.core.arrangement.PartKind;
import joropo.core.material.Medium;
import joropo.core.shaft.Attitude;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * What is there to be taken apart.
 *
 * @param there kinds of part that stand or stood at the place: from the strip log, the section, what was fitted last
 * @param inside what is kept in, @param pressureMpa gauge pressure inside; absent: not read, taken as possible
 * @param attitude of the shaft, absent: horizontal
 * @param way the way the seal is taken out by, in words, with what it can harm; absent: not asked for yet
 */
@RecordBuilder
public record StrippingInput(
        Set<PartKind> there,
        Medium inside,
        @Nullable Double pressureMpa,
        @Nullable Attitude attitude,
        @Nullable Way way) {
    /** How the seal comes out. @param caution what can hurt or be hurt, empty: nothing special */
    public record Way(String words, String caution) {}

    public StrippingInput {
        new Needs().given("there", there).given("inside", inside).done();
        there = Set.copyOf(there);
    }

    boolean has(PartKind kind) {
        return there.contains(kind);
    }
}
