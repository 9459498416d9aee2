package joropo.core.leak;

import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What is read at a leak watch. */
public enum LeakKind {
    /** Drops counted; each reading is a rate. */
    DROPS("drops counted", "dropsPerMinute", "drops/min", "drops/day", LeakEvent::dropsPerMinute, 1),
    /** What has gathered in a bottle since it was emptied. */
    BOTTLE("caught in a bottle", "amountMl", "mL", "mL/day", LeakEvent::amountMl, 1),
    /** What was added to bring it back to its mark; grease too, by its volume. */
    OIL_ADDED("oil added", "amountMl", "mL", "mL/day", LeakEvent::amountMl, 1),
    /** Level of a tank or a glass. */
    LEVEL("level", "levelMm", "mm", "mm/day", LeakEvent::levelMm, 1),
    /** Pressure of a closed space. */
    PRESSURE("pressure", "pressureMpa", "MPa", "MPa/day", LeakEvent::pressureMpa, 0.001);

    private static final double MINUTES_IN_DAY = 1440;

    private final String words;
    private final String field;
    private final String unit;
    private final String rateUnit;
    private final Function<LeakEvent, @Nullable Double> figure;
    private final double resolution;

    LeakKind(
            String words,
            String field,
            String unit,
            String rateUnit,
            Function<LeakEvent, @Nullable Double> figure,
            double resolution) {
        this.words = words;
        this.field = field;
        this.unit = unit;
        this.rateUnit = rateUnit;
        this.figure = figure;
        this.resolution = resolution;
    }

    public String words() {
        return words;
    }

    /** Unit of one reading. */
    public String unit() {
        return unit;
    }

    /** Unit of a rate and of an allowance. */
    public String rateUnit() {
        return rateUnit;
    }

    /** Unit of a rate as people say it: drops by the minute. */
    public String shownUnit() {
        return this == DROPS ? unit : rateUnit;
    }

    /** A rate as people say it, in {@link #shownUnit()}. */
    public double shown(double perDay) {
        return this == DROPS ? perDay / MINUTES_IN_DAY : perDay;
    }

    /** A rate that was said so, over a day. */
    public double perDay(double shown) {
        return this == DROPS ? shown * MINUTES_IN_DAY : shown;
    }

    /** Whether rates are volumes. */
    public boolean inMl() {
        return this == BOTTLE || this == OIL_ADDED;
    }

    /** Whether readings gather until something empties it. @param rises as said of a catch tank */
    boolean gathers(boolean rises) {
        return this == BOTTLE || this == LEVEL && rises;
    }

    String field() {
        return field;
    }

    /** What it read of this kind. */
    public @Nullable Double figure(LeakEvent event) {
        return figure.apply(event);
    }

    /** The finest step of one reading, in its unit (guide). */
    double resolution() {
        return resolution;
    }
}
