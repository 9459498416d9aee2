package joropo.core.mechseal;

import joropo.core.units.Needs;

/** A lapped face under helium light. @param bands by which the bands are off straight, counted */
public record FlatnessInput(Double bands) {
    private static final double MOST = 200;

    public FlatnessInput {
        new Needs()
                .given("bands", bands)
                .optionalBetween("bands", bands, 0, MOST)
                .done();
    }
}
