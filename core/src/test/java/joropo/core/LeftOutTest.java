package joropo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import joropo.core.fits.DiameterInput;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * Over every check and every input that may be left out: leaving it out never gives PASS where a value that is allowed
 * would give worse, except where the finding names what it assumed; and every input matters to the answer.
 */
class LeftOutTest {
    /** Values of texts that are codes of a table. */
    private static final Map<String, List<String>> CODES = Map.ofEntries(
            Map.entry("holeClass", List.of("H7", "H8")),
            Map.entry("shaftClass", List.of("h11", "m5")),
            Map.entry("innerMaterial", List.of("STEEL", "ALUMINIUM")),
            Map.entry("thread", List.of("M12", "M12x1.25")),
            Map.entry("boltClass", List.of("8.8", "A2-70")),
            Map.entry("markingOld", List.of("K50", "K60")),
            Map.entry("markingNew", List.of("K50", "K60")),
            Map.entry("marking", List.of("45x62x10", "50x72x8")),
            Map.entry("ring", List.of("226", "227")),
            Map.entry("slideMaterial", List.of("PTFE", "NBR")),
            Map.entry("style", List.of("PTFE_GRAPHITE", "FLAX_GREASED", "ARAMID", "CHEVRON_RUBBER")),
            Map.entry("packing", List.of("PTFE_GRAPHITE", "FLAX_GREASED", "CHEVRON_RUBBER")),
            Map.entry("counterMaterial", List.of("STEEL", "ALUMINIUM")),
            Map.entry("fluid", List.of("HLP_OIL", "EP_GEAR_OIL", "WATER_COLD")),
            Map.entry("insideFluid", List.of("HLP_OIL", "EP_GEAR_OIL", "WATER_COLD")),
            Map.entry("outsideFluid", List.of("HLP_OIL", "WATER_COLD")),
            Map.entry("material", List.of("NBR", "FKM", "EPDM", "VMQ", "STEEL", "ALUMINIUM")),
            Map.entry("lipMaterial", List.of("NBR", "PTFE")),
            Map.entry("housingMaterial", List.of("STEEL", "ALUMINIUM", "CAST_IRON")),
            Map.entry("partMaterial", List.of("STEEL", "ALUMINIUM")),
            Map.entry("toleranceClass", List.of("h11", "h8")),
            Map.entry("makerDocument", List.of("sheet 4")),
            Map.entry("asOf", List.of("2026-03-30", "2027-03-30")),
            Map.entry("mayTakeGrease", List.of("the builder's drawing")));
    /** What is not judged: names, words that only tell parts apart, and what is said of an old seal only. */
    private static final Set<String> NAMES = Set.of(
            "name", "id", "beforeItem", "asFound", "clockMarks", "clock", "spring", "what", "placeAssumed", "ring");
    /** What somebody decided, or a value that goes before a guide: without it the guide is judged. */
    private static final Set<String> CHOICES = Set.of(
            "ringShape",
            "otherDiameterMm",
            "layout",
            "material",
            "caseType",
            "makerSpeedMPerS",
            "makerLipLimitC",
            "makerPressureMpa",
            "makerRunoutMm",
            "sealOutsideMinMm",
            "sealOutsideMaxMm",
            "uncertaintyMm",
            "flangeDiameterMm",
            "flangeThicknessMm",
            "joints",
            "speedMPerS",
            "stem",
            "band",
            "toleranceMm",
            "limitMm",
            "limitOffsetMm",
            "limitAngleMmPer100",
            "targetVerticalMm",
            "targetHorizontalMm",
            "packMm",
            "asItStands",
            "every");
    /** Drawn, and not judged. */
    private static final Set<String> DRAWN = Set.of("caseType", "flangeDiameterMm");
    /** How deep a mark is that no nail feels, and how long a feature of which only the place is known. */
    private static final Set<String> TOLD_OTHERWISE = Set.of("depthUm", "toMm");
    /** Judged when given, by the table of inputs. */
    private static final Set<String> WHEN_GIVEN = Set.of(
            "cylindricalDepthMm",
            "totalDepthMm",
            "cornerRadiusMm",
            "glandNoseMm",
            "gapsMm",
            "worn",
            "oldScribeMm",
            "chamferMm",
            "chamferDeg",
            "shaft",
            "seat",
            "seen");

    private static final String REFUSED = "refused";
    /** Of the values that may stand at a place, so many are passed over when all findings are gathered. */
    private static final int EACH = 4;

    /** Where in a body a field stands: steps into lists and records. */
    private record Place(List<Object> steps) {
        String field() {
            return (String) steps.get(steps.size() - 1);
        }

        @Override
        public String toString() {
            return steps.stream().map(String::valueOf).collect(Collectors.joining("."));
        }
    }

    private static void places(Object at, List<Object> steps, List<Place> out) throws ReflectiveOperationException {
        if (at instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                places(list.get(i), joined(steps, i), out);
            }
        } else if (at instanceof Record r && !(r instanceof DiameterInput && !steps.isEmpty())) {
            for (RecordComponent c : r.getClass().getRecordComponents()) {
                if (NAMES.contains(c.getName())) {
                    continue;
                }
                out.add(new Place(joined(steps, c.getName())));
                places(value(r, c.getName()), joined(steps, c.getName()), out);
            }
        }
    }

    private static List<Object> joined(List<Object> steps, Object more) {
        List<Object> out = new ArrayList<>(steps);
        out.add(more);
        return out;
    }

    private static @Nullable Object value(Record r, String name) throws ReflectiveOperationException {
        var accessor = r.getClass().getDeclaredMethod(name);
        accessor.setAccessible(true);
        return accessor.invoke(r);
    }

    /** The same body with one place changed. @throws RefusedInput when that is not allowed */
    private static Object with(Object at, List<Object> steps, @Nullable Object by) throws ReflectiveOperationException {
        if (steps.isEmpty()) {
            return by;
        }
        List<Object> rest = steps.subList(1, steps.size());
        if (at instanceof List<?> list) {
            List<Object> out = new ArrayList<>(list);
            int i = (Integer) steps.get(0);
            out.set(i, with(out.get(i), rest, by));
            return out;
        }
        RecordComponent[] components = at.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        for (int i = 0; i < values.length; i++) {
            Object old = value((Record) at, components[i].getName());
            values[i] = components[i].getName().equals(steps.get(0)) ? with(old, rest, by) : old;
            if (values[i] == null && components[i].getType().isPrimitive()) {
                throw new RefusedInput(components[i].getName(), "is always there");
            }
        }
        Constructor<?> made = at.getClass()
                .getDeclaredConstructor(
                        Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new));
        made.setAccessible(true);
        try {
            return made.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof RefusedInput refused) {
                throw refused;
            }
            throw e;
        }
    }

    private static Class<?> type(Record body, Place place) throws ReflectiveOperationException {
        Object at = body;
        for (Object step : place.steps.subList(0, place.steps.size() - 1)) {
            at = step instanceof Integer i ? ((List<?>) at).get(i) : value((Record) at, (String) step);
        }
        return Arrays.stream(at.getClass().getRecordComponents())
                .filter(c -> c.getName().equals(place.field()))
                .findFirst()
                .orElseThrow()
                .getType();
    }

    /** Values to try at a place, by its type. */
    private static List<?> values(Class<?> type, String name) {
        if (type.isEnum()) {
            return List.of(type.getEnumConstants());
        }
        if (type == Boolean.class) {
            return List.of(true, false);
        }
        if (type == Double.class) {
            return List.of(
                    -40.0, -5.0, -0.09, 0.0, 0.002, 0.01, 0.04, 0.1, 0.3, 0.6, 1.0, 2.0, 5.0, 9.0, 12.0, 15.0, 20.0,
                    30.0, 40.0, 44.0, 44.96, 48.0, 50.0, 57.0, 60.0, 61.0, 62.03, 65.0, 75.0, 100.0, 400.0, 1500.0,
                    6000.0);
        }
        return CODES.getOrDefault(name, List.of());
    }

    private static String key(Finding f) {
        return f.id() + (f.part() == null ? "" : " " + f.part());
    }

    private static Map<String, Finding> worst(List<Finding> findings) {
        return findings.stream()
                .collect(Collectors.toMap(
                        LeftOutTest::key, f -> f, (a, b) -> a.status().compareTo(b.status()) <= 0 ? a : b));
    }

    private static @Nullable List<Finding> judged(Bodies.Kind kind, Place place, @Nullable Object value)
            throws ReflectiveOperationException {
        try {
            return kind.check().apply((Record) with(kind.body(), place.steps, value));
        } catch (RefusedInput refused) {
            return null;
        }
    }

    private static List<Place> optional(Bodies.Kind kind) throws ReflectiveOperationException {
        List<Place> all = new ArrayList<>();
        places(kind.body(), List.of(), all);
        return all;
    }

    /** Kinds by name, each with every finding that its bodies give, whole and with one place changed. */
    static Map<String, List<Finding>> everyFinding() {
        return Every.FINDING;
    }

    /** Made once for all tests that look through them. */
    private static final class Every {
        private static final Map<String, List<Finding>> FINDING = made();

        private static Map<String, List<Finding>> made() {
            try {
                return gathered();
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        }
    }

    private static Map<String, List<Finding>> gathered() throws ReflectiveOperationException {
        Map<String, List<Finding>> out = new TreeMap<>();
        for (Bodies.Kind kind : Bodies.all()) {
            List<Finding> all = out.computeIfAbsent(kind.name().replaceAll(" .*", ""), k -> new ArrayList<>());
            all.addAll(Bodies.findings(kind.answer().apply(kind.body())));
            for (Place place : optional(kind)) {
                List<Object> values = new ArrayList<>(values(type(kind.body(), place), place.field()));
                values.add(0, null);
                for (int i = 0; i < values.size(); i += values.size() > 30 ? EACH : 1) {
                    Object value = values.get(i);
                    try {
                        all.addAll(
                                Bodies.findings(kind.answer().apply((Record) with(kind.body(), place.steps, value))));
                    } catch (RefusedInput refused) {
                        continue; // not a body
                    }
                }
            }
        }
        return out;
    }

    @Test
    void leavingAnInputOutNeverMakesAVerdictBetter() throws ReflectiveOperationException {
        List<String> better = new ArrayList<>();
        int inputs = 0;
        for (Bodies.Kind kind : Bodies.all()) {
            Map<String, Finding> whole = worst(kind.check().apply(kind.body()));
            for (Place place : optional(kind)) {
                List<Finding> without = judged(kind, place, null);
                if (without == null
                        || Stream.of(CHOICES, WHEN_GIVEN, TOLD_OTHERWISE).anyMatch(s -> s.contains(place.field()))) {
                    continue;
                }
                inputs++;
                Map<String, Finding> left = worst(without);
                boolean doubted = left.values().stream().anyMatch(f -> isDoubtMore(f, whole.get(key(f))));
                for (Object value : values(type(kind.body(), place), place.field())) {
                    List<Finding> with = judged(kind, place, value);
                    for (Finding f :
                            with == null ? List.<Finding>of() : worst(with).values()) {
                        Finding l = left.get(key(f));
                        boolean worse = f.status() == Status.FAIL || f.status() == Status.REMEASURE;
                        if (worse
                                && l != null
                                && l.status() == Status.PASS
                                && !doubted
                                && !l.message().toLowerCase(Locale.ROOT).contains("assumed")) {
                            better.add(kind.name() + ": " + place + " left out passes " + key(f));
                        }
                    }
                }
            }
        }
        assertThat(new TreeSet<>(better)).isEmpty();
        assertThat(inputs)
                .as("inputs that may be left out, over %s bodies", Bodies.all().size())
                .isGreaterThan(250);
    }

    /** Whether leaving something out made a rule doubt that did not doubt before. */
    private static boolean isDoubtMore(Finding now, @Nullable Finding before) {
        return (now.status() == Status.MISSING || now.status() == Status.CAUTION)
                && (before == null || before.status().compareTo(now.status()) > 0);
    }

    @Test
    void everyInputMatters() throws ReflectiveOperationException {
        Set<String> asked = new TreeSet<>();
        Set<String> matters = new TreeSet<>();
        for (Bodies.Kind kind : Bodies.all()) {
            for (Place place : optional(kind)) {
                List<?> values = values(type(kind.body(), place), place.field());
                if (values.isEmpty() || kind.name().startsWith("section") && DRAWN.contains(place.field())) {
                    continue;
                }
                String input = kind.name().replaceAll(" .*", "") + ": " + place.field();
                asked.add(input);
                Set<Object> answers =
                        new HashSet<>(Set.of(String.valueOf(kind.answer().apply(kind.body()))));
                for (Iterator<?> i = values.iterator(); answers.size() < 2 && i.hasNext(); ) {
                    answers.add(answer(kind, place, i.next()));
                    answers.remove(REFUSED);
                }
                if (answers.size() > 1) {
                    matters.add(input);
                }
            }
        }
        asked.removeAll(matters);
        assertThat(asked).isEmpty();
    }

    private static Object answer(Bodies.Kind kind, Place place, @Nullable Object value) {
        try {
            return String.valueOf(kind.answer().apply((Record) with(kind.body(), place.steps, value)));
        } catch (RefusedInput refused) {
            return REFUSED;
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
