package joropo.core.lipseal;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;
import joropo.core.tables.Points;
import joropo.core.tables.Points.Point;

/**
 * How fast, against what pressure and with what run-out and offset a lip may run (guide; the standard profile's
 * pressure DIN 3760 class).
 */
public final class LipLimits {
    /** A dust lip runs nearly dry: without its maker's word not above this (m/s, guide). */
    static final double DUST_LIP_MOST_M_PER_S = 8;

    private static final String TABLE = "lip-seal-limits";
    private static final Map<String, String> SPEED_AS = Map.of("EPDM", "NBR", "FFKM", "FKM");

    /** How the lip is wetted and what else runs dry: one of the table's rows of speed. */
    public enum Row {
        SINGLE_LIP_OIL,
        DUST_LIP_OIL,
        GREASE
    }

    private record Line(
            String table, String material, String profile, String x, String x2, double y, CsvTable.Row row) {
        Line(CsvTable.Row row) {
            this(
                    row.text("table"),
                    row.text("material"),
                    row.text("lip_or_profile"),
                    row.text("x"),
                    row.text("x2"),
                    row.number("y"),
                    row);
        }

        Point point() {
            return new Point(row.number("x"), y);
        }
    }

    private record PressureStep(double rpm, double mPerS, double mpa) {}

    private static final List<Line> LINES = CsvTable.rows(TABLE, Line::new);
    private static final Map<String, Map<Row, Double>> SPEEDS = of("surface_speed_max").stream()
            .collect(Collectors.groupingBy(Line::material, Collectors.toMap(l -> row(l.profile), Line::y)));
    private static final List<PressureStep> STANDARD = of("pressure_standard_profile").stream()
            .filter(l -> !l.x.isEmpty())
            .map(l -> new PressureStep(l.row.number("x"), l.row.number("x2"), l.y))
            .toList();
    private static final Points SUPPORTING = new Points(
            TABLE + ", pressure",
            of("pressure_supporting_profile").stream().map(Line::point).toList());
    private static final Map<String, Points> RUN_OUT = curves("dynamic_run_out_max");
    private static final Map<String, Points> OFFSET = curves("static_eccentricity_max");

    static {
        for (int i = 1; i < STANDARD.size(); i++) {
            PressureStep a = STANDARD.get(i - 1);
            PressureStep b = STANDARD.get(i);
            if (!(a.rpm < b.rpm && a.mPerS < b.mPerS && a.mpa > b.mpa)) {
                throw new IllegalStateException(
                        "Table " + TABLE + ": pressure must fall with speed at " + b.rpm + " rpm");
            }
        }
        SPEEDS.forEach((material, rows) -> {
            if (rows.size() != Row.values().length
                    || rows.get(Row.SINGLE_LIP_OIL) < rows.get(Row.DUST_LIP_OIL)
                    || rows.get(Row.DUST_LIP_OIL) < rows.get(Row.GREASE)) {
                throw new IllegalStateException(
                        "Table " + TABLE + ": speeds of " + material + " must fall from oil to grease");
            }
        });
    }

    private LipLimits() {}

    /** Fastest surface speed (m/s). @param asOther material whose row was taken, empty when it has its own */
    record Speed(double mPerS, Optional<String> asOther) {}

    /** @param family code of a listed lip material */
    static Speed speed(String family, Row row) {
        String code = SPEEDS.containsKey(family) ? family : SPEED_AS.getOrDefault(family, "NBR");
        return new Speed(SPEEDS.get(code).get(row), code.equals(family) ? Optional.empty() : Optional.of(code));
    }

    /**
     * Pressure that the standard profile stands (MPa): the first row that neither speed is above; empty beyond the last
     * row.
     */
    static OptionalDouble standardPressureMpa(double rpm, double mPerS) {
        return STANDARD.stream()
                .filter(s -> rpm <= s.rpm && mPerS <= s.mPerS)
                .mapToDouble(PressureStep::mpa)
                .findFirst();
    }

    /** Pressure that a supported profile stands (MPa); nothing beyond the last point. */
    static double supportedPressureMpa(double mPerS) {
        return SUPPORTING.at(mPerS).orElse(0);
    }

    /**
     * Run-out that the lip follows (mm, TIR); empty beyond the table. HNBR counts as NBR, what is not in the table as
     * FKM.
     */
    public static OptionalDouble runOutMm(String family, double rpm) {
        return curve(RUN_OUT, family).at(rpm);
    }

    /** Offset of the bore's axis from the shaft's that the lip bridges (mm); empty beyond the table. */
    public static OptionalDouble offsetMm(String family, double shaftMm) {
        return curve(OFFSET, family).at(shaftMm);
    }

    private static Points curve(Map<String, Points> curves, String family) {
        return curves.getOrDefault(family.equals("HNBR") ? "NBR" : family, curves.get("FKM"));
    }

    private static Map<String, Points> curves(String table) {
        Map<String, List<Point>> byMaterial = of(table).stream()
                .collect(Collectors.groupingBy(Line::material, Collectors.mapping(Line::point, Collectors.toList())));
        return byMaterial.keySet().stream()
                .collect(Collectors.toMap(
                        Function.identity(), m -> new Points(TABLE + ", " + table + " " + m, byMaterial.get(m))));
    }

    private static List<Line> of(String table) {
        List<Line> out = LINES.stream().filter(l -> l.table.equals(table)).toList();
        if (out.isEmpty()) {
            throw new IllegalStateException("Table " + TABLE + " has no " + table);
        }
        return out;
    }

    private static Row row(String text) {
        return Arrays.stream(Row.values())
                .filter(r -> r.name().equalsIgnoreCase(text))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalStateException("Table " + TABLE + ": '" + text + "' is no row of speeds"));
    }
}
