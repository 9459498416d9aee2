package joropo.core.readings;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;
import joropo.core.tables.CsvTable;
import joropo.core.tables.Ranges;

/** Gauges of the bench, each with its expanded uncertainty (k = 2) by size; guide values of {@code gauges.csv}. */
public enum Gauge {
    OUTSIDE_MICROMETER,
    BORE_GAUGE_3,
    BORE_GAUGE_2,
    INSIDE_MICROMETER,
    TELESCOPIC,
    CALIPER,
    DEPTH_MICROMETER,
    CALIPER_DEPTH,
    DIAL_INDICATOR,
    FEELER,
    RULE;

    /** What a gauge is put to. */
    public enum Use {
        SHAFT,
        BORE,
        DEPTH,
        TRAVEL,
        GAP
    }

    private record Line(
            Gauge gauge, double overMm, double toMm, double uncertaintyMm, List<Use> uses, int order, String name) {
        Line(CsvTable.Row row) {
            this(
                    Gauge.valueOf(row.text("gauge")),
                    row.number("size_over_mm"),
                    row.number("size_to_mm"),
                    row.number("uncertainty_mm"),
                    Arrays.stream(row.text("part").split(" ")).map(Use::valueOf).toList(),
                    (int) row.number("order"),
                    row.text("name"));
        }
    }

    /** Read on first use, since an enum's own constants come first. */
    private static final class Table {
        private static final Map<Gauge, Ranges<Line>> LINES = read();

        private static Map<Gauge, Ranges<Line>> read() {
            List<Line> all = CsvTable.rows("gauges", Line::new);
            Map<Gauge, Ranges<Line>> byGauge = new LinkedHashMap<>();
            for (Gauge gauge : values()) {
                byGauge.put(
                        gauge,
                        new Ranges<>(
                                "gauges, " + gauge,
                                all.stream().filter(l -> l.gauge == gauge).toList(),
                                Line::overMm,
                                Line::toMm));
            }
            return byGauge;
        }
    }

    /** Uncertainty (mm) when a size (mm, above zero) is read; above the table's last size in proportion to it. */
    public double uncertaintyMm(double sizeMm) {
        Line line = Table.LINES.get(this).atOrLast(sizeMm);
        return line.uncertaintyMm * Math.max(1, sizeMm / line.toMm);
    }

    /** What the trade calls it. */
    public String words() {
        return first().name;
    }

    public boolean serves(Use use) {
        return first().uses.contains(use);
    }

    /** Gauges for a use, the finest first. */
    public static List<Gauge> forUse(Use use) {
        return Arrays.stream(values())
                .filter(g -> g.serves(use))
                .sorted(Comparator.comparing(g -> g.first().order))
                .toList();
    }

    /** The finest gauge for a use, if its uncertainty at this size satisfies the wish. */
    public static Optional<Gauge> finest(Use use, double sizeMm, DoublePredicate wish) {
        return forUse(use).stream()
                .filter(g -> wish.test(g.uncertaintyMm(sizeMm)))
                .findFirst();
    }

    private Line first() {
        return Table.LINES.get(this).rows().get(0);
    }
}
