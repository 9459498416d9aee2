package joropo.app.job;

import joropo.app.family.JobFacts;
import joropo.app.section.BenchService.Arranged;
import joropo.core.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * The two sections of a job that were arranged on the bench. @param found as it was found, @param planned as it shall
 * be; each absent until somebody has arranged it, @param before as the last job that was signed here left it, absent:
 * there was none
 */
record JobSections(
        @Nullable Arranged found,
        @Nullable Arranged planned,
        @Nullable Section before) {
    JobFacts.Arranged asFacts() {
        return new JobFacts.Arranged(
                found == null ? null : found.section(), planned == null ? null : planned.section(), before);
    }
}
