package joropo.core.leak;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * How a leak goes; what is said of a trend is there from four settled rates.
 *
 * @param rates since the seal that is in it was fitted
 * @param slopeMlPerDay2 of a volume, @param slopePerDay2 of any kind, in its unit, @param slopeFrom
 * @param slopeTo where it lies in eight of ten, @param trendDay day since 1970 and @param trendRate a point that the
 *     lines run through
 * @param crossesOn when the line passes the allowance, at the latest in a hundred years; absent: it does not climb
 * @param crossesFrom earliest in eight of ten, @param crossesTo latest; absent: perhaps not at all
 * @param mlPerRunningHour the last settled rate by the machine's counter; absent: not read at both ends, or it stood
 * @param lastPerDay the rate that stands against the allowance, @param levelMl what is in the bottle
 */
@RecordBuilder
public record LeakTrendResult(
        List<Rate> rates,
        @Nullable Double slopeMlPerDay2,
        @Nullable Double slopePerDay2,
        @Nullable Double slopeFrom,
        @Nullable Double slopeTo,
        @Nullable Double trendDay,
        @Nullable Double trendRate,
        @Nullable LocalDate crossesOn,
        @Nullable LocalDate crossesFrom,
        @Nullable LocalDate crossesTo,
        @Nullable Double mlPerRunningHour,
        @Nullable Double lastPerDay,
        @Nullable Double levelMl,
        @Nullable LocalDate bottleFullOn,
        boolean alarm,
        List<Finding> findings) {
    /**
     * One rate. @param from @param to as they were written
     *
     * @param mlPerDay of a volume, @param perDay of any other kind, in its unit
     * @param atLeast what it was read from is a least, @param unlike read in another state than the rest
     */
    public record Rate(
            String from,
            String to,
            @Nullable Double mlPerDay,
            @Nullable Double perDay,
            boolean runIn,
            boolean atLeast,
            boolean atMost,
            boolean unlike) {
        static Rate of(LeakRate r, boolean ml) {
            return new Rate(
                    r.from().at(),
                    r.to().at(),
                    ml ? Double.valueOf(r.perDay()) : null,
                    ml ? null : Double.valueOf(r.perDay()),
                    r.runIn(),
                    r.bound() == LeakRate.Bound.AT_LEAST,
                    r.bound() == LeakRate.Bound.AT_MOST,
                    r.unlike());
        }

        /** In the kind's unit. */
        public double inADay() {
            return mlPerDay != null ? mlPerDay : perDay == null ? 0 : perDay;
        }
    }

    public LeakTrendResult {
        rates = List.copyOf(rates);
        findings = List.copyOf(findings);
    }
}
