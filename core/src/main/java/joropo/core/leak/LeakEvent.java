package joropo.core.leak;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.regex.Pattern;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/**
 * One entry of a leak watch.
 *
 * @param at ISO 8601: a day, a local time, or a time with its offset
 * @param amountMl in the bottle, or added; of EMPTIED: found in it before, @param levelMm of TOPPED_UP: after it
 * @param temperatureC of what is under pressure, @param runningHours of the machine's counter
 * @param seen absent: read, @param running absent: not said, @param hot absent: not said
 */
@RecordBuilder
public record LeakEvent(
        String at,
        Type type,
        @Nullable Double amountMl,
        @Nullable Double dropsPerMinute,
        @Nullable Double levelMm,
        @Nullable Double pressureMpa,
        @Nullable Double temperatureC,
        @Nullable Double runningHours,
        @Nullable Seen seen,
        @Nullable Boolean running,
        @Nullable Boolean hot) {
    private static final double MOST_ML = 1e6;
    private static final double MOST_DROPS = 1000;
    private static final double LEAST_MPA = -0.1013;
    private static final double MOST_MPA = 200;
    private static final double COLDEST_C = -200;
    private static final double HOTTEST_C = 600;
    private static final double MOST_HOURS = 1e6;
    private static final int EARLIEST = 1900;
    private static final int LATEST = 2200;
    private static final Pattern OFFSET = Pattern.compile(".*T.*(Z|[+-]\\d\\d(:?\\d\\d)?)");

    /** What happened. */
    public enum Type {
        READING("read"),
        EMPTIED("emptied"),
        TOPPED_UP("topped up"),
        FITTED("seal fitted");

        private final String words;

        Type(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How much the look says. */
    public enum Seen {
        READ("read"),
        NOT_READ("not read"),
        BOTTLE_MISSING("bottle missing"),
        /** At least so much. */
        OVER_THE_BRIM("over the brim"),
        /** At most one. */
        NO_DROP("no drop in a minute"),
        /** Some of it goes off unseen: at least so much. */
        VAPOUR("goes off as vapour"),
        /** A stream: nobody counts it. */
        RUNNING("running out");

        private final String words;

        Seen(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether a figure comes with it. */
        boolean hasFigure() {
            return this == READ || this == VAPOUR;
        }
    }

    public LeakEvent {
        new Needs()
                .given("at", at)
                .that("at", at == null || isTime(at), "is no day or time: write 2026-11-28 or 2026-11-28T07:30")
                .given("type", type)
                .optionalBetween("amountMl", amountMl, 0, MOST_ML)
                .optionalBetween("dropsPerMinute", dropsPerMinute, 0, MOST_DROPS)
                .optionalPlace("levelMm", levelMm)
                .optionalBetween("pressureMpa", pressureMpa, LEAST_MPA, MOST_MPA)
                .optionalBetween("temperatureC", temperatureC, COLDEST_C, HOTTEST_C)
                .optionalBetween("runningHours", runningHours, 0, MOST_HOURS)
                .that(
                        "seen",
                        seen == null || type == null || type == Type.READING || seen == Seen.READ,
                        "belongs to a reading")
                .done();
    }

    /** By its form, since there may be thousands. */
    private static @Nullable OffsetDateTime time(String written) {
        String text = written.strip();
        try {
            OffsetDateTime time = hasOffset(text)
                    ? OffsetDateTime.parse(text)
                    : text.indexOf('T') >= 0
                            ? LocalDateTime.parse(text).atOffset(ZoneOffset.UTC)
                            : LocalDate.parse(text).atStartOfDay().atOffset(ZoneOffset.UTC);
            return time.getYear() >= EARLIEST && time.getYear() <= LATEST ? time : null;
        } catch (DateTimeException e) {
            return null;
        }
    }

    private static boolean hasOffset(String text) {
        return OFFSET.matcher(text).matches();
    }

    /** The figure where it belongs to this kind, and nowhere else. */
    public static LeakEventBuilder of(LeakKind kind, @Nullable Double figure) {
        return LeakEventBuilder.builder()
                .amountMl(kind.inMl() ? figure : null)
                .dropsPerMinute(kind == LeakKind.DROPS ? figure : null)
                .levelMm(kind == LeakKind.LEVEL ? figure : null)
                .pressureMpa(kind == LeakKind.PRESSURE ? figure : null);
    }

    static boolean isTime(String text) {
        return time(text) != null;
    }

    /** When; what has no offset counts as UTC. */
    public OffsetDateTime time() {
        return moment(at);
    }

    /** @throws RefusedInput when it is no day or time */
    public static OffsetDateTime moment(String text) {
        OffsetDateTime time = time(text);
        if (time == null) {
            throw new RefusedInput("at", "is no day or time");
        }
        return time;
    }

    /** Whether its time says how far it is from UTC. */
    boolean hasOffset() {
        return hasOffset(at.strip());
    }

    boolean is(Type one) {
        return type == one;
    }

    boolean shows(Seen one) {
        return type == Type.READING && seen() == one;
    }

    @Override
    public Seen seen() {
        return seen == null ? Seen.READ : seen;
    }
}
