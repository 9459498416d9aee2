package joropo.app.family.packing;

import java.util.Map;
import java.util.Optional;
import joropo.app.ui.Field;

/** Fields in which findings of a chevron set are answered. */
final class ChevronAnswers {
    private static final Map<String, Field<?>> AT = Map.ofEntries(
            Map.entry("rings", ChevronFamily.RINGS),
            Map.entry("way-round", ChevronFamily.OPEN),
            Map.entry("rim", ChevronFamily.RIM),
            Map.entry("take-up", ChevronFamily.TAKE_UP),
            Map.entry("joints", ChevronFamily.OFFSET),
            Map.entry("pair", ChevronFamily.BOTH_SIDES));

    private ChevronAnswers() {}

    /** By the rule that found it; empty: none in particular. */
    static Optional<Field<?>> of(String rule) {
        return Optional.ofNullable(AT.get(rule));
    }
}
