package joropo.core.arrangement;

/**
 * Where something is known from, the later word after the earlier; what was said last of one level goes by its field.
 */
public enum Origin {
    /** The position's last signed job. */
    LAST_TIME(1),
    STRIPPED(2),
    MEASURED(2),
    /** The maker's word. */
    MAKER(3),
    DECIDED(4),
    FITTED(5);

    private final int level;

    Origin(int level) {
        this.level = level;
    }

    /** 1 last time, 2 as found, 3 the maker's, 4 decided, 5 fitted. */
    public int level() {
        return level;
    }
}
