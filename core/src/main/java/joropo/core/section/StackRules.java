package joropo.core.section;

import static joropo.core.verdict.Status.CAUTION;
import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import joropo.core.section.BoreItem.Ring;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.section.BoreItem.Stacked;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Whether a stack goes in behind its ring, and how much is left (S1, computed): gap = stop - groove wall away from the
 * stack - sum of thicknesses, ring included; worst case by the sum of the tolerances, root-sum-square beside it.
 */
final class StackRules {
    /** More than this is loose (mm, guide). */
    private static final double LOOSE_MM = 0.5;

    private static final double SLACK = 1e-9;

    /** Free gap of one chain (mm). */
    record Gap(double nominalMm, double worstMm, double rssMm) {
        double leastMm() {
            return Length.snap(nominalMm - worstMm);
        }

        double mostMm() {
            return Length.snap(nominalMm + worstMm);
        }

        double rssLeastMm() {
            return Length.snap(nominalMm - rssMm);
        }

        double rssMostMm() {
            return Length.snap(nominalMm + rssMm);
        }
    }

    /**
     * A ring with the stack on one side of it. @param inward whether the stack lies inward of it, @param stopMm where
     * it ends, @param toleranceMm of that distance
     */
    private record Chain(
            Ring ring,
            boolean inward,
            List<Stacked> stack,
            double stopMm,
            @Nullable Double toleranceMm) {}

    private final ArrangedParts parts;
    private final List<Chain> chains = new ArrayList<>();

    StackRules(ArrangedParts parts) {
        this.parts = parts;
        parts.items(Ring.class).forEach(r -> {
            chain(r, true).ifPresent(chains::add);
            chain(r, false).ifPresent(chains::add);
        });
    }

    /**
     * Only spacers and seals may lie between the ring and its stop: a shoulder, else a bearing's ring, else a cover.
     */
    private Optional<Chain> chain(Ring ring, boolean inward) {
        Comparator<BoreItem> nearest = inward
                ? Comparator.comparing(BoreItem::fromMm).thenComparing(BoreItem::toMm)
                : Comparator.comparing(BoreItem::toMm)
                        .thenComparing(BoreItem::fromMm)
                        .reversed();
        List<BoreItem> beyond = parts.section().boreItems().stream()
                .filter(i -> i != ring && (inward ? i.fromMm() > ring.fromMm() : i.fromMm() < ring.fromMm()))
                .sorted(nearest)
                .toList();
        for (Class<? extends BoreItem> kind :
                List.of(BoreItem.Shoulder.class, BoreItem.Bearing.class, BoreItem.Cover.class)) {
            BoreItem stop = beyond.stream().filter(kind::isInstance).findFirst().orElse(null);
            if (stop == null) {
                continue;
            }
            List<BoreItem> between = beyond.subList(0, beyond.indexOf(stop)).stream()
                    .filter(i -> !i.liesBeside())
                    .toList();
            if (!between.isEmpty() && between.stream().allMatch(i -> i instanceof Stacked && !i.stops())) {
                double at = stop instanceof BoreItem.Cover && !inward ? stop.toMm() : stop.fromMm();
                return Optional.of(new Chain(
                        ring,
                        inward,
                        between.stream().map(Stacked.class::cast).toList(),
                        at,
                        stop instanceof BoreItem.Shoulder s ? s.toleranceMm() : null));
            }
        }
        return Optional.empty();
    }

    List<Finding> judge() {
        return chains.stream().map(this::s1).toList();
    }

    /** The chain with the least gap; absent where no tolerance is whole. */
    Optional<Gap> tightest() {
        return chains.stream().map(StackRules::gap).flatMap(Optional::stream).min(Comparator.comparing(Gap::leastMm));
    }

    private static double nominal(Chain c) {
        double wall = c.inward ? c.ring.fromMm() : c.ring.toMm();
        return Length.snap(Math.abs(c.stopMm - wall)
                - c.ring.thicknessMm()
                - c.stack.stream().mapToDouble(Stacked::thickMm).sum());
    }

    private static Optional<Gap> gap(Chain c) {
        List<Double> all = new ArrayList<>();
        all.add(c.toleranceMm);
        all.add(c.ring.toleranceMm());
        c.stack.forEach(i -> all.add(i.toleranceMm()));
        if (all.contains(null)) {
            return Optional.empty();
        }
        double worst = all.stream().mapToDouble(Double::doubleValue).sum();
        double rss = Math.sqrt(all.stream().mapToDouble(t -> t * t).sum());
        return Optional.of(new Gap(nominal(c), worst, rss));
    }

    private Finding s1(Chain c) {
        String subject = "free gap of the stack behind its ring";
        Gap gap = gap(c).orElse(null);
        if (gap == null) {
            return Finding.missing(
                            "S1",
                            subject,
                            "The gap is " + Length.show(nominal(c), 2)
                                    + " mm; a tolerance of ring, spacer or stop is not known.",
                            "Find the tolerances on the drawings, or measure the parts and note the "
                                    + "gauge's uncertainty.")
                    .withValue(nominal(c), "mm")
                    .withPart(c.ring.id());
        }
        boolean pressed = isPressedOntoRing(c);
        Status status = gap.leastMm() < -SLACK ? FAIL : gap.mostMm() > LOOSE_MM + SLACK && !pressed ? CAUTION : PASS;
        String range = Length.show(gap.leastMm(), 2) + " to " + Length.show(gap.mostMm(), 2) + " mm by worst case, "
                + Length.show(gap.rssLeastMm(), 2) + " to " + Length.show(gap.rssMostMm(), 2) + " by root-sum-square.";
        String message =
                switch (status) {
                    case FAIL -> "The ring may not go into its groove: " + range;
                    case CAUTION -> "The stack can move: " + range;
                    default ->
                        gap.mostMm() > LOOSE_MM + SLACK
                                ? "The stack has play, but pressure holds it against the ring: " + range
                                : "The stack fits: " + range;
                };
        return Finding.of(
                        "S1",
                        status,
                        subject,
                        message,
                        status == FAIL
                                ? "A thinner washer, by " + Length.show(Math.max(0, -gap.leastMm()), 2)
                                        + " mm at least."
                                : status == CAUTION ? "A thicker washer." : "",
                        Source.COMPUTED,
                        "stack and depth")
                .withValue(gap.nominalMm(), "mm")
                .withLimits(new Limits(0.0, LOOSE_MM), gap.worstMm())
                .withPart(c.ring.id());
    }

    /** Whether pressure pushes every part of the stack that seals towards the ring, at least one of them. */
    private boolean isPressedOntoRing(Chain c) {
        List<Sealing> sealing = c.stack.stream()
                .filter(Sealing.class::isInstance)
                .map(Sealing.class::cast)
                .toList();
        double sum = sealing.stream().mapToDouble(parts::pushInwardMpa).sum();
        return c.inward ? sum < -SLACK : sum > SLACK;
    }
}
