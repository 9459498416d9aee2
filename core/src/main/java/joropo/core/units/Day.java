package joropo.core.units;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** A day as people say it: {@code 28 Nov 2026}. */
public final class Day {
    private static final DateTimeFormatter WORDS = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private Day() {}

    public static String words(LocalDate day) {
        return WORDS.format(day);
    }
}
