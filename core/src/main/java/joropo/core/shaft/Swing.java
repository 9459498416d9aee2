package joropo.core.shaft;

import joropo.core.units.Needs;

/**
 * A shaft that swings to and fro.
 *
 * @param angleDeg whole sweep from end to end, @param perMinute cycles there and back
 */
public record Swing(Double angleDeg, Double perMinute) {
    /** Ten turns to and fro (degrees, guide). */
    public static final double MOST_DEG = 3600;
    /** As fast as any hand or cylinder swings a shaft (cycles a minute, guide). */
    public static final double MOST_PER_MINUTE = 10_000;

    public Swing {
        new Needs()
                .given("angleDeg", angleDeg)
                .optionalBetween("angleDeg", angleDeg, 0, MOST_DEG)
                .given("perMinute", perMinute)
                .optionalBetween("perMinute", perMinute, 0, MOST_PER_MINUTE)
                .done();
    }

    /** Speed of a turning shaft that covers the same way (rpm). */
    public double meanRpm() {
        return 2 * angleDeg / 360 * perMinute;
    }
}
