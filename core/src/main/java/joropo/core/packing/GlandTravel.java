package joropo.core.packing;

import java.util.List;
import joropo.core.packing.RunInInput.Look;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/** What is left of a gland's travel, and for how long it lasts (computed from its gaps). */
final class GlandTravel {
    private static final double DAY_MIN = 24 * 60;
    /** So long the rings settle, and the gaps tell nothing of the years to come (min). */
    private static final double FIRST_MIN = DAY_MIN;
    /** Two readings tell a rate when they lie so far apart (min). */
    private static final double APART_MIN = 7 * DAY_MIN;

    private final List<Look> read;

    GlandTravel(List<Look> looks) {
        read = looks.stream().filter(l -> l.gapsMm() != null).toList();
    }

    private static double gap(Look look) {
        return look.gapsMm().stream().mapToDouble(g -> g).average().orElseThrow();
    }

    @Nullable
    Double leftMm() {
        return read.isEmpty() ? null : Double.valueOf(Math.rint(gap(read.get(read.size() - 1)) * 100) / 100);
    }

    /** Counted from the last reading. */
    @Nullable
    Double daysLeft() {
        List<Look> later = read.stream().filter(l -> l.minute() >= FIRST_MIN).toList();
        if (later.isEmpty()) {
            return null;
        }
        Look from = later.get(0);
        Look to = later.get(later.size() - 1);
        double closed = gap(from) - gap(to);
        double minutes = to.minute() - from.minute();
        return minutes < APART_MIN || closed <= 0
                ? null
                : Double.valueOf(Math.floor(Length.snap(gap(to) * minutes / closed / DAY_MIN)));
    }
}
