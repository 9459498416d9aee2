package joropo.core.oring;

/** Where the groove of a ring is, and which way the ring is squeezed. */
public enum Gland {
    /** Groove in the inner part, the ring seals on the bore. */
    PISTON("piston"),
    /** Groove in the outer part, the ring seals on the shaft. */
    ROD("rod"),
    /** Squeezed along the axis, pressure from inside: the ring lies on the groove's outer wall. */
    FACE_INSIDE("face, pressure from inside"),
    /** Squeezed along the axis, pressure from outside: the ring lies on the groove's inner wall. */
    FACE_OUTSIDE("face, pressure from outside"),
    /** Triangular chamfer round a screwed-in stud or fitting. */
    BOSS("boss");

    private final String words;

    Gland(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether the ring is squeezed across the axis. */
    public boolean isRadial() {
        return this == PISTON || this == ROD;
    }

    /** Whether the ring is pressed together round its outside, not stretched round its inside. */
    boolean compresses() {
        return this == ROD || this == FACE_INSIDE;
    }

    public boolean isFace() {
        return this == FACE_INSIDE || this == FACE_OUTSIDE;
    }
}
