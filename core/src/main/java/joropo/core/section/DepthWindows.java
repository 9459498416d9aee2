package joropo.core.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import joropo.core.section.BoreItem.Bearing;
import joropo.core.section.BoreItem.Ring;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.section.BoreItem.Shoulder;
import joropo.core.section.BoreItem.Spacer;
import joropo.core.section.SectionResult.DepthWindow;
import joropo.core.units.Length;

/** Between which depths each seal may stand, and where to aim (guide). */
final class DepthWindows {
    /** Room wanted before anything that turns, play and growth come on top (mm, guide). */
    private static final double TURNING_ROOM_MM = 0.5;
    /** The case has to land on a bearing's still ring by this much of the diameter (mm, guide). */
    private static final double LANDING_MM = 2;

    private static final double SLACK = 1e-9;

    private final ArrangedParts parts;
    private final Section section;

    DepthWindows(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
    }

    /**
     * Windows of the seals, outside first, and of a bearing whose mating part wants it somewhere; none where nothing
     * limits it inward.
     */
    List<DepthWindow> all() {
        List<DepthWindow> out = new ArrayList<>();
        parts.seals().forEach(s -> of(s).ifPresent(out::add));
        parts.items(Bearing.class)
                .filter(b -> b.mateMm() != null && b.id() != null)
                .forEach(b -> out.add(new DepthWindow(b.id(), b.mateMm(), b.mateMm(), b.mateMm())));
        return out;
    }

    /**
     * What limits a seal inward. @param atMm x that its inner face must not pass, @param stop whether it may lie on it
     */
    private record Limit(double atMm, boolean stop) {}

    Optional<DepthWindow> of(Seal seal) {
        Limit limit = limits(seal).stream()
                .min(Comparator.comparingDouble(Limit::atMm).thenComparing(l -> !l.stop))
                .orElse(null);
        if (limit == null) {
            return Optional.empty();
        }
        Optional<Double> ring = seal.hasFlange() ? Optional.of(flushMm(seal)) : ringBefore(seal);
        double from = Length.snap(ring.orElseGet(() -> section.boreFromMm() + widthsBefore(seal)));
        double to = Length.snap(limit.atMm - seal.widthMm());
        return Optional.of(new DepthWindow(seal.id(), from, to, ring.isPresent() || !limit.stop ? from : to));
    }

    private List<Limit> limits(Seal seal) {
        var limits = new Inward(seal);
        if (seal.hasFlange()) {
            limits.add(flushMm(seal) + seal.widthMm(), true);
        }
        for (BoreItem item : inwardOf(seal)) {
            if (!item.accept(limits)) {
                break;
            }
        }
        return limits.all;
    }

    /** What each item inward of a seal limits; false where nothing behind it counts any more. */
    private final class Inward implements BoreItem.Visitor<Boolean> {
        private final Seal seal;
        private final List<Limit> all = new ArrayList<>();
        private double between;

        Inward(Seal seal) {
            this.seal = seal;
        }

        private boolean add(double atMm, boolean stop) {
            all.add(new Limit(atMm, stop));
            return true;
        }

        @Override
        public Boolean seal(Seal next) {
            add(next.fromMm() - between, false);
            return false;
        }

        @Override
        public Boolean chevron(BoreItem.Chevron next) {
            add(next.fromMm() - between, false);
            return false;
        }

        @Override
        public Boolean spacer(Spacer spacer) {
            between += spacer.thicknessMm();
            return true;
        }

        @Override
        public Boolean shoulder(Shoulder shoulder) {
            return add(shoulder.fromMm() - between, true);
        }

        @Override
        public Boolean ring(Ring ring) {
            return add(ring.toMm() - ring.thicknessMm() - between, true);
        }

        @Override
        public Boolean bearing(Bearing bearing) {
            if (stops(bearing, seal)) {
                add(bearing.fromMm() - between, true);
            }
            double turning = bearing.turningFromMm() != null ? bearing.turningFromMm() : bearing.fromMm();
            return add(turning - clearanceMm() - between, false);
        }

        /** A cover closes the mouth: it never limits inward. */
        @Override
        public Boolean cover(BoreItem.Cover cover) {
            return true;
        }

        @Override
        public Boolean port(BoreItem.Port port) {
            return true;
        }

        @Override
        public Boolean step(BoreItem.Step step) {
            return true;
        }

        @Override
        public Boolean leadIn(BoreItem.LeadIn leadIn) {
            return true;
        }
    }

    /** Where the outer face of a flanged seal stands when its flange lies on the housing. */
    private double flushMm(Seal seal) {
        return section.boreFromMm() - seal.flangeThicknessMm();
    }

    private List<BoreItem> inwardOf(Seal seal) {
        return section.boreItems().stream()
                .filter(i -> i != seal
                        && i.fromMm() >= seal.fromMm()
                        && !(i instanceof Sealing
                                && parts.sealing().indexOf(i) < parts.sealing().indexOf(seal)))
                .sorted(Comparator.comparing(BoreItem::fromMm))
                .toList();
    }

    /**
     * Where a seal's outer face stands against a ring outside it, the ring in its groove's outer wall, spacers between.
     */
    private Optional<Double> ringBefore(Seal seal) {
        double between = 0;
        List<BoreItem> outward = section.boreItems().stream()
                .filter(i -> i != seal && i.fromMm() <= seal.fromMm())
                .sorted(Comparator.comparing(BoreItem::fromMm).reversed())
                .toList();
        for (BoreItem item : outward) {
            if (item instanceof Ring r) {
                return Optional.of(r.fromMm() + r.thicknessMm() + between);
            } else if (item instanceof BoreItem.Stacked s) {
                between += s.thickMm();
            } else if (item.stops() && !(item instanceof BoreItem.Cover)) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** Room that the parts outside of this one need in the bore. */
    private double widthsBefore(Seal seal) {
        return parts.sealing().subList(0, parts.sealing().indexOf(seal)).stream()
                .mapToDouble(Sealing::widthMm)
                .sum();
    }

    /** Whether something that does not turn stops this seal inward. */
    boolean hasStop(Seal seal) {
        return limits(seal).stream().anyMatch(Limit::stop);
    }

    /** A bearing's still ring is a stop only where the case lands on it and the turning parts lie far enough behind. */
    private boolean stops(Bearing bearing, Seal seal) {
        return bearing.turningFromMm() != null
                && bearing.ringInsideDiameterMm() != null
                && bearing.turningFromMm() - bearing.fromMm() >= clearanceMm() - SLACK
                && bearing.ringInsideDiameterMm() <= seal.outsideDiameterMm() - LANDING_MM + SLACK;
    }

    private double clearanceMm() {
        return TURNING_ROOM_MM + section.wanderMm();
    }
}
