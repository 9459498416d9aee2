package joropo.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.core.assembly.ShimPack;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemBearingBuilder;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Level;
import joropo.core.section.Section;
import joropo.core.section.ShaftItem;
import joropo.core.section.Space;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/**
 * What came off in which order, read backwards as the order of building and laid out as the section that was found
 * (guide).
 */
public final class StripLog {
    /** Drawn so until somebody has measured the part (mm, guide). */
    private static final double USUAL_WASHER_MM = 2;

    private static final double USUAL_RING_MM = 1.75;
    private static final double GROOVE_ROOM_MM = 0.15;
    private static final Set<PartKind> IN_BORE =
            EnumSet.of(PartKind.LIP_SEAL, PartKind.RETAINING_RING, PartKind.SPACER, PartKind.WASHER, PartKind.BEARING);

    /**
     * One part that came off.
     *
     * @param name as people call it, @param faced side that its open or marked side faced; absent: not noted
     * @param placeMm of its outer face from the face of the housing; absent: not read
     * @param thicknessMm along the shaft; absent: not read, @param shims of a pack, each; absent: not counted
     * @param leftOut whether it was decided that it does not go back
     */
    public record Removed(
            PartKind kind,
            String name,
            @Nullable Side faced,
            @Nullable Double placeMm,
            @Nullable Double thicknessMm,
            @Nullable ShimPack shims,
            boolean leftOut) {
        /** Of which no more was noted. */
        public static Removed of(PartKind kind) {
            return new Removed(kind, kind.words(), null, null, null, null, false);
        }

        /** The same with what was read of it left out. */
        public Removed unread() {
            return new Removed(kind, name, faced, null, null, shims, leftOut);
        }

        public Removed at(double newPlaceMm) {
            return new Removed(kind, name, faced, newPlaceMm, thicknessMm, shims, leftOut);
        }
    }

    private StripLog() {}

    /** The order of building: the order of removal backwards. */
    public static List<Removed> buildOrder(List<Removed> removed) {
        List<Removed> out = new ArrayList<>(removed);
        Collections.reverse(out);
        return out;
    }

    /**
     * The section as it was found. Parts lie as read, and where nobody has read a place one behind the other; bearing,
     * stop and lead-in that the log has nothing of stay as they are on the sheets. Without a lip seal in the log the
     * sheets' section comes back.
     *
     * @param typed the section that the sheets make
     */
    public static Section asFound(Section typed, List<Removed> removed) {
        List<Removed> seals = seals(removed);
        if (seals.isEmpty()) {
            return typed;
        }
        List<BoreItem> items = new ArrayList<>();
        Set<PartKind> logged = removed.stream().map(Removed::kind).collect(Collectors.toSet());
        double at = Math.min(0, typed.boreFromMm());
        for (Removed r : removed.stream().filter(r -> isInBore(r.kind())).toList()) {
            boolean twice = r.kind() == PartKind.LIP_SEAL && r.placeMm() != null && isTaken(items, r.placeMm());
            double from = r.placeMm() == null || twice ? free(items, at) : r.placeMm();
            String id = letter(r.kind()) + (count(items, r.kind()) + 1);
            BoreItem item = r.kind() == PartKind.LIP_SEAL
                    ? seal(r, from, typed.seal(), id, r.placeMm() == null || twice)
                    : other(r, from, id);
            items.add(item);
            at = item.toMm();
        }
        double end = at;
        typed.boreItems().stream()
                .filter(i -> !(i instanceof BoreItem.Sealing)
                        && !(i instanceof BoreItem.Bearing && logged.contains(PartKind.BEARING))
                        && !(i instanceof BoreItem.Ring)
                        && !(i instanceof BoreItem.Spacer)
                        && !(i instanceof BoreItem.Shoulder && i.fromMm() < end - 1e-9))
                .forEach(items::add);
        items.sort(Comparator.comparing(BoreItem::fromMm));
        return typed.withParts(items, spaces(typed, seals.size()));
    }

    /** Two seals cannot have stood in one place: the second of them counts as not read. */
    private static boolean isTaken(List<BoreItem> items, double placeMm) {
        return items.stream().anyMatch(i -> i instanceof BoreItem.Seal && Math.abs(i.fromMm() - placeMm) < 1e-9);
    }

    private static double free(List<BoreItem> items, double fromMm) {
        return isTaken(items, fromMm)
                ? items.stream().mapToDouble(BoreItem::toMm).max().orElseThrow()
                : fromMm;
    }

    /** Lip seals of the log, outside first. */
    public static List<Removed> seals(List<Removed> removed) {
        return removed.stream().filter(r -> r.kind() == PartKind.LIP_SEAL).toList();
    }

    /**
     * Rings, spacers, washers and bearings whose place was read, as they stand in the bore; a bearing with what turns
     * in it, where that was read.
     *
     * @param turningFromMm depth of the nearest turning part, absent: not read
     */
    public static List<BoreItem> placed(List<Removed> removed, @Nullable Double turningFromMm) {
        List<BoreItem> out = new ArrayList<>();
        for (Removed r : removed) {
            if (isInBore(r.kind()) && r.kind() != PartKind.LIP_SEAL && r.placeMm() != null && !r.leftOut()) {
                BoreItem item = other(r, r.placeMm(), letter(r.kind()) + (count(out, r.kind()) + 1));
                out.add(
                        item instanceof BoreItem.Bearing b && turningFromMm != null && turningFromMm >= b.fromMm()
                                ? BoreItemBearingBuilder.builder(b)
                                        .turningFromMm(turningFromMm)
                                        .build()
                                : item);
            }
        }
        return out;
    }

    /** Slingers of the log whose place was read: they stand on the shaft, outward of the seals. */
    public static List<ShaftItem> onShaft(List<Removed> removed) {
        return removed.stream()
                .filter(r -> r.kind() == PartKind.SLINGER && r.placeMm() != null && !r.leftOut())
                .<ShaftItem>map(r -> new ShaftItem.Slinger(
                        r.placeMm(), r.thicknessMm() == null ? null : r.placeMm() + r.thicknessMm(), null))
                .toList();
    }

    private static int count(List<BoreItem> items, PartKind kind) {
        return (int) items.stream().filter(i -> i.id().startsWith(letter(kind))).count();
    }

    private static List<Space> spaces(Section typed, int seals) {
        List<Space> out = new ArrayList<>();
        out.add(typed.outside());
        for (int i = 1; i < seals; i++) {
            out.add(new Space(Medium.GREASE, null, null, Level.PARTIAL));
        }
        out.add(typed.inside());
        return out;
    }

    private static String letter(PartKind kind) {
        return switch (kind) {
            case LIP_SEAL -> "s";
            case RETAINING_RING -> "r";
            case BEARING -> "b";
            default -> "w";
        };
    }

    /** Whether a part of this kind has its place in the bore, and so in the section that was found. */
    public static boolean isInBore(PartKind kind) {
        return IN_BORE.contains(kind);
    }

    /**
     * @param like the seal of the sheets, for what the log does not say, @param assumed whether its place was not read
     */
    private static BoreItem seal(Removed r, double from, BoreItem.Seal like, String id, boolean assumed) {
        return BoreItemSealBuilder.builder()
                .id(id)
                .fromMm(from)
                .widthMm(r.thicknessMm() == null ? like.widthMm() : r.thicknessMm())
                .outsideDiameterMm(like.outsideDiameterMm())
                .insideDiameterMm(like.insideDiameterMm())
                .caseType(like.caseType())
                .mainLip(r.faced() == null ? like.mainLip() : r.faced())
                .placeAssumed(assumed ? true : null)
                .build();
    }

    private static BoreItem other(Removed r, double from, String id) {
        return switch (r.kind()) {
            case RETAINING_RING -> {
                double thick = r.thicknessMm() == null ? USUAL_RING_MM : r.thicknessMm();
                yield new BoreItem.Ring(id, from, thick + GROOVE_ROOM_MM, thick, null, null, null);
            }
            case BEARING ->
                BoreItemBearingBuilder.builder()
                        .id(id)
                        .fromMm(from)
                        .widthMm(r.thicknessMm())
                        .build();
            default ->
                new BoreItem.Spacer(
                        id,
                        from,
                        r.thicknessMm() == null ? USUAL_WASHER_MM : r.thicknessMm(),
                        null,
                        null,
                        null,
                        null,
                        null);
        };
    }
}
