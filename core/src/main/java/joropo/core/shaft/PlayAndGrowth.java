package joropo.core.shaft;

import org.jspecify.annotations.Nullable;

/**
 * How far a shaft may wander along its axis.
 *
 * @param axialPlayMm whole play, not negative, @param growthMm growth when hot, signed, + is inward
 */
public record PlayAndGrowth(double axialPlayMm, double growthMm) {
    /** What is not known counts as 0. */
    public static PlayAndGrowth of(@Nullable Double axialPlayMm, @Nullable Double growthMm) {
        return new PlayAndGrowth(axialPlayMm == null ? 0 : axialPlayMm, growthMm == null ? 0 : growthMm);
    }

    /** Half the play and the whole growth, either way: how far a turning part may come nearer (mm, computed). */
    public double wanderMm() {
        return axialPlayMm / 2 + Math.abs(growthMm);
    }
}
