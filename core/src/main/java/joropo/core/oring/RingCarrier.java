package joropo.core.oring;

import java.util.Optional;
import joropo.core.arrangement.PartKind;
import org.jspecify.annotations.Nullable;

/** Which part of a cylinder carries a ring, and in which turn among the rings of that part it goes in (guide). */
public final class RingCarrier {
    private RingCarrier() {}

    /** Empty where gland and motion do not tell. @param motion absent: not said */
    public static Optional<PartKind> of(@Nullable Gland gland, @Nullable RingMotion motion) {
        if (gland == null || motion == null || !gland.isRadial()) {
            return Optional.empty();
        }
        boolean onRod = gland == Gland.ROD;
        return Optional.of(onRod == (motion == RingMotion.STATIC) ? PartKind.PISTON : PartKind.HEAD);
    }

    /** The wiper first, then what seals, then the guides, last what lies still. */
    public static double turn(RingSort sort, @Nullable RingMotion motion) {
        return sort == RingSort.WIPER ? 0 : motion == RingMotion.STATIC ? 3 : sort == RingSort.GUIDE ? 2 : 1;
    }
}
