package joropo.core.leak;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import joropo.core.leak.LeakEvent.Seen;
import joropo.core.leak.LeakEvent.Type;
import joropo.core.units.RefusedInput;
import org.jspecify.annotations.Nullable;

/** The entries of a watch turned into rates, since the seal that is in it was fitted (computed). */
final class Series {
    private static final double RUN_IN_H = 24;
    private static final double DAY_H = 24;
    private static final double ATMOSPHERE_MPA = 0.1013;
    private static final double KELVIN = 273.15;
    private static final double LIQUID_K = 0.5;
    /** Of at most one drop, the middle. */
    private static final double NO_DROP = 0.5;

    /** Read so shortly before it was topped up, nothing was lost between. */
    private static final double AT_ONCE_DAYS = 1.0 / 24;

    private static final double SLACK = 1e-9;

    private final LeakTrendInput in;
    private final List<LeakRate> rates = new ArrayList<>();
    private @Nullable LeakEvent fitted;
    /** From where the next interval counts, and what stood there; absent: from the next reading. */
    private @Nullable LeakEvent base;

    private double baseFigure;
    private boolean gap;

    Series(LeakTrendInput in) {
        this.in = in;
        in.events().forEach(this::take);
        if (in.kind() == LeakKind.DROPS) {
            alike();
        }
    }

    /** @throws RefusedInput where what gathers is less than before and nobody emptied it */
    static void refuseLess(LeakKind kind, boolean rises, List<LeakEvent> events) {
        if (!kind.gathers(rises)) {
            return;
        }
        double before = Double.NEGATIVE_INFINITY;
        for (LeakEvent e : events) {
            Double figure = kind.figure(e);
            if (e.is(Type.FITTED) || e.shows(Seen.BOTTLE_MISSING) || e.shows(Seen.OVER_THE_BRIM)) {
                before = Double.NEGATIVE_INFINITY;
            } else if (!e.is(Type.TOPPED_UP) && figure != null) {
                if (figure < before - SLACK) {
                    throw new RefusedInput("events", "holds less than before at " + e.at() + ", and was not emptied");
                }
                before = figure;
            }
            if (e.is(Type.EMPTIED)) {
                before = 0;
            }
        }
    }

    List<LeakRate> rates() {
        return rates;
    }

    /** Whether an amount went away that nobody read. */
    boolean hasGap() {
        return gap;
    }

    /** What stands in the bottle now; absent where it is not known. */
    @Nullable
    Double level() {
        return base == null ? null : Double.valueOf(baseFigure);
    }

    private void take(LeakEvent e) {
        if (e.is(Type.FITTED)) {
            rates.clear();
            gap = false;
            fitted = e;
            from(in.kind() == LeakKind.OIL_ADDED ? e : null, 0);
        } else {
            switch (in.kind()) {
                case DROPS -> drops(e);
                case OIL_ADDED -> added(e);
                default -> gathered(e, in.kind().gathers(in.isRising()));
            }
        }
    }

    private void from(@Nullable LeakEvent e, double figure) {
        base = e;
        baseFigure = figure;
    }

    private void drops(LeakEvent e) {
        Double counted = e.shows(Seen.NO_DROP) ? Double.valueOf(NO_DROP) : e.dropsPerMinute();
        if (e.is(Type.READING) && counted != null && !e.shows(Seen.NOT_READ)) {
            double perDay = in.kind().perDay(counted);
            rates.add(new LeakRate(e, e, perDay, counted, isRunIn(e), bound(e), false));
        }
    }

    private static LeakRate.@Nullable Bound bound(LeakEvent e) {
        return switch (e.seen()) {
            case NO_DROP -> LeakRate.Bound.AT_MOST;
            case OVER_THE_BRIM, VAPOUR, RUNNING -> LeakRate.Bound.AT_LEAST;
            default -> null;
        };
    }

    private void added(LeakEvent e) {
        boolean counts = e.is(Type.TOPPED_UP) || e.is(Type.READING) && !e.shows(Seen.NOT_READ);
        if (!counts) {
            return;
        }
        if (e.amountMl() != null) {
            close(e, e.amountMl());
        } else if (base != null && LeakRate.days(base.time(), e.time()) > 0) {
            gap = true;
        }
        from(e, 0);
    }

    private void gathered(LeakEvent e, boolean gathers) {
        Double figure = figure(e);
        if (e.is(Type.TOPPED_UP)) {
            if (!gathers) {
                gap |= figure == null || base != null && LeakRate.days(base.time(), e.time()) > AT_ONCE_DAYS;
                from(figure == null ? null : e, figure == null ? 0 : figure);
            }
            return;
        }
        if (e.shows(Seen.BOTTLE_MISSING)) {
            gap = true;
            from(null, 0);
        } else if (figure != null && !e.shows(Seen.NOT_READ)) {
            close(e, gathers ? figure - baseFigure : lost(e, figure));
            from(e.shows(Seen.OVER_THE_BRIM) ? null : e, figure);
        }
        if (e.is(Type.EMPTIED)) {
            gap |= figure == null && base != null && LeakRate.days(base.time(), e.time()) > 0;
            from(gathers ? e : null, 0);
        }
    }

    private @Nullable Double figure(LeakEvent e) {
        Double read = in.kind().figure(e);
        return read == null && e.shows(Seen.OVER_THE_BRIM) ? in.bottleMl() : read;
    }

    /** What a falling figure has lost; a gas at one temperature, a vacuum by its rise. */
    private double lost(LeakEvent e, double figure) {
        boolean warm = base != null && base.temperatureC() != null && e.temperatureC() != null;
        double expected = warm && in.kind() == LeakKind.PRESSURE && !Boolean.FALSE.equals(in.gas())
                ? (baseFigure + ATMOSPHERE_MPA) * (e.temperatureC() + KELVIN) / (base.temperatureC() + KELVIN)
                        - ATMOSPHERE_MPA
                : baseFigure;
        return in.kind() == LeakKind.PRESSURE && baseFigure < 0 ? figure - expected : expected - figure;
    }

    private void close(LeakEvent e, double lost) {
        if (base == null) {
            return;
        }
        double days = LeakRate.days(base.time(), e.time());
        if (days > 0) {
            rates.add(new LeakRate(base, e, lost / days, lost, isRunIn(base), bound(e), isUnlike(base, e)));
        }
    }

    private boolean isRunIn(LeakEvent begin) {
        if (fitted == null) {
            return false;
        }
        double hours = fitted.runningHours() != null && begin.runningHours() != null
                ? begin.runningHours() - fitted.runningHours()
                : LeakRate.days(fitted.time(), begin.time()) * DAY_H;
        return hours < RUN_IN_H - SLACK;
    }

    /** Heat alone moves a level, and the pressure of a liquid. */
    private boolean isUnlike(LeakEvent one, LeakEvent other) {
        return switch (in.kind()) {
            case LEVEL -> one.hot() != null && other.hot() != null && !one.hot().equals(other.hot());
            case PRESSURE ->
                Boolean.FALSE.equals(in.gas())
                        && one.temperatureC() != null
                        && other.temperatureC() != null
                        && Math.abs(one.temperatureC() - other.temperatureC()) > LIQUID_K + SLACK;
            default -> false;
        };
    }

    /** Drops of a standing shaft say nothing of a turning one: where it was read turning, that is what is followed. */
    private void alike() {
        boolean turned = rates.stream().anyMatch(r -> Boolean.TRUE.equals(r.to().running()));
        if (turned) {
            rates.replaceAll(r -> Boolean.FALSE.equals(r.to().running()) ? r.asUnlike() : r);
        }
    }

    /**
     * Rates that stand against the allowance: the newest settled one, and of drops the newest in each state, since one
     * look at a standing shaft does not end what was counted on a turning one.
     */
    List<LeakRate> standing() {
        Map<String, LeakRate> newest = new LinkedHashMap<>();
        for (LeakRate r : rates) {
            if (in.kind() == LeakKind.DROPS ? !r.runIn() : r.isSettled()) {
                Boolean state = in.kind() == LeakKind.DROPS ? r.to().running() : null;
                if (Boolean.TRUE.equals(state)) {
                    newest.remove(String.valueOf((Object) null));
                }
                newest.remove(String.valueOf(state));
                newest.put(String.valueOf(state), r);
            }
        }
        return List.copyOf(newest.values());
    }
}
