package joropo.core.arrangement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import joropo.core.arrangement.PartKind.After;
import joropo.core.arrangement.PartKind.Line;
import org.jspecify.annotations.Nullable;

/** The parts of a place as far as one level knows them. */
public final class View {
    private static final int AS_FOUND = Origin.STRIPPED.level();

    private final List<Part> parts;
    private final List<Fact<?>> facts;
    private final int level;

    View(List<Part> parts, List<Fact<?>> facts, int level) {
        this.parts = parts;
        this.facts = facts;
        this.level = level;
    }

    public List<Part> parts() {
        return parts;
    }

    public Optional<Part> part(String key) {
        return parts.stream().filter(p -> p.key().equals(key)).findFirst();
    }

    /** What counts of a part, with where it is known from; empty: nobody has said. */
    @SuppressWarnings("unchecked")
    public <T> Optional<Fact<T>> fact(String part, Property<T> property) {
        return facts.stream()
                .filter(f -> f.isOf(part, property))
                .filter(f -> f.origin().level() <= level && reaches(part, f))
                .max(Comparator.<Fact<?>>comparingInt(f -> f.origin().level())
                        .thenComparing(Fact::origin)
                        .thenComparing(Fact::at))
                .map(f -> (Fact<T>) f);
    }

    /** A new part is not the old one: only its place is taken over. */
    private boolean reaches(String part, Fact<?> fact) {
        boolean renewed = level > AS_FOUND
                && part(part).filter(p -> p.kind().after() == After.RENEWED).isPresent();
        return !renewed || fact.property().carries() || fact.origin().level() > AS_FOUND;
    }

    public <T> @Nullable T get(String part, Property<T> property) {
        return fact(part, property).map(Fact::value).orElse(null);
    }

    /** Where it stands, as somebody saw it, else as is usual for its kind. */
    public Line lineOf(Part part) {
        return Objects.requireNonNullElse(
                get(part.key(), Property.LINE), part.kind().line());
    }

    /**
     * Parts of one line, outside first: by place; one whose place is not known stands behind what came off before it,
     * what nobody took off outward of what did.
     */
    public List<Part> line(Line line) {
        List<Part> on = offOrder(parts.stream()
                .filter(p -> lineOf(p).holds(line) && p.on() == null)
                .toList());
        List<Part> out = new ArrayList<>(on.stream()
                .filter(p -> placeMm(p) != null)
                .sorted(Comparator.comparingDouble(p -> Objects.requireNonNull(placeMm(p))))
                .toList());
        for (int i = 0; i < on.size(); i++) {
            if (placeMm(on.get(i)) == null) {
                out.add(i == 0 ? 0 : out.indexOf(on.get(i - 1)) + 1, on.get(i));
            }
        }
        return List.copyOf(out);
    }

    /**
     * In the order in which they go in: last off first; of two on one line whose places are known the inner one first;
     * what sits on another part before that part; one that nobody took off by its place, else outward of the bearing.
     */
    public List<Part> build() {
        return new BuildOrder(this).parts();
    }

    /**
     * Parts that came off after others that stand inward of them on their line, each with one of these: places and
     * order contradict each other, and the places win.
     */
    public Map<Part, Part> outOfOrder() {
        Map<Part, Part> out = new LinkedHashMap<>();
        for (Part later : parts) {
            parts.stream()
                    .filter(p -> p.cameOff() && p.off() < later.off() && standsOutward(later, p))
                    .findFirst()
                    .ifPresent(p -> out.put(later, p));
        }
        return out;
    }

    /** Whether it stands outward of the other on the one line that both have, by more than both were read. */
    private boolean standsOutward(Part part, Part other) {
        Optional<Fact<Double>> own = fact(part.key(), Property.PLACE);
        Optional<Fact<Double>> its = fact(other.key(), Property.PLACE);
        return lineOf(part) == lineOf(other)
                && lineOf(part) != Line.BOTH
                && own.isPresent()
                && its.isPresent()
                && its.get().value() > own.get().value()
                && its.get().contradicts(own.get());
    }

    /** The order in which they came off; of what did not, the later added the further out. */
    private static List<Part> offOrder(List<Part> of) {
        List<Part> out = new ArrayList<>();
        of.stream().filter(p -> !p.cameOff()).forEach(p -> out.add(0, p));
        of.stream()
                .filter(Part::cameOff)
                .sorted(Comparator.comparingInt(Part::off))
                .forEach(out::add);
        return out;
    }

    private @Nullable Double placeMm(Part part) {
        return get(part.key(), Property.PLACE);
    }
}
