package joropo.core.material;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * A material that seals are made of (guide, {@code elastomers.csv}), or an own one that is based on a listed one.
 *
 * @param code as on a parts list, @param family listed code whose fluids, speeds and expansion hold for it; absent: its
 *     own code
 * @param minC coldest use, @param maxC hottest continuous use in air (°C)
 * @param cautions what can hurt a person or the seal, empty when nothing special
 */
public record Elastomer(
        String code,
        @Nullable String family,
        String name,
        Double minC,
        Double maxC,
        @Nullable String cautions) {
    private static final double COLDEST_C = -273;
    private static final double HOTTEST_C = 400;
    /** Compounds of these are made for food and drinking water, each by its certificate (guide). */
    private static final Set<String> FOR_FOOD = Set.of("NBR", "EPDM", "FKM", "VMQ");

    private static final List<Elastomer> ALL = CsvTable.rows("elastomers", Elastomer::read);
    private static final Map<String, Elastomer> BY_CODE =
            ALL.stream().collect(Collectors.toMap(Elastomer::code, Function.identity()));
    private static final Map<String, Figures> FIGURES = CsvTable.rows("elastomers", Figures::new).stream()
            .collect(Collectors.toMap(Figures::code, Function.identity()));

    /** What the table says beside. @param shoreA typical hardness, absent of a plastic */
    private record Figures(
            String code, double perK, @Nullable Integer shoreA) {
        Figures(CsvTable.Row row) {
            this(
                    row.text("code"),
                    row.number("linear_expansion_1e-6_per_K") / 1e6,
                    row.text("hardness_typical_shore_a").isEmpty()
                            ? null
                            : Integer.valueOf((int) row.number("hardness_typical_shore_a")));
        }
    }

    public Elastomer {
        new Needs()
                .given("code", code)
                .given("name", name)
                .given("minC", minC)
                .given("maxC", maxC)
                .optionalBetween("minC", minC, COLDEST_C, HOTTEST_C)
                .optionalBetween("maxC", maxC, COLDEST_C, HOTTEST_C)
                .that("maxC", minC == null || maxC == null || maxC > minC, "must be above minC, got " + maxC)
                .done();
        family = family == null ? code : family;
        cautions = cautions == null ? "" : cautions;
    }

    /** @throws RefusedInput at this field when the table has no such code */
    public static void known(String code, String field) {
        if (ALL.stream().noneMatch(e -> e.code.equals(code))) {
            throw new RefusedInput(field, "'" + code + "' is no material of the table");
        }
    }

    /** The rows of the table. */
    public static List<Elastomer> all() {
        return ALL;
    }

    static Optional<Elastomer> listed(String code) {
        return Optional.ofNullable(BY_CODE.get(code));
    }

    /** @throws RefusedInput when the table has no such code */
    public static Elastomer of(String code) {
        return listed(code)
                .orElseThrow(() -> new RefusedInput(
                        "",
                        "'" + code + "' is no seal material; known are "
                                + ALL.stream().map(Elastomer::code).collect(Collectors.joining(", "))));
    }

    /** Whether there are compounds of it that are approved for food and drinking water. */
    public boolean isMadeForFood() {
        return FOR_FOOD.contains(family);
    }

    /** Linear expansion (1/K, guide). */
    public double perK() {
        return FIGURES.get(family).perK();
    }

    /** The hardness in which it is usually made (Shore A); empty of a plastic. */
    public Optional<Integer> typicalShoreA() {
        return Optional.ofNullable(FIGURES.get(family).shoreA());
    }

    private static Elastomer read(CsvTable.Row row) {
        return new Elastomer(
                row.text("code"),
                null,
                row.text("name"),
                row.number("t_min_c"),
                row.number("t_max_c_continuous"),
                row.text("cautions"));
    }
}
