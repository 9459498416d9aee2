package joropo.app.family;

import joropo.app.access.Person;

/** A field of a job to which a screen of a family's own adds line by line; the job's sheets hold it. */
public interface JobLines {
    /** @param title machine and position, @param open whether it may still be added to, @param text of the field */
    record Lines(String title, boolean open, String text) {}

    /** @throws joropo.app.ui.NotFound when there is no such job */
    Lines of(String number, Stage stage, String field);

    /**
     * Adds a line, once: what is there already is not added again.
     *
     * @throws joropo.core.units.RefusedInput when the job is not open any more
     */
    void add(String number, Stage stage, String field, String line, Person person);

    /** What follows from its sheets, of the item that it was opened for. */
    Work work(String number);
}
