package joropo.core.oring;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import joropo.core.tables.CsvTable;
import joropo.core.verdict.Limits;

/** What grooves the trade makes for a section (guide, {@code oring-glands.csv}). */
final class GlandTable {
    /** A section written to two decimals, or in thousandths of an inch, still means the listed one (mm). */
    private static final double SAME_MM = 0.011;

    private static final List<Row> ROWS = CsvTable.rows("oring-glands", Row::read);

    private GlandTable() {}

    /** The uses that the table tells apart. */
    enum Use {
        STATIC_RADIAL,
        STATIC_FACE,
        DYNAMIC_RECIPROCATING,
        ROTARY_GUIDE;

        static Use of(Gland gland, RingMotion motion) {
            return switch (motion) {
                case STATIC -> gland.isFace() ? STATIC_FACE : STATIC_RADIAL;
                case RECIPROCATING -> DYNAMIC_RECIPROCATING;
                case ROTARY -> ROTARY_GUIDE;
            };
        }

        private static Use read(String text) {
            return Arrays.stream(values())
                    .filter(u -> u.name().equalsIgnoreCase(text))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("Table oring-glands: no use '" + text + "'"));
        }
    }

    /**
     * One section in one use.
     *
     * @param squeezePercent of the nominal sizes, @param worstPercent over the tolerances
     * @param clearanceMm largest diametral one in normal practice; none of a face
     */
    record Row(
            Use use,
            double sectionMm,
            Limits depthMm,
            double widthMm,
            double widthPlusMm,
            Limits squeezePercent,
            Limits worstPercent,
            Optional<Double> clearanceMm) {
        private static Row read(CsvTable.Row row) {
            return new Row(
                    Use.read(row.text("use")),
                    row.number("cross_section_mm"),
                    limits(row, "gland_depth", "mm"),
                    row.number("groove_width_mm_no_backup"),
                    row.number("groove_width_plus_tol_mm"),
                    limits(row, "squeeze_nominal", "percent"),
                    limits(row, "squeeze_worst", "percent"),
                    row.text("max_diametral_clearance_mm").isEmpty()
                            ? Optional.empty()
                            : Optional.of(row.number("max_diametral_clearance_mm")));
        }

        private static Limits limits(CsvTable.Row row, String what, String unit) {
            return new Limits(row.number(what + "_min_" + unit), row.number(what + "_max_" + unit));
        }

        /** Middle of the depths (mm). */
        double depthMiddleMm() {
            return (depthMm.lower() + depthMm.upper()) / 2;
        }
    }

    /** The row for a section; empty where the trade has no groove for it in this use. */
    static Optional<Row> row(Use use, double sectionMm) {
        return ROWS.stream()
                .filter(r -> r.use == use && Math.abs(r.sectionMm - sectionMm) <= SAME_MM)
                .findFirst();
    }

    static List<Row> rows(Use use) {
        return ROWS.stream().filter(r -> r.use == use).toList();
    }
}
