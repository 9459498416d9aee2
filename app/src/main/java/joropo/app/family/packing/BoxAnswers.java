package joropo.app.family.packing;

import java.util.Map;
import java.util.Optional;
import joropo.app.ui.Field;

/** Fields in which findings of a packed box are answered. */
final class BoxAnswers {
    private static final Map<String, Field<?>> AT = Map.ofEntries(
            Map.entry("listed-shaft", BoxFields.SHAFT),
            Map.entry("listed-bore", BoxFields.BORE),
            Map.entry("joints", BoxFields.JOINTS),
            Map.entry("lantern", BoxFields.LANTERN),
            Map.entry("medium", BoxFields.FLUID),
            Map.entry("nose", BoxFields.NOSE),
            Map.entry("pressure", BoxFields.PRESSURE),
            Map.entry("speed", BoxFields.STYLE),
            Map.entry("temperature", BoxFields.TEMPERATURE),
            Map.entry("gaps", BoxFields.GAPS.get(0)),
            Map.entry("bend", BoxFields.BEND),
            Map.entry("groove", BoxFields.GROOVE),
            Map.entry("hardness", BoxFields.HRC),
            Map.entry("offset", BoxFields.OFFSET),
            Map.entry("ovality", BoxFields.OVALITY),
            Map.entry("rings", BoxFields.DEPTH),
            Map.entry("roughness", BoxFields.RA),
            Map.entry("runout", BoxFields.RUN_OUT),
            Map.entry("score", BoxFields.SCORED),
            Map.entry("section", BoxFields.BORE),
            Map.entry("throat", BoxFields.THROAT),
            Map.entry("under-sleeve", BoxFields.UNDER),
            Map.entry("advice", BoxFields.LOOKS),
            Map.entry("home", BoxFields.LOOKS),
            Map.entry("bolt", BoxFields.BOLT),
            Map.entry("stress", BoxFields.BOLT),
            Map.entry("friction", BoxFields.FRICTION),
            Map.entry("class", BoxFields.BOLT_CLASS),
            Map.entry("opening", BoxFields.ENTRY));

    private BoxAnswers() {}

    /** By the rule that found it; empty: none in particular. */
    static Optional<Field<?>> of(String rule) {
        return Optional.ofNullable(AT.get(rule));
    }
}
