package joropo.core.material;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;
import org.jspecify.annotations.Nullable;

/**
 * Classes of fluid by which a material's hottest use is limited (guide, {@code elastomer-temperature-by-fluid.csv}).
 */
public enum FluidClass {
    ENGINE,
    HYDRAULIC,
    EP_GEAR,
    WATER,
    STEAM,
    /** Any other: the limit in air less 20 K, with caution. */
    OTHER,
    /** The limit in air as it stands. */
    AIR;

    /** What is taken off the limit in air for a fluid of no class (K, guide). */
    private static final double OTHER_LESS_K = 20;

    private static final List<FluidClass> IN_TABLE = List.of(ENGINE, HYDRAULIC, EP_GEAR, WATER, STEAM);

    private record Line(String material, Map<FluidClass, Double> limits) {
        Line(CsvTable.Row row) {
            this(
                    row.text("material"),
                    IN_TABLE.stream()
                            .filter(c -> !row.text(c.name()).isEmpty())
                            .collect(Collectors.toMap(c -> c, c -> row.number(c.name()))));
        }
    }

    /** Read on first use, since an enum's own constants come first. */
    private static final class Table {
        private static final Map<String, Map<FluidClass, Double>> LIMITS = read();

        private static Map<String, Map<FluidClass, Double>> read() {
            List<Line> lines = CsvTable.rows("elastomer-temperature-by-fluid", Line::new);
            lines.forEach(l -> Elastomer.of(l.material));
            return lines.stream().collect(Collectors.toMap(Line::material, Line::limits));
        }
    }

    /**
     * How hot a material may be in a fluid of this class.
     *
     * @param hottestC the class's limit for this material; the material's own where the class gives none (°C)
     * @param doubt why it is not sure, absent when it is
     */
    public record Hottest(double hottestC, @Nullable String doubt) {}

    public Hottest hottest(Elastomer material) {
        if (this == AIR) {
            return new Hottest(material.maxC(), null);
        }
        if (this == OTHER) {
            return new Hottest(
                    material.maxC() - OTHER_LESS_K,
                    "no limit is given in such a fluid; 20 K less than in air was taken");
        }
        Double inClass = Table.LIMITS.getOrDefault(material.family(), Map.of()).get(this);
        return inClass == null
                ? new Hottest(material.maxC(), "no limit is given in this class of fluid: ask the maker")
                : new Hottest(inClass, null);
    }

    /** As it stands in a sentence. */
    public String words() {
        return switch (this) {
            case ENGINE -> "engine oil";
            case HYDRAULIC -> "hydraulic oil";
            case EP_GEAR -> "EP gear oil";
            case WATER -> "water";
            case STEAM -> "steam";
            case OTHER -> "other fluids";
            case AIR -> "air";
        };
    }

    static FluidClass read(String text) {
        return Arrays.stream(values())
                .filter(c -> c.name().equals(text))
                .findFirst()
                .orElseThrow(() ->
                        new IllegalStateException("Table fluid-compatibility: '" + text + "' is no class of fluid"));
    }
}
