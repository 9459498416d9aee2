package joropo.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.PartKind.Line;
import joropo.core.assembly.ShimPack;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/** What came off in which order, read backwards as the order of building (guide). */
public final class StripLog {
    private static final Set<PartKind> IN_BORE =
            EnumSet.of(PartKind.LIP_SEAL, PartKind.RETAINING_RING, PartKind.SPACER, PartKind.WASHER, PartKind.BEARING);

    /**
     * One part that came off.
     *
     * @param name as people call it, @param faced side that its open or marked side faced; absent: not noted
     * @param placeMm of its outer face from the face of the housing; absent: not read
     * @param thicknessMm along the shaft; absent: not read, @param shims of a pack, each; absent: not counted
     * @param leftOut whether it was decided that it does not go back, @param line where it stood; absent: where a part
     *     of its kind usually stands, @param openingMm, @param outsideMm of it across the shaft; absent: not read
     */
    public record Removed(
            PartKind kind,
            String name,
            @Nullable Side faced,
            @Nullable Double placeMm,
            @Nullable Double thicknessMm,
            @Nullable ShimPack shims,
            boolean leftOut,
            @Nullable Line line,
            @Nullable Double openingMm,
            @Nullable Double outsideMm) {
        /** Of which nobody has read across the shaft. */
        public Removed(
                PartKind kind,
                String name,
                @Nullable Side faced,
                @Nullable Double placeMm,
                @Nullable Double thicknessMm,
                @Nullable ShimPack shims,
                boolean leftOut,
                @Nullable Line line) {
            this(kind, name, faced, placeMm, thicknessMm, shims, leftOut, line, null, null);
        }

        /** Of which no more was noted. */
        public static Removed of(PartKind kind) {
            return new Removed(kind, kind.words(), null, null, null, null, false, null);
        }

        /** The same, and it does not go back. */
        public Removed out() {
            return new Removed(kind, name, faced, placeMm, thicknessMm, shims, true, line, openingMm, outsideMm);
        }

        /** The same with what was read of it left out. */
        public Removed unread() {
            return new Removed(kind, name, faced, null, null, shims, leftOut, line);
        }

        public Removed at(double newPlaceMm) {
            return new Removed(kind, name, faced, newPlaceMm, thicknessMm, shims, leftOut, line, openingMm, outsideMm);
        }

        public Removed on(Line newLine) {
            return new Removed(kind, name, faced, placeMm, thicknessMm, shims, leftOut, newLine, openingMm, outsideMm);
        }

        /** Whether it has its place in the bore, and so in the section that was found. */
        public boolean isInBore() {
            return StripLog.isInBore(kind) && line != Line.SHAFT;
        }
    }

    private StripLog() {}

    /** The order of building: the order of removal backwards. */
    public static List<Removed> buildOrder(List<Removed> removed) {
        List<Removed> out = new ArrayList<>(removed);
        Collections.reverse(out);
        return out;
    }

    /** Lip seals of the log, outside first. */
    public static List<Removed> seals(List<Removed> removed) {
        return removed.stream().filter(r -> r.kind() == PartKind.LIP_SEAL).toList();
    }

    /** Whether a part of this kind usually has its place in the bore. */
    public static boolean isInBore(PartKind kind) {
        return IN_BORE.contains(kind);
    }
}
