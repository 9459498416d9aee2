package joropo.app.watch;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import joropo.app.drawing.LeakDrawing;
import joropo.core.leak.LeakEvent;
import joropo.core.leak.LeakKind;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A watch as lists show it: how it stands since its last entry.
 *
 * @param word why it stands so, in one sentence, @param lastText what was read last, with its unit
 * @param reader full name of who reads it, @param readerName as they sign in
 * @param rates the last ones, in the kind's shown unit, parted by blanks
 */
public record WatchLine(
        long id,
        long positionId,
        String machineName,
        String positionName,
        String name,
        LeakKind kind,
        String area,
        int walk,
        int everyDays,
        @Nullable Double allowance,
        boolean regulated,
        Status verdict,
        String word,
        @Nullable Instant lastAt,
        @Nullable String lastBy,
        String lastText,
        LocalDate dueOn,
        @Nullable LocalDate crossesOn,
        @Nullable LocalDate fullOn,
        String rates,
        @Nullable String reader,
        @Nullable String readerName) {
    /** The figure above which drops pass their allowance; absent where that is not told by one figure alone. */
    public @Nullable Double most() {
        return kind == LeakKind.DROPS ? allowance : null;
    }

    /** What a bottle may catch in a day (mL); absent where no bottle, or no figure that it goes on from. */
    public @Nullable Double aDay() {
        return kind == LeakKind.BOTTLE && lastFigure() != null ? allowance : null;
    }

    /** What stood in the bottle when it was looked at last (mL); absent: not known. */
    public @Nullable Double lastFigure() {
        return lastText.matches("[0-9.]+ mL")
                ? Double.valueOf(lastText.replace(" mL", ""))
                : lastText.startsWith(LeakEvent.Type.EMPTIED.words()) ? Double.valueOf(0) : null;
    }

    public String place() {
        return machineName + ", " + positionName;
    }

    /** The last rates as a small picture, empty where there are none. */
    public String spark() {
        return rates.isBlank()
                ? ""
                : LeakDrawing.spark(
                        Arrays.stream(rates.split(" ")).map(Double::valueOf).toList(), allowance);
    }

    /** Whether it should have been read by then. */
    public boolean isDue(LocalDate today) {
        return !dueOn.isAfter(today);
    }
}
