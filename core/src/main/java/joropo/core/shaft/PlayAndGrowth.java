package joropo.core.shaft;

/**
 * How far a shaft may wander along its axis.
 *
 * @param axialPlayMm whole play, not negative, @param growthMm growth when hot, signed, + is inward
 */
public record PlayAndGrowth(double axialPlayMm, double growthMm) {
    /** Half the play and the whole growth, either way: how far a turning part may come nearer (mm, computed). */
    public double wanderMm() {
        return axialPlayMm / 2 + Math.abs(growthMm);
    }
}
