package joropo.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem;
import joropo.core.section.BoreItemBearingBuilder;
import joropo.core.section.BoreItemSealBuilder;
import joropo.core.section.Level;
import joropo.core.section.Section;
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
     * @param faced side that its open side faced; absent: not noted, @param placeMm of its outer face from the face of
     *     the housing; absent: not read
     * @param thicknessMm along the shaft; absent: not read
     */
    public record Removed(
            PartKind kind,
            @Nullable Side faced,
            @Nullable Double placeMm,
            @Nullable Double thicknessMm) {}

    private StripLog() {}

    /** The order of building: the order of removal backwards. */
    public static List<Removed> buildOrder(List<Removed> removed) {
        List<Removed> out = new ArrayList<>(removed);
        Collections.reverse(out);
        return out;
    }

    /**
     * The section as it was found. Parts lie as read, and where nobody has read a place one behind the other; what the
     * log has nothing of stays as it is on the sheets. Without a lip seal in the log the sheets' section comes back.
     *
     * @param typed the section that the sheets make
     */
    public static Section asFound(Section typed, List<Removed> removed) {
        List<Removed> seals =
                removed.stream().filter(r -> r.kind() == PartKind.LIP_SEAL).toList();
        if (seals.isEmpty()) {
            return typed;
        }
        List<BoreItem> items = new ArrayList<>();
        Set<PartKind> logged = removed.stream().map(Removed::kind).collect(Collectors.toSet());
        double at = Math.min(0, typed.boreFromMm());
        for (Removed r : removed.stream().filter(r -> isInBore(r.kind())).toList()) {
            double from = r.placeMm() == null ? at : r.placeMm();
            BoreItem item = item(
                    r,
                    from,
                    typed,
                    (int) items.stream()
                                    .filter(i -> i.id().startsWith(letter(r.kind())))
                                    .count()
                            + 1);
            items.add(item);
            at = item.toMm();
        }
        double end = at;
        typed.boreItems().stream()
                .filter(i -> !(i instanceof BoreItem.Sealing)
                        && !(i instanceof BoreItem.Bearing && logged.contains(PartKind.BEARING))
                        && !(i instanceof BoreItem.Shoulder && i.fromMm() < end - 1e-9))
                .forEach(items::add);
        items.sort(Comparator.comparing(BoreItem::fromMm));
        return typed.withParts(items, spaces(typed, seals.size()));
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

    /** @param count of its kind, from outside */
    private static BoreItem item(Removed r, double from, Section typed, int count) {
        BoreItem.Seal like = typed.seal();
        String id = letter(r.kind()) + count;
        return switch (r.kind()) {
            case LIP_SEAL ->
                BoreItemSealBuilder.builder()
                        .id(id)
                        .fromMm(from)
                        .widthMm(r.thicknessMm() == null ? like.widthMm() : r.thicknessMm())
                        .outsideDiameterMm(like.outsideDiameterMm())
                        .insideDiameterMm(like.insideDiameterMm())
                        .caseType(like.caseType())
                        .mainLip(r.faced() == null ? like.mainLip() : r.faced())
                        .build();
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
