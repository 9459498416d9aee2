package joropo.app.job;

import java.util.List;
import joropo.core.verdict.Finding;
import joropo.core.verdict.Status;

/**
 * What is found as a job stands now. @param stage the worst of one stage, @param job the worst of all that were begun,
 *
 * @param findings up to that stage
 */
record Verdicts(Status stage, Status job, List<Finding> findings) {}
