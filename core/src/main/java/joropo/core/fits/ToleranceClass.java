package joropo.core.fits;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import joropo.core.units.RefusedInput;

/**
 * A tolerance class such as H8 (hole, capital) or h11 (shaft, small letter) (standard, ISO 286). A class that the
 * tables do not give at a size is refused, never guessed.
 */
public record ToleranceClass(String letter, int grade) {
    private static final Pattern FORM = Pattern.compile("([A-Za-z]{1,2})(\\d{1,2})");
    private static final double SMALL_MM = 1;
    private static final int COARSE_GRADE = 14;
    private static final int LAST_N_WITH_DELTA = 8;

    /** @throws RefusedInput when the text is no class */
    public static ToleranceClass parse(String text) {
        Matcher m = FORM.matcher(text.strip());
        if (!m.matches()) {
            throw refuse(text, "is no tolerance class: write H8 for a hole or h11 for a shaft");
        }
        String letter = m.group(1);
        int grade = Integer.parseInt(m.group(2));
        boolean oneCase =
                letter.equals(letter.toLowerCase(Locale.ROOT)) || letter.equals(letter.toUpperCase(Locale.ROOT));
        if (!oneCase || grade < IsoTables.FINEST || grade > IsoTables.COARSEST) {
            throw refuse(
                    text,
                    "is no tolerance class of the tables: grades run from 1 to 16, letters are all capital or all "
                            + "small");
        }
        return new ToleranceClass(letter, grade);
    }

    public boolean isHole() {
        return Character.isUpperCase(letter.charAt(0));
    }

    /**
     * Limit deviations at a nominal size (mm).
     *
     * @throws RefusedInput when the tables do not give this class there
     */
    public Deviations at(double nominalMm) {
        double it = IsoTables.toleranceUm(nominalMm, grade)
                .orElseThrow(() -> refuse(
                        this + " at " + nominalMm + " mm", "lies outside the tables, which run above 0 to 1000 mm"));
        boolean tooSmall =
                nominalMm <= SMALL_MM && (grade >= COARSE_GRADE || letter.equals("N") && grade > LAST_N_WITH_DELTA);
        IsoTables.Fundamental row = IsoTables.fundamental(isHole(), letter, nominalMm, grade)
                .filter(f -> !tooSmall)
                .orElseThrow(() -> refuse(this + " at " + nominalMm + " mm", "is not given in the tables"));
        double deviation =
                switch (row.add()) {
                    case NONE -> row.baseUm();
                    case DELTA -> row.baseUm() + IsoTables.deltaUm(nominalMm, grade);
                    case HALF_IT -> it / 2;
                };
        return row.end() == IsoTables.End.UPPER
                ? new Deviations(nominalMm, deviation, deviation - it)
                : new Deviations(nominalMm, deviation + it, deviation);
    }

    @Override
    public String toString() {
        return letter + grade;
    }

    private static RefusedInput refuse(String what, String why) {
        return new RefusedInput("", "'" + (what.length() > 40 ? what.substring(0, 40) + "…" : what) + "' " + why);
    }
}
