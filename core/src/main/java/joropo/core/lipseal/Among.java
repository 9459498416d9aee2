package joropo.core.lipseal;

import joropo.core.section.Section;

/**
 * One seal among those of its entry.
 *
 * @param id of the seal in the section, @param name by which people tell it from the others, empty: there is no other
 * @param leads whether its plan holds what is done once for all of them
 */
public record Among(String id, String name, boolean leads) {
    /** The innermost of a section, for all that stands in it. */
    public static Among alone(Section section) {
        return new Among(section.seal().id(), "", true);
    }

    public boolean isAlone() {
        return name.isEmpty();
    }
}
