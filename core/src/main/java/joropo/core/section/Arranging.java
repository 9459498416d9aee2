package joropo.core.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import joropo.core.material.Medium;
import joropo.core.section.BoreItem.Part;
import joropo.core.section.BoreItem.Sealing;
import joropo.core.shaft.Side;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * Moves of the hand on a section: place, turn, swap, put in, take out. Each gives a new section whose parts lie in
 * order from outside to inside; spaces keep their order, so a seal that passes another one takes its place between the
 * spaces (computed).
 */
public final class Arranging {
    /** A section after a move, and the part that was moved; absent where it was taken out. */
    public record Arranged(Section section, int part) {}

    private Arranging() {}

    /** A part of the bore with its outermost face at another place (mm). */
    public static Arranged placed(Section section, int part, double fromMm) {
        return replaced(section, part, section.boreItems().get(part).at(Length.snap(fromMm)));
    }

    /** A part in place of another, as when its figures are changed. */
    public static Arranged replaced(Section section, int part, BoreItem by) {
        List<BoreItem> items = new ArrayList<>(section.boreItems());
        items.set(part, by);
        return inOrder(section, section.spaces(), items, section.joints(), by);
    }

    /** A seal or a set turned round. @throws RefusedInput when the part has no open side */
    public static Arranged turned(Section section, int part) {
        BoreItem item = section.boreItems().get(part);
        if (item instanceof Sealing s) {
            return replaced(section, part, s.turned());
        }
        throw new RefusedInput("", "a " + item.words() + " has no open side to turn");
    }

    /**
     * A part changed over with its neighbour on one side; together they take the room they had. @throws RefusedInput
     * when there is none
     */
    public static Arranged swapped(Section section, int part, Side towards) {
        BoreItem item = section.boreItems().get(part);
        List<BoreItem> parts = section.boreItems().stream()
                .filter(Part.class::isInstance)
                .sorted(Comparator.comparing(BoreItem::fromMm))
                .toList();
        int at = parts.indexOf(item) + (towards == Side.IN ? 1 : -1);
        if (!(item instanceof Part) || at < 0 || at >= parts.size()) {
            throw new RefusedInput("", "there is no part on the " + towards.words() + " of the " + item.words());
        }
        BoreItem other = parts.get(at);
        BoreItem outer = towards == Side.IN ? item : other;
        BoreItem inner = towards == Side.IN ? other : item;
        BoreItem newOuter = inner.at(outer.fromMm());
        BoreItem newInner = outer.at(Length.snap(inner.toMm() - (outer.toMm() - outer.fromMm())));
        List<BoreItem> items = section.boreItems().stream()
                .map(i -> i == outer ? newInner : i == inner ? newOuter : i)
                .toList();
        return inOrder(section, section.spaces(), items, section.joints(), towards == Side.IN ? newInner : newOuter);
    }

    /** With one part more. A part that seals brings a space of its own, air until somebody says what is in it. */
    public static Arranged added(Section section, BoreItem asked) {
        List<BoreItem> items = new ArrayList<>(section.boreItems());
        BoreItem part = asked instanceof Sealing s ? free(section, s) : asked;
        items.add(part);
        List<Space> spaces = new ArrayList<>(section.spaces());
        if (part instanceof Sealing) {
            int before = (int) section.boreItems().stream()
                    .filter(i -> i instanceof Sealing && i.fromMm() <= part.fromMm())
                    .count();
            int number = Math.max(1, Math.min(before + 1, spaces.size() - 1));
            spaces.add(number, new Space(Medium.AIR, null, null, null));
            List<Joint> joints = section.joints().stream()
                    .map(j -> between(
                            j,
                            j.between().stream()
                                    .map(b -> b >= number ? b + 1 : b)
                                    .toList()))
                    .toList();
            return inOrder(section, spaces, items, joints, part);
        }
        return inOrder(section, spaces, items, section.joints(), part);
    }

    /** Behind the part that seals at this place already: two never stand at one. */
    private static BoreItem free(Section section, Sealing part) {
        BoreItem at = part;
        for (BoreItem item : section.boreItems()) {
            if (item instanceof Sealing && item.fromMm().equals(at.fromMm())) {
                at = at.at(item.toMm());
            }
        }
        return at;
    }

    /**
     * Without one part; a part that seals takes the space on its machine side along, or the one before it where that is
     * the machine. @throws RefusedInput for the last that seals
     */
    public static Section without(Section section, int part) {
        BoreItem gone = section.boreItems().get(part);
        List<BoreItem> items =
                section.boreItems().stream().filter(i -> i != gone).toList();
        if (!(gone instanceof Sealing)) {
            return section.with(
                    section.spaces(), items, section.shaftItems(), section.joints(), section.depthUncertaintyMm());
        }
        List<Space> spaces = new ArrayList<>(section.spaces());
        if (spaces.size() == 2) {
            throw new RefusedInput("", "the last part that seals stays: add another one first");
        }
        int inner = 1
                + (int) section.boreItems().subList(0, part).stream()
                        .filter(Sealing.class::isInstance)
                        .count();
        int number = inner == spaces.size() - 1 ? inner - 1 : inner;
        spaces.remove(number);
        List<Joint> joints = section.joints().stream()
                .filter(j -> !j.between().contains(number))
                .map(j -> between(
                        j, j.between().stream().map(b -> b > number ? b - 1 : b).toList()))
                .toList();
        return section.with(spaces, items, section.shaftItems(), joints, section.depthUncertaintyMm());
    }

    private static Joint between(Joint joint, List<Integer> spaces) {
        return new Joint(joint.kind(), spaces, joint.sealedBy(), joint.beforeItem());
    }

    /** With a feature of the shaft in place of another; absent numbers add it. */
    public static Section withShaftItem(Section section, @Nullable Integer index, ShaftItem item) {
        List<ShaftItem> items = new ArrayList<>(section.shaftItems());
        if (index == null) {
            items.add(item);
        } else {
            items.set(index, item);
        }
        return section.with(
                section.spaces(), section.boreItems(), items, section.joints(), section.depthUncertaintyMm());
    }

    public static Section withoutShaftItem(Section section, int index) {
        List<ShaftItem> items = new ArrayList<>(section.shaftItems());
        items.remove(index);
        return section.with(
                section.spaces(), section.boreItems(), items, section.joints(), section.depthUncertaintyMm());
    }

    /** A name that no part has yet, such as {@code s3}. */
    public static String freeId(Section section, String letter) {
        for (int n = 1; ; n++) {
            String id = letter + n;
            if (section.boreItems().stream().noneMatch(i -> Objects.equals(i.id(), id))) {
                return id;
            }
        }
    }

    private static Arranged inOrder(
            Section section, List<Space> spaces, List<BoreItem> items, List<Joint> joints, BoreItem moved) {
        List<BoreItem> sorted =
                items.stream().sorted(Comparator.comparing(BoreItem::fromMm)).toList();
        int at = 0;
        while (sorted.get(at) != moved) {
            at++;
        }
        return new Arranged(
                section.with(spaces, sorted, section.shaftItems(), joints, section.depthUncertaintyMm()), at);
    }
}
