package joropo.app.job;

import java.time.Instant;
import joropo.app.family.Stage;
import joropo.core.verdict.Status;

/** A kept sheet: it stays as it is for ever. */
public record Revision(Stage stage, int revision, String texts, Status verdict, String personName, Instant keptAt) {}
