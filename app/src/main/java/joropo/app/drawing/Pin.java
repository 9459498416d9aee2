package joropo.app.drawing;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import joropo.core.verdict.Status;
import org.jspecify.annotations.Nullable;

/**
 * A finding tied to its place. @param number the one it has in the list of findings, @param part id of the part it is
 * about, absent: the innermost seal, @param more findings at the same place
 */
public record Pin(
        int number, Status status, Spot spot, @Nullable String part, int more) {
    public Pin(int number, Status status, Spot spot, @Nullable String part) {
        this(number, status, spot, part, 0);
    }

    /** One for each place: the worst that is found there, with how many more there are. */
    public static List<Pin> onePerPlace(List<Pin> pins) {
        return pins.stream()
                .collect(Collectors.groupingBy(p -> p.spot + "@" + p.part, LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(there -> there.stream()
                        .min(Comparator.comparing(Pin::status).thenComparing(Pin::number))
                        .map(w -> new Pin(w.number, w.status, w.spot, w.part, there.size() - 1))
                        .orElseThrow())
                .toList();
    }

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
