package joropo.core.assembly;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * Where a ring stands about its shaft; mm.
 *
 * @param meanMm gap, @param offsetMm by which it is off, towards the largest gap, @param offsetAngleDeg that direction,
 * @param moveAngleDeg the opposite one, both absent where it is not off, @param spreadMm greatest less least gap
 */
public record CentringResult(
        double meanMm,
        double offsetMm,
        @Nullable Double offsetAngleDeg,
        @Nullable Double moveAngleDeg,
        double spreadMm,
        List<ScrewMove> screwMoves,
        List<Finding> findings) {
    /** One screw. @param moveMm + in, @param turnDeg the same in degrees of a turn; absent: pitch not known */
    public record ScrewMove(
            double angleDeg, double moveMm, @Nullable Double turnDeg) {}

    public CentringResult {
        screwMoves = List.copyOf(screwMoves);
        findings = List.copyOf(findings);
    }
}
