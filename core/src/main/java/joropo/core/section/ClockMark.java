package joropo.core.section;

import joropo.core.units.Needs;

/**
 * A pair that has to agree round the circumference; it becomes a hold point. @param clock o'clock, 0 to 12, seen from
 * outside
 */
public record ClockMark(String what, Double clock) {
    public ClockMark {
        new Needs()
                .that("what", what != null && !what.isBlank(), "is needed")
                .given("clock", clock)
                .optionalBetween("clock", clock, 0, 12)
                .done();
    }
}
