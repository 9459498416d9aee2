package joropo.core.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import joropo.core.section.BoreItem.Bearing;
import joropo.core.section.BoreItem.Ring;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.section.BoreItem.Shoulder;
import joropo.core.section.BoreItem.Spacer;
import joropo.core.section.SectionResult.DepthWindow;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * Between which depths each seal may stand, and where to aim (S2; guide). A window ends at the parts that lie beside
 * the seal: two parts never share a place.
 */
final class DepthWindows {
    /** Room wanted before anything that turns, play and growth come on top (mm, guide). */
    private static final double TURNING_ROOM_MM = 0.5;

    private static final double SLACK = 1e-9;

    private final ArrangedParts parts;
    private final Section section;
    private final Map<BoreItem, Integer> places = new IdentityHashMap<>();
    private final Map<Seal, Depth> depths = new IdentityHashMap<>();

    DepthWindows(ArrangedParts parts) {
        this.parts = parts;
        this.section = parts.section();
        for (int i = 0; i < parts.ordered().size(); i++) {
            places.put(parts.ordered().get(i), i);
        }
    }

    /**
     * How deep one seal may stand. @param window absent where nothing limits it inward
     *
     * @param byRing whether a ring holds it and nothing lies inward to land on, @param onStop whether it may lie on
     *     what ends its window, @param unread figures that are not there and could make it worse
     * @param found how the place of the old seal comes into the aim, a sentence; empty where none was read
     * @param assumed what was taken for a part behind a nearer stop, a sentence
     */
    record Depth(
            @Nullable DepthWindow window,
            boolean byRing,
            boolean onStop,
            List<String> unread,
            String found,
            String assumed) {}

    /**
     * Windows of the seals, outside first, and of a bearing whose mating part wants it somewhere; none where nothing
     * limits it inward.
     */
    List<DepthWindow> all() {
        List<DepthWindow> out = new ArrayList<>();
        parts.seals().forEach(s -> Optional.ofNullable(of(s).window()).ifPresent(out::add));
        parts.items(Bearing.class)
                .filter(b -> b.mateMm() != null && b.id() != null)
                .forEach(b -> out.add(new DepthWindow(b.id(), b.mateMm(), b.mateMm(), b.mateMm(), "")));
        return out;
    }

    Depth of(Seal seal) {
        return depths.computeIfAbsent(seal, this::depth);
    }

    private Depth depth(Seal seal) {
        var outward = new Outward();
        var inward = new Inward(seal);
        if (seal.hasFlange()) {
            inward.add(flushMm(seal) + seal.widthMm(), true);
        }
        walk(seal, 1, inward);
        walk(seal, -1, outward);
        List<String> unread = new ArrayList<>(inward.unread);
        unread.addAll(outward.unread);
        Limit limit = inward.all.stream()
                .min(Comparator.comparingDouble(Limit::atMm).thenComparing(l -> !l.stop))
                .orElse(null);
        boolean byRing = limit == null && outward.ring != null && !seal.hasFlange();
        if (limit == null && !byRing) {
            return new Depth(null, false, false, List.copyOf(unread), "", "");
        }
        double mouth = section.boreFromMm() - Objects.requireNonNullElse(seal.mayStandProudMm(), 0.0);
        double from = Length.snap(
                seal.hasFlange()
                        ? flushMm(seal)
                        : outward.ring != null ? outward.fromMm : Math.max(mouth, outward.fromMm));
        double to = byRing
                ? Length.snap(Math.max(from, outward.ring.toMm() + outward.betweenMm))
                : Length.snap(limit.atMm - seal.widthMm());
        boolean onStop = !byRing && limit.stop;
        double usual = outward.ring != null || seal.hasFlange() || !onStop ? from : to;
        Found found = found(seal, from, to);
        return new Depth(
                new DepthWindow(seal.id(), from, to, found.targetMm == null ? usual : found.targetMm, found.words),
                byRing,
                onStop,
                List.copyOf(unread),
                found.words,
                inward.assumed);
    }

    /** Lays the items beside a seal before a visitor, nearest first, until one says that nothing behind it counts. */
    private void walk(Seal seal, int step, BoreItem.Visitor<Boolean> visitor) {
        Integer at = places.get(seal);
        for (int i = at + step; i >= 0 && i < parts.ordered().size(); i += step) {
            if (!parts.ordered().get(i).accept(visitor)) {
                return;
            }
        }
    }

    /** Where the old seal stood. @param targetMm absent where it is no place for the new one */
    private record Found(@Nullable Double targetMm, String words) {}

    /** The old seal's place comes first where it was read and is sound: same ring, same washer, same step. */
    private Found found(Seal seal, double from, double to) {
        Section asFound = section.asFound();
        int number = parts.seals().indexOf(seal);
        if (asFound == null || asFound.seals().size() != parts.seals().size() || number < 0) {
            return new Found(null, "");
        }
        Seal old = asFound.seals().get(number);
        if (Boolean.TRUE.equals(old.placeAssumed())) {
            return new Found(null, "");
        }
        String place = Length.show(old.fromMm(), 2) + " mm";
        if (Math.abs(old.widthMm() - seal.widthMm()) > SLACK) {
            return new Found(
                    null, "The old seal stood at " + place + " and was " + Length.show(old.widthMm(), 2) + " mm wide.");
        }
        if (old.fromMm() < from - SLACK || old.fromMm() > to + SLACK) {
            return new Found(null, "The old seal stood at " + place + ", where this one may not stand.");
        }
        double half = section.wanderMm() + TrackRules.HALF_CONTACT_MM;
        double lip = seal.at(old.fromMm()).lipMm();
        boolean worn = parts.shaft(ShaftItem.WearGroove.class)
                .anyMatch(g -> TrackRules.runsOn(seal, g.on())
                        && g.fromMm() < lip + half + GrooveRules.GROOVE_ROOM_MM - SLACK
                        && g.toMm() > lip - half - GrooveRules.GROOVE_ROOM_MM + SLACK);
        return worn
                ? new Found(null, "The old seal stood at " + place + ", where its lip has worn the shaft.")
                : new Found(Length.snap(old.fromMm()), "The old seal stood at " + place + ".");
    }

    /**
     * What limits a seal inward. @param atMm x that its inner face must not pass, @param stop whether it may lie there
     */
    private record Limit(double atMm, boolean stop) {}

    /** What each item outward of a seal limits. */
    private final class Outward implements BoreItem.Visitor<Boolean> {
        private double fromMm = Double.NEGATIVE_INFINITY;
        private double betweenMm;
        private @Nullable Ring ring;
        private final List<String> unread = new ArrayList<>();

        private boolean ends(double atMm) {
            fromMm = Math.max(fromMm, atMm + betweenMm);
            return false;
        }

        /** A seal outward keeps its place; behind it there may be the ring that holds them both. */
        private boolean sealing(Sealing other) {
            ends(other.toMm());
            betweenMm += other.widthMm();
            return true;
        }

        @Override
        public Boolean seal(Seal other) {
            return sealing(other);
        }

        @Override
        public Boolean chevron(BoreItem.Chevron other) {
            return sealing(other);
        }

        @Override
        public Boolean spacer(Spacer spacer) {
            betweenMm += spacer.thicknessMm();
            return true;
        }

        @Override
        public Boolean ring(Ring r) {
            ring = r;
            return ends(r.fromMm() + r.thicknessMm());
        }

        @Override
        public Boolean shoulder(Shoulder shoulder) {
            return ends(shoulder.fromMm());
        }

        @Override
        public Boolean bearing(Bearing bearing) {
            if (bearing.widthMm() == null) {
                unread.add("width of the bearing outward of the seal");
            }
            return ends(bearing.toMm());
        }

        @Override
        public Boolean cover(BoreItem.Cover cover) {
            return ends(cover.toMm());
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

    /** What each item inward of a seal limits; false where nothing behind it counts any more. */
    private final class Inward implements BoreItem.Visitor<Boolean> {
        private final Seal seal;
        private final List<Limit> all = new ArrayList<>();
        private final List<String> unread = new ArrayList<>();
        private double between;
        private String assumed = "";

        Inward(Seal seal) {
            this.seal = seal;
        }

        private boolean add(double atMm, boolean stop) {
            all.add(new Limit(atMm, stop));
            return true;
        }

        private boolean next(Sealing next) {
            add(next.fromMm() - between, false);
            return false;
        }

        @Override
        public Boolean seal(Seal next) {
            return next(next);
        }

        @Override
        public Boolean chevron(BoreItem.Chevron next) {
            return next(next);
        }

        @Override
        public Boolean spacer(Spacer spacer) {
            between += spacer.thicknessMm();
            return true;
        }

        @Override
        public Boolean shoulder(Shoulder shoulder) {
            if (shoulder.insideDiameterMm() == null) {
                unread.add("opening of the shoulder");
            }
            return narrows(shoulder.fromMm(), shoulder.insideDiameterMm());
        }

        /** Where the bore narrows: a case that is larger stops there, a smaller one goes through. */
        private boolean narrows(double atMm, @Nullable Double opening) {
            if (opening != null && between == 0 && opening >= seal.outsideDiameterMm() - SLACK) {
                return true;
            }
            boolean lands = opening == null
                    || between > 0
                    || opening <= seal.outsideDiameterMm() - ArrangedParts.LANDING_MM + SLACK;
            return add(atMm - between, lands);
        }

        @Override
        public Boolean ring(Ring ring) {
            return add(ring.toMm() - ring.thicknessMm() - between, true);
        }

        /**
         * Its still ring ends the window where it is narrower than the case, and is a stop where the case lands on it
         * and what turns lies far enough behind; what turns keeps its room where it meets the seal in radius.
         */
        @Override
        public Boolean bearing(Bearing bearing) {
            Double opening = bearing.ringInsideDiameterMm();
            double turning = Objects.requireNonNullElse(bearing.turningFromMm(), bearing.fromMm());
            boolean meets = meets(bearing);
            boolean inTheWay = opening == null || opening < seal.outsideDiameterMm() - SLACK || between > 0;
            if (inTheWay) {
                boolean lands =
                        opening != null && opening <= seal.outsideDiameterMm() - ArrangedParts.LANDING_MM + SLACK;
                boolean clear = !meets
                        || bearing.turningFromMm() != null && turning - bearing.fromMm() >= clearanceMm() - SLACK;
                add(bearing.fromMm() - between, lands && clear);
            }
            if (meets) {
                double room = turning - clearanceMm() - between;
                if (bearing.turningFromMm() == null) {
                    if (all.stream().noneMatch(l -> l.atMm <= room)) {
                        unread.add("place where the bearing's rotating part begins");
                    } else {
                        assumed = " The bearing's rotating part is assumed to begin at its ring's face.";
                    }
                }
                add(room, false);
            }
            return true;
        }

        /** Whether what turns reaches over the seal in radius; where nobody has read it, it does. */
        private boolean meets(Bearing bearing) {
            Double hole = seal.insideDiameterMm() != null ? seal.insideDiameterMm() : section.shaftDiameterMm();
            boolean outside =
                    bearing.turningInsideMm() != null && bearing.turningInsideMm() >= seal.outsideDiameterMm() - SLACK;
            boolean within =
                    bearing.turningOutsideMm() != null && hole != null && bearing.turningOutsideMm() <= hole + SLACK;
            return !outside && !within;
        }

        @Override
        public Boolean cover(BoreItem.Cover cover) {
            return add(cover.fromMm() - between, true);
        }

        @Override
        public Boolean port(BoreItem.Port port) {
            return true;
        }

        @Override
        public Boolean step(BoreItem.Step step) {
            return narrows(step.fromMm(), step.diameterMm());
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

    private double clearanceMm() {
        return TURNING_ROOM_MM + section.wanderMm();
    }
}
