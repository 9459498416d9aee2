package joropo.core.sizes;

import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/** The two systems of lip seal sizes. */
public enum SealSystem {
    METRIC,
    INCH;

    /** A nominal size written to two decimals still means the listed one (mm). */
    private static final double SAME_MM = 0.01;

    /** Nominal diameters of one system, each once; read on first use, since an enum's own constants come first. */
    private static final class Listed {
        private static final double[] METRIC_SHAFTS = each(METRIC, SealSize::shaftMm);
        private static final double[] METRIC_BORES = each(METRIC, SealSize::boreMm);
        private static final double[] INCH_SHAFTS = each(INCH, SealSize::shaftMm);
        private static final double[] INCH_BORES = each(INCH, SealSize::boreMm);

        private static double[] each(SealSystem system, ToDoubleFunction<SealSize> part) {
            return SealSize.all().stream()
                    .filter(s -> s.system() == system)
                    .mapToDouble(part)
                    .distinct()
                    .toArray();
        }
    }

    /**
     * The system that nominal sizes belong to: inch only where a size is listed there and in no metric row. Absent
     * sizes say nothing.
     */
    public static SealSystem of(@Nullable Double shaftMm, @Nullable Double boreMm) {
        boolean inch = isInchOnly(shaftMm, Listed.INCH_SHAFTS, Listed.METRIC_SHAFTS)
                || isInchOnly(boreMm, Listed.INCH_BORES, Listed.METRIC_BORES);
        return inch ? INCH : METRIC;
    }

    private static boolean isInchOnly(@Nullable Double mm, double[] inch, double[] metric) {
        return mm != null && isListed(mm, inch) && !isListed(mm, metric);
    }

    private static boolean isListed(double mm, double[] sizes) {
        for (double size : sizes) {
            if (Math.abs(size - mm) <= SAME_MM) {
                return true;
            }
        }
        return false;
    }
}
