package joropo.core.leak;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * A leak that is watched, in its order of time.
 *
 * @param allowanceMlPerDay of BOTTLE and OIL_ADDED, @param allowancePerDay of the other kinds, in their unit in a day:
 *     of DROPS so many drops
 * @param allowanceDocument where it is written; absent: as typed
 * @param bottleMl what the bottle holds, @param rises of LEVEL: a catch tank, what leaks fills it
 * @param barrier of LEVEL: between two faces; a fall is one of them, a rise the inner one
 * @param gas of PRESSURE; absent: gas where temperatures are read
 * @param resolutionMl finest step of a reading, in the kind's unit; absent: 1 mL, 1 mm, 0.001 MPa, one drop in a minute
 * @param regulated a medium of which the law allows no loss, or a dangerous one
 * @param asOf ISO day to which the forecast counts; absent: the last entry
 */
@RecordBuilder
public record LeakTrendInput(
        LeakKind kind,
        List<LeakEvent> events,
        @Nullable Double allowanceMlPerDay,
        @Nullable Double allowancePerDay,
        @Nullable String allowanceDocument,
        @Nullable Double bottleMl,
        @Nullable Boolean rises,
        @Nullable Boolean barrier,
        @Nullable Boolean gas,
        @Nullable Double resolutionMl,
        @Nullable Boolean regulated,
        @Nullable String asOf) {
    private static final int MOST_EVENTS = 5000;
    private static final double MOST = 1e6;
    private static final double MOST_DROPS_A_DAY = 1440_000;
    private static final double DAY_H = 24;
    private static final double SLACK = 1e-9;

    public LeakTrendInput {
        boolean whole = events != null && !events.isEmpty() && events.stream().noneMatch(Objects::isNull);
        boolean told = whole && kind != null;
        boolean tank = kind == null || kind == LeakKind.LEVEL;
        boolean ml = kind == null || kind.inMl();
        Needs needs = new Needs()
                .given("kind", kind)
                .that("events", whole, "needs one entry at least")
                .that("events", !whole || events.size() <= MOST_EVENTS, "holds more than " + MOST_EVENTS)
                .optionalBetween("allowanceMlPerDay", allowanceMlPerDay, 0, MOST)
                .that("allowanceMlPerDay", allowanceMlPerDay == null || ml, "is for volumes: give allowancePerDay")
                .optionalBetween("allowancePerDay", allowancePerDay, 0, MOST_DROPS_A_DAY)
                .that(
                        "allowancePerDay",
                        allowancePerDay == null || kind == null || !kind.inMl(),
                        "is for what is no volume: give allowanceMlPerDay")
                .that("bottleMl", bottleMl == null || bottleMl > 0 && bottleMl <= MOST, "must be above 0")
                .that("rises", rises == null || !rises || tank, "belongs to a level")
                .that("barrier", barrier == null || !barrier || tank, "belongs to a level")
                .that(
                        "barrier",
                        !Boolean.TRUE.equals(barrier) || !Boolean.TRUE.equals(rises),
                        "is no tank that only catches")
                .that("gas", gas == null || kind == null || kind == LeakKind.PRESSURE, "belongs to a pressure")
                .that(
                        "resolutionMl",
                        resolutionMl == null || resolutionMl > 0 && resolutionMl <= MOST,
                        "must be above 0")
                .that("asOf", asOf == null || LeakEvent.isTime(asOf), "is no day: write 2026-11-28");
        if (told) {
            ordered(needs, events);
            figured(needs, kind, events, bottleMl);
        }
        needs.done();
        events = List.copyOf(events);
        Series.refuseLess(kind, Boolean.TRUE.equals(rises), events);
    }

    private static void ordered(Needs needs, List<LeakEvent> events) {
        boolean offset = events.get(0).hasOffset();
        LeakEvent reading = null;
        LeakEvent counter = null;
        for (int i = 0; i < events.size(); i++) {
            LeakEvent e = events.get(i);
            needs.that("events", e.hasOffset() == offset, "mixes times with and without an offset, at " + e.at());
            needs.that(
                    "events",
                    i == 0 || !e.time().isBefore(events.get(i - 1).time()),
                    "must go forward in time; " + e.at() + " is before "
                            + events.get(Math.max(0, i - 1)).at());
            if (e.is(LeakEvent.Type.READING)) {
                needs.that(
                        "events",
                        reading == null || minutes(reading, e) >= 1,
                        "holds two readings of one minute, at " + e.at());
                reading = e;
            }
            if (e.is(LeakEvent.Type.FITTED)) {
                counter = null;
            }
            if (e.runningHours() != null) {
                needs.that(
                        "events",
                        counter == null || counts(counter, e),
                        "has a counter of hours that goes back, or faster than the clock, at " + e.at());
                counter = e;
            }
        }
    }

    private static long minutes(LeakEvent from, LeakEvent to) {
        return Duration.between(from.time(), to.time()).toMinutes();
    }

    /** A day may be named without its hour. */
    private static boolean counts(LeakEvent from, LeakEvent to) {
        double ran = to.runningHours() - from.runningHours();
        return ran >= -SLACK && ran <= minutes(from, to) / 60.0 + DAY_H;
    }

    private static void figured(Needs needs, LeakKind kind, List<LeakEvent> events, @Nullable Double bottleMl) {
        for (LeakEvent e : events) {
            boolean read = e.is(LeakEvent.Type.READING) && e.seen().hasFigure();
            needs.that("events", !read || kind.figure(e) != null, "needs " + kind.field() + " at " + e.at());
            needs.that(
                    "events",
                    kind != LeakKind.BOTTLE || bottleMl == null || e.amountMl() == null || e.amountMl() <= bottleMl,
                    "holds a reading above the bottle, at " + e.at());
            needs.that(
                    "events",
                    !e.shows(LeakEvent.Seen.OVER_THE_BRIM) || bottleMl != null || kind.figure(e) != null,
                    "is over a brim that is not known: give bottleMl, at " + e.at());
            needs.that(
                    "events",
                    !e.shows(LeakEvent.Seen.NO_DROP) || kind == LeakKind.DROPS,
                    "counts drops only where drops are watched, at " + e.at());
        }
    }

    @Nullable
    Double allowance() {
        return kind.inMl() ? allowanceMlPerDay : allowancePerDay;
    }

    boolean isRising() {
        return Boolean.TRUE.equals(rises);
    }

    boolean isBarrier() {
        return Boolean.TRUE.equals(barrier);
    }

    boolean isRegulated() {
        return Boolean.TRUE.equals(regulated);
    }

    /** One step of the reading, as a rate over so many days. */
    double resolutionPerDay(double days) {
        double step = resolutionMl == null ? kind.resolution() : resolutionMl;
        return kind == LeakKind.DROPS ? kind.perDay(step) : step / days;
    }
}
