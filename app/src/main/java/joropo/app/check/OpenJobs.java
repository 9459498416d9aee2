package joropo.app.check;

import java.util.List;
import java.util.Map;
import joropo.app.access.Person;
import joropo.core.units.LengthUnit;

/** Jobs into which a quick check can be taken. */
public interface OpenJobs {
    /** One of them. @param place machine and position */
    record OpenJob(String number, String place) {}

    List<OpenJob> open();

    /**
     * Fills fields of a job that are still blank.
     *
     * @param texts by field of its sheets, @param unit that bare lengths are in, @return the address of the sheet where
     *     the first of them stands
     * @throws joropo.core.units.RefusedInput when it is not open any more, or nothing was blank
     */
    String fill(String number, Map<String, String> texts, LengthUnit unit, Person person);
}
