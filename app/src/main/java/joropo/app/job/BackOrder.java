package joropo.app.job;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The order of putting back: last off, first on. */
final class BackOrder {
    private BackOrder() {}

    /**
     * The part that has to go back before this one. @param order what came off, the first first, @param going parts
     * that go back in the same act, empty: none waits
     */
    static Optional<StripPart> waitsFor(List<StripPart> order, StripPart part, Set<StripPart> going) {
        int at = order.indexOf(part);
        return at < 0
                ? Optional.empty()
                : order.subList(at + 1, order.size()).stream()
                        .filter(p -> p.isMissing() && !going.contains(p))
                        .reduce((earlier, later) -> later);
    }
}
