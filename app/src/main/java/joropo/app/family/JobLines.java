package joropo.app.family;

import java.util.function.UnaryOperator;
import joropo.app.access.Person;

/** A field of a job that a screen of a family's own writes line by line; the job's sheets hold it. */
public interface JobLines {
    /** @param title machine and position, @param open whether it may still be added to, @param text of the field */
    record Lines(String title, boolean open, String text) {}

    /** @throws joropo.app.ui.NotFound when there is no such job */
    Lines of(String number, Stage stage, String field);

    /**
     * Writes the field anew. @param change what becomes of its text; where that stays as it is, nothing is written
     *
     * @throws joropo.core.units.RefusedInput when the job is not open any more, or its sheet does not take it
     */
    void change(String number, Stage stage, String field, UnaryOperator<String> change, Person person);

    /** What follows from its sheets, of the item that it was opened for. */
    Work work(String number);
}
