package joropo.core.removal;

/** Ways of taking a part out, in the usual order (guide). */
public enum Way {
    PUSH_BY_HAND("push out by hand from behind"),
    PULLER("puller on the tight ring"),
    CORKSCREW("corkscrew hook, two at a time"),
    LANTERN_THREADS("draw the lantern by its threaded holes"),
    PICK("wooden or plastic pick"),
    LEVER("lever, with a pad under the tool"),
    FLANGE_LIFT("lift by its flange"),
    HOOK_SLIDE_HAMMER("hook and slide hammer"),
    PRESS_FROM_BEHIND("press from behind"),
    DRIFT_ON_TIGHT_RING("drift on the tight ring, a step round"),
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
