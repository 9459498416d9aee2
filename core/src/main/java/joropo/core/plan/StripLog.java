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

    /** Lengths of a part that came off (mm), each absent: not read. @param placeMm of its outer face from the face */
    public record Read(
            @Nullable Double placeMm,
            @Nullable Double thicknessMm,
            @Nullable Double openingMm,
            @Nullable Double outsideMm) {
        static final Read NOTHING = new Read(null, null, null, null);
    }

    /**
     * One part that came off.
     *
     * @param name as people call it, @param faced side that its open or marked side faced; absent: not noted
     * @param read of it, @param shims of a pack, each; absent: not counted, @param leftOut whether it was decided that
     *     it does not go back, @param line where it stood; absent: where a part of its kind usually stands
     */
    public record Removed(
            PartKind kind,
            String name,
            @Nullable Side faced,
            Read read,
            @Nullable ShimPack shims,
            boolean leftOut,
            @Nullable Line line) {
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
            this(kind, name, faced, new Read(placeMm, thicknessMm, null, null), shims, leftOut, line);
        }

        /** Of which no more was noted. */
        public static Removed of(PartKind kind) {
            return new Removed(kind, kind.words(), null, Read.NOTHING, null, false, null);
        }

        /** Of its outer face from the face of the housing; absent: not read. */
        public @Nullable Double placeMm() {
            return read.placeMm;
        }

        /** Along the shaft; absent: not read. */
        public @Nullable Double thicknessMm() {
            return read.thicknessMm;
        }

        /** The same with what was read of it left out. */
        public Removed unread() {
            return new Removed(kind, name, faced, Read.NOTHING, shims, leftOut, line);
        }

        public Removed at(double newPlaceMm) {
            return new Removed(
                    kind,
                    name,
                    faced,
                    new Read(newPlaceMm, read.thicknessMm, read.openingMm, read.outsideMm),
                    shims,
                    leftOut,
                    line);
        }

        public Removed on(Line newLine) {
            return new Removed(kind, name, faced, read, shims, leftOut, newLine);
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
