package joropo.core.surface;

import java.util.List;
import joropo.core.surface.Defect.Kind;
import org.jspecify.annotations.Nullable;

/** The running surface under the lip as the eye and a finger nail find it, in one word of a short list. */
public enum SurfaceByEye {
    SMOOTH("smooth, nothing felt", null, null),
    TARNISH("tarnish or light rust, nothing felt", Kind.TARNISH, false),
    GROOVE_SEEN("shiny band, nail does not catch", Kind.WEAR_GROOVE, false),
    GROOVE_CATCHES("groove, nail catches", Kind.WEAR_GROOVE, true),
    SCORE_ROUND("score round the shaft, nail catches", Kind.SCORE_ROUND, true),
    SCORE_AXIAL("scratch along the shaft, nail catches", Kind.SCORE_AXIAL, true),
    AXIAL_TRACE("scratch along the shaft, not felt", Kind.SCORE_AXIAL, false),
    SCORE_SLANTING("slanting scratches or grinding lead", Kind.SCORE_SLANTING, null),
    PIT("pits or rust pocks", Kind.PIT, null),
    COATING_FLAKED("coating flaked", Kind.COATING_FLAKED, null),
    BURR("burr or raised edge", Kind.BURR, null);

    private final String words;
    private final @Nullable Kind kind;
    private final @Nullable Boolean nail;

    SurfaceByEye(String words, @Nullable Kind kind, @Nullable Boolean nail) {
        this.words = words;
        this.kind = kind;
        this.nail = nail;
    }

    public String words() {
        return words;
    }

    /** What was seen as defects of the track; none where it is smooth. */
    public List<Defect> defects() {
        return kind == null ? List.of() : List.of(Defect.onTrack(kind, nail));
    }
}
