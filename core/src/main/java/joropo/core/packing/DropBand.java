package joropo.core.packing;

import joropo.core.units.Needs;

/** Drops in a minute (guide): as many as cool the packing, and no more. */
public record DropBand(Double from, Double to) {
    /** Shaft for which the figures of the guide are (mm). */
    private static final double BY_MM = 25;

    private static final DropBand RUN_IN = new DropBand(30.0, 60.0);
    private static final DropBand SETTLED = new DropBand(5.0, 15.0);

    public DropBand {
        new Needs().given("from", from).given("to", to).done();
    }

    /** While it is run in. */
    public static DropBand runIn(double shaftMm) {
        return RUN_IN.on(shaftMm);
    }

    /** For good. */
    public static DropBand settled(double shaftMm) {
        return SETTLED.on(shaftMm);
    }

    private DropBand on(double shaftMm) {
        return new DropBand(from * shaftMm / BY_MM, to * shaftMm / BY_MM);
    }
}
