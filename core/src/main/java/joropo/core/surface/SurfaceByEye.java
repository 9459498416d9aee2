package joropo.core.surface;

import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** The running surface under the lip as the eye and a finger nail find it, before anything is measured there (guide). */
public enum SurfaceByEye {
    SMOOTH("smooth, nothing felt", Status.PASS, "Nothing is seen or felt on the track.", ""),
    TARNISH("tarnish or light rust, nothing felt", Status.PASS, "Nothing is felt: it cleans off.", "Clean with cloth and solvent, look again."),
    GROOVE_SEEN("shiny band, nail does not catch", Status.CAUTION, "The old lip has left its track.",
            "Let the new lip run beside it where the depth allows."),
    GROOVE_CATCHES("groove, nail catches", Status.REMEASURE, "A groove that a nail catches lifts the new lip at its edge; how deep it is decides.",
            "Measure its depth and width: profile, indicator across it, or a cast."),
    SCORE_AXIAL("scratch along the shaft, nail catches", Status.FAIL, "A scratch along the shaft leads the medium past the lip, standing or running.",
            "Dress, sleeve or renew the shaft; then read the diameter again."),
    SCORE_SLANTING("slanting scratches or grinding lead", Status.FAIL, "Slanting marks pump the medium out like a thread.",
            "Dress without feed, then prove it with the thread test."),
    PIT("pits or rust pocks", Status.FAIL, "Pits do not polish out and hold dirt under the lip.", "Move the lip, sleeve or renew the shaft."),
    COATING_FLAKED("coating flaked", Status.FAIL, "The edge of the coating cuts the lip.", "Strip the coating or sleeve the shaft.");

    private static final String SUBJECT = "running surface under the lip";

    private final String words;
    private final Status status;
    private final String message;
    private final String remedy;

    SurfaceByEye(String words, Status status, String message, String remedy) {
        this.words = words;
        this.status = status;
        this.message = message;
        this.remedy = remedy;
    }

    public String words() {
        return words;
    }

    /** The finding for what was seen; nothing said: MISSING. */
    public static Finding judge(@Nullable SurfaceByEye seen) {
        return seen == null ? Finding.missing("surface", SUBJECT, "Nobody has looked at the track yet.", "Clean it, look along it, draw a nail across it.")
                : Finding.of("surface", seen.status, SUBJECT, seen.message, seen.remedy, Source.GUIDE, "defects of a running surface");
    }
}
