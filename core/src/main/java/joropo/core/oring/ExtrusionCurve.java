package joropo.core.oring;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;
import joropo.core.tables.Points;

/**
 * The largest diametral clearance that a ring bridges without being nibbled, by its hardness and the pressure, at room
 * temperature (guide, {@code extrusion-gap.csv}): straight between its points and its hardnesses.
 */
final class ExtrusionCurve {
    /** Softest and hardest ring of the table (Shore A). */
    static final double SOFTEST = 70;

    static final double HARDEST = 90;
    /** Above this a ring without back-ups is not used (MPa, guide). */
    static final double BACKUPS_ABOVE_MPA = 40;
    /** Back-ups stand this many times the clearance of the hardest ring (guide). */
    private static final double BACKED = 2;
    /** What back-ups stand at any pressure (mm, guide). */
    private static final double BACKED_LEAST_MM = 0.10;

    private record Line(double shore, Points.Point at) {
        Line(CsvTable.Row row) {
            this(
                    row.number("hardness_shore_a"),
                    new Points.Point(row.number("pressure_mpa"), row.number("max_diametral_clearance_mm")));
        }
    }

    private static final TreeMap<Double, Points> CURVES =
            CsvTable.rows("extrusion-gap", Line::new).stream()
                    .collect(Collectors.groupingBy(Line::shore))
                    .entrySet()
                    .stream()
                    .collect(Collectors.toMap(Map.Entry::getKey, e -> curve(e.getValue()), (a, b) -> a, TreeMap::new));

    private ExtrusionCurve() {}

    private static Points curve(List<Line> lines) {
        return new Points("extrusion-gap", lines.stream().map(Line::at).toList());
    }

    /** Without back-ups (mm); empty above {@link #BACKUPS_ABOVE_MPA}. @param shore 70 or more */
    static OptionalDouble bareMm(double shore, double pressureMpa) {
        double hard = Math.min(shore, HARDEST);
        Map.Entry<Double, Points> below = CURVES.floorEntry(hard);
        Map.Entry<Double, Points> above = CURVES.ceilingEntry(hard);
        OptionalDouble a = below.getValue().at(pressureMpa);
        OptionalDouble b = above.getValue().at(pressureMpa);
        if (a.isEmpty() || b.isEmpty()) {
            return OptionalDouble.empty();
        }
        double share =
                above.getKey() > below.getKey() ? (hard - below.getKey()) / (above.getKey() - below.getKey()) : 0;
        return OptionalDouble.of(a.getAsDouble() + share * (b.getAsDouble() - a.getAsDouble()));
    }

    /** With back-ups (mm). */
    static double backedMm(double pressureMpa) {
        return bareMm(HARDEST, pressureMpa).stream()
                .map(bare -> Math.max(BACKED_LEAST_MM, BACKED * bare))
                .findFirst()
                .orElse(BACKED_LEAST_MM);
    }
}
