package joropo.core.section;

import joropo.core.verdict.Finding;
import joropo.core.verdict.Source;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/** Findings of the rules of a section, each with the guide it is written in. */
final class SectionFinding {
    private SectionFinding() {}

    /** Of the direction rules. @param part item that it is about, absent: the entry as a whole */
    static Finding direction(
            String id, Status status, String subject, String message, String remedy, @Nullable String part) {
        return about(part, Finding.of(id, status, subject, message, remedy, Source.GUIDE, "direction of seals"));
    }

    /** Of the stack and depth rules. @param part item that it is about, absent: the entry as a whole */
    static Finding depth(
            String id, Status status, String subject, String message, String remedy, @Nullable String part) {
        return about(part, Finding.of(id, status, subject, message, remedy, Source.GUIDE, "stack and depth"));
    }

    private static Finding about(@Nullable String part, Finding finding) {
        return part == null ? finding : finding.withPart(part);
    }
}
