package joropo.app.family.oring;

import java.util.Map;
import java.util.Optional;
import joropo.app.ui.Field;

/** Fields in which findings of a ring are answered, whatever it runs on. */
final class RingAnswers {
    private static final Map<String, Field<?>> AT = Map.ofEntries(
            Map.entry("squeeze", RingFields.SECTION),
            Map.entry("stretch", RingFields.INSIDE),
            Map.entry("compression", RingFields.INSIDE),
            Map.entry("fill", RingFields.WIDTH),
            Map.entry("swell", RingFields.WIDTH),
            Map.entry("off-centre", RingFields.GAP),
            Map.entry("extremes", RingFields.READ_TO),
            Map.entry("extrusion", RingFields.GAP),
            Map.entry("gas", RingFields.FLUID),
            Map.entry("absolute", RingFields.SECTION),
            Map.entry("cleaner", RingFields.CLEANER),
            Map.entry("loader-cleaner", RingFields.CLEANER),
            Map.entry("loader-material", RingFields.LOADER_MATERIAL),
            Map.entry("loader-temperature", RingFields.LOADER_MATERIAL),
            Map.entry("material", RingFields.MATERIAL),
            Map.entry("temperature", RingFields.MATERIAL),
            Map.entry("hardness-ring", RingFields.HARDNESS),
            Map.entry("heel-gap", RingFields.GAP),
            Map.entry("lead-in", RingFields.LEAD_IN),
            Map.entry("maker", RingFields.BY_MAKER),
            Map.entry("rod-fit", RingFields.COUNTER),
            Map.entry("side-play", RingFields.WIDTH),
            Map.entry("way-round", RingFields.FACES),
            Map.entry("pull-over", RingFields.PASS_OVER),
            Map.entry("gland", RingFields.GROOVE),
            Map.entry("guide", RingFields.GUIDE_THICK),
            Map.entry("drift", RingFields.DRIFT),
            Map.entry("rod-wet", RingFields.ROD_WET),
            Map.entry("speed", RingFields.STROKE_SPEED),
            Map.entry("backup", RingFields.BACKUPS),
            Map.entry("joined", RingFields.INSIDE),
            Map.entry("size", RingFields.FOUND_INSIDE),
            Map.entry("match", RingFields.FOUND_INSIDE),
            Map.entry("joint", RingFields.INSIDE));

    private RingAnswers() {}

    /** By the rule that found it; empty: none in particular. */
    static Optional<Field<?>> of(String rule) {
        return Optional.ofNullable(AT.get(rule));
    }
}
