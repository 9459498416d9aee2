package joropo.core.oring;

import org.jspecify.annotations.Nullable;

/** Rings that lie in grooves of a joint. */
public enum RingSort {
    O_RING("O-ring", false),
    SQUARE("square ring", false),
    CORD("joined cord", false),
    SLIDE("slide ring over its loader", false),
    U_CUP("U-cup", true),
    GUIDE("guide ring", false),
    WIPER("wiper", true),
    END_RING("end ring", true);

    private final String words;
    private final boolean faced;

    RingSort(String words, boolean faced) {
        this.words = words;
        this.faced = faced;
    }

    public String words() {
        return words;
    }

    /** Whether it can be put in the wrong way round. */
    public boolean isFaced() {
        return faced;
    }

    /** Whether its groove is its maker's, so that it is held against the maker's figures. */
    public boolean isByMaker() {
        return !isElastic() && this != SLIDE;
    }

    /** How the parts are, where nothing else is typed: some are made for parts that move. Absent: it has to be told. */
    public @Nullable RingMotion usualMotion() {
        return this == SLIDE || this == U_CUP || this == GUIDE || this == WIPER ? RingMotion.RECIPROCATING : null;
    }

    /** Where it lies, where nothing else is typed: a wiper strips a rod. Absent: it has to be told. */
    public @Nullable Gland usualGland() {
        return this == WIPER ? Gland.ROD : null;
    }

    /** Whether it is of a plastic, which does not stretch. */
    public boolean isStiff() {
        return this == SLIDE || this == GUIDE;
    }

    /** Whether it is one ring that its groove squeezes. */
    public boolean isElastic() {
        return this == O_RING || this == SQUARE || this == CORD;
    }
}
