package joropo.core.lipseal;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import joropo.core.fits.Deviations;
import joropo.core.fits.DiameterCheck;
import joropo.core.fits.DiameterResult;
import joropo.core.fits.ToleranceClass;
import joropo.core.material.ThermalExpansion;
import joropo.core.readings.DiameterReadings;
import joropo.core.section.CaseType;
import joropo.core.sizes.SealSystem;
import joropo.core.tables.CsvTable;
import joropo.core.tables.Ranges;
import joropo.core.units.Length;
import joropo.core.units.RefusedInput;
import joropo.core.verdict.Finding;
import joropo.core.verdict.FindingBuilder;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * Interference = (nominal bore + allowance of the seal's outside) less bore, least and most over the allowance
 * ({@code lip-seal-press-fit.csv}, ISO 6194-1 or DIN 3760 class) and the readings of the bore, or H8.
 */
public final class PressFitCheck {
    /** A bare metal case needs this much left (mm, guide). */
    private static final double METAL_LEAST_MM = 0.02;
    /** A rubber-covered case should have this much left (mm, guide). */
    private static final double RUBBER_WANTED_MM = 0.05;

    /** More than the table's most by this much is too much (mm, guide). */
    private static final double METAL_MORE_MM = 0.10;

    private static final double RUBBER_MORE_MM = 0.30;

    /** A rubber-covered case loses this share of what the housing grows (guide). */
    private static final double RUBBER_SHARE = 0.6;

    private record Allowance(double overMm, double toMm, double minMm, double maxMm) {
        Allowance(CsvTable.Row row) {
            this(
                    row.number("bore_over_mm"),
                    row.number("bore_to_mm"),
                    row.number("od_allow_min_mm"),
                    row.number("od_allow_max_mm"));
        }
    }

    private record Named(String practice, String table, Allowance allowance) {}

    private static final Map<Practice, Ranges<Allowance>> METAL = new EnumMap<>(Practice.class);
    private static final Ranges<Allowance> RUBBER;

    static {
        List<Named> rows = CsvTable.rows(
                "lip-seal-press-fit", r -> new Named(r.text("practice"), r.text("case_type"), new Allowance(r)));
        Arrays.stream(Practice.values()).forEach(p -> METAL.put(p, ranges(rows, p.name(), "metal_case")));
        RUBBER = ranges(rows, "BOTH", "rubber_covered");
    }

    private PressFitCheck() {}

    /** @throws RefusedInput when the housing's material is not in the table */
    public static PressFitResult check(PressFitInput in) {
        String words = in.caseType().words() + " in the bore";
        Allowance outside = outside(in);
        if (outside == null) {
            return new PressFitResult(null, null, null, List.of(unknown(in, "interference of the " + words)));
        }
        Bore bore = bore(in);
        double least = Length.snap(in.boreNominalMm() + outside.minMm - bore.maxMm);
        double most = Length.snap(in.boreNominalMm() + outside.maxMm - bore.minMm);
        boolean rubber = in.caseType() == CaseType.RUBBER;
        Finding cold = judge(
                "interference",
                "interference of the " + words,
                rubber,
                least,
                "From " + Length.show(least, 3) + " to " + Length.show(most, 3) + " mm"
                        + (bore.read ? " in the bore as read." : " in a bore to H8 (bore not read)."),
                bore.uncertaintyMm);
        cold = tooMuch(in, most, bore.uncertaintyMm, cold);
        cold = in.outsideMinMm() == null ? cold : typed(in, cold);
        if (in.hotC() == null) {
            return new PressFitResult(least, most, null, List.of(cold));
        }
        String subject = "interference of the " + words + " when hot";
        if (in.housingMaterial() == null) {
            return new PressFitResult(
                    least,
                    most,
                    null,
                    List.of(
                            cold,
                            Finding.missing(
                                    "hot",
                                    subject,
                                    "The housing's material is not known: it may grow away from the case.",
                                    "Say what the housing is made of.")));
        }
        double hot = Length.snap(least - hotLossMm(in));
        return new PressFitResult(
                least,
                most,
                hot,
                List.of(
                        cold,
                        judge(
                                "hot",
                                subject,
                                rubber,
                                hot,
                                "At " + Length.show(in.hotC(), 0) + " °C at least " + Length.show(hot, 3) + " mm of "
                                        + Length.show(least, 3) + " mm are left.",
                                bore.uncertaintyMm)));
    }

    /** More interference than the table's most by this much buckles a bare case or shears the rubber (guide). */
    private static Finding tooMuch(PressFitInput in, double most, double uncertaintyMm, Finding cold) {
        Allowance table = table(in).at(in.boreNominalMm()).orElse(null);
        if (table == null || in.system() == SealSystem.INCH) {
            return cold;
        }
        boolean rubber = in.caseType() == CaseType.RUBBER;
        Limits limits = Limits.atMost(Length.snap(table.maxMm + (rubber ? RUBBER_MORE_MM : METAL_MORE_MM)));
        Status status = limits.judge(most, uncertaintyMm);
        if (status == Status.PASS || cold.status().compareTo(status) <= 0) {
            return cold;
        }
        return Finding.of(
                        "interference",
                        status,
                        cold.subject(),
                        "Up to " + Length.show(most, 3) + " mm of interference: "
                                + (status == Status.FAIL
                                        ? "the case will buckle or shear."
                                        : "the gauge cannot tell whether that is too much."),
                        status == Status.FAIL
                                ? "This seal is not of this bore: look at sizes and readings again."
                                : "Read the bore again with a finer gauge.",
                        Source.GUIDE,
                        "press fits")
                .withValue(most, "mm")
                .withLimits(limits, uncertaintyMm);
    }

    /** What was typed of the seal goes before the table; without its document it is unproved. */
    private static Finding typed(PressFitInput in, Finding cold) {
        boolean unproved = in.makerDocument() == null;
        Finding out = unproved && cold.status() == Status.PASS
                ? FindingBuilder.builder(cold)
                        .status(Status.CAUTION)
                        .message(cold.message() + " The outside typed is unproved: no document.")
                        .remedy("Name the maker's document.")
                        .build()
                : cold;
        return out.withSource(Source.MAKER, unproved ? "outside typed, unproved: no document" : in.makerDocument());
    }

    /**
     * What the housing's growth takes off the interference (mm): D (alpha housing - alpha case) (T - 20), a gain not
     * counted; rubber gives 0.4 of it back.
     */
    private static double hotLossMm(PressFitInput in) {
        ThermalExpansion caseMetal = ThermalExpansion.of(in.caseType() == CaseType.STAINLESS ? "STAINLESS" : "STEEL");
        double loss = in.boreNominalMm()
                * (ThermalExpansion.of(in.housingMaterial()).perK() - caseMetal.perK())
                * (in.hotC() - DiameterReadings.REFERENCE_C);
        return Math.max(0, loss) * (in.caseType() == CaseType.RUBBER ? RUBBER_SHARE : 1);
    }

    /** Outside of the seal by its maker's word or the table (mm); absent where nobody knows it. */
    public static @Nullable Limits outsideLimits(PressFitInput in) {
        Allowance outside = outside(in);
        return outside == null
                ? null
                : new Limits(
                        Length.snap(in.boreNominalMm() + outside.minMm),
                        Length.snap(in.boreNominalMm() + outside.maxMm));
    }

    /** Outside of the seal over the nominal bore; absent where nobody knows it. */
    private static @Nullable Allowance outside(PressFitInput in) {
        if (in.outsideMinMm() != null) {
            return new Allowance(0, 0, in.outsideMinMm() - in.boreNominalMm(), in.outsideMaxMm() - in.boreNominalMm());
        }
        return in.system() == SealSystem.INCH
                ? null
                : table(in).at(in.boreNominalMm()).orElse(null);
    }

    private static Finding unknown(PressFitInput in, String subject) {
        if (in.system() == SealSystem.INCH) {
            return Finding.missing(
                    "interference",
                    subject,
                    "Inch seals have no common allowance of the outside.",
                    "Ask for the maker's outside diameter, or measure the new seal against the bore.");
        }
        List<Allowance> rows = table(in).rows();
        return Finding.missing(
                "interference",
                subject,
                "The table of allowances ends at " + Length.show(rows.get(rows.size() - 1).toMm, 0) + " mm.",
                "Ask the seal's maker.");
    }

    private static Ranges<Allowance> table(PressFitInput in) {
        return in.caseType() == CaseType.RUBBER
                ? RUBBER
                : METAL.get(in.practice() == null ? Practice.ISO : in.practice());
    }

    private record Bore(double minMm, double maxMm, double uncertaintyMm, boolean read) {}

    private static Bore bore(PressFitInput in) {
        if (in.bore() == null) {
            Deviations h8 = ToleranceClass.parse("H8").at(in.boreNominalMm());
            return new Bore(h8.minMm(), h8.maxMm(), 0, false);
        }
        DiameterResult read = DiameterCheck.check(in.bore());
        return new Bore(read.minMm(), read.maxMm(), read.uncertaintyMm(), true);
    }

    private static Finding judge(
            String id, String subject, boolean rubber, double least, String range, double uncertaintyMm) {
        Limits limits = Limits.atLeast(rubber ? 0 : METAL_LEAST_MM);
        Status status = limits.judge(least, uncertaintyMm);
        if (status == Status.PASS && rubber && least < RUBBER_WANTED_MM - 1e-9) {
            status = Status.CAUTION;
        }
        String message =
                switch (status) {
                    case PASS -> range + " The case holds by itself.";
                    case CAUTION -> range + " Little is left.";
                    case REMEASURE -> range + " The gauge cannot tell whether enough is left.";
                    default -> range + " The case would turn or creep out.";
                };
        String remedy =
                switch (status) {
                    case PASS -> "";
                    case CAUTION -> "A retaining ring, or the seal's maker's word on sealant.";
                    case REMEASURE -> "Read the bore again with a finer gauge.";
                    default -> "Bush the bore, or take a rubber-covered case if the bore allows it.";
                };
        return Finding.of(id, status, subject, message, remedy, Source.STANDARD, "ISO 6194-1, DIN 3760 class")
                .withValue(least, "mm")
                .withLimits(limits, uncertaintyMm);
    }

    private static Ranges<Allowance> ranges(List<Named> rows, String practice, String table) {
        return new Ranges<>(
                "lip-seal-press-fit, " + practice + " " + table,
                rows.stream()
                        .filter(r -> r.practice.equals(practice) && r.table.equals(table))
                        .map(Named::allowance)
                        .toList(),
                Allowance::overMm,
                Allowance::toMm);
    }
}
