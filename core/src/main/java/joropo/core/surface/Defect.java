package joropo.core.surface;

import joropo.core.units.Needs;
import org.jspecify.annotations.Nullable;

/**
 * Something seen on a shaft or in its bore.
 *
 * @param onTrack whether it lies where the lip runs, or, of a bore, where the case seats
 * @param depthUm depth below the sound surface (µm), @param widthMm along the axis
 * @param catchesNail whether a finger nail drawn across it catches; absent: not tried
 * @param inBore whether it is in the bore, not on the shaft; absent: on the shaft, a nick and bore wear always in the
 *     bore
 */
public record Defect(
        Kind kind,
        Boolean onTrack,
        @Nullable Double depthUm,
        @Nullable Double widthMm,
        @Nullable Boolean catchesNail,
        @Nullable Boolean inBore) {
    /** The kinds, as fitters name them. */
    public enum Kind {
        WEAR_GROOVE("groove worn by the old lip"),
        SCORE_ROUND("score round the circumference"),
        SCORE_SLANTING("slanting scores or grinding lead"),
        SCORE_AXIAL("scratch along the axis"),
        PIT("pits"),
        RUST_POCK("rust pocks"),
        RUST("rust, nothing felt"),
        TARNISH("tarnish"),
        BURR("burr or raised edge"),
        COATING_FLAKED("coating flaked"),
        NICK("nick across the bore seat"),
        BORE_WEAR("wear of the bore");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Defect {
        new Needs()
                .given("kind", kind)
                .given("onTrack", onTrack)
                .optionalNotNegative("depthUm", depthUm)
                .optionalNotNegative("widthMm", widthMm)
                .done();
        inBore = kind == Kind.NICK || kind == Kind.BORE_WEAR || Boolean.TRUE.equals(inBore);
    }

    /** Seen on the track of the shaft, nothing measured. */
    public static Defect onTrack(Kind kind, @Nullable Boolean catchesNail) {
        return new Defect(kind, true, null, null, catchesNail, false);
    }

    boolean nail() {
        return Boolean.TRUE.equals(catchesNail);
    }

    /** Depth in mm, absent when not measured. */
    @Nullable
    Double depthMm() {
        return depthUm == null ? null : depthUm / 1000;
    }

    boolean onShaftTrack() {
        return onTrack && !inBore;
    }
}
