package joropo.core.arrangement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * All that is known of the parts of one place. Nothing of it is stored: it is made from what is, whenever it is asked
 * for.
 *
 * @param parts each once, @param facts in any order
 */
public record Arrangement(List<Part> parts, List<Fact<?>> facts) {
    /** More contradictions than this are not each judged both ways. */
    private static final int MOST_READINGS = 3;

    public Arrangement {
        List<String> keys = parts.stream().map(Part::key).toList();
        if (new HashSet<>(keys).size() != keys.size()) {
            throw new IllegalArgumentException("Need each part once, got " + keys);
        }
        parts = List.copyOf(parts);
        facts = List.copyOf(facts);
    }

    /** What was there, as it was found: what came off, and what somebody read of it. */
    public View found() {
        return new View(parts.stream().filter(p -> p.cameOff() || wasRead(p)).toList(), facts, Origin.STRIPPED.level());
    }

    private boolean wasRead(Part part) {
        return facts.stream()
                .anyMatch(f -> f.part().equals(part.key()) && f.origin().level() <= Origin.STRIPPED.level());
    }

    /** The same with more facts. */
    public Arrangement with(List<Fact<?>> more) {
        return new Arrangement(
                parts, Stream.concat(facts.stream(), more.stream()).toList());
    }

    /** With what another knows of the same parts, which goes first, and of others. */
    public Arrangement and(Arrangement other) {
        Map<String, Part> all = new LinkedHashMap<>();
        Stream.concat(parts.stream(), other.parts.stream()).forEach(p -> all.put(p.key(), p));
        return new Arrangement(
                List.copyOf(all.values()),
                Stream.concat(facts.stream(), other.facts.stream()).distinct().toList());
    }

    /** What goes in, as it was decided; a new part takes over the place of the one that it replaces. */
    public View planned() {
        return goingIn(Origin.DECIDED);
    }

    /** What went in, as it was read then. */
    public View fitted() {
        return goingIn(Origin.FITTED);
    }

    private View goingIn(Origin to) {
        return new View(parts.stream().filter(Part::goesIn).toList(), facts, to.level());
    }

    /** Two words of one level for the same thing that cannot both be right, in the order of their fields. */
    public List<Clash> clashes() {
        List<Clash> out = new ArrayList<>();
        for (Part part : parts) {
            for (Property<?> property : facts.stream()
                    .filter(f -> f.part().equals(part.key()))
                    .map(Fact::property)
                    .distinct()
                    .sorted(Comparator.comparing(Property::name))
                    .collect(Collectors.toList())) {
                clashes(part.key(), property, out);
            }
        }
        return out;
    }

    private void clashes(String part, Property<?> property, List<Clash> out) {
        facts.stream()
                .filter(f -> f.isOf(part, property))
                .collect(Collectors.groupingBy(f -> f.origin().level()))
                .values()
                .forEach(said -> {
                    Fact<?> drawn = said.stream()
                            .max(Comparator.<Fact<?>, Origin>comparing(Fact::origin)
                                    .thenComparing(Fact::at))
                            .orElseThrow();
                    said.stream()
                            .filter(drawn::contradicts)
                            .sorted(Comparator.comparing(Fact::at))
                            .forEach(other -> out.add(new Clash(drawn, other)));
                });
    }

    /** Itself, and for each contradiction once with the other word alone. */
    public List<Arrangement> readings() {
        List<Arrangement> out = new ArrayList<>(List.of(this));
        for (Clash clash : clashes().stream().limit(MOST_READINGS).toList()) {
            out.add(new Arrangement(
                    parts, facts.stream().filter(f -> f != clash.drawn()).toList()));
        }
        return out;
    }
}
