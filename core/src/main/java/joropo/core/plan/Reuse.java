package joropo.core.plan;

import java.util.Optional;

/** Whether a part that came off may go back in (guide). */
public final class Reuse {
    private Reuse() {}

    /**
     * Why it may not; empty: it may.
     *
     * @param inspection what was looked at and seen, blank: nobody wrote it
     * @param sealsPlanned lip seals that the section will have, 0: not known
     */
    public static Optional<String> refused(PartKind kind, String inspection, int sealsPlanned) {
        if (kind.wantsInspection() && inspection.isBlank()) {
            return Optional.of("goes back only with a written inspection: what was looked at, and what was seen");
        }
        return kind == PartKind.LIP_SEAL && sealsPlanned < 2
                ? Optional.of("counts as destroyed: a used seal is never the only one")
                : Optional.empty();
    }
}
