package joropo.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How long seals lasted: those of one position, or those of one kind wherever they ran (guide).
 *
 * @param lives newest first, @param meanDays, @param meanHours over those that have ended; absent for fewer than three
 */
public record Lives(
        List<Life> lives,
        @Nullable Double meanDays,
        @Nullable Double meanHours) {
    /** No mean is made from fewer. */
    private static final int FEWEST = 3;

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
        return over(lives);
    }

    /** Those of one kind at all positions. @param positions lives of each, @param seal in words */
    public static Lives ofSeal(List<Lives> positions, String seal) {
        return over(positions.stream()
                .flatMap(p -> p.lives().stream())
                .filter(l -> l.seal().equals(seal))
                .sorted(Comparator.comparing(Life::fittedAt).reversed())
                .toList());
    }

    /** How many have ended. */
    public long ended() {
        return lives.stream().filter(l -> l.removedAt() != null).count();
    }

    private static Lives over(List<Life> lives) {
        List<Life> ended = lives.stream().filter(l -> l.removedAt() != null).toList();
        List<Double> hours =
                ended.stream().map(Life::hours).filter(Objects::nonNull).toList();
        return new Lives(
                List.copyOf(lives),
                ended.size() < FEWEST
                        ? null
                        : Double.valueOf(ended.stream()
                                .mapToLong(l -> l.days(l.removedAt()))
                                .average()
                                .orElseThrow()),
                hours.size() < FEWEST
                        ? null
                        : Double.valueOf(
                                hours.stream().mapToDouble(h -> h).average().orElseThrow()));
    }
}
