package joropo.core.mechseal;

import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;

/** Findings of this room, each with its guide. */
final class Say {
    private static final String GUIDE = "mechanical seals";

    private Say() {}

    static Finding guide(String id, Status status, String subject, String message, String remedy) {
        return Finding.of(id, status, subject, message, remedy, Source.GUIDE, GUIDE);
    }
}
