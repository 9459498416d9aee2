package joropo.core.section;

import static joropo.core.verdict.Status.FAIL;
import static joropo.core.verdict.Status.PASS;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import joropo.core.section.BoreItem.Bearing;
import joropo.core.section.BoreItem.Part;
import joropo.core.section.BoreItem.Seal;
import joropo.core.section.BoreItem.Spacer;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** In which order the parts go in, so that each reaches its place past those already there (S7, computed). */
final class BuildOrder {
    private final ArrangedParts arranged;
    private final List<Part> parts;
    private final List<Part> order = new ArrayList<>();
    private final List<Part> stuck = new ArrayList<>();

    BuildOrder(ArrangedParts arranged) {
        this.arranged = arranged;
        this.parts = arranged.items(Part.class)
                .sorted(Comparator.comparing(BoreItem::fromMm).reversed())
                .toList();
        List<Part> left = new ArrayList<>(parts);
        while (!left.isEmpty()) {
            Part next = left.stream()
                    .filter(p -> left.stream().noneMatch(q -> q != p && goesBefore(q, p)))
                    .findFirst()
                    .orElse(null);
            if (next == null) {
                stuck.addAll(left);
                break;
            }
            left.remove(next);
            order.add(next);
        }
    }

    /** Whether q has to be in before p. */
    private static boolean goesBefore(Part q, Part p) {
        boolean asked = q.beforeItem() != null && q.beforeItem().equals(p.id());
        boolean onTheShaft =
                q instanceof Seal a && a.mount() == Mount.SHAFT && !(p instanceof Seal b && b.mount() == Mount.SHAFT);
        return asked
                || onTheShaft
                || !(p.beforeItem() != null && p.beforeItem().equals(q.id()))
                        && (passes(q, p, Side.OUT) || passes(q, p, Side.IN));
    }

    /** Whether q, coming from this side, has to pass the place of p. */
    private static boolean passes(Part q, Part p, Side from) {
        return comesFrom(q) == from
                && !(q instanceof Bearing && q.entersFrom() == null)
                && (from == Side.OUT ? p.fromMm() < q.fromMm() : p.fromMm() > q.fromMm());
    }

    private static Side comesFrom(Part part) {
        return part.entersFrom() == null ? Side.OUT : part.entersFrom();
    }

    /** By id, or by kind where a part has none; empty where no order exists. */
    List<String> order() {
        if (!stuck.isEmpty()) {
            return List.of();
        }
        List<String> out = new ArrayList<>();
        for (Part part : order) {
            arranged.section().joints().stream()
                    .filter(j -> j.beforeItem() != null && j.beforeItem().equals(part.id()))
                    .forEach(j -> out.add(j.words()));
            out.add(name(part));
        }
        return out;
    }

    /** Names of parts that something has to go in before and that are not there: a part was left out. */
    private List<String> leftOut() {
        return Stream.concat(
                        parts.stream().map(Part::beforeItem),
                        arranged.section().joints().stream().map(Joint::beforeItem))
                .filter(Objects::nonNull)
                .filter(id -> parts.stream().noneMatch(p -> id.equals(p.id())))
                .distinct()
                .toList();
    }

    private static String name(Part part) {
        return part.id() != null ? part.id() : part.words();
    }

    List<Finding> judge() {
        List<Finding> out = new ArrayList<>();
        for (Part part : parts) {
            String blocked = blockedBy(part);
            if (blocked != null) {
                out.add(finding(
                        FAIL,
                        name(part) + " cannot reach its place from "
                                + comesFrom(part).words() + ": " + blocked + ".",
                        "Let it enter from the other side, or another part."
                                + (part instanceof Seal
                                        ? " One that seals the far end is a position of its own, with its own job."
                                        : ""),
                        part.id()));
            }
        }
        leftOut()
                .forEach(id -> out.add(finding(
                        FAIL,
                        "Something has to go in before " + id + ", and " + id
                                + " is not in the section: a part is left out.",
                        "Add the part, or take the wish away.",
                        null)));
        if (!stuck.isEmpty()) {
            out.add(finding(
                    FAIL,
                    "No order lets all parts in: "
                            + String.join(
                                    ", ", stuck.stream().map(BuildOrder::name).toList())
                            + " stand in each other's way.",
                    "Change the side that one of them enters from, or what it is put in before.",
                    stuck.get(0).id()));
        }
        if (out.isEmpty()) {
            out.add(finding(PASS, "Goes in as: " + String.join(", ", order()) + ".", "", null));
        }
        return out;
    }

    private @Nullable String blockedBy(Part part) {
        Double outside = part instanceof Seal s && s.mount() == Mount.BORE
                ? s.outsideDiameterMm()
                : part instanceof Spacer s ? s.outsideDiameterMm() : null;
        if (part instanceof Bearing && part.entersFrom() == null
                || outside == null && !(part instanceof BoreItem.Ring)) {
            return null;
        }
        boolean fromOutside = comesFrom(part) == Side.OUT;
        if (!fromOutside && part instanceof Seal s && s.hasFlange()) {
            return "its flange does not pass the bore";
        }
        for (BoreItem item : arranged.section().boreItems()) {
            boolean onTheWay = fromOutside ? item.fromMm() < part.fromMm() - 1e-9 : item.fromMm() > part.toMm() + 1e-9;
            if (onTheWay
                    && item instanceof BoreItem.Shoulder s
                    && (s.insideDiameterMm() == null || outside == null || s.insideDiameterMm() < outside - 1e-9)) {
                return "a shoulder is in the way";
            }
            if (fromOutside
                    && onTheWay
                    && outside != null
                    && item instanceof BoreItem.Step s
                    && s.diameterMm() < outside - 1e-9) {
                return "the bore narrows to " + Length.show(s.diameterMm(), 2) + " mm on the way";
            }
        }
        return null;
    }

    private static Finding finding(Status status, String message, String remedy, @Nullable String part) {
        Finding out = Finding.of(
                "S7", status, "order in which the parts go in", message, remedy, Source.COMPUTED, "stack and depth");
        return part == null ? out : out.withPart(part);
    }
}
