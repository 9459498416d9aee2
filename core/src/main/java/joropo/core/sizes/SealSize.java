package joropo.core.sizes;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import joropo.core.tables.CsvTable;
import joropo.core.units.Length;
import joropo.core.units.LengthUnit;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Limits;

/**
 * A listed nominal size of a lip seal, all in mm.
 *
 * @param boreMm nominal housing bore, not the seal's outside
 * @param listed {@code standard} (ISO 6194-1), {@code common} (guide; inch rows are trade steps, not checked sizes on
 *     sale), or {@code own}
 */
public record SealSize(SealSystem system, double shaftMm, double boreMm, double widthMm, String listed) {
    /** Measured shaft less the nominal of a seal that belongs to it (mm, guide): worn, or above by a trace. */
    public static final Limits SHAFT_LESS_NOMINAL_MM = new Limits(-0.50, 0.05);
    /** Measured bore less the nominal of a seal that belongs to it (mm, guide). */
    public static final Limits BORE_LESS_NOMINAL_MM = new Limits(-0.05, 0.25);

    private static final List<SealSize> ALL = Stream.concat(
                    CsvTable.rows("lip-seal-sizes-metric", SealSize::metric).stream(),
                    CsvTable.rows("lip-seal-sizes-inch", SealSize::inch).stream())
            .toList();

    private static final String OWN = "own";
    private static final Pattern BETWEEN = Pattern.compile("\\s*[xX×*]\\s*");
    /** Taken only where no x stands between the figures, since {@code 1-9/16} is one length. */
    private static final Pattern DASHES = Pattern.compile("\\s*-\\s*");
    /** A nominal size written to two decimals still means the listed one (mm). */
    private static final double SAME_MM = 0.02;
    /** Where the tables of ISO 286 end (mm). */
    private static final double LARGEST_MM = 1000;

    public SealSize {
        if (!(0 < shaftMm && shaftMm < boreMm && widthMm > 0)) {
            throw new IllegalStateException(
                    "Lip seal sizes: shaft " + shaftMm + ", bore " + boreMm + ", width " + widthMm + " mm cannot be");
        }
    }

    /** Whether these figures are this size, written to two decimals. */
    public boolean is(double shaft, double bore, double width) {
        return Math.abs(shaft - shaftMm) <= SAME_MM
                && Math.abs(bore - boreMm) <= SAME_MM
                && Math.abs(width - widthMm) <= SAME_MM;
    }

    /** Whether a shaft of this diameter is one of this size; whether it is still good is another question. */
    public boolean isOfShaft(double measuredMm) {
        return belongs(SHAFT_LESS_NOMINAL_MM, measuredMm, shaftMm);
    }

    public boolean isOfBore(double measuredMm) {
        return belongs(BORE_LESS_NOMINAL_MM, measuredMm, boreMm);
    }

    /** Whether a reading is one of this nominal, by its band. */
    public static boolean belongs(Limits band, double measuredMm, double nominalMm) {
        return band.margin(Length.snap(measuredMm - nominalMm)) >= -1e-9;
    }

    public static List<SealSize> all() {
        return ALL;
    }

    /**
     * Reads {@code 45x62x8}, {@code 45-62-8}, or {@code 1.75x2.5x0.375 in}: a unit at the end holds for all three. A
     * size that is not listed is {@code own}.
     *
     * @throws RefusedInput when it is no size
     */
    public static SealSize parse(String text, LengthUnit sheetUnit) {
        String bare = text.strip();
        boolean inch = bare.matches(".*(in|\"|″)$");
        LengthUnit unit = inch ? LengthUnit.INCH : bare.endsWith("mm") ? LengthUnit.MM : sheetUnit;
        String[] parts =
                (BETWEEN.matcher(bare).find() ? BETWEEN : DASHES).split(bare.replaceAll("\\s*(in|mm|\"|″)$", ""));
        if (parts.length != 3) {
            throw new RefusedInput(
                    "",
                    "'" + (bare.length() > 40 ? bare.substring(0, 40) + "…" : bare)
                            + "' is not understood as a seal size: write shaft x bore x width, such as 45x62x8");
        }
        double shaft = Length.parseSize(parts[0], unit).mm();
        double bore = Length.parseSize(parts[1], unit).mm();
        double width = Length.parseSize(parts[2], unit).mm();
        if (bore <= shaft) {
            throw new RefusedInput("", "the bore of a seal must be larger than its shaft: write shaft x bore x width");
        }
        if (bore > LARGEST_MM) {
            throw new RefusedInput(
                    "", "is beyond the tables of limits, which end at " + Length.show(LARGEST_MM, 0) + " mm");
        }
        return ALL.stream()
                .filter(s -> near(s.shaftMm, shaft) && near(s.boreMm, bore) && near(s.widthMm, width))
                .findFirst()
                .orElseGet(() -> new SealSize(
                        unit == LengthUnit.INCH ? SealSystem.INCH : SealSystem.METRIC, shaft, bore, width, OWN));
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) <= SAME_MM;
    }

    /** Whether it stands in one of the lists. */
    public boolean known() {
        return !listed.equals(OWN);
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
        return new SealSize(
                SealSystem.METRIC,
                row.number("shaft_mm"),
                row.number("bore_mm"),
                row.number("width_mm"),
                row.text("listed"));
    }

    private static SealSize inch(CsvTable.Row row) {
        return new SealSize(
                SealSystem.INCH, mm(row, "shaft_in"), mm(row, "bore_in"), mm(row, "width_in"), row.text("listed"));
    }

    private static double mm(CsvTable.Row row, String column) {
        return Length.snap(row.number(column) * Length.MM_PER_INCH);
    }
}
