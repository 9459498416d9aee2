package joropo.app.drawing;

import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A finding tied to its place. @param number the one it has in the list of findings, @param part id of the part it is
 * about, absent: the innermost seal
 */
public record Pin(
        int number, Status status, Spot spot, @Nullable String part) {
    /** Where in a section a finding belongs. */
    public enum Spot {
        TRACK(true),
        SHAFT_END(true),
        LIP(true),
        JOINT(true),
        SEAT(false),
        BACK(false),
        STOP(false),
        OUTSIDE(false),
        INSIDE(false),
        SPACE(false),
        PART(false);

        private final boolean onShaft;

        Spot(boolean onShaft) {
            this.onShaft = onShaft;
        }

        boolean onShaft() {
            return onShaft;
        }
    }

    /** Where a finding of the section rules belongs: by its rule, at the part that it names. */
    public static Pin of(int number, Status status, String rule, @Nullable String part) {
        Spot spot =
                switch (rule) {
                    case "D1", "D2", "D7", "D10", "D13" -> Spot.LIP;
                    case "S4", "S5" -> Spot.TRACK;
                    case "D9", "S2", "S9" -> Spot.BACK;
                    case "S3", "S10" -> Spot.SEAT;
                    case "S11" -> Spot.SHAFT_END;
                    case "S6" -> Spot.STOP;
                    case "D3" -> Spot.INSIDE;
                    case "D4", "D5" -> part != null && part.startsWith("space") ? Spot.SPACE : Spot.LIP;
                    case "D6", "D12" -> part == null ? Spot.OUTSIDE : Spot.LIP;
                    case "D11" -> Spot.JOINT;
                    default -> Spot.PART;
                };
        return new Pin(number, status, spot, part);
    }
}
