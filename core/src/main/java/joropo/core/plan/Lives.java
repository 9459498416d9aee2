package joropo.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** How long the seals of one place lasted (guide). @param lives newest first, @param mean over those that have ended */
public record Lives(List<Life> lives, Mean mean) {
    /**
     * Lives that have ended, added up: those of a place, or of one kind of seal wherever it ran.
     *
     * @param ended how many, @param days of all of them, @param withHours of how many the hours are known, @param hours
     *     of those
     */
    public record Mean(int ended, double days, int withHours, double hours) {
        public static final Mean NONE = new Mean(0, 0, 0, 0);

        /** No mean is made from fewer. */
        private static final int FEWEST = 3;

        public Mean plus(double moreDays, @Nullable Double moreHours) {
            return new Mean(
                    ended + 1,
                    days + moreDays,
                    withHours + (moreHours == null ? 0 : 1),
                    hours + (moreHours == null ? 0 : moreHours));
        }

        /** Absent for fewer than three. */
        public @Nullable Double meanDays() {
            return ended < FEWEST ? null : Double.valueOf(days / ended);
        }

        /** Absent for fewer than three whose hours are known. */
        public @Nullable Double meanHours() {
            return withHours < FEWEST ? null : Double.valueOf(hours / withHours);
        }
    }

    /**
     * One seal at one position.
     *
     * @param seal in words, @param removedAt absent: it still runs, @param hours that it ran, absent: nobody has said
     * @param reason why it came out, empty while it runs or nobody has said
     */
    public record Life(
            String job,
            String seal,
            Instant fittedAt,
            @Nullable Instant removedAt,
            @Nullable Double hours,
            String reason) {
        /** Days from fitting to removal, up to now for one that still runs. */
        public long days(Instant now) {
            return Duration.between(fittedAt, removedAt == null ? now : removedAt)
                    .toDays();
        }
    }

    /**
     * A job that put a seal in. @param hoursOfLast hours that the seal before it had run, @param reasonOfLast why that
     * one came out
     */
    public record Fitted(
            String job, String seal, Instant at, @Nullable Double hoursOfLast, String reasonOfLast) {}

    /** @param fitted in the order of fitting */
    public static Lives of(List<Fitted> fitted) {
        List<Life> lives = new ArrayList<>();
        for (int i = 0; i < fitted.size(); i++) {
            Fitted one = fitted.get(i);
            Fitted next = i + 1 < fitted.size() ? fitted.get(i + 1) : null;
            lives.add(
                    0,
                    new Life(
                            one.job(),
                            one.seal(),
                            one.at(),
                            next == null ? null : next.at(),
                            next == null ? null : next.hoursOfLast(),
                            next == null ? "" : next.reasonOfLast()));
        }
        Mean mean = Mean.NONE;
        for (Life life : lives) {
            if (life.removedAt() != null) {
                mean = mean.plus(life.days(life.removedAt()), life.hours());
            }
        }
        return new Lives(List.copyOf(lives), mean);
    }
}
