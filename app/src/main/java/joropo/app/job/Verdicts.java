package joropo.app.job;

import joropo.core.verdict.Status;

/**
 * What is found as a job stands now. @param stage the worst of one stage, @param job the worst of all that were begun
 */
record Verdicts(Status stage, Status job) {}
