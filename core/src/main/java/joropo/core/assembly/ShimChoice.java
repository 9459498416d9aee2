package joropo.core.assembly;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which shims go in and come out so that a pack changes by what is wanted: the nearest sum, and of those within five
 * thousandths of it the fewest shims (guide). Exact: every sum that can be made is looked at, in tenths of a µm.
 */
final class ShimChoice {
    private static final double ALIKE_MM = 0.005;
    private static final double PER_MM = 10_000;

    /** Some shims. @param more the rest of them, with @param shim in or, where its sign is minus, out */
    private record Sum(
            long tenths,
            int shims,
            double shim,
            int times,
            @Nullable Sum more) {}

    /** @param changeMm of the pack with these */
    record Chosen(double changeMm, List<Double> add, List<Double> remove) {}

    private final Map<Long, Sum> best = new HashMap<>(Map.of(0L, new Sum(0, 0, 0, 0, null)));
    private final long farthest;

    /** @param farthestMm no sum beyond it is of use */
    ShimChoice(List<ShimsInput.Stock> stock, List<Double> pack, double farthestMm) {
        double out = ShimPack.sumMm(pack);
        farthest = tenths(farthestMm + out);
        pack.forEach(t -> take(-t, 1));
        for (ShimsInput.Stock s : stock) {
            int left = s.count();
            for (int times = 1; left > 0; times *= 2) {
                int now = Math.min(times, left);
                take(s.thicknessMm(), now);
                left -= now;
            }
        }
    }

    private static long tenths(double mm) {
        return Math.round(mm * PER_MM);
    }

    private void take(double shim, int times) {
        long by = tenths(shim) * times;
        for (Sum sum : new ArrayList<>(best.values())) {
            long tenths = sum.tenths + by;
            int shims = sum.shims + times;
            if (Math.abs(tenths) <= farthest) {
                best.merge(tenths, new Sum(tenths, shims, shim, times, sum), (a, b) -> a.shims <= b.shims ? a : b);
            }
        }
    }

    /** @param wantedMm change of the pack, @param withinMm of it; empty: no set comes so near */
    Optional<Chosen> nearest(double wantedMm, double withinMm) {
        double nearest =
                best.values().stream().mapToDouble(s -> off(s, wantedMm)).min().orElseThrow();
        return nearest > withinMm + 1e-9
                ? Optional.empty()
                : best.values().stream()
                        .filter(s -> off(s, wantedMm) <= Math.min(withinMm, nearest + ALIKE_MM) + 1e-9)
                        .min(Comparator.comparingInt(Sum::shims)
                                .thenComparingDouble(s -> off(s, wantedMm))
                                .thenComparingLong(Sum::tenths))
                        .map(ShimChoice::chosen);
    }

    private static double off(Sum sum, double wantedMm) {
        return Math.abs(sum.tenths / PER_MM - wantedMm);
    }

    private static Chosen chosen(Sum sum) {
        List<Double> add = new ArrayList<>();
        List<Double> remove = new ArrayList<>();
        for (Sum s = sum; s.more != null; s = s.more) {
            for (int i = 0; i < s.times; i++) {
                (s.shim > 0 ? add : remove).add(Math.abs(s.shim));
            }
        }
        add.sort(Comparator.reverseOrder());
        remove.sort(Comparator.reverseOrder());
        return new Chosen(sum.tenths / PER_MM, add, remove);
    }
}
