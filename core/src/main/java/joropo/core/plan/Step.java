package joropo.core.plan;

import joropo.core.arrangement.PartKind;
import org.jspecify.annotations.Nullable;

/**
 * One step of the plan of a job.
 *
 * @param id stays the same for the same act, whatever else the plan holds
 * @param when it is done
 * @param instruction what to do, with its figure
 * @param why the reason, empty when the act speaks for itself
 * @param hold whether later steps wait for it
 * @param caution what can hurt, empty when nothing
 * @param part the part of the picture that goes in with it, absent when none does
 * @param tools what to have in hand, and who or what holds against it or supports the job; empty when nothing special
 * @param countsIn what is put in with it for a time and counted in; absent: nothing, @param countsOut whether it says
 *     that all such things are out again
 * @param back kind of what came off whose way back it is, old or renewed; absent: of nothing that came off
 */
public record Step(
        String id,
        When when,
        String instruction,
        String why,
        boolean hold,
        String caution,
        @Nullable String part,
        String tools,
        @Nullable String countsIn,
        boolean countsOut,
        @Nullable PartKind back) {
    /** A step that counts nothing and puts back nothing of the list. */
    public Step(
            String id,
            When when,
            String instruction,
            String why,
            boolean hold,
            String caution,
            @Nullable String part,
            String tools) {
        this(id, when, instruction, why, hold, caution, part, tools, null, false, null);
    }

    /** The parts of a job that every kind of seal has. */
    public enum When {
        /** Taken apart. */
        STRIP,
        /** Laid out, clean, tried, lubricated. */
        PREPARE,
        /** Put in. */
        FIT,
        /** Closed, filled, run. */
        CLOSE,
        /** Proved: what is answered on a sheet is done when it is answered there. */
        PROVE
    }

    /** Whether it belongs to taking apart, done before anything is measured. */
    public boolean isStripping() {
        return when == When.STRIP;
    }

    /** Whether it is done when the list of what came off says that its part is back. */
    public boolean isOfTheList() {
        return id.startsWith(PutIn.ID);
    }

    /** The number in that list of the part that goes back with it, from 1. */
    public int numberInList() {
        return Integer.parseInt(id.substring(PutIn.ID.length()));
    }

    /** Its id as its plan gave it, whatever item it is of. */
    public String rule() {
        return id.replaceFirst("^i\\d+-", "");
    }

    public Step withInstruction(String newInstruction) {
        return new Step(id, when, newInstruction, why, hold, caution, part, tools, countsIn, countsOut, back);
    }

    public Step withCaution(String newCaution) {
        return new Step(id, when, instruction, why, hold, newCaution, part, tools, countsIn, countsOut, back);
    }

    /** @param thing that is put in with it for a time; absent: nothing is */
    public Step countingIn(@Nullable String thing) {
        return new Step(id, when, instruction, why, hold, caution, part, tools, thing, countsOut, back);
    }

    public Step countingOut() {
        return new Step(id, when, instruction, why, hold, caution, part, tools, countsIn, true, back);
    }

    /** @param kind of what came off: this is its way back */
    public Step puttingBack(PartKind kind) {
        return new Step(id, when, instruction, why, hold, caution, part, tools, countsIn, countsOut, kind);
    }

    /** The same step of one item among several. @param prefix that tells the item apart, empty for the first */
    public Step under(String prefix) {
        return prefix.isEmpty()
                ? this
                : new Step(
                        prefix + id,
                        when,
                        instruction,
                        why,
                        hold,
                        caution,
                        part == null ? null : prefix + part,
                        tools,
                        countsIn,
                        countsOut,
                        back);
    }
}
