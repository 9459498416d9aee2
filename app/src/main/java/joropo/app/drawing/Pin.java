package joropo.app.drawing;

import joropo.core.verdict.Status;

/** A finding tied to its place. @param number the one it has in the list of findings */
public record Pin(int number, Status status, Spot spot) {
    /** Where in a section a finding belongs. */
    public enum Spot {
        TRACK(true), SHAFT_END(true), LIP(true), SEAT(false), BACK(false), STOP(false), OUTSIDE(false), INSIDE(false);

        private final boolean onShaft;

        Spot(boolean onShaft) {
            this.onShaft = onShaft;
        }

        boolean onShaft() {
            return onShaft;
        }
    }
}
