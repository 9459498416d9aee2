/**
 * A job and its eight stages: what is typed, what is kept, who signs. Open {@link joropo.app.job.JobService} first,
 * then {@link joropo.app.job.JobSheets} for a keystroke and {@link joropo.app.job.JobWork}, where what the families say
 * of each item is merged. Nothing here knows a kind of seal.
 */
@NullMarked
package joropo.app.job;

import org.jspecify.annotations.NullMarked;
