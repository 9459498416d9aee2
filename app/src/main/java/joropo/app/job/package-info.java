/**
 * A job and its eight stages: what is typed, what follows from it, what is kept, who signs. Open
 * {@link joropo.app.family.Stage} and {@link joropo.app.job.JobService} first; {@link joropo.app.job.JobEvaluation} is
 * where typed texts meet the rules of core.
 */
@NullMarked
package joropo.app.job;

import org.jspecify.annotations.NullMarked;
