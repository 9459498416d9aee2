package joropo.app.family;

import java.util.Map;
import joropo.core.section.Section;

/** The section of a job's item between its sheets and the bench. */
public interface WorkSection {
    /** As it follows from the sheets alone. */
    Section typed();

    /** As it shall be: as arranged on the bench, else as the sheets say, with the remedy that was decided. */
    Section planned();

    /** As it is, as far as that was read. */
    Section fitted();

    /** As it was found, by strip log and sheets. */
    Section found();

    /** Whether an old seal came off in this job, or somebody read where it stood. */
    boolean isFound();

    /** What was read of the old one, as the sheets say it of the new: texts by name of the field, lengths in mm. */
    Map<String, String> foundTexts();

    /** What the sheets would say of a section: texts by name of the field, lengths in mm. */
    Map<String, String> asTexts(Section section);
}
