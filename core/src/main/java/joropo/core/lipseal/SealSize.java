package joropo.core.lipseal;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import joropo.core.tables.CsvTable;
import joropo.core.units.Length;

/**
 * A listed nominal size of a lip seal, all in mm.
 * @param boreMm nominal housing bore, not the seal's outside
 * @param listed {@code standard} (ISO 6194-1) or {@code common} (guide); inch rows are trade steps, not checked sizes on sale
 */
public record SealSize(SealSystem system, double shaftMm, double boreMm, double widthMm, String listed) {
    private static final List<SealSize> ALL = Stream.concat(
            CsvTable.rows("lip-seal-sizes-metric", SealSize::metric).stream(),
            CsvTable.rows("lip-seal-sizes-inch", SealSize::inch).stream()).toList();

    public SealSize {
        if (!(0 < shaftMm && shaftMm < boreMm && widthMm > 0)) {
            throw new IllegalStateException("Lip seal sizes: shaft " + shaftMm + ", bore " + boreMm + ", width " + widthMm + " mm cannot be");
        }
    }

    public static List<SealSize> all() {
        return ALL;
    }

    /** As fitters say it: {@code 45x62x8}, or {@code 1.7500x2.500x0.3750 in}. */
    public String words() {
        if (system == SealSystem.METRIC) {
            return plain(shaftMm) + "x" + plain(boreMm) + "x" + plain(widthMm);
        }
        return Length.show(shaftMm / Length.MM_PER_INCH, 4) + "x" + Length.show(boreMm / Length.MM_PER_INCH, 3) + "x"
                + Length.show(widthMm / Length.MM_PER_INCH, 4) + " in";
    }

    private static String plain(double mm) {
        return mm == Math.rint(mm) ? String.format(Locale.ROOT, "%.0f", mm) : String.valueOf(mm);
    }

    private static SealSize metric(CsvTable.Row row) {
        return new SealSize(SealSystem.METRIC, row.number("shaft_mm"), row.number("bore_mm"), row.number("width_mm"), row.text("listed"));
    }

    private static SealSize inch(CsvTable.Row row) {
        return new SealSize(SealSystem.INCH, mm(row, "shaft_in"), mm(row, "bore_in"), mm(row, "width_in"), row.text("listed"));
    }

    private static double mm(CsvTable.Row row, String column) {
        return Length.snap(row.number(column) * Length.MM_PER_INCH);
    }
}
