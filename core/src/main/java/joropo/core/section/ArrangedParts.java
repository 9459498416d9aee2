package joropo.core.section;

import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.shaft.Attitude;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/** A section as its rules look at it: which part seals between which spaces, what touches what. */
final class ArrangedParts {
    /** A part this near touches (mm, guide). */
    static final double TOUCH_MM = 0.5;

    /** A case lands on a stop by this much of the diameter at least (mm, guide). */
    static final double LANDING_MM = 2;
    /** A washer is this much smaller than its bore at most (mm, guide). */
    static final double WASHER_MM = 2;

    private static final double SLACK = 1e-9;

    private final Section section;
    private final SeatLimits limits;
    private final List<Sealing> sealing;
    private final List<Seal> seals;
    private final Map<Sealing, Integer> numbers = new IdentityHashMap<>();
    /** Items as they stand, outside first. */
    private final List<BoreItem> ordered;

    ArrangedParts(Section section, SeatLimits limits) {
        this.section = section;
        this.limits = limits;
        this.sealing = section.boreItems().stream()
                .filter(Sealing.class::isInstance)
                .map(Sealing.class::cast)
                .toList();
        this.seals = sealing.stream()
                .filter(Seal.class::isInstance)
                .map(Seal.class::cast)
                .toList();
        for (int i = 0; i < sealing.size(); i++) {
            numbers.put(sealing.get(i), i);
        }
        this.ordered = section.boreItems().stream()
                .sorted(Comparator.comparing(BoreItem::fromMm).thenComparing(BoreItem::toMm))
                .toList();
    }

    Section section() {
        return section;
    }

    /** What the kind of seal asks of its seat. */
    SeatLimits limits() {
        return limits;
    }

    /** How full a space counts as: an entry that hangs outside down has its liquid standing on the lip. */
    Level level(int i) {
        Space space = section.spaces().get(i);
        return section.attitude() == Attitude.OUTSIDE_DOWN
                        && i == section.spaces().size() - 1
                        && space.medium().isLiquid()
                ? Level.FULL
                : space.level();
    }

    /** What seals, outside first. */
    List<Sealing> sealing() {
        return sealing;
    }

    List<Seal> seals() {
        return seals;
    }

    /** Every item of the bore as it stands, outside first. */
    List<BoreItem> ordered() {
        return ordered;
    }

    /** Its place among the parts that seal, 0 the outermost; of a seal that was moved, its neighbours decide. */
    int number(Sealing part) {
        Integer n = numbers.get(part);
        return n != null
                ? n
                : (int) sealing.stream()
                        .filter(s -> s.fromMm() < part.fromMm() && !Objects.equals(s.id(), part.id()))
                        .count();
    }

    /** The space on one side of a part that seals. */
    Space space(Sealing part, Side side) {
        return section.spaces().get(spaceNumber(part, side));
    }

    int spaceNumber(Sealing part, Side side) {
        return number(part) + (side == Side.OUT ? 0 : 1);
    }

    /** Pressure that pushes a part inward, negative outward (MPa). */
    double pushInwardMpa(Sealing part) {
        return Length.snap(space(part, Side.OUT).mpa() - space(part, Side.IN).mpa());
    }

    /** Whether a side of it is a vacuum of which nobody knows how deep it is. */
    boolean vacuumIsMissing(Sealing part) {
        return space(part, Side.OUT).pressureIsMissing() || space(part, Side.IN).pressureIsMissing();
    }

    /** What was taken for the pressures on both sides, as a sentence; empty where both were given. */
    String pressureAssumed(Sealing part) {
        List<String> media = Stream.of(Side.OUT, Side.IN)
                .map(side -> space(part, side))
                .filter(s -> s.pressureMpa() == null)
                .map(s -> s.nobodySaid()
                        ? "the room between the seals"
                        : "the " + s.medium().words())
                .distinct()
                .toList();
        return media.isEmpty() ? "" : " 0 MPa is assumed for " + String.join(" and ", media) + ".";
    }

    /** Number of the space that a place of the bore belongs to. */
    int spaceAt(double mm) {
        int n = 0;
        for (Sealing s : sealing) {
            if ((s.fromMm() + s.toMm()) / 2 < mm) {
                n++;
            }
        }
        return n;
    }

    <T extends BoreItem> Stream<T> items(Class<T> kind) {
        return section.boreItems().stream().filter(kind::isInstance).map(kind::cast);
    }

    <T extends ShaftItem> Stream<T> shaft(Class<T> kind) {
        return section.shaftItems().stream().filter(kind::isInstance).map(kind::cast);
    }

    /** Whether something carries a part at one side. */
    enum Held {
        YES,
        NO,
        /** Something stands there whose opening nobody has read. */
        UNKNOWN
    }

    /**
     * Whether something that cannot move carries this part at one side: directly, or behind spacers and seals that
     * touch each other. A stop or a washer carries where its opening is at most the outside of what lies on it, less
     * {@value #LANDING_MM} mm.
     */
    Held held(BoreItem part, Side side) {
        Set<BoreItem> passed = Collections.newSetFromMap(new IdentityHashMap<>());
        passed.add(part);
        BoreItem at = part;
        Held so = Held.YES;
        while (true) {
            double face = face(at, side);
            BoreItem current = at;
            if (side == Side.IN
                    && at instanceof Seal s
                    && s.hasFlange()
                    && Math.abs(s.fromMm() + s.flangeThicknessMm() - section.boreFromMm()) <= TOUCH_MM + SLACK) {
                return so; // its flange lies on the housing
            }
            Held stop = ordered.stream()
                    .filter(i -> i != current && i.stops() && touches(i, side, face))
                    .map(i -> carries(i, current))
                    .min(Comparator.comparingInt(h -> h == Held.YES ? 0 : h == Held.UNKNOWN ? 1 : 2))
                    .orElse(Held.NO);
            if (stop != Held.NO) {
                return stop == Held.YES ? so : Held.UNKNOWN;
            }
            BoreItem next = ordered.stream()
                    .filter(i -> !passed.contains(i)
                            && (i instanceof BoreItem.Spacer || i instanceof Sealing)
                            && touches(i, side, face))
                    .findFirst()
                    .orElse(null);
            Held carried = next == null ? Held.NO : carries(next, current);
            if (next == null || carried == Held.NO) {
                return Held.NO;
            }
            so = carried == Held.UNKNOWN ? Held.UNKNOWN : so;
            passed.add(next);
            at = next;
        }
    }

    /** Whether a case or a washer that lies on it lands on it. */
    private Held carries(BoreItem under, BoreItem part) {
        Double opening;
        if (under instanceof BoreItem.Shoulder s) {
            opening = s.insideDiameterMm();
        } else if (under instanceof BoreItem.Bearing b) {
            opening = b.ringInsideDiameterMm();
        } else if (under instanceof BoreItem.Spacer w) {
            opening = w.insideDiameterMm();
        } else {
            return Held.YES;
        }
        if (opening == null) {
            return Held.UNKNOWN;
        }
        double most = outsideMm(part) - LANDING_MM + SLACK;
        if (opening > most) {
            return Held.NO;
        }
        boolean sure =
                !(part instanceof BoreItem.Spacer w) || w.outsideDiameterMm() != null || opening <= most - WASHER_MM;
        return sure ? Held.YES : Held.UNKNOWN;
    }

    /** Outside of a part (mm); of a washer nobody has measured, the most it can be. */
    private double outsideMm(BoreItem part) {
        if (part instanceof Seal s) {
            return s.outsideDiameterMm();
        }
        if (part instanceof BoreItem.Spacer w && w.outsideDiameterMm() != null) {
            return w.outsideDiameterMm();
        }
        return Objects.requireNonNullElse(boreMm(part.fromMm()), Double.POSITIVE_INFINITY);
    }

    /** The bore at one place (mm): behind the last step outward of it; absent: not known. */
    @Nullable
    Double boreMm(double atMm) {
        Double out = section.boreDiameterMm();
        for (BoreItem i : ordered) {
            if (i instanceof BoreItem.Step s && s.fromMm() <= atMm + SLACK) {
                out = s.diameterMm();
            }
        }
        return out;
    }

    private static double face(BoreItem item, Side side) {
        return side == Side.OUT ? item.fromMm() : item.toMm();
    }

    /** A ring may lie anywhere in its groove, so either wall counts. */
    private static boolean touches(BoreItem item, Side side, double face) {
        double near = side == Side.OUT ? item.toMm() : item.fromMm();
        double ring = item instanceof BoreItem.Ring r
                ? side == Side.OUT ? r.fromMm() + r.thicknessMm() : r.toMm() - r.thicknessMm()
                : near;
        return Math.abs(near - face) <= TOUCH_MM + SLACK || Math.abs(ring - face) <= TOUCH_MM + SLACK;
    }

    /** Washers that touch at this side. */
    Stream<BoreItem.Spacer> washersAt(BoreItem part, Side side) {
        return items(BoreItem.Spacer.class).filter(s -> touches(s, side, face(part, side)));
    }
}
