package joropo.core.oring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.core.tables.CsvTable;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;

/**
 * A listed O-ring (AS568 dash sizes and metric sizes); mm. One that stands in both lists is one size with both names.
 *
 * @param designation keys of the tables: dash, size, or both joined by {@code " = "}
 * @param insideToleranceMm, @param sectionToleranceMm each either way
 */
public record RingSize(
        String designation, double insideMm, double sectionMm, double insideToleranceMm, double sectionToleranceMm) {
    private static final String BOTH = " = ";
    private static final Pattern DASH = Pattern.compile("-?\\s*(\\d{1,3})");
    private static final Pattern SIZE =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(?:mm)?\\s*[xX×*]\\s*(\\d+(?:[.,]\\d+)?)\\s*(?:mm)?");
    /** A size written to two decimals still means the listed one (mm). */
    private static final double SAME_MM = 0.011;

    private static final List<RingSize> ALL =
            all(CsvTable.rows("oring-sizes-inch", RingSize::inch), CsvTable.rows("oring-sizes-metric", Metric::new));
    private static final Map<String, RingSize> BY_KEY = byKey();

    private record Metric(String dash, RingSize size) {
        Metric(CsvTable.Row row) {
            this(
                    row.text("as568_dash"),
                    new RingSize(
                            row.text("size"),
                            row.number("inside_diameter_mm"),
                            row.number("cross_section_mm"),
                            row.number("id_tol_mm"),
                            row.number("cs_tol_mm")));
        }
    }

    private static RingSize inch(CsvTable.Row row) {
        return new RingSize(
                row.text("dash"),
                row.number("inside_diameter_mm"),
                row.number("cross_section_mm"),
                Length.snap(row.number("id_tol_in") * Length.MM_PER_INCH),
                Length.snap(row.number("cs_tol_in") * Length.MM_PER_INCH));
    }

    /** Of a ring in both lists the wider tolerance counts. */
    private static List<RingSize> all(List<RingSize> inch, List<Metric> metric) {
        Map<String, RingSize> byDash = new HashMap<>();
        metric.stream().filter(m -> !m.dash.isEmpty()).forEach(m -> byDash.put(m.dash, m.size));
        List<RingSize> out = new ArrayList<>();
        for (RingSize i : inch) {
            RingSize m = byDash.get(i.designation);
            out.add(
                    m == null
                            ? i
                            : new RingSize(
                                    i.designation + BOTH + m.designation,
                                    m.insideMm,
                                    m.sectionMm,
                                    Math.max(i.insideToleranceMm, m.insideToleranceMm),
                                    Math.max(i.sectionToleranceMm, m.sectionToleranceMm)));
        }
        metric.stream().filter(m -> m.dash.isEmpty()).forEach(m -> out.add(m.size));
        return List.copyOf(out);
    }

    private static Map<String, RingSize> byKey() {
        Map<String, RingSize> out = new HashMap<>();
        for (RingSize size : ALL) {
            for (String key : size.designation.split(BOTH)) {
                out.put(key, size);
            }
        }
        return out;
    }

    public static List<RingSize> all() {
        return ALL;
    }

    /**
     * Reads a dash size ({@code 228}, {@code -228}) or a metric one ({@code 52.07x3.53}).
     *
     * @throws RefusedInput when it is written as neither, or no list has it
     */
    public static RingSize parse(String text, String field) {
        String bare = text.strip().replaceAll(BOTH + ".*", "");
        Matcher dash = DASH.matcher(bare);
        if (dash.matches()) {
            return Optional.ofNullable(BY_KEY.get("0".repeat(3 - dash.group(1).length()) + dash.group(1)))
                    .orElseThrow(() -> new RefusedInput(field, "'" + bare + "' is no dash size of the list"));
        }
        Matcher size = SIZE.matcher(bare);
        if (!size.matches()) {
            throw new RefusedInput(
                    field, "is not understood as a ring: write its dash size such as 228, or inside x section in mm");
        }
        double inside = Double.parseDouble(size.group(1).replace(',', '.'));
        double section = Double.parseDouble(size.group(2).replace(',', '.'));
        return ALL.stream()
                .filter(r -> Math.abs(r.insideMm - inside) <= SAME_MM && Math.abs(r.sectionMm - section) <= SAME_MM)
                .findFirst()
                .orElseThrow(() -> new RefusedInput(
                        field, "'" + bare + "' is no listed size: type its inside and its section instead"));
    }
}
