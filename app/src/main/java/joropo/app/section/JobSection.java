package joropo.app.section;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import joropo.app.access.Person;
import joropo.core.section.Section;

/** The sections of a job, which follow from its sheets; the room of jobs answers. */
public interface JobSection {
    /** One of the two as it follows now; empty where nothing of it is known. */
    Optional<Section> of(String job, SectionRole role);

    /**
     * What a move wrote on the sheets of its job.
     *
     * @param before, @param since texts by sheet and field, those that were changed
     */
    record Written(Map<String, String> before, Map<String, String> since) {
        Written back() {
            return new Written(since, before);
        }

        /** With what was written after it, as one. */
        public Written and(Written next) {
            Map<String, String> first = new LinkedHashMap<>(next.before);
            first.putAll(before);
            Map<String, String> last = new LinkedHashMap<>(since);
            last.putAll(next.since);
            return new Written(first, last);
        }
    }

    /** Writes on the sheets what makes the planned section this one. @throws RefusedInput saying why that cannot be */
    Written write(String job, Section section, Person person);

    /** Takes back what was written, where nobody has typed otherwise since. @return names of what somebody has */
    String takeBack(String job, Written written, Person person);
}
