package joropo.core.lipseal;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import joropo.core.fits.Deviations;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterResult;
import joropo.core.fits.ToleranceClass;
import joropo.core.tables.CsvTable;
import joropo.core.tables.Ranges;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/**
 * Interference = (nominal bore + allowance of the seal's outside) less bore, least and most over the allowance
 * ({@code lip-seal-press-fit.csv}, ISO 6194-1 or DIN 3760 class) and the readings of the bore, or H8.
 */
public final class PressFitCheck {
    /** A bare metal case needs this much left (mm, guide). */
    private static final double METAL_LEAST_MM = 0.02;
    /** A rubber-covered case should have this much left (mm, guide). */
    private static final double RUBBER_WANTED_MM = 0.05;

    private record Allowance(double overMm, double toMm, double minMm, double maxMm) {
        Allowance(CsvTable.Row row) {
            this(row.number("bore_over_mm"), row.number("bore_to_mm"), row.number("od_allow_min_mm"), row.number("od_allow_max_mm"));
        }
    }

    private record Named(String practice, String table, Allowance allowance) { }

    private static final Map<Practice, Ranges<Allowance>> METAL = new EnumMap<>(Practice.class);
    private static final Ranges<Allowance> RUBBER;

    static {
        List<Named> rows = CsvTable.rows("lip-seal-press-fit", r -> new Named(r.text("practice"), r.text("case_type"), new Allowance(r)));
        Arrays.stream(Practice.values()).forEach(p -> METAL.put(p, ranges(rows, p.name(), "metal_case")));
        RUBBER = ranges(rows, "BOTH", "rubber_covered");
    }

    private PressFitCheck() { }

    public static PressFitResult check(PressFitInput in) {
        String subject = "interference of the " + in.caseType().words() + " in the bore";
        if (in.system() == SealSystem.INCH) {
            return none(Finding.missing("interference", subject, "Inch seals have no common allowance of the outside.",
                    "Ask for the maker's outside diameter, or measure the new seal against the bore."));
        }
        boolean rubber = in.caseType() == CaseType.RUBBER;
        Ranges<Allowance> table = rubber ? RUBBER : METAL.get(in.practice() == null ? Practice.ISO : in.practice());
        Allowance allowance = table.at(in.boreNominalMm()).orElse(null);
        if (allowance == null) {
            return none(Finding.missing("interference", subject, "The table of allowances ends at "
                    + Length.show(table.rows().get(table.rows().size() - 1).toMm, 0) + " mm.", "Ask the seal's maker."));
        }
        Bore bore = bore(in);
        double least = Length.snap(in.boreNominalMm() + allowance.minMm - bore.maxMm);
        double most = Length.snap(in.boreNominalMm() + allowance.maxMm - bore.minMm);
        return new PressFitResult(least, most, List.of(judge(subject, rubber, least, most, bore)));
    }

    private static PressFitResult none(Finding finding) {
        return new PressFitResult(null, null, List.of(finding));
    }

    private record Bore(double minMm, double maxMm, double u, boolean read) { }

    private static Bore bore(PressFitInput in) {
        if (in.bore() == null) {
            Deviations h8 = ToleranceClass.parse("H8").at(in.boreNominalMm());
            return new Bore(h8.minMm(), h8.maxMm(), 0, false);
        }
        DiameterResult read = DiameterCheck.check(in.bore());
        return new Bore(read.minMm(), read.maxMm(), read.uncertaintyMm(), true);
    }

    private static Finding judge(String subject, boolean rubber, double least, double most, Bore bore) {
        Limits limits = Limits.atLeast(rubber ? 0 : METAL_LEAST_MM);
        Status status = limits.judge(least, bore.u);
        if (status == Status.PASS && rubber && least < RUBBER_WANTED_MM - 1e-9) {
            status = Status.CAUTION;
        }
        String range = "From " + Length.show(least, 3) + " to " + Length.show(most, 3) + " mm"
                + (bore.read ? " in the bore as read." : " in a bore to H8 (bore not read).");
        String message = switch (status) {
            case PASS -> range + " The case holds by itself.";
            case CAUTION -> range + " Little is left when the housing grows warm.";
            case REMEASURE -> range + " The gauge cannot tell whether enough is left.";
            default -> range + " The case would turn or creep out.";
        };
        String remedy = switch (status) {
            case PASS -> "";
            case CAUTION -> "A retaining ring, or the seal's maker's word on sealant.";
            case REMEASURE -> "Read the bore again with a finer gauge.";
            default -> "Bush the bore, or take a rubber-covered case if the bore allows it.";
        };
        return Finding.of("interference", status, subject, message, remedy, Source.STANDARD, "ISO 6194-1, DIN 3760 class")
                .withValue(least, "mm").withLimits(limits, bore.u);
    }

    private static Ranges<Allowance> ranges(List<Named> rows, String practice, String table) {
        return new Ranges<>("lip-seal-press-fit, " + practice + " " + table, rows.stream()
                .filter(r -> r.practice.equals(practice) && r.table.equals(table)).map(Named::allowance).toList(),
                Allowance::overMm, Allowance::toMm);
    }
}
