package joropo.app.job;

import joropo.core.plan.PartKind;

/**
 * One thing that is sealed in a job. An item has a kind of its own.
 *
 * @param number in the job, from 1: the first is what the job was opened for
 */
public record JobItem(int number, PartKind kind) {
    /** What tells its fields, steps and parts from those of the others; empty for the first. */
    String prefix() {
        return number == 1 ? "" : "i" + number + "-";
    }

    /** Its name where it stands among others. */
    String name() {
        return number == 1 ? kind.words() : "item " + number + ", " + kind.words();
    }
}
