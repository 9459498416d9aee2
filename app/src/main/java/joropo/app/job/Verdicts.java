package joropo.app.job;

import java.util.List;
import joropo.app.family.JobFinding;
import joropo.core.verdict.Status;

/**
 * What is found as a job stands now. @param stage the worst of one stage, @param job the worst of all that were begun,
 *
 * @param findings of all stages, in working order
 */
record Verdicts(Status stage, Status job, List<JobFinding> findings) {}
