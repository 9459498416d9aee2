package joropo.core.arrangement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import joropo.core.arrangement.PartKind.Line;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/**
 * In which order parts go in: what came off last goes in first; of two whose places were read on one line the inner
 * one; what sits on another part before that part (guide).
 */
final class BuildOrder {
    /** Nearer than the other in the order of coming off by less than a whole place. */
    private static final double BESIDE = 0.25;

    private final View view;
    private final List<Part> parts;
    private final Map<String, Double> cameOff = new HashMap<>();

    BuildOrder(View view) {
        this.view = view;
        parts = view.parts();
        parts.stream().filter(Part::cameOff).forEach(p -> cameOff.put(p.key(), (double) p.off()));
        parts.stream().filter(p -> !p.cameOff()).forEach(p -> cameOff.put(p.key(), as(p)));
    }

    /** Parts first in first. */
    List<Part> parts() {
        List<Part> left = new ArrayList<>(parts.stream()
                .sorted(Comparator.comparing((Part p) -> lastOff(p)).reversed())
                .toList());
        List<Part> out = new ArrayList<>();
        while (!left.isEmpty()) {
            Part next = left.stream()
                    .filter(p -> left.stream().noneMatch(q -> goesBefore(q, p)))
                    .findFirst()
                    .orElse(left.get(0));
            left.remove(next);
            out.add(next);
        }
        return out;
    }

    /** When it came off; what sits on another part goes with that part. */
    private double lastOff(Part part) {
        return carrier(part)
                .map(c -> cameOff.getOrDefault(c.key(), 0.0) + BESIDE)
                .orElseGet(() -> cameOff.getOrDefault(part.key(), 0.0));
    }

    private Optional<Part> carrier(Part part) {
        return parts.stream().filter(p -> p.key().equals(part.on())).findFirst();
    }

    private boolean goesBefore(Part q, Part p) {
        return q != p
                && (p.key().equals(q.on())
                        || isWished(q, p)
                        || isEarlierOnTheSame(q, p)
                        || mayNotWait(q, p) && !isWished(p, q));
    }

    private boolean isWished(Part q, Part p) {
        return p.key().equals(view.get(q.key(), Property.BEFORE));
    }

    private boolean isEarlierOnTheSame(Part q, Part p) {
        Double first = view.get(q.key(), Property.TURN);
        Double second = view.get(p.key(), Property.TURN);
        return q.on() != null && q.on().equals(p.on()) && first != null && second != null && first < second;
    }

    /** Whether q stands further in, as seen from the side that both come from. */
    private boolean mayNotWait(Part q, Part p) {
        Double first = placeMm(q);
        Double second = placeMm(p);
        Side from = comesFrom(q);
        return first != null
                && second != null
                && shareALine(q, p)
                && from == comesFrom(p)
                && (from == Side.OUT ? first > second : first < second);
    }

    private Side comesFrom(Part part) {
        Side said = view.get(part.key(), Property.ENTERS);
        return said == null ? Side.OUT : said;
    }

    private boolean shareALine(Part q, Part p) {
        return q.on() == null
                && p.on() == null
                && List.of(Line.BORE, Line.SHAFT).stream()
                        .anyMatch(l -> view.lineOf(q).holds(l) && view.lineOf(p).holds(l));
    }

    private @Nullable Double placeMm(Part part) {
        return view.get(part.key(), Property.PLACE);
    }

    /**
     * When a part would have come off that nobody noted: by its neighbours on its line where places were read, else
     * after all that lies outward of a bearing or of the shaft.
     */
    private double as(Part part) {
        Double own = placeMm(part);
        List<Part> beside = parts.stream()
                .filter(Part::cameOff)
                .filter(p -> own != null && placeMm(p) != null && shareALine(part, p))
                .toList();
        Comparator<Part> byPlace = Comparator.comparing(p -> Objects.requireNonNull(placeMm(p)));
        Optional<Double> byInner =
                beside.stream().filter(p -> placeMm(p) >= own).min(byPlace).map(p -> p.off() - BESIDE);
        Optional<Double> byOuter =
                beside.stream().filter(p -> placeMm(p) < own).max(byPlace).map(p -> p.off() + BESIDE);
        return byInner.or(() -> byOuter).orElseGet(this::outwardOfWhatCarriesTheShaft);
    }

    private double outwardOfWhatCarriesTheShaft() {
        double last = parts.stream().mapToInt(Part::off).max().orElse(0);
        return parts.stream()
                        .filter(Part::cameOff)
                        .filter(p -> p.kind() == PartKind.BEARING || p.kind() == PartKind.SHAFT)
                        .mapToInt(Part::off)
                        .min()
                        .orElse((int) last + 1)
                - BESIDE;
    }
}
