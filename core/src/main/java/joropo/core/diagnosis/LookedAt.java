package joropo.core.diagnosis;

import java.util.Collection;
import java.util.List;

/** What is looked at itself before a seal is blamed, and the causes that are not so once it was found good (guide). */
public enum LookedAt {
    LEVEL("LEVEL"),
    BREATHER("BLOCKED_BREATHER"),
    /** Plugs, gaskets, hoses and joints above. */
    ABOVE("PLUG", "GASKET", "HOSE", "HIGHER_JOINT");

    private final List<String> causes;

    LookedAt(String... causes) {
        this.causes = List.of(causes);
    }

    /** Codes of the causes that are ruled out when all of these were found good. */
    public static List<String> ruledOut(Collection<LookedAt> good) {
        return good.stream().flatMap(l -> l.causes.stream()).sorted().toList();
    }
}
