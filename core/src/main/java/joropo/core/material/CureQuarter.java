package joropo.core.material;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.core.units.RefusedInput;

/** The quarter in which a rubber part was cured, as its bag says (standard, ISO 2230). @param quarter 1 to 4 */
public record CureQuarter(int year, int quarter) {
    private static final int OLDEST = 1950;
    private static final int CENTURY = 2000;
    /** A two-figure year up to this one belongs to this century. */
    private static final int LATEST_SHORT = 79;

    private static final int MONTHS = 3;
    private static final Pattern QUARTER_FIRST = Pattern.compile("(?:([1-4])\\s*Q|Q\\s*([1-4]))\\s*(\\d{4}|\\d{2})");
    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})\\s*[-/ ]?\\s*Q\\s*([1-4])");

    public CureQuarter {
        if (year < OLDEST || year >= CENTURY + 100 || quarter < 1 || quarter > 4) {
            throw new RefusedInput(
                    "",
                    "is no quarter between " + OLDEST + " and " + (CENTURY + 99) + ", got quarter " + quarter + " of "
                            + year);
        }
    }

    /**
     * Reads 3Q24, Q3 2024 and 2024-Q3. Without its Q a number may be a month. @throws RefusedInput when it is none of
     * these
     */
    public static CureQuarter parse(String text) {
        String t = text.strip().toUpperCase(Locale.ROOT);
        Matcher yearFirst = YEAR_FIRST.matcher(t);
        if (yearFirst.matches()) {
            return new CureQuarter(Integer.parseInt(yearFirst.group(1)), Integer.parseInt(yearFirst.group(2)));
        }
        Matcher first = QUARTER_FIRST.matcher(t);
        if (!first.matches()) {
            throw new RefusedInput(
                    "", "is not understood as a cure quarter: write it as on the bag, such as 3Q2024 or 2024-Q3");
        }
        String quarter = first.group(1) != null ? first.group(1) : first.group(2);
        int year = Integer.parseInt(first.group(3));
        return new CureQuarter(
                first.group(3).length() == 4 ? year : year <= LATEST_SHORT ? CENTURY + year : CENTURY - 100 + year,
                Integer.parseInt(quarter));
    }

    /** Whether it has begun by this day. */
    public boolean hasBegun(LocalDate today) {
        return !YearMonth.of(year, (quarter - 1) * MONTHS + 1).atDay(1).isAfter(today);
    }

    /** From this day on its years count. */
    public LocalDate lastDay() {
        return YearMonth.of(year, quarter * MONTHS).atEndOfMonth();
    }

    @Override
    public String toString() {
        return quarter + "Q" + year;
    }
}
