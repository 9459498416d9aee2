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

    private final Entry entry;
    private final Section section;

    DepthWindows(Entry entry) {
        this.entry = entry;
        this.section = entry.section();
    }

    /**
     * Windows of the seals, outside first, and of a bearing whose mating part wants it somewhere; none where nothing
     * limits it inward.
     */
    List<DepthWindow> all() {
        List<DepthWindow> out = new ArrayList<>();
        entry.seals().forEach(s -> of(s).ifPresent(out::add));
        entry.items(Bearing.class)
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
        List<Limit> out = new ArrayList<>();
        double between = 0;
        if (seal.hasFlange()) {
            out.add(new Limit(flushMm(seal) + seal.widthMm(), true));
        }
        for (BoreItem item : inwardOf(seal)) {
            if (item instanceof Sealing next) {
                out.add(new Limit(next.fromMm() - between, false));
                break;
            } else if (item instanceof Spacer s) {
                between += s.thicknessMm();
            } else if (item instanceof Shoulder s) {
                out.add(new Limit(s.fromMm() - between, true));
            } else if (item instanceof Ring r) {
                out.add(new Limit(r.toMm() - r.thicknessMm() - between, true));
            } else if (item instanceof Bearing b) {
                if (stops(b, seal)) {
                    out.add(new Limit(b.fromMm() - between, true));
                }
                out.add(new Limit(
                        (b.turningFromMm() != null ? b.turningFromMm() : b.fromMm()) - clearanceMm() - between, false));
            }
        }
        return out;
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
                                && entry.sealing().indexOf(i) < entry.sealing().indexOf(seal)))
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
            } else if (item instanceof Spacer s) {
                between += s.thicknessMm();
            } else if (item instanceof Sealing s) {
                between += s.widthMm();
            } else if (item instanceof Shoulder || item instanceof Bearing) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** Room that the parts outside of this one need in the bore. */
    private double widthsBefore(Seal seal) {
        return entry.sealing().subList(0, entry.sealing().indexOf(seal)).stream()
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
