package joropo.core.arrangement;

import org.jspecify.annotations.Nullable;

/** Kinds of part that come off with a seal or go in with it (guide). */
public enum PartKind {
    COVER(Line.BORE, "cover", After.GOES_BACK, null, true, false),
    RETAINING_RING(Line.BORE, "retaining ring", After.ASK, null, true, true),
    SPACER(Line.BORE, "spacer", After.GOES_BACK, null, true, true),
    LIP_SEAL(Line.BORE, "lip seal", After.RENEWED, "running sleeve", true, true),
    CHEVRON(Line.BORE, "chevron set", After.RENEWED, null, true, true),
    BEARING(Line.BOTH, "bearing", After.ASK, null, true, true),
    SLEEVE(Line.SHAFT, "running sleeve", After.ASK, "lip seal", true, false),
    SLINGER(Line.SHAFT, "slinger", After.RENEWED, null, true, true),
    O_RING(Line.CARRIED, "O-ring", After.RENEWED, null, false, false),
    PACKING(Line.BORE, "packing", After.RENEWED, null, false, false),
    MECHANICAL_SEAL(Line.BOTH, "mechanical seal", After.ASK, null, true, true),
    GASKET(Line.BORE, "gasket", After.RENEWED, null, false, false),
    SHIM(Line.BORE, "shim pack", After.GOES_BACK, null, false, false),
    BELLOWS(Line.BOTH, "bellows", After.ASK, null, false, false),
    BOOT(Line.BOTH, "boot", After.ASK, null, false, false),
    HOSE(Line.BORE, "hose", After.ASK, null, false, false),
    WASHER(Line.BORE, "washer", After.GOES_BACK, null, true, true),
    BOLT(Line.CARRIED, "bolts", After.GOES_BACK, null, false, false),
    STRETCH_BOLT(Line.CARRIED, "stretch bolts, one-time", After.RENEWED, null, false, false),
    LOCK_TAB(Line.CARRIED, "lock tab or wire", After.RENEWED, null, false, false),
    KEY(Line.CARRIED, "key", After.GOES_BACK, null, false, false),
    PIN(Line.CARRIED, "pin or dowel", After.GOES_BACK, null, false, false),
    PLUG(Line.BORE, "plug", After.GOES_BACK, null, false, false),
    BREATHER(Line.BORE, "breather", After.GOES_BACK, null, false, false),
    COUPLING(Line.SHAFT, "coupling or hub", After.GOES_BACK, null, true, true),
    NUT(Line.SHAFT, "nut", After.GOES_BACK, null, true, true),
    SHAFT(Line.SHAFT, "shaft or rotor", After.GOES_BACK, null, false, false),
    ROD(Line.SHAFT, "rod", After.GOES_BACK, null, false, false),
    PISTON(Line.SHAFT, "piston", After.GOES_BACK, null, false, false),
    HEAD(Line.BORE, "head", After.GOES_BACK, null, false, false),
    GLAND(Line.BORE, "gland", After.GOES_BACK, null, false, false),
    LANTERN(Line.BORE, "lantern ring", After.GOES_BACK, null, false, false),
    IMPELLER(Line.SHAFT, "impeller", After.GOES_BACK, null, false, false),
    SEAT(Line.BORE, "seat of the seal", After.ASK, null, false, true),
    ROTARY(Line.SHAFT, "rotary unit", After.ASK, null, false, false),
    COLLAR(Line.SHAFT, "drive collar", After.ASK, null, false, false),
    BUSH(Line.BORE, "bush", After.ASK, null, false, false),
    FILTER(Line.BORE, "filter", After.GOES_BACK, null, false, false),
    SEALANT(Line.CARRIED, "sealant or grease", After.RENEWED, null, false, false),
    OTHER(Line.BORE, "other part", After.GOES_BACK, null, true, true);

    /** Where a part of this kind has its place. */
    public enum Line {
        /** In the housing: from its mouth inward. */
        BORE("in the bore"),
        SHAFT("on the shaft"),
        /** A bearing is one part of both. */
        BOTH("in the bore and on the shaft"),
        /** In a groove or on another part: it has no place of its own. */
        CARRIED("on another part");

        private final String words;

        Line(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        boolean holds(Line asked) {
            return this == asked || this == BOTH && asked != CARRIED;
        }
    }

    /** What becomes of a part that was taken off. */
    public enum After {
        /** It goes back in. */
        GOES_BACK,
        /** Taking it off destroys it, or it serves once: a new one goes in. */
        RENEWED,
        /** It is looked at first. */
        ASK
    }

    private final Line line;
    private final String words;
    private final After after;
    private final @Nullable String together;
    private final boolean placed;
    private final boolean faced;

    PartKind(Line line, String words, After after, @Nullable String together, boolean placed, boolean faced) {
        this.line = line;
        this.words = words;
        this.after = after;
        this.together = together;
        this.placed = placed;
        this.faced = faced;
    }

    /** Where it usually has its place; of rings, spacers, washers and nuts somebody may say otherwise. */
    public Line line() {
        return line;
    }

    public String words() {
        return words;
    }

    public After after() {
        return after;
    }

    /** What it is a piece of, taken off by itself: a seat of its mechanical seal; itself where it is none. */
    public PartKind whole() {
        return this == SEAT || this == ROTARY || this == COLLAR ? MECHANICAL_SEAL : this;
    }

    /** What it is renewed together with; absent when it stands alone. */
    public @Nullable String together() {
        return together;
    }

    /** Whether the kind does not tell where it stands, in the bore or on the shaft. */
    public boolean wantsLine() {
        return this == RETAINING_RING || this == SPACER || this == WASHER || this == NUT || this == OTHER;
    }

    /** Whether it is a disc between others, whose opening and outside count. */
    public boolean isDisc() {
        return this == WASHER || this == SPACER;
    }

    /** Whether its place from a face says something. */
    public boolean isPlaced() {
        return placed;
    }

    /** Whether it can be put in the wrong way round. */
    public boolean isFaced() {
        return faced;
    }

    /**
     * Whether an old one goes back only with a written inspection: a seal counts as destroyed, a bearing, running
     * sleeve or retaining ring is looked at, one-time rings among them.
     */
    public boolean wantsInspection() {
        return this == LIP_SEAL
                || this == CHEVRON
                || this == BEARING
                || this == SLEEVE
                || this == RETAINING_RING
                || whole() == MECHANICAL_SEAL;
    }
}
