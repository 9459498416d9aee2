package joropo.core.lipseal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.Fact;
import joropo.core.arrangement.Origin;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.Property;
import joropo.core.arrangement.View;
import joropo.core.plan.PartsOfSection;
import joropo.core.section.BoreItem;
import joropo.core.section.Section;
import joropo.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * Which part of the job each part of a section is, beside its seals: one that came off, by its name or as the nearest
 * of its kind, or one that was put in when the section was arranged (computed).
 */
public final class PartsInSection {
    /** Before the name in the section of a part that did not come off. */
    private static final String ADDED = "n-";

    private static final String AT = "section#";

    private final View found;
    private final Map<BoreItem, Part> parts = new LinkedHashMap<>();
    private final Map<String, String> keys = new HashMap<>();
    private final Section section;

    /** @param seals keys of the seals of the job, by their names in the section */
    public PartsInSection(Arrangement known, Section section, Map<String, String> seals) {
        this.section = section;
        found = known.found();
        keys.putAll(seals);
        List<Part> left = new ArrayList<>(found.parts().stream()
                .filter(p -> p.off() > 0 && found.lineOf(p) != PartKind.Line.SHAFT)
                .toList());
        List<BoreItem> items = section.boreItems().stream()
                .sorted(Comparator.comparing(
                        i -> left.stream().noneMatch(p -> FoundSection.name(p).equals(i.id()))))
                .toList();
        for (BoreItem item : items) {
            Optional<PartKind> kind = PartsOfSection.kind(item).filter(k -> !(item instanceof BoreItem.Sealing));
            if (kind.isEmpty() || item.id() == null) {
                continue;
            }
            Optional<Part> old = nearest(left, item, kind.get());
            old.ifPresent(left::remove);
            old.or(() -> stays(item)
                            ? Optional.empty()
                            : Optional.of(Part.added(ADDED + item.id(), kind.get(), item.words() + " " + item.id())))
                    .ifPresent(p -> parts.put(item, p));
        }
        parts.forEach((item, part) -> keys.put(item.id(), part.key()));
    }

    /** A bearing that nobody took out and no side is said for is where it was. */
    private static boolean stays(BoreItem item) {
        return item instanceof BoreItem.Bearing b && b.entersFrom() == null;
    }

    private Optional<Part> nearest(List<Part> of, BoreItem item, PartKind kind) {
        List<Part> same = of.stream()
                .filter(p -> p.kind() == kind || p.kind() == PartKind.WASHER && kind == PartKind.SPACER)
                .toList();
        return same.stream()
                .filter(p -> FoundSection.name(p).equals(item.id()))
                .findFirst()
                .or(() -> same.stream().min(Comparator.comparingDouble(p -> apartMm(p, item))));
    }

    private double apartMm(Part part, BoreItem item) {
        Double place = placeMm(part);
        return place == null ? Double.MAX_VALUE : Math.abs(place - item.fromMm());
    }

    private @Nullable Double placeMm(Part part) {
        return found.get(part.key(), Property.PLACE);
    }

    /** Names in the section by the keys of the parts. */
    public Map<String, String> names() {
        Map<String, String> out = new LinkedHashMap<>();
        parts.forEach((item, part) -> out.put(part.key(), item.id()));
        return out;
    }

    /** The same parts where the section has them, and those that it alone has. */
    public Arrangement decided() {
        List<Fact<?>> facts = new ArrayList<>();
        parts.forEach((item, part) -> {
            Double place = placeMm(part);
            if (place == null || Length.snap(place) != Length.snap(item.fromMm())) {
                facts.add(new Fact<>(
                        part.key(), Property.PLACE, item.fromMm(), 0, Origin.DECIDED, AT + item.id() + "-place"));
            }
        });
        section.boreItems().stream()
                .filter(i -> i instanceof BoreItem.Part && keys.containsKey(i.id()))
                .map(BoreItem.Part.class::cast)
                .forEach(p -> wishes(p, facts));
        return new Arrangement(List.copyOf(parts.values()), facts);
    }

    /** From which side it is put in, and before what. */
    private void wishes(BoreItem.Part part, List<Fact<?>> facts) {
        String key = keys.get(part.id());
        if (part.entersFrom() != null) {
            facts.add(
                    new Fact<>(key, Property.ENTERS, part.entersFrom(), 0, Origin.DECIDED, AT + part.id() + "-enters"));
        }
        if (part.beforeItem() != null && keys.containsKey(part.beforeItem())) {
            facts.add(new Fact<>(
                    key, Property.BEFORE, keys.get(part.beforeItem()), 0, Origin.DECIDED, AT + part.id() + "-before"));
        }
    }
}
