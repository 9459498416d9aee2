package joropo.core.sizes;

import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** The two systems of lip seal sizes. */
public enum SealSystem {
    METRIC, INCH;

    /** A nominal size written to two decimals still means the listed one (mm). */
    private static final double SAME_MM = 0.01;

    /** The system that nominal sizes belong to: inch only where a size is listed there and in no metric row. Absent sizes say nothing. */
    public static SealSystem of(@Nullable Double shaftMm, @Nullable Double boreMm) {
        boolean inch = isInchOnly(shaftMm, SealSize::shaftMm) || isInchOnly(boreMm, SealSize::boreMm);
        return inch ? INCH : METRIC;
    }

    private static boolean isInchOnly(@Nullable Double mm, ToDoubleFunction<SealSize> part) {
        return mm != null && isListed(INCH, mm, part) && !isListed(METRIC, mm, part);
    }

    private static boolean isListed(SealSystem system, double mm, ToDoubleFunction<SealSize> part) {
        return SealSize.all().stream().anyMatch(s -> s.system() == system && Math.abs(part.applyAsDouble(s) - mm) <= SAME_MM);
    }
}
