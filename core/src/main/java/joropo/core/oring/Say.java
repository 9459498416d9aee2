package joropo.core.oring;

import joropo.core.verdict.Finding;
import joropo.core.verdict.Limits;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** Findings of this room, each with its guide. */
final class Say {
    private static final String GUIDE = "glands of O-rings and ring seals";

    private Say() {}

    static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
    }

    static Finding percent(Finding finding, double value, Limits limits) {
        return finding.withValue(Math.rint(value * 100) / 100, "%").withLimits(limits, 0);
    }
}
