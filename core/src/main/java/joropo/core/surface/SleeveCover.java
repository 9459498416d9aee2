package joropo.core.surface;

/** How much of a shaft a repair sleeve covers (guide). */
public final class SleeveCover {
    /** It reaches this far past the lip's track on both sides (mm). */
    public static final double PAST_MM = 1.5;

    private SleeveCover() {}
}
