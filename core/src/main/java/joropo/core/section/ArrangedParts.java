package joropo.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.shaft.Attitude;
import joropo.core.shaft.Side;
import joropo.core.units.Length;

/** A section as its rules look at it: which part seals between which spaces, what touches what. */
final class ArrangedParts {
    /** A part this near touches (mm, guide). */
    static final double TOUCH_MM = 0.5;

    private static final double SLACK = 1e-9;

    private final Section section;
    private final SeatLimits limits;
    private final List<Sealing> sealing;

    ArrangedParts(Section section, SeatLimits limits) {
        this.section = section;
        this.limits = limits;
        this.sealing = section.boreItems().stream()
                .filter(Sealing.class::isInstance)
                .map(Sealing.class::cast)
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
        return sealing.stream()
                .filter(Seal.class::isInstance)
                .map(Seal.class::cast)
                .toList();
    }

    /** The space on one side of a part that seals. */
    Space space(Sealing part, Side side) {
        return section.beside(part, side);
    }

    int spaceNumber(Sealing part, Side side) {
        int i = sealing.indexOf(part);
        return side == Side.OUT ? i : i + 1;
    }

    /** Pressure that pushes a part inward, negative outward (MPa). */
    double pushInwardMpa(Sealing part) {
        return Length.snap(
                space(part, Side.OUT).pressureMpa() - space(part, Side.IN).pressureMpa());
    }

    /** Number of the space that a place of the bore belongs to. */
    int spaceAt(double mm) {
        return (int)
                sealing.stream().filter(s -> (s.fromMm() + s.toMm()) / 2 < mm).count();
    }

    <T extends BoreItem> Stream<T> items(Class<T> kind) {
        return section.boreItems().stream().filter(kind::isInstance).map(kind::cast);
    }

    <T extends ShaftItem> Stream<T> shaft(Class<T> kind) {
        return section.shaftItems().stream().filter(kind::isInstance).map(kind::cast);
    }

    /**
     * Whether something that cannot move stands at this side of a part: directly, or behind spacers and seals that
     * touch each other.
     */
    boolean isHeld(BoreItem part, Side side) {
        List<BoreItem> passed = new ArrayList<>(List.of(part));
        BoreItem at = part;
        while (true) {
            double face = face(at, side);
            BoreItem current = at;
            if (side == Side.IN
                    && at instanceof Seal s
                    && s.hasFlange()
                    && Math.abs(s.fromMm() + s.flangeThicknessMm() - section.boreFromMm()) <= TOUCH_MM + SLACK) {
                return true; // its flange lies on the housing
            }
            if (section.boreItems().stream().anyMatch(i -> i != current && i.stops() && touches(i, side, face))) {
                return true;
            }
            BoreItem next = section.boreItems().stream()
                    .filter(i -> !passed.contains(i)
                            && (i instanceof BoreItem.Spacer || i instanceof Sealing)
                            && touches(i, side, face))
                    .findFirst()
                    .orElse(null);
            if (next == null) {
                return false;
            }
            passed.add(next);
            at = next;
        }
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

    /** The part that touches at this side, if it is a loose washer. */
    Optional<BoreItem.Spacer> washerAt(BoreItem part, Side side) {
        return items(BoreItem.Spacer.class)
                .filter(s -> touches(s, side, face(part, side)))
                .findFirst();
    }
}
