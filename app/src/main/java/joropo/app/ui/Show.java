package joropo.app.ui;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import joropo.core.units.Day;
import joropo.core.units.Length;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The one place where numbers, moments and states become text on a page or a card. */
@Component("show")
public class Show {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final int FIT_DECIMALS = 3;

    private final ZoneId zone = ZoneId.systemDefault();

    /** A size where a fit is judged: three decimals. */
    public String fit(double mm) {
        return Length.show(mm, FIT_DECIMALS);
    }

    public String inch(double mm) {
        return Length.show(mm / Length.MM_PER_INCH, 4);
    }

    public String number(double value, int decimals) {
        return Length.show(value, decimals);
    }

    public String day(Instant at) {
        return DAY.withZone(zone).format(at);
    }

    public String dayOf(LocalDate day) {
        return Day.words(day);
    }

    public String time(Instant at) {
        return TIME.withZone(zone).format(at);
    }

    public String moment(Instant at) {
        return MOMENT.withZone(zone).format(at);
    }

    /** The state of a whole sheet in words. */
    public String word(Status status) {
        return Judged.SHEET.word(status);
    }

    /** The state of a finding in words, by what it judges. */
    public String word(Finding f) {
        return Judged.of(f).word(f.status());
    }

    /** The state of a signed job in words, as its owner reads it. */
    public String signed(Status status) {
        return Judged.SIGNED.word(status);
    }

    /** The state of a whole sheet with its mark. */
    public StatusMark mark(Status status) {
        return mark(status, Judged.SHEET);
    }

    /** A state with its mark, in the words of what is judged. */
    public StatusMark mark(Status status, Judged what) {
        String name =
                switch (status) {
                    case PASS -> "holds";
                    case CAUTION -> "mind";
                    case MISSING -> "unread";
                    case REMEASURE -> "cant";
                    case FAIL -> "fails";
                };
        return new StatusMark(name, what.word(status));
    }

    /** What stands over several findings: the worst of them, in its words. */
    public StatusMark verdict(List<Finding> findings) {
        Judged what = findings.stream()
                .min(Comparator.comparing(Finding::status).thenComparing(f -> Judged.of(f) != Judged.SECOND_LIMIT))
                .map(Judged::of)
                .orElse(Judged.ARRANGEMENT);
        return mark(Finding.worst(findings), what);
    }

    /** A finding as a page lists it. @param number its number there */
    public FindingLine line(int number, Finding f) {
        return new FindingLine(number, f, mark(f.status(), Judged.of(f)), value(f), limits(f), source(f));
    }

    /** All of them with their numbers, the worst first. */
    public List<FindingLine> lines(List<Finding> findings) {
        List<FindingLine> out = new ArrayList<>();
        findings.stream().sorted(Comparator.comparing(Finding::status)).forEach(f -> out.add(line(out.size() + 1, f)));
        return out;
    }

    /** The value of a finding without its unit; empty when it has none. */
    public String value(Finding f) {
        return f.value() == null ? "" : Length.show(f.value(), decimals(f));
    }

    /** The limits of a finding in words; empty when it has none. */
    public String limits(Finding f) {
        String lower = bound(f.lower(), f);
        String upper = bound(f.upper(), f);
        String range = lower.isEmpty()
                ? upper.isEmpty() ? "" : "to " + upper
                : upper.isEmpty() ? "from " + lower : lower + " to " + upper;
        boolean uncertain = f.uncertainty() != null && f.uncertainty() > 0 && !range.isEmpty();
        return range
                + (range.isEmpty() || !"mm".equals(f.unit()) ? "" : " mm")
                + (uncertain ? ", gauge ±" + Length.show(f.uncertainty(), FIT_DECIMALS) : "");
    }

    /** Where the limit of a finding is written. */
    public String source(Finding f) {
        String words =
                switch (f.source()) {
                    case STANDARD -> "standard";
                    case GUIDE -> "workshop guide";
                    case MAKER -> "maker";
                    case COMPUTED -> "from your readings";
                };
        return words + (f.reference().isEmpty() ? "" : " (" + f.reference() + ")");
    }

    private static String bound(@Nullable Double bound, Finding f) {
        return bound == null ? "" : Length.show(bound, decimals(f));
    }

    private static int decimals(Finding f) {
        return switch (f.unit() == null ? "" : f.unit()) {
            case "mm" -> f.id().startsWith("S") ? 2 : FIT_DECIMALS;
            case "N", "°C", "°" -> 0;
            default -> 2;
        };
    }
}
