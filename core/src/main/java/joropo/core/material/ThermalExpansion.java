package joropo.core.material;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;
import joropo.core.units.RefusedInput;

/**
 * Linear expansion of a metal or plastic near room temperature (guide, {@code thermal-expansion.csv}).
 *
 * @param code the table's key, such as STEEL, @param perK linear expansion (1/K)
 */
public record ThermalExpansion(String code, String name, double perK) {
    private static final List<ThermalExpansion> ALL = CsvTable.rows("thermal-expansion", ThermalExpansion::read);
    private static final Map<String, ThermalExpansion> BY_CODE =
            ALL.stream().collect(Collectors.toMap(ThermalExpansion::code, Function.identity()));
    /** What gauges, shafts and seal cases are taken for when nothing else is said (guide). */
    public static final ThermalExpansion STEEL = of("STEEL");

    /** @throws RefusedInput when the table has no such code */
    public static ThermalExpansion of(String code) {
        ThermalExpansion found = BY_CODE.get(code);
        if (found == null) {
            throw new RefusedInput(
                    "",
                    "'" + code + "' is no material of the table; known are "
                            + ALL.stream().map(ThermalExpansion::code).collect(Collectors.joining(", ")));
        }
        return found;
    }

    public static List<ThermalExpansion> all() {
        return ALL;
    }

    private static ThermalExpansion read(CsvTable.Row row) {
        double perMillion = row.number("alpha_1e-6_per_K");
        if (!(perMillion > 0 && perMillion < 500)) {
            throw new IllegalStateException("Table thermal-expansion: " + row.text("code") + " has " + perMillion);
        }
        return new ThermalExpansion(row.text("code"), row.text("name"), perMillion / 1e6);
    }
}
