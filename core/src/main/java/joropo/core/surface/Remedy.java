package joropo.core.surface;

import java.util.List;
import joropo.core.tables.CsvTable;
import org.jspecify.annotations.Nullable;

/**
 * What can be done about a worn or damaged running surface, the cheapest first (guide); words of
 * {@code wear-remedies.csv}.
 */
public enum Remedy {
    RENEW_SLEEVE("renew the sleeve with the seal", "renew_sleeve"),
    DRESS("dress by plunge", "polish"),
    MOVE("move the lip", "shift_or_sleeve"),
    THIN_SLEEVE("thin repair sleeve", "thin_sleeve_or_shift"),
    HEAVY_SLEEVE("heavy sleeve", "rebuild"),
    GRIND_SMALLER("grind to the next smaller seal", "regrind_or_sleeve"),
    SPRAY_OR_RENEW("spray, or a new shaft", "rebuild");

    private final String words;
    private final String tableClass;

    Remedy(String words, String tableClass) {
        this.words = words;
        this.tableClass = tableClass;
    }

    /**
     * One row of the table. @param depthToMm deepest groove that it is for, absent: no end, @param precondition what
     * must be so, @param caution what goes wrong
     */
    record Row(String defect, String name, @Nullable Double depthToMm, String precondition, String caution) {
        Row(CsvTable.Row row) {
            this(
                    row.text("defect"),
                    row.text("class"),
                    row.text("depth_to_mm").isEmpty() ? null : Double.valueOf(row.number("depth_to_mm")),
                    row.text("precondition"),
                    row.text("caution"));
        }
    }

    /** Read on first use, since an enum's own constants come first. */
    private static final class Table {
        private static final List<Row> ROWS = CsvTable.rows("wear-remedies", Row::new);
    }

    static List<Row> rows() {
        return Table.ROWS;
    }

    public String words() {
        return words;
    }

    /** Whether it may lead to a seal of another shaft. */
    public boolean mayChangeTheSeal() {
        return this == HEAVY_SLEEVE || this == GRIND_SMALLER;
    }

    /** What must be so before and after. @param filled whether filler goes under a thin sleeve */
    String precondition(boolean filled) {
        return row(filled).precondition;
    }

    /** The deepest groove that it serves for (mm). @param filled whether filler goes under a thin sleeve */
    double deepestMm(boolean filled) {
        Double deepest = row(filled).depthToMm;
        return deepest == null ? Double.POSITIVE_INFINITY : deepest;
    }

    /** What goes wrong with it. */
    String caution(boolean filled) {
        return row(filled).caution;
    }

    private Row row(boolean filled) {
        String wanted = filled ? "filled_sleeve" : tableClass;
        return Table.ROWS.stream()
                .filter(r -> r.name.equals(wanted))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Table wear-remedies has no " + wanted));
    }
}
