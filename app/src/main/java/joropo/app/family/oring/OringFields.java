package joropo.app.family.oring;

import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import joropo.app.ui.Field;
import joropo.app.ui.Figure;
import joropo.core.material.Elastomer;
import joropo.core.oring.Band;
import joropo.core.oring.Gland;
import joropo.core.oring.OringSizeResult;
import joropo.core.oring.RingMaterial;
import joropo.core.oring.RingMotion;
import joropo.core.units.FieldError;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;

/** What the forms of this family share. */
final class OringFields {
    static final List<Field.Choice> MATERIALS = Elastomer.all().stream()
            .map(e -> new Field.Choice(e.code(), e.code() + ", " + e.name()))
            .toList();

    /** On a sheet, where not every ring is one that is judged by its gland. */
    static final List<Field.Choice> JOB_MATERIALS = Stream.concat(
                    MATERIALS.stream(),
                    Stream.of(new Field.Choice(RingMaterial.BY_MAKER, "another, by its maker's sheet")))
            .toList();

    /** Begins the names of the fields that hold a tolerance. */
    private static final String TOLERANCE = "tol";

    private OringFields() {}

    static Field<Gland> gland(String label, Gland... some) {
        return Field.choice(
                "gland", label, Gland.class, Field.choices(some.length == 0 ? Gland.values() : some, Gland::words));
    }

    static Field<RingMotion> motion() {
        return Field.choice("motion", "parts are", RingMotion.class, RingMotion::words);
    }

    /** @param what in the input's words, such as {@code sectionMm} */
    static Field<Double> tolerance(String what, String label) {
        return Field.play(TOLERANCE + Character.toUpperCase(what.charAt(0)) + what.substring(1), label + ", ±");
    }

    /** Fields of one record within the input, put into a map of their own. */
    static void gatherTolerances(Map<String, Object> values) {
        Map<String, Object> gathered = new HashMap<>();
        for (String name : List.copyOf(values.keySet())) {
            if (name.startsWith(TOLERANCE)) {
                String what = name.substring(TOLERANCE.length());
                gathered.put(Character.toLowerCase(what.charAt(0)) + what.substring(1), values.remove(name));
            }
        }
        if (!gathered.isEmpty()) {
            values.put("tolerances", gathered);
        }
    }

    /** A refusal of something within is said at its field. @param fields by the names that the input has for them */
    static <T> T saidAt(Map<String, String> fields, Supplier<T> check) {
        try {
            return check.get();
        } catch (RefusedInput e) {
            throw new RefusedInput(e.errors().stream()
                    .map(x -> new FieldError(fields.getOrDefault(x.field(), x.field()), x.message()))
                    .toList());
        }
    }

    static Figure percent(String label, double percent) {
        return new Figure(label, Length.show(percent, 1), "%", null);
    }

    /** A figure with its extremes, where the tolerances make some. */
    static Figure percent(String label, Band band) {
        boolean spread = band.max() - band.min() > 0.05;
        return new Figure(
                label,
                Length.show(band.nominal(), 1)
                        + (spread ? " (" + Length.show(band.min(), 1) + " to " + Length.show(band.max(), 1) + ")" : ""),
                "%",
                null);
    }

    /** One listed ring in a breath. */
    static String words(OringSizeResult.Entry e) {
        return e.likelihood() != null
                ? e.likelihood().words() + ": " + Length.show(e.ringInsideMm(), 2) + " inside, "
                        + Length.show(e.sectionMm(), 2) + " thick"
                : Length.show(e.stretchPercent(), 1) + " % on its groove, squeezed "
                        + Length.show(e.squeezePercent(), 1) + " %, " + Length.show(e.fillPercent(), 0) + " % full";
    }

    /** Names of the form by those of the input. @param pairs each {@code input:form} */
    static Map<String, String> names(String... pairs) {
        Map<String, String> out = new LinkedHashMap<>();
        Arrays.stream(pairs).map(p -> p.split(":")).forEach(p -> out.put(p[0], p[1]));
        return out;
    }
}
