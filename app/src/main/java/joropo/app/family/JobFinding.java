package joropo.app.family;

import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A finding with the stage whose readings it rests on.
 *
 * @param key by which it keeps its number while the job lives, whatever else comes to stand beside it
 */
public record JobFinding(Stage stage, Finding finding, String key) {
    public JobFinding(Stage stage, Finding finding) {
        this(stage, finding, key(finding));
    }

    private static String key(Finding finding) {
        return finding.id() + (finding.part() == null ? "" : "@" + finding.part());
    }

    /** The same of one item among several. @param part of the picture that the item is, absent: none tells it apart */
    public JobFinding ofItem(String prefix, String name, @Nullable String part) {
        Finding own = finding.part() == null && part != null ? finding.withPart(part) : finding;
        return new JobFinding(stage, own.ofItem(prefix, name), prefix + key);
    }

    public Status status() {
        return finding.status();
    }
}
