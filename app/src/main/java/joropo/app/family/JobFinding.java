package joropo.app.family;

import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/** A finding with the stage whose readings it rests on. */
public record JobFinding(Stage stage, Finding finding) {
    public Status status() {
        return finding.status();
    }
}
