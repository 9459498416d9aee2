package joropo.core.units;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.ResolverStyle;
import java.util.List;
import java.util.Locale;

/** A day as people say it: {@code 28 Nov 2026}. */
public final class Day {
    /** What a person is shown as an example. */
    public static final String EXAMPLE = "24 Dec 2026";

    private static final DateTimeFormatter WORDS = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);
    private static final List<DateTimeFormatter> TYPED = List.of(
            DateTimeFormatter.ISO_LOCAL_DATE,
            new DateTimeFormatterBuilder()
                    .parseCaseInsensitive()
                    .appendPattern("d MMM uuuu")
                    .toFormatter(Locale.ENGLISH)
                    .withResolverStyle(ResolverStyle.STRICT));

    private Day() {}

    public static String words(LocalDate day) {
        return WORDS.format(day);
    }

    /** Reads {@code 24 Dec 2026} or {@code 2026-12-24}. @throws RefusedInput when it is no day */
    public static LocalDate parse(String text) {
        for (DateTimeFormatter form : TYPED) {
            try {
                return LocalDate.parse(text.strip().replaceAll("\\s+", " "), form);
            } catch (DateTimeException e) {
                // the next form
            }
        }
        throw new RefusedInput("", "is not understood as a day: write day, month and year, such as " + EXAMPLE);
    }
}
