package joropo.app.family;

import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import joropo.core.section.Section;

/** The section of a job's item between its sheets and the bench. */
public interface WorkSection {
    /** As it follows from the sheets alone. */
    Section typed();

    /** As it shall be: as arranged on the bench, else as the sheets say, with the remedy that was decided. */
    Section planned();

    /** As it is, as far as that was read. */
    Section fitted();

    /** As it was found. @param fitted what the last signed job left at the position, read when it is asked for */
    Section found(Supplier<Optional<Section>> fitted);

    /** What the sheets would say of a section: texts by name of the field, lengths in mm. */
    Map<String, String> asTexts(Section section);
}
