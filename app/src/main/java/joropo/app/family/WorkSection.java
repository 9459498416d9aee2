package joropo.app.family;

import java.util.Map;
import joropo.core.section.Section;

/** The section of a job's item between its sheets and the bench. */
public interface WorkSection {
    /** What its seal is called in them. */
    String seal();

    /** As it follows from log and fields alone. */
    Section typed();

    /** The same with what was arranged on the bench beyond them. */
    Section arranged();

    /** As it shall be: arranged, with the remedy that was decided. */
    Section planned();

    /** As it is, as far as that was read. */
    Section fitted();

    /** As it was found, by strip log and sheets. */
    Section found();

    /** Whether an old seal came off in this job, or somebody read where it stood. */
    boolean isFound();

    /** What was read of the old one, as the sheets say it of the new: texts by name of the field, lengths in mm. */
    Map<String, String> foundTexts();

    /**
     * What the sheets have to say so that a section becomes another, as far as a field asks for it: texts by name of
     * the field, lengths in mm. @param all whether what the seal is is said even where it is the same
     */
    Map<String, String> asTexts(Section before, Section wanted, boolean all);
}
