package joropo.core.plan;

/** What was decided about a part of the list (guide). */
public enum PartState {
    /** Nobody has said yet. */
    OPEN("not laid out", false),
    NEW("new, laid out", false),
    /** The old one goes back in, though it is in no kit: nothing is thrown away. */
    CARRY_OVER("the old one goes back", true),
    /** From another machine or assembly. */
    TRANSFER("taken over from elsewhere", true),
    /** In the kit, but for another variant. */
    NOT_FOR_THIS("not for this one", true),
    /** Done without, or with something else: what follows is written down. */
    UNOBTAINABLE("cannot be had", true);

    private final String words;
    private final boolean wantsReason;

    PartState(String words, boolean wantsReason) {
        this.words = words;
        this.wantsReason = wantsReason;
    }

    public String words() {
        return words;
    }

    /** Whether it counts only with a written reason. */
    public boolean wantsReason() {
        return wantsReason;
    }

    /** Whether the work may go on. */
    public boolean isSettled() {
        return this != OPEN;
    }
}
