package joropo.core.material;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * A fluid with how each seal material stands it (guide, {@code fluid-compatibility.csv}), or an own one rated by its
 * maker's word.
 *
 * @param key as on a sheet, @param ratings by material code: 1 suitable, 2 usable under conditions, 3 doubtful, 4
 *     unsuitable
 * @param note what the conditions are, empty when none
 */
public record Fluid(
        String key,
        String name,
        FluidClass temperatureClass,
        Map<String, Integer> ratings,
        @Nullable String note) {
    public static final int UNSUITABLE = 4;
    public static final int DOUBTFUL = 3;
    public static final int CONDITIONS = 2;
    private static final List<Fluid> ALL = CsvTable.rows("fluid-compatibility", Fluid::read);
    private static final Map<String, Fluid> BY_KEY =
            ALL.stream().collect(Collectors.toMap(Fluid::key, Function.identity()));

    public Fluid {
        new Needs()
                .given("key", key)
                .given("name", name)
                .given("temperatureClass", temperatureClass)
                .given("ratings", ratings)
                .that(
                        "ratings",
                        ratings == null || ratings.values().stream().allMatch(r -> r >= 1 && r <= UNSUITABLE),
                        "must each be 1, 2, 3 or 4")
                .done();
        ratings = Map.copyOf(ratings);
        note = note == null ? "" : note;
    }

    /** The rows of the table. */
    public static List<Fluid> all() {
        return ALL;
    }

    /** Whether the table has a fluid of this key. */
    public static boolean isListed(String key) {
        return BY_KEY.containsKey(key);
    }

    static Optional<Fluid> listed(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }

    /** @throws RefusedInput when the table has no such key */
    public static Fluid of(String key) {
        return listed(key)
                .orElseThrow(() -> new RefusedInput(
                        "",
                        "'" + key + "' is no fluid of the table; known are "
                                + ALL.stream().map(Fluid::key).collect(Collectors.joining(", "))));
    }

    /** Rating 1 to 4; empty when nobody has rated this material in it. */
    public Optional<Integer> rating(Elastomer material) {
        Integer own = ratings.get(material.code());
        return Optional.ofNullable(own != null ? own : ratings.get(material.family()));
    }

    private static Fluid read(CsvTable.Row row) {
        return new Fluid(
                row.text("key"),
                row.text("fluid"),
                FluidClass.read(row.text("temperature_class")),
                Elastomer.all().stream().collect(Collectors.toMap(Elastomer::code, e -> (int) row.number(e.code()))),
                row.text("note"));
    }
}
