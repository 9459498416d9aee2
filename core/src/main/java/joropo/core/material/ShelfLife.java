package joropo.core.material;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import joropo.core.tables.CsvTable;
import joropo.core.units.Day;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * How long a rubber part may lie in the store: the last day of its cure quarter and the years of its group, once longer
 * after an inspection that was written down (standard, ISO 2230; groups in {@code elastomers.csv}).
 *
 * @param useBy last day on which it may be used; absent where none is set or the cure date is not known
 */
public record ShelfLife(@Nullable LocalDate useBy, Finding finding) {
    /** Days before its date at which a part is said to be about to pass it (guide). */
    public static final int SOON_DAYS = 90;

    private static final String STANDARD = "ISO 2230";
    private static final String NO_LIMIT = "none";
    private static final Map<String, Group> GROUPS = CsvTable.rows("elastomers", Group::read).stream()
            .collect(Collectors.toMap(Group::material, Function.identity()));

    /**
     * Storage group of a material. @param name A, B, C or none, @param years first period, @param extension the one
     * that may follow it
     */
    public record Group(String material, String name, int years, int extension) {
        private static Group read(CsvTable.Row row) {
            boolean none = row.text("storage_group").equals(NO_LIMIT);
            return new Group(
                    row.text("code"),
                    row.text("storage_group"),
                    none ? 0 : (int) row.number("storage_years_initial"),
                    none ? 0 : (int) row.number("storage_years_extension"));
        }

        /** Whether nothing of it ages in the store. */
        public boolean isUnlimited() {
            return name.equals(NO_LIMIT);
        }
    }

    /** @param material listed code; empty for a material that the table has not */
    public static Optional<Group> group(@Nullable String material) {
        return Optional.ofNullable(material == null ? null : GROUPS.get(material));
    }

    /** Of what has its date by its maker only: sealants, adhesives, greases (guide). */
    public static ShelfLife byItsMaker() {
        return new ShelfLife(
                null,
                Finding.of(
                        "use-by",
                        Status.CAUTION,
                        "date of the part",
                        "Its date is its maker's, on the tin or the tube.",
                        "Read it before it is opened.",
                        Source.GUIDE,
                        "storage"));
    }

    /** Whether its date is near or past, or has to be found out first. */
    public boolean isDue() {
        return finding.status() != Status.PASS && (useBy != null || finding.status() != Status.CAUTION);
    }

    /**
     * Judges one lot.
     *
     * @param material code, absent for a part without rubber: no limit
     * @param extended whether it was inspected and extended once
     */
    public static ShelfLife of(
            @Nullable String material, @Nullable CureQuarter cured, boolean extended, LocalDate today) {
        if (material == null) {
            return new ShelfLife(null, finding(Status.PASS, "No rubber in it: no date.", ""));
        }
        Group group = GROUPS.get(material);
        if (group == null) {
            return new ShelfLife(
                    null,
                    finding(Status.MISSING, "Nothing says how long " + material + " may be kept.", "Ask its maker."));
        }
        if (group.isUnlimited()) {
            return new ShelfLife(null, finding(Status.PASS, material + " does not age in the store.", ""));
        }
        if (cured == null) {
            return new ShelfLife(
                    null,
                    finding(
                            Status.MISSING,
                            "Its cure date is not known, so its age is not known either.",
                            "Read the bag, or ask its source; without a date it does not go in."));
        }
        if (!cured.hasBegun(today)) {
            return new ShelfLife(
                    null,
                    finding(
                            Status.MISSING,
                            "Cured " + cured + ", it says, and that has not come yet: its age is not known.",
                            "Read the bag again."));
        }
        LocalDate useBy = cured.lastDay().plusYears(group.years() + (extended ? group.extension() : 0));
        long left = ChronoUnit.DAYS.between(today, useBy);
        String why = material + ", group " + group.name() + ", cured " + cured + ": to be used by " + Day.words(useBy)
                + (extended ? ", extended once" : "") + ".";
        Finding judged = left < 0
                ? finding(
                        Status.FAIL,
                        why,
                        extended
                                ? "Scrap it: it was extended once already."
                                : "Scrap it: a date is extended before it has passed, never after.")
                : left <= SOON_DAYS
                        ? finding(
                                Status.CAUTION,
                                why,
                                extended
                                        ? "Use it first."
                                        : "Use it first, or inspect it while there is time: " + group.extension()
                                                + " years more, once.")
                        : finding(Status.PASS, why, "");
        return new ShelfLife(useBy, judged.withValue(left, "days left"));
    }

    /**
     * Why the date cannot be extended; empty when it can: once, after an inspection, and not after it has passed.
     *
     * @param extended whether it was once already
     */
    public Optional<String> extensionRefused(boolean extended) {
        if (useBy == null) {
            return Optional.of("extends nothing: this lot has no date");
        }
        if (extended) {
            return Optional.of("was written once already: a date is extended once");
        }
        return finding.status() == Status.FAIL
                ? Optional.of(
                        "comes too late: the date passed on " + Day.words(useBy) + ", and is not extended after it")
                : Optional.empty();
    }

    private static Finding finding(Status status, String message, String remedy) {
        return Finding.of("use-by", status, "date of the part", message, remedy, Source.STANDARD, STANDARD);
    }
}
