package joropo.core.readings;

import java.util.List;
import joropo.core.verdict.Finding;
import org.jspecify.annotations.Nullable;

/**
 * How square the seal sits.
 *
 * @param meanMm mean depth, @param amplitudeMm of the first harmonic on the gauge circle
 * @param tiltMm tilt over the outside diameter
 * @param deepestAngleDeg, @param proudAngleDeg degrees clockwise from 12; absent when there is no tilt, and for a seat
 * @param tapAtClock where to tap, o'clock; absent when there is no tilt, and for a seat
 * @param suspicious places (degrees) of a reading that does not go with the others
 */
public record SeatSquarenessResult(
        double meanMm,
        double amplitudeMm,
        double tiltMm,
        @Nullable Double deepestAngleDeg,
        @Nullable Double proudAngleDeg,
        @Nullable Double tapAtClock,
        List<Double> suspicious,
        List<Finding> findings) {}
