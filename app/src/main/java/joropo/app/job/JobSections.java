package joropo.app.job;

import joropo.core.section.Section;
import org.jspecify.annotations.Nullable;

/**
 * What a job rests on beside its sheets. @param found, @param planned as they were arranged on the bench before strip
 * log and sheets said so, absent: they do, @param before as the last job that was signed here left it, absent: there
 * was none
 */
record JobSections(
        @Nullable Section found,
        @Nullable Section planned,
        @Nullable Section before) {}
