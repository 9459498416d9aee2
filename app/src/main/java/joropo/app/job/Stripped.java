package joropo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.Fact;
import joropo.core.arrangement.Origin;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.Property;
import joropo.core.plan.StripLog.Removed;
import joropo.core.readings.Gauge;
import org.jspecify.annotations.Nullable;

/** The parts of a job: its items, each with the old one that came off in its place, and what else came off. */
final class Stripped {
    private final List<JobItem> items;
    private final List<StripPart> off;
    /** Number of the item by place in the log. */
    private final Map<Integer, Integer> itemOf = new TreeMap<>();

    /** @param items that stand, @param off what came off, in its order, without what another part brought along */
    Stripped(List<JobItem> items, List<StripPart> off) {
        this.items = items;
        this.off = off;
        for (int i = 0; i < off.size(); i++) {
            Integer named = off.get(i).item();
            if (named != null
                    && !itemOf.containsValue(named)
                    && items.stream().anyMatch(item -> item.number() == named)) {
                itemOf.put(i, named);
            }
        }
        named(PartKind.O_RING);
        unnamed(PartKind.LIP_SEAL);
        if (free(PartKind.O_RING).size() <= nameless(PartKind.O_RING).size()) {
            unnamed(PartKind.O_RING);
        }
        for (int i = off.size() - 1; i >= 0; i--) {
            if (!itemOf.containsKey(i)) {
                ofItsKind(off.get(i)).map(JobItem::number).ifPresent(number(i));
            }
        }
    }

    private Consumer<Integer> number(int place) {
        return number -> itemOf.put(place, number);
    }

    /**
     * Of a box, a set, a mechanical seal all that came off of the one item; of several the one that is called so. A
     * ring is one ring: what is left over is of something else.
     */
    private Optional<JobItem> ofItsKind(StripPart part) {
        List<JobItem> same = items.stream()
                .filter(i -> i.kind() == part.kind().whole())
                .filter(i -> i.kind() != PartKind.LIP_SEAL && i.kind() != PartKind.O_RING)
                .toList();
        return same.size() == 1
                ? same.stream().findFirst()
                : same.stream()
                        .filter(i -> i.label().equalsIgnoreCase(part.name()))
                        .findFirst();
    }

    /** Those that are called as an item is. */
    private void named(PartKind kind) {
        for (int place : nameless(kind)) {
            free(kind).stream()
                    .filter(i -> i.label().equalsIgnoreCase(off.get(place).name()))
                    .findFirst()
                    .map(JobItem::number)
                    .ifPresent(number(place));
        }
    }

    /** Where the log names no item, the last that came off is the first item's. */
    private void unnamed(PartKind kind) {
        List<JobItem> free = free(kind);
        List<Integer> nameless = nameless(kind);
        for (int i = 0; i < Math.min(free.size(), nameless.size()); i++) {
            itemOf.put(nameless.get(i), free.get(i).number());
        }
    }

    /** Items of a kind of which no old one is known. */
    private List<JobItem> free(PartKind kind) {
        return unnoted().stream().filter(i -> i.kind() == kind).toList();
    }

    /** Places in the log of what was no item that is known, the last first. */
    private List<Integer> nameless(PartKind kind) {
        return IntStream.iterate(off.size() - 1, i -> i >= 0, i -> i - 1)
                .filter(i -> off.get(i).kind() == kind && off.get(i).item() == null && !itemOf.containsKey(i))
                .boxed()
                .toList();
    }

    /** What came off of one part of the arrangement, the last first. @param key of that part */
    List<StripPart> of(String key) {
        List<StripPart> out = new ArrayList<>();
        for (int i = off.size() - 1; i >= 0; i--) {
            if (key(i).equals(key)) {
                out.add(off.get(i));
            }
        }
        return out;
    }

    private String key(int place) {
        Integer item = itemOf.get(place);
        return item == null ? key(off.get(place)) : "i" + item;
    }

    /** The item that a part of the log was; empty: none of this job. */
    Optional<JobItem> itemOf(StripPart part) {
        Integer number = itemOf.get(off.indexOf(part));
        return items.stream()
                .filter(i -> number != null && i.number() == number)
                .findFirst();
    }

    /** The first item of a kind of which no old one came off yet. */
    Optional<JobItem> without(PartKind kind) {
        return free(kind).stream().findFirst();
    }

    /** Items of which no old one came off yet. */
    List<JobItem> unnoted() {
        return items.stream().filter(i -> !itemOf.containsValue(i.number())).toList();
    }

    /** Of a part that is no item. */
    static String key(StripPart part) {
        return "o" + part.number();
    }

    static String key(JobItem item) {
        return "i" + item.number();
    }

    /** @param log the same parts as the rules read them: what of them cannot be is left out */
    Arrangement arranged(List<Removed> log) {
        List<Part> parts = new ArrayList<>();
        for (JobItem item : items) {
            int at = lastOf(item);
            parts.add(new Part(key(item), item.kind(), item.calledAmong(items), at + 1, null, true));
        }
        List<Fact<?>> facts = new ArrayList<>();
        for (int i = 0; i < off.size(); i++) {
            StripPart part = off.get(i);
            Optional<JobItem> item = itemOf(part);
            if (item.isEmpty()) {
                parts.add(new Part(
                        key(i), part.kind(), part.name(), i + 1, null, part.back() != StripPart.Back.LEFT_OUT));
            }
            if (item.isEmpty() || lastOf(item.get()) == i) {
                read(key(i), part.number(), log.get(i), facts);
            }
        }
        return new Arrangement(parts, facts);
    }

    /** The place in the log of what came off last of an item; -1: nothing of it was noted. */
    private int lastOf(JobItem item) {
        return itemOf.entrySet().stream()
                .filter(e -> e.getValue() == item.number())
                .mapToInt(Map.Entry::getKey)
                .max()
                .orElse(-1);
    }

    /** What was noted of a part; lengths are read with a rule while nobody names a gauge. */
    private static void read(String key, int number, Removed noted, List<Fact<?>> facts) {
        String at = "off" + number + "-";
        length(key, Property.PLACE, noted.placeMm(), at + "place", facts);
        length(key, Property.THICK, noted.thicknessMm(), at + "thickness", facts);
        length(key, Property.OPENING, noted.read().openingMm(), at + "opening", facts);
        length(key, Property.OUTSIDE, noted.read().outsideMm(), at + "outside", facts);
        if (noted.line() != null) {
            facts.add(new Fact<>(key, Property.LINE, noted.line(), 0, Origin.STRIPPED, at + "line"));
        }
        if (noted.faced() != null) {
            facts.add(new Fact<>(key, Property.FACES, noted.faced(), 0, Origin.STRIPPED, at + "faced"));
        }
    }

    private static void length(
            String key, Property<Double> property, @Nullable Double mm, String at, List<Fact<?>> facts) {
        if (mm != null) {
            facts.add(new Fact<>(key, property, mm, Gauge.RULE.uncertaintyMm(Math.abs(mm)), Origin.STRIPPED, at));
        }
    }
}
