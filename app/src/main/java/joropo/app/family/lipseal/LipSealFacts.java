package joropo.app.family.lipseal;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import joropo.app.family.JobFacts;
import joropo.app.family.ReadFields;
import joropo.app.family.Stage;
import joropo.app.settings.ShopGauge;
import joropo.app.ui.Field;
import joropo.core.arrangement.Arrangement;
import joropo.core.arrangement.Fact;
import joropo.core.arrangement.Origin;
import joropo.core.arrangement.Part;
import joropo.core.arrangement.PartKind;
import joropo.core.arrangement.PartKind.Line;
import joropo.core.arrangement.Property;
import joropo.core.arrangement.View;
import joropo.core.lipseal.FoundSection;
import joropo.core.lipseal.PartsInSection;
import joropo.core.readings.Gauge;
import joropo.core.section.Section;
import joropo.core.shaft.Side;
import org.jspecify.annotations.Nullable;

/**
 * The seals of a job and what came off beside them, as strip log and sheets know them together.
 *
 * @param keys of the seals in the arrangement, in the order of their items
 */
record LipSealFacts(Arrangement arrangement, List<String> keys) {
    static LipSealFacts of(JobFacts facts) {
        List<Fact<?>> said = new ArrayList<>();
        for (int i = 0; i < facts.alike().keys().size(); i++) {
            said(facts.alike().keys().get(i), facts.alike().reads().get(i), said);
        }
        return new LipSealFacts(facts.stripped().with(said), facts.alike().keys());
    }

    /** With the parts beside the seals where a section has them, and those that it alone has. */
    LipSealFacts in(Section arranged) {
        Map<String, String> seals = new LinkedHashMap<>();
        for (int i = 0; i < keys.size(); i++) {
            seals.put(AssumedSection.id(i), keys.get(i));
        }
        return new LipSealFacts(arrangement.and(new PartsInSection(arrangement, arranged, seals).decided()), keys);
    }

    /** What parts beside the seals are called in a section, by their keys. */
    Map<String, String> drawn(Section section) {
        return new PartsInSection(arrangement, section, Map.of()).names();
    }

    /** Those of them that came off. */
    Set<String> cameOff(Section section) {
        Map<String, String> names = drawn(section);
        return arrangement.parts().stream()
                .filter(p -> p.off() > 0 && names.containsKey(p.key()))
                .map(p -> names.get(p.key()))
                .collect(Collectors.toSet());
    }

    /**
     * Whether its lip runs on a sleeve that comes off: as it was said, else as such a sleeve came off in a job of one
     * seal.
     */
    static boolean hasRunningSleeve(JobFacts facts) {
        Boolean said = facts.read().get(LipSealFields.RUNNING_SLEEVE);
        return said == null
                ? facts.alike().isAlone()
                        && facts.log().stream().anyMatch(r -> r.kind() == PartKind.SLEEVE && !r.leftOut())
                : said;
    }

    /** For each contradiction the same with the other word alone. */
    List<LipSealFacts> otherwise() {
        return arrangement.readings().stream()
                .skip(1)
                .map(a -> new LipSealFacts(a, keys))
                .toList();
    }

    private static void said(String key, ReadFields read, List<Fact<?>> out) {
        Double found = read.get(LipSealFields.FOUND_DEPTH);
        if (found != null) {
            ShopGauge gauge = read.gauge(LipSealFields.DEPTH_GAUGE);
            double u = gauge == null
                    ? Gauge.CALIPER_DEPTH.uncertaintyMm(Math.abs(found))
                    : gauge.uncertaintyMm(Math.abs(found));
            out.add(new Fact<>(
                    key, Property.PLACE, found, u, Origin.STRIPPED, at(Stage.STRIP, read, LipSealFields.FOUND_DEPTH)));
        }
        add(key, Property.FACES, read, LipSealFields.FOUND_FACING, Origin.STRIPPED, Stage.STRIP, out);
        add(key, Property.PLACE, read, LipSealFields.PLANNED_DEPTH, Origin.DECIDED, Stage.DECIDE, out);
        add(key, Property.FACES, read, LipSealFields.MAIN_LIP, Origin.DECIDED, Stage.DECIDE, out);
    }

    private static <T> void add(
            String key,
            Property<T> property,
            ReadFields read,
            Field<T> field,
            Origin origin,
            Stage stage,
            List<Fact<?>> out) {
        T value = read.get(field);
        if (value != null) {
            out.add(new Fact<>(key, property, value, 0, origin, at(stage, read, field)));
        }
    }

    private static String at(Stage stage, ReadFields read, Field<?> field) {
        return stage.path() + "#" + read.onSheet(field.name());
    }

    /** What came off as a section has it. @param names of the seals in that section, in the order of their items */
    FoundSection stood(List<String> names) {
        Map<String, String> byKey = new LinkedHashMap<>();
        for (int i = 0; i < keys.size(); i++) {
            byKey.put(keys.get(i), names.get(i));
        }
        return new FoundSection(arrangement.found(), byKey);
    }

    /** The same, in the section that the sheets make. */
    FoundSection stood() {
        return stood(
                IntStream.range(0, keys.size()).mapToObj(AssumedSection::id).toList());
    }

    /** The old seal of an item, as far as somebody read it. */
    Found found(int index) {
        View view = arrangement.found();
        String key = keys.get(index);
        return new Found(view.get(key, Property.PLACE), view.get(key, Property.FACES), view.get(key, Property.THICK));
    }

    /** Whether the place of any old seal was read. */
    boolean isRead() {
        return IntStream.range(0, keys.size()).anyMatch(i -> found(i).placeMm() != null);
    }

    /** Where the list of what came off has the old seal of an item; absent where it was not noted. */
    @Nullable
    Double loggedMm(int index) {
        return arrangement.facts().stream()
                .filter(f -> f.part().equals(keys.get(index)) && f.property().equals(Property.PLACE))
                .filter(f -> f.at().startsWith("off"))
                .map(f -> (Double) f.value())
                .findFirst()
                .orElse(null);
    }

    /** @param placeMm of its outer face from the housing face, @param widthMm each absent while it was not read */
    record Found(
            @Nullable Double placeMm,
            @Nullable Side faced,
            @Nullable Double widthMm) {}

    /** Items of the seals as they go in, outside first. */
    List<Integer> inOrder() {
        return arrangement.planned().line(Line.BORE).stream()
                .map(Part::key)
                .map(keys::indexOf)
                .filter(i -> i >= 0)
                .toList();
    }

    /** The same, counted from the innermost. */
    int fromInside(int index) {
        List<Integer> all = new ArrayList<>(inOrder());
        Collections.reverse(all);
        return all.indexOf(index);
    }
}
