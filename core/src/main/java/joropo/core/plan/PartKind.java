package joropo.core.plan;

import org.jspecify.annotations.Nullable;

/** Kinds of part that come off with a seal or go in with it (guide). */
public enum PartKind {
    COVER("cover", After.GOES_BACK, null, true, false),
    RETAINING_RING("retaining ring", After.ASK, null, true, true),
    SPACER("spacer", After.GOES_BACK, null, true, true),
    LIP_SEAL("lip seal", After.RENEWED, "running sleeve", true, true),
    CHEVRON("chevron set", After.RENEWED, null, true, true),
    BEARING("bearing", After.ASK, null, true, true),
    SLEEVE("running sleeve", After.ASK, "lip seal", true, false),
    SLINGER("slinger", After.RENEWED, null, true, true),
    O_RING("O-ring", After.RENEWED, null, false, false),
    PACKING("packing", After.RENEWED, null, false, false),
    MECHANICAL_SEAL("mechanical seal", After.ASK, null, true, true),
    GASKET("gasket", After.RENEWED, null, false, false),
    SHIM("shim pack", After.GOES_BACK, null, false, false),
    BELLOWS("bellows", After.ASK, null, false, false),
    BOOT("boot", After.ASK, null, false, false),
    HOSE("hose", After.ASK, null, false, false),
    WASHER("washer", After.GOES_BACK, null, true, true),
    BOLT("bolts", After.GOES_BACK, null, false, false),
    STRETCH_BOLT("stretch bolts, one-time", After.RENEWED, null, false, false),
    LOCK_TAB("lock tab or wire", After.RENEWED, null, false, false),
    KEY("key", After.GOES_BACK, null, false, false),
    PIN("pin or dowel", After.GOES_BACK, null, false, false),
    PLUG("plug", After.GOES_BACK, null, false, false),
    BREATHER("breather", After.GOES_BACK, null, false, false),
    COUPLING("coupling or hub", After.GOES_BACK, null, true, true),
    NUT("nut", After.GOES_BACK, null, true, true),
    FILTER("filter", After.GOES_BACK, null, false, false),
    SEALANT("sealant or grease", After.RENEWED, null, false, false),
    OTHER("other part", After.GOES_BACK, null, true, true);

    /** What becomes of a part that was taken off. */
    public enum After {
        /** It goes back in. */
        GOES_BACK,
        /** Taking it off destroys it, or it serves once: a new one goes in. */
        RENEWED,
        /** It is looked at first. */
        ASK
    }

    private final String words;
    private final After after;
    private final @Nullable String together;
    private final boolean placed;
    private final boolean faced;

    PartKind(String words, After after, @Nullable String together, boolean placed, boolean faced) {
        this.words = words;
        this.after = after;
        this.together = together;
        this.placed = placed;
        this.faced = faced;
    }

    public String words() {
        return words;
    }

    public After after() {
        return after;
    }

    /** What it is renewed together with; absent when it stands alone. */
    public @Nullable String together() {
        return together;
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
                || this == MECHANICAL_SEAL;
    }
}
