package joropo.core.removal;

/** Ways of taking a part out, in the usual order (guide). */
public enum Way {
    LEVER("lever, with a pad under the tool"),
    FLANGE_LIFT("lift by its flange"),
    HOOK_SLIDE_HAMMER("hook and slide hammer"),
    PRESS_FROM_BEHIND("press from behind"),
    COLLAPSE("bend the case inward"),
    PIERCE_SCREW_PULL("pierce, screw, pull"),
    INTERNAL_PULLER("internal puller"),
    HEAT_OR_COLD("heat or cold on the joint"),
    PRESSURE("pressure behind it");

    private final String words;

    Way(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
